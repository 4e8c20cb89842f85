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

export async function ask<T>(method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE', path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
  const response = await fetch(path, {
    method,
    ...(body === undefined ? {} : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
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
