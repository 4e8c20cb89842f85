/** Groups over HTTP: seats and needs, and nothing by which somebody could be known. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { openKitchen, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen({});
});
afterAll(() => kitchen.close());

const GROUP = {
  name: 'Monday lunch',
  guests: [
    { seat: 'A1', needs: { allergens: ['milk'] } },
    { seat: 'B2', needs: {}, bowls: 2, days: ['2027-03-08'], sides: [{ foodId: 'bread-rye', grams: 50 }] },
  ],
  scope: 'plate',
};

describe('a group', () => {
  test('is kept, read, changed by revision and forgotten', async () => {
    const { status, body } = await kitchen.send('POST', '/api/groups', GROUP);
    expect(status).toBe(201);
    expect(body).toMatchObject({ ...GROUP, revision: 1 });
    expect((await kitchen.get(`/api/groups/${body.id}`)).body).toEqual(body);
    const changed = { name: 'Monday', guests: GROUP.guests.slice(1), revision: 1 };
    expect(await kitchen.send('PUT', `/api/groups/${body.id}`, changed)).toMatchObject({ status: 200, body: { name: 'Monday', revision: 2 } });
    expect(await kitchen.send('PUT', `/api/groups/${body.id}`, changed)).toMatchObject({
      status: 409,
      body: { code: 'revision.stale', current: { revision: 2 } },
    });
    expect((await kitchen.get('/api/groups')).body.groups).toHaveLength(1);
    expect((await kitchen.send('DELETE', `/api/groups/${body.id}`, {})).status).toBe(200);
    expect((await kitchen.get(`/api/groups/${body.id}`)).status).toBe(404);
  });

  test.each([
    ['a name', { seat: 'Harriet Vonn', needs: {} }, 422, '/guests/1/seat'],
    ['a birth date', { seat: '14/02/1939', needs: {} }, 422, '/guests/1/seat'],
    ['a seat twice', { seat: 'A1', needs: {} }, 422, '/guests/1/seat'],
    ['a field for a name', { seat: 'A2', needs: {}, name: 'Harriet' }, 400, '/guests/1/name'],
    ['a diagnosis among the needs', { seat: 'A2', needs: { diagnosis: 'renal' } }, 400, '/guests/1/needs/diagnosis'],
    ['a day that is none', { seat: 'A2', needs: {}, days: ['2027-02-30'] }, 422, '/guests/1/days/0'],
    ['a side that is no food', { seat: 'A2', needs: {}, sides: [{ foodId: 'moonbread', grams: 50 }] }, 422, '/guests/1/sides/0/foodId'],
    ['a line of some soup', { seat: 'A2', needs: { keepLines: ['cream'] } }, 422, '/guests/1/needs/keepLines/0'],
  ])('refuses %s, and keeps nothing of it', async (_, guest, status, path) => {
    const refused = await kitchen.send('POST', '/api/groups', { name: 'Refused', guests: [{ seat: 'A1', needs: {} }, guest] });
    expect(refused.status).toBe(status);
    expect(refused.body.errors[0].path).toBe(path);
    expect((await kitchen.get('/api/groups')).body.groups).toEqual([]);
  });
});
