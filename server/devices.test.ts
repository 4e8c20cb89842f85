/** Scales and probes that behave as such things do, with the clock in hand. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { minutesTo } from '../core/plan/slab.ts';
import { SimulatedProbe, SimulatedScale } from './devices/simulated.ts';
import { openKitchen, type TestKitchen } from './test/kitchen.ts';

const T0 = Date.parse('2027-03-06T16:00:00Z');
let now = T0;
const clock = () => now;
const pass = (seconds: number) => {
  now += seconds * 1000;
};

describe('a scale', () => {
  const fresh = () => {
    now = T0;
    return new SimulatedScale('s', 3, clock);
  };
  test('takes a moment to settle, and shows whole grams', () => {
    const scale = fresh();
    scale.drive({ load: 612.4 });
    pass(0.2);
    expect(scale.read().stable).toBe(false);
    expect(scale.read().value).toBeLessThan(612);
    pass(4);
    const settled = scale.read();
    expect(settled.stable).toBe(true);
    expect(Number.isInteger(settled.value)).toBe(true);
    expect(Math.abs(settled.value - 612)).toBeLessThanOrEqual(1);
  });
  test('shows nothing for what stood on it when it was tared, and less when that is taken off', () => {
    const scale = fresh();
    scale.drive({ load: 1500 });
    pass(5);
    scale.drive({ tare: true });
    scale.drive({ load: 40 });
    pass(5);
    expect(Math.abs(scale.read().value - 40)).toBeLessThanOrEqual(1);
    scale.drive({ remove: true });
    pass(5);
    expect(scale.read().value).toBeLessThan(-1498);
  });
  test('drifts a little in an hour, and a tare takes it away', () => {
    const scale = fresh();
    pass(3600 * 3);
    expect(scale.read().value).toBeGreaterThan(3);
    scale.drive({ tare: true });
    expect(Math.abs(scale.read().value)).toBeLessThanOrEqual(1);
  });
  test('over its range, with a flat battery or cut off it says so, and is never stable', () => {
    const scale = fresh();
    scale.drive({ load: 20_000 });
    pass(5);
    expect(scale.read()).toMatchObject({ fault: 'overRange', stable: false });
    scale.drive({ remove: 19_000 });
    pass(5);
    expect(scale.read().fault).toBeUndefined();
    for (const fault of ['flatBattery', 'disconnected'] as const) {
      scale.drive({ fault });
      expect(scale.read()).toMatchObject({ fault, stable: false });
    }
    scale.drive({ fault: null });
    expect(scale.read().stable).toBe(true);
  });
  test('reads the same for the same seed and hour', () => {
    const readings = () => {
      const scale = fresh();
      scale.drive({ load: 300 });
      return Array.from({ length: 20 }, () => {
        pass(0.25);
        return scale.read().value;
      });
    };
    expect(readings()).toEqual(readings());
  });
});

describe('a probe', () => {
  const fresh = () => {
    now = T0;
    return new SimulatedProbe('p', 5, clock);
  };
  test('stands at the warmth of the room, and takes seconds to find that of the soup', () => {
    const probe = fresh();
    expect(Math.abs(probe.read().value - 21)).toBeLessThan(0.2);
    probe.drive({ immerse: { celsius: 80 } });
    pass(2);
    expect(probe.read().stable).toBe(false);
    pass(30);
    expect(probe.read()).toMatchObject({ stable: true, unit: 'C' });
    expect(Math.abs(probe.read().value - 80)).toBeLessThan(0.3);
  });
  test('watches a pot come to the boil: 3 kg from 20 degrees on 2 kW take some ten minutes', () => {
    // 3000 g x 3.9 J/(g K) x 80 K / 1600 W = 585 s, by hand.
    const probe = fresh();
    probe.drive({ immerse: { celsius: 20, grams: 3000, ringKw: 2 } });
    pass(300);
    expect(probe.read().value).toBeGreaterThan(58);
    expect(probe.read().value).toBeLessThan(63);
    pass(400);
    expect(Math.abs(probe.read().value - 100)).toBeLessThan(0.3);
  });
  test('watches a container cool as its slab does', () => {
    const container = { depthCm: 5, covered: false, air: 'moving' } as const;
    const probe = fresh();
    probe.drive({ immerse: { celsius: 57, container } });
    pass((minutesTo(container, 57, 21) as number) * 60);
    expect(Math.abs(probe.read().value - 21)).toBeLessThan(0.3);
  });
});

describe('over HTTP', () => {
  let kitchen: TestKitchen;
  beforeAll(async () => {
    kitchen = await openKitchen({});
  });
  afterAll(() => kitchen.close());

  test('devices are listed, driven and listened to', async () => {
    const { body } = await kitchen.get('/api/devices');
    expect(body).toMatchObject([
      { id: 'scale-1', kind: 'scale', simulated: true },
      { id: 'probe-1', kind: 'probe' },
    ]);
    expect(await kitchen.send('POST', '/api/devices/scale-1', { load: 250 })).toMatchObject({ status: 200, body: { unit: 'g' } });
    const leave = new AbortController();
    const stream = await fetch(`${kitchen.url}/api/devices/scale-1/stream`, { signal: leave.signal });
    const [bytes] = [await (stream.body as ReadableStream<Uint8Array>).getReader().read()];
    expect(Buffer.from(bytes.value as Uint8Array).toString()).toMatch(/event: reading\ndata: \{"at":/);
    leave.abort();
  });
  test.each([
    ['no device', '/api/devices/none', { load: 1 }, 404],
    ['nothing to do', '/api/devices/scale-1', {}, 422],
    ['less than nothing', '/api/devices/scale-1', { load: -3 }, 422],
    ['a scale in the soup', '/api/devices/scale-1', { immerse: { celsius: 80 } }, 422],
    ['a weight on a probe', '/api/devices/probe-1', { load: 10 }, 422],
  ])('%s is refused', async (_, path, body, status) => {
    expect((await kitchen.send('POST', path, body)).status).toBe(status);
  });
});
