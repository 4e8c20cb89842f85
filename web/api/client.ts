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

/** What a browser carries on with after its page is left: 64 KiB of bodies in all, so each of ours has to be small. */
const OUTLIVES_ITS_PAGE = 16_000;

/** A change on its way is finished though its page is left or closed at once. */
const outlives = (method: Method, text: string) => ['PUT', 'PATCH', 'DELETE'].includes(method) && text.length <= OUTLIVES_ITS_PAGE;

export async function ask<T>(method: Method, path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
  const text = body === undefined ? undefined : JSON.stringify(body);
  const response = await fetch(path, {
    method,
    ...(text === undefined ? {} : { body: text, headers: { 'content-type': 'application/json' } }),
    ...(outlives(method, text ?? '') ? { keepalive: true } : {}),
    ...(signal ? { signal } : {}),
  }).catch((error: unknown) => {
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
