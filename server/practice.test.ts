/** Practice over HTTP: rounds by seed, answers marked, learners by code and what comes back to them. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { openKitchen, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
let now = new Date('2027-03-01T10:00:00Z');
beforeAll(async () => {
  kitchen = await openKitchen({ clock: () => now });
});
afterAll(() => kitchen.close());
const round = async (seed: number) => (await kitchen.send('POST', '/api/practice/rounds', { kind: 'estimate', level: 1, seed })).body;
/** The right option of a round, found by asking. */
async function rightOf({ id, options }: { id: string; options: { id: string }[] }): Promise<string> {
  for (const option of options)
    if ((await kitchen.send('POST', `/api/practice/rounds/${id}/answer`, { answer: option.id })).body.right) return option.id;
  throw new Error(`no option of ${id} is right`);
}

describe('rounds', () => {
  test('of one seed are one round, and an answer is marked with its reasons', async () => {
    const one = await round(12);
    expect(one).toEqual(await round(12));
    const right = await rightOf(one);
    const wrong = one.options.find(({ id }: { id: string }) => id !== right).id;
    expect((await kitchen.send('POST', `/api/practice/rounds/${one.id}/answer`, { answer: wrong })).body).toEqual({
      right: false,
      because: expect.arrayContaining([{ lineId: expect.any(String), path: [expect.any(String), expect.any(String)] }]),
      explains: expect.any(String),
    });
  });
  test('of no kind, level or seed are refused, and an id or an answer that is none too', async () => {
    for (const body of [
      { kind: 'guess', level: 1, seed: 1 },
      { kind: 'find', level: 9, seed: 1 },
      { kind: 'find', level: 1, seed: -1 },
      { kind: 'find', level: 1 },
    ])
      expect((await kitchen.send('POST', '/api/practice/rounds', body)).status).toBeGreaterThanOrEqual(400);
    expect(await kitchen.send('POST', '/api/practice/rounds/find-9-1/answer', { answer: ['l1'] })).toMatchObject({
      status: 404,
      body: { code: 'round.unknown' },
    });
    expect(await kitchen.send('POST', '/api/practice/rounds/rank-1-5/answer', { answer: 'l1' })).toMatchObject({
      status: 422,
      body: { code: 'answer.unread', errors: [{ path: '/answer' }] },
    });
  });
});

describe('a learner', () => {
  test('is a code: what looks like a name is refused and nothing of it is kept', async () => {
    const { id, options } = await round(3);
    const reply = await kitchen.send('POST', `/api/practice/rounds/${id}/answer`, { answer: options[0].id, learner: 'Mary Jones' });
    expect(reply).toMatchObject({ status: 422, body: { errors: [{ path: '/learner', message: expect.stringContaining('looks like a name') }] } });
    expect((await kitchen.get('/api/practice/learners')).body.learners).toEqual([]);
  });
  test('has what was missed come back the next day, later once it is known, and can be forgotten', async () => {
    const one = await round(20);
    const right = await rightOf(one);
    const wrong = one.options.find(({ id }: { id: string }) => id !== right).id;
    const answer = (given: string) => kitchen.send('POST', `/api/practice/rounds/${one.id}/answer`, { answer: given, learner: 'L1' });
    expect((await answer(wrong)).body).toMatchObject({ right: false, due: '2027-03-02' });
    now = new Date('2027-03-02T10:00:00Z');
    expect((await kitchen.get('/api/practice/learners')).body).toMatchObject({
      learners: [{ code: 'L1', answers: 1, toSeeAgain: 1, dueNow: 1 }],
      missed: [{ learners: 1 }],
    });
    expect((await answer(right)).body).toMatchObject({ right: true, due: '2027-03-04' });
    expect((await kitchen.get('/api/practice/learners/L1')).body).toMatchObject({
      code: 'L1',
      answers: [
        { right: true, day: '2027-03-02' },
        { right: false, day: '2027-03-01' },
      ],
      due: [{ round: one.id, box: 2, due: '2027-03-04' }],
    });
    // Once known and never missed, a round does not come back.
    const other = await round(21);
    const known = await rightOf(other);
    expect((await kitchen.send('POST', `/api/practice/rounds/${other.id}/answer`, { answer: known, learner: 'L1' })).body).toMatchObject({
      due: null,
    });
    expect(await kitchen.send('DELETE', '/api/practice/learners/L1', {})).toMatchObject({ status: 200, body: { gone: true } });
    expect(await kitchen.send('DELETE', '/api/practice/learners/L1', {})).toMatchObject({ status: 404, body: { code: 'learner.unknown' } });
    expect((await kitchen.get('/api/practice/learners/L1')).body).toMatchObject({ answers: [], due: [] });
  });
});
