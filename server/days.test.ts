/** Lunches by their day, over HTTP. */
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { openKitchen, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen({});
});
afterAll(() => kitchen.close());
const DAY = { groupId: null, away: ['A2'], soups: [], eats: {}, together: [], serveAt: '12:30', worked: null };

test('a day nobody has planned is empty; it is changed by revision, and told from a day to a day', async () => {
  const { body: empty } = await kitchen.get('/api/days/2027-03-08');
  expect(empty).toMatchObject({ date: '2027-03-08', soups: [], revision: 0 });
  const { status, body } = await kitchen.send('PUT', '/api/days/2027-03-08', { ...DAY, revision: 0 });
  expect([status, body.revision, body.away]).toEqual([200, 1, ['A2']]);
  expect(await kitchen.send('PUT', '/api/days/2027-03-08', { ...DAY, revision: 0 })).toMatchObject({
    status: 409,
    body: { code: 'revision.stale', current: { revision: 1 } },
  });
  expect((await kitchen.get('/api/days?from=2027-03-01&to=2027-03-31')).body.days.map(({ date }: { date: string }) => date)).toEqual(['2027-03-08']);
});

test('what is no day, too many days, or a seat that names somebody is refused with its place', async () => {
  expect(await kitchen.get('/api/days/2027-02-30')).toMatchObject({ status: 400, body: { code: 'query.invalid' } });
  expect(await kitchen.get('/api/days?from=2027-01-01&to=2027-12-31')).toMatchObject({ status: 400 });
  expect(await kitchen.send('PUT', '/api/days/2027-03-09', { ...DAY, away: ['Mrs Miller'], revision: 0 })).toMatchObject({
    status: 422,
    body: { errors: [{ path: '/away/0' }] },
  });
  expect(await kitchen.send('PUT', '/api/days/2027-03-09', { ...DAY, serveAt: '25:00', revision: 0 })).toMatchObject({
    body: { errors: [{ path: '/serveAt' }] },
  });
  expect(await kitchen.send('PUT', '/api/days/2027-03-09', { ...DAY, together: [['Anna Berg']], revision: 0 })).toMatchObject({ status: 422 });
});

test('what stands beside a bowl on a day is kept by seat, and is a food of the shelf', async () => {
  const rye = [{ foodId: 'bread-rye', grams: 50 }];
  const kept = await kitchen.send('PUT', '/api/days/2027-03-10', { ...DAY, beside: { A1: rye, A3: [] }, revision: 0 });
  expect([kept.status, kept.body.beside]).toEqual([200, { A1: rye, A3: [] }]);
  expect(
    await kitchen.send('PUT', '/api/days/2027-03-11', { ...DAY, beside: { A1: [{ foodId: 'moonbread', grams: 5 }] }, revision: 0 }),
  ).toMatchObject({
    status: 422,
    body: { errors: [{ path: '/beside/A1/0/foodId' }] },
  });
  expect(await kitchen.send('PUT', '/api/days/2027-03-11', { ...DAY, beside: { 'Anna Berg': rye }, revision: 0 })).toMatchObject({ status: 422 });
});
