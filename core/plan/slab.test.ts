/** The cooling slab against tables, against finite differences of its own, and at its limits. */
import { describe, expect, test } from '@jest/globals';
import { type Container, curve, middleShare, minutesTo, root } from './slab.ts';

/** Explicit finite differences over half a slab, losing heat at its face: by another way than the series. */
function byDifferences(biot: number, fourier: number): number {
  const cells = 60;
  const dx = 1 / cells;
  const dt = (0.4 * dx * dx) / (1 + biot * dx);
  let now = new Array<number>(cells + 1).fill(1);
  for (let time = 0; time < fourier; time += dt) {
    const r = Math.min(dt, fourier - time) / (dx * dx);
    now = now.map((value, at) => {
      const left = now[at === 0 ? 1 : at - 1] as number;
      if (at === cells) return value + 2 * r * (left - value) - 2 * r * biot * dx * value;
      return value + r * (left - 2 * value + (now[at + 1] as number));
    });
  }
  return now[0] as number;
}

describe('the middle of a slab', () => {
  // Incropera and DeWitt, Fundamentals of Heat and Mass Transfer, table 5.1, plane wall: first root and coefficient (from memory).
  test.each([
    [0.01, 0.0998, 1.0017],
    [0.1, 0.3111, 1.0161],
    [0.5, 0.6533, 1.0701],
    [1, 0.8603, 1.1191],
    [2, 1.0769, 1.1785],
    [5, 1.3138, 1.2403],
    [10, 1.4289, 1.262],
    [100, 1.5552, 1.2731],
  ])('has the first root and coefficient of the handbook at Biot %p', (biot, zeta, coefficient) => {
    const z = root(biot, 0);
    expect(z).toBeCloseTo(zeta, 3);
    expect((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))).toBeCloseTo(coefficient, 3);
    // One term from Fo 0.2 on is what the handbook's charts draw.
    expect(middleShare(biot, 0.6)).toBeCloseTo(coefficient * Math.exp(-zeta * zeta * 0.6), 2);
  });

  test.each([0.1, 0.3, 0.45, 0.74, 1, 1.4, 3, 10])('agrees with finite differences within 1 %% at Biot %p', (biot) => {
    for (const fourier of [0.05, 0.1, 0.2, 0.5, 1, 2]) {
      const other = byDifferences(biot, fourier);
      expect(Math.abs(middleShare(biot, fourier) - other)).toBeLessThan(0.01 * other + 0.002);
    }
  });

  test('cools as one lump where the face is slow, and as a wall of given heat where it is fast', () => {
    for (const fourier of [5, 20]) expect(middleShare(0.005, fourier)).toBeCloseTo(Math.exp(-0.005 * fourier), 2);
    // Carslaw and Jaeger: 4/pi exp(-pi2 Fo / 4).
    expect(middleShare(1e5, 0.5)).toBeCloseTo((4 / Math.PI) * Math.exp((-(Math.PI ** 2) * 0.5) / 4), 3);
  });

  test('starts where it is and only falls', () => {
    expect(middleShare(1, 0)).toBe(1);
    let before = 1;
    for (let fourier = 0.001; fourier < 3; fourier *= 1.3) {
      const now = middleShare(0.7, fourier);
      expect(now).toBeLessThanOrEqual(before + 1e-9);
      before = now;
    }
  });
});

describe('a container in the fridge', () => {
  const five: Container = { depthCm: 5, covered: false, air: 'still' };
  const hours = (container: Container) => (minutesTo(container, 57, 21) as number) / 60;

  test('5 cm from 57 to 21 C takes 2.6 h open, 3.8 h covered, 1.7 h in moving air', () => {
    // The cases that the coefficients are fitted to (science of the bowl, section 11; estimate).
    expect(hours(five)).toBeCloseTo(2.6, 1);
    expect(hours({ ...five, covered: true })).toBeCloseTo(3.8, 1);
    expect(hours({ ...five, air: 'moving' })).toBeCloseTo(1.7, 1);
  });

  test('3 cm open makes the two hours in still air, 5 cm does not', () => {
    expect(hours({ ...five, depthCm: 3 })).toBeLessThan(2);
    expect(hours(five)).toBeGreaterThan(2);
  });

  test('deeper is slower, and a stirred ice bath beats moving air', () => {
    expect(hours({ ...five, depthCm: 10 })).toBeGreaterThan(2 * hours(five));
    expect(hours({ ...five, air: 'iceBath' })).toBeLessThan(hours({ ...five, air: 'moving' }));
  });

  test('never gets below its air', () => {
    expect(minutesTo(five, 57, 4)).toBeNull();
    expect(minutesTo({ ...five, air: 'iceBath' }, 57, 4)).not.toBeNull();
  });

  test('its curve begins where the log ends and only falls', () => {
    const points = curve(five, 60, 5, 30);
    expect(points[0]).toEqual({ minutes: 30, celsius: 60 });
    points.slice(1).forEach(({ minutes, celsius }, at) => {
      expect(minutes).toBeGreaterThan((points[at] as { minutes: number }).minutes);
      expect(celsius).toBeLessThanOrEqual((points[at] as { celsius: number }).celsius + 1e-9);
    });
    expect(points.at(-1)?.celsius).toBeCloseTo(5, 1);
  });

  test('a profile once formed goes on without the delay of the first minutes', () => {
    // From 40 C fresh the middle waits for the cold to come in; after two hours it does not.
    expect(minutesTo(five, 40, 30, 120) as number).toBeLessThan(minutesTo(five, 40, 30) as number);
  });
});
