/** Server-sent events: lines that go on coming until either side hangs up. */
import type { Response } from 'express';

export interface Stream {
  /** One event; `id` is what the browser asks on from when it comes back. */
  send(event: string, data: unknown, id?: number): void;
}

/** Open streams, so that a server that stops keeps nobody waiting. */
export class Streams {
  private readonly open = new Set<Response>();

  /** Opens one. `onEnd` is called once, when it is over. */
  start(response: Response, onEnd: () => void): Stream {
    response.status(200).set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', 'X-Accel-Buffering': 'no' });
    response.flushHeaders();
    this.open.add(response);
    // Lines of nothing keep what stands between from hanging up.
    const alive = setInterval(() => response.write(': here\n\n'), ALIVE_MS);
    alive.unref();
    response.on('close', () => {
      clearInterval(alive);
      this.open.delete(response);
      onEnd();
    });
    return {
      send: (event, data, id) => {
        if (!response.writableEnded) response.write(`${id === undefined ? '' : `id: ${id}\n`}event: ${event}\ndata: ${JSON.stringify(data)}\n\n`);
      },
    };
  }

  close(): void {
    for (const response of this.open) response.end();
  }
}

const ALIVE_MS = 15_000;
