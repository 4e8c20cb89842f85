/** Speaks HTTP with the kitchen's server; refusals come back as ApiProblem, a lost server as LostServer. */
import type { ProblemBody } from '../../contract/problems.ts';

export class ApiProblem extends Error {
  readonly problem: ProblemBody;

  constructor(problem: ProblemBody) {
    super(problem.detail);
    this.name = 'ApiProblem';
    this.problem = problem;
  }
}

export class LostServer extends Error {
  constructor() {
    super('The kitchen server does not answer.');
    this.name = 'LostServer';
  }
}

type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

/** Bytes of bodies, all together, that a browser carries on with after their page is left (Fetch standard: 64 KiB). One more byte is refused. */
const OUTLIVE_THEIR_PAGE = 64 * 1024;
let outliving = 0;

/** A change on its way is finished though its page is left or closed at once, as far as there is room. The bytes taken up by it; null where it can not. */
function roomToOutlive(method: Method, text: string): number | null {
  if (!['PUT', 'PATCH', 'DELETE'].includes(method)) return null;
  const bytes = new TextEncoder().encode(text).length;
  return outliving + bytes <= OUTLIVE_THEIR_PAGE ? bytes : null;
}

export async function ask<T>(method: Method, path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
  const text = body === undefined ? undefined : JSON.stringify(body);
  const room = roomToOutlive(method, text ?? '');
  outliving += room ?? 0;
  try {
    return await answer<T>(path, {
      method,
      ...(text === undefined ? {} : { body: text, headers: { 'content-type': 'application/json' } }),
      ...(room === null ? {} : { keepalive: true }),
      ...(signal ? { signal } : {}),
    });
  } finally {
    outliving -= room ?? 0;
  }
}

async function answer<T>(path: string, request: RequestInit): Promise<T> {
  const response = await fetch(path, request).catch((error: unknown) => {
    if (error instanceof DOMException && error.name === 'AbortError') throw error;
    throw new LostServer();
  });
  if (!response.ok) {
    const problem = (await response.json().catch(() => null)) as ProblemBody | null;
    if (!problem) throw new LostServer();
    throw new ApiProblem(problem);
  }
  return response.json() as Promise<T>;
}
