/** The HTTP edge: what every request must pass, and how every refusal leaves. */
import type { ErrorRequestHandler, NextFunction, Request, RequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import { Problem } from '../contract/problems.ts';
import { SnapshotError } from '../core/analysis/snapshot.ts';

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]']);
const hostName = (host: string): string => host.replace(/:\d+$/, '');

/**
 * How long a connection that nobody uses is kept, ms: longer than those who ask keep theirs, so that no request meets a connection that is
 * just being closed.
 */
export const KEEP_ALIVE_MS = 65_000;

/** Only this machine may speak to the server, and only its own pages may write: a guard against DNS rebinding. */
export const loopbackOnly: RequestHandler = (request, _response, next) => {
  const host = request.headers.host ?? '';
  if (!LOOPBACK.has(hostName(host))) throw new Problem('host.refused', `The host ${host} is not this machine.`);
  const { origin } = request.headers;
  // A page of another site has nothing to read here either; an address typed or followed is 'none'.
  if (request.headers['sec-fetch-site'] === 'cross-site') throw new Problem('host.refused', 'Another site may not ask this kitchen.');
  if (origin !== undefined && !isSameOrigin(origin, host)) throw new Problem('host.refused', `The origin ${origin} is not this application.`);
  next();
};

function isSameOrigin(origin: string, host: string): boolean {
  try {
    return new URL(origin).host === host;
  } catch {
    return false;
  }
}

export const jsonOnly: RequestHandler = (request, _response, next) => {
  const writes = request.method === 'POST' || request.method === 'PUT' || request.method === 'PATCH';
  if (writes && !request.is('application/json')) throw new Problem('media.unsupported', 'Send the body as application/json.');
  next();
};

/** A route that answers with JSON; `left` tells long work that nobody waits for it. */
export const route =
  <T>(handle: (request: Request, left: AbortSignal) => T | Promise<T>, status = 200): RequestHandler =>
  async (request, response) => {
    const answer = await handle(request, whenLeft(response));
    if (!response.closed) response.status(status).json(answer);
  };

/** Fires when the caller hangs up before the answer is sent. */
function whenLeft(response: Response): AbortSignal {
  const controller = new AbortController();
  response.on('close', () => {
    if (!response.writableFinished) controller.abort();
  });
  return controller.signal;
}

export const notAllowed =
  (...allowed: string[]): RequestHandler =>
  (request, response) => {
    response.set('Allow', allowed.join(', '));
    throw new Problem('method.notAllowed', `${request.method} is not allowed here; use ${allowed.join(' or ')}.`);
  };

export const notFound: RequestHandler = (request) => {
  throw new Problem('notFound', `There is nothing at ${request.path}.`);
};

/** Turns whatever was thrown into problem+json. Unexpected errors are logged and keep their secrets. */
export const sendProblem =
  (log: Logger): ErrorRequestHandler =>
  (error: unknown, request: Request, response: Response, next: NextFunction) => {
    if (response.headersSent) return next(error);
    const problem = toProblem(error);
    if (problem.status >= 500 && problem.code !== 'server.busy') log.error({ err: error, method: request.method, path: request.path }, problem.code);
    if (problem.code === 'server.busy') response.set('Retry-After', String(RETRY_AFTER_S));
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem.toBody()));
  };

const RETRY_AFTER_S = 2;

function toProblem(error: unknown): Problem {
  if (error instanceof Problem) return error;
  const { type, code, status } = error as { type?: string; code?: string; status?: number };
  if (error instanceof SnapshotError) return new Problem('version.unreadable', error.message);
  if (code?.startsWith('SQLITE_FULL') || code === 'ENOSPC')
    return new Problem('storage.full', 'The disk is full: nothing was saved. Make room and try again.');
  if (code?.startsWith('SQLITE_BUSY') || code?.startsWith('SQLITE_LOCKED'))
    return new Problem('storage.locked', 'Another program holds the database: nothing was saved. Try again.');
  if (type === 'entity.too.large') return new Problem('body.tooLarge', 'The body is over 1,000,000 bytes. Send less.');
  if (type === 'entity.parse.failed' || type === 'request.size.invalid' || type === 'request.aborted')
    return new Problem('json.malformed', 'The body is not JSON.');
  if (type === 'charset.unsupported' || type === 'encoding.unsupported') return new Problem('media.unsupported', 'Send the body as UTF-8 JSON.');
  if (error instanceof URIError) return new Problem('query.invalid', 'The address cannot be read.');
  if (status === 400) return new Problem('json.malformed', 'The body cannot be read.');
  return new Problem('server.error', 'Something went wrong here. Nothing was saved.');
}
