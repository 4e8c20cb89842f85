import { afterEach, describe, expect, it, jest } from '@jest/globals';
import { ApiProblem, ask, LostServer } from './client.ts';

const answering = (reply: () => Promise<Response>) => jest.spyOn(globalThis, 'fetch').mockImplementation(reply);
const ok = () => Promise.resolve(Response.json({ revision: 2 }));

afterEach(() => {
  jest.restoreAllMocks();
});

describe('speaking with the kitchen server', () => {
  it('finishes a change whose page is closed at once', async () => {
    const sent = answering(ok);
    await ask('PUT', '/api/settings', { ovens: 0 });
    expect(sent.mock.calls[0]?.[1]).toMatchObject({ keepalive: true, method: 'PUT' });
  });

  it('does not ask the browser to outlive the page with more than it would carry', async () => {
    const sent = answering(ok);
    await ask('PUT', '/api/soups/x/draft', { source: 'a'.repeat(70_000) });
    expect(sent.mock.calls[0]?.[1]).not.toHaveProperty('keepalive');
  });

  it('counts bytes and not letters, and all that is on its way together', async () => {
    let finish: (() => void) | undefined;
    const slow = answering(() => new Promise((resolve) => (finish = () => resolve(Response.json({})))));
    const first = ask('PUT', '/api/soups/x/draft', { source: 'ü'.repeat(20_000) });
    expect(slow.mock.calls[0]?.[1]).toHaveProperty('keepalive');
    const meanwhile = answering(ok);
    await ask('PUT', '/api/soups/y/draft', { source: 'ü'.repeat(20_000) });
    expect(meanwhile.mock.lastCall?.[1]).not.toHaveProperty('keepalive');
    finish?.();
    await first;
    await ask('PUT', '/api/soups/y/draft', { source: 'ü'.repeat(20_000) });
    expect(meanwhile.mock.lastCall?.[1]).toHaveProperty('keepalive');
  });

  it('lets a question go with the page that asked it', async () => {
    const sent = answering(ok);
    await ask('POST', '/api/analyse', { recipe: {} });
    expect(sent.mock.calls[0]?.[1]).not.toHaveProperty('keepalive');
  });

  it('gives a refusal as the server worded it', async () => {
    const problem = { type: 'about:blank', title: 'Refused', status: 422, detail: 'There is no oven.' };
    answering(() => Promise.resolve(Response.json(problem, { status: 422 })));
    await expect(ask('PUT', '/api/settings', {})).rejects.toThrow(ApiProblem);
    await expect(ask('PUT', '/api/settings', {})).rejects.toThrow('There is no oven.');
  });

  it('tells a refusal without words, and no answer at all, as a lost server', async () => {
    answering(() => Promise.resolve(new Response('bad gateway', { status: 502 })));
    await expect(ask('GET', '/api/soups')).rejects.toThrow(LostServer);
    answering(() => Promise.reject(new TypeError('failed to fetch')));
    await expect(ask('GET', '/api/soups')).rejects.toThrow(LostServer);
  });

  it('leaves a question that was called back to whoever called it back', async () => {
    answering(() => Promise.reject(new DOMException('called back', 'AbortError')));
    await expect(ask('GET', '/api/soups')).rejects.toThrow('called back');
  });
});
