import { describe, expect, test } from '@jest/globals';
import loadHighs from 'highs';
import { seeded } from '../test/soup.ts';
import { type LinearProgramme, solve } from './lp.ts';

const highs = await loadHighs({});

/** The same programme in the words of HiGHS, a general linear-programming library. */
function byHighs({ cost, rows, rhs }: LinearProgramme): number | null {
  const sum = (factors: readonly number[]) => factors.map((factor, j) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor).toFixed(9)} x${j}`).join(' ');
  const { Status, ObjectiveValue } = highs.solve(
    `Minimize\n obj: ${sum(cost)}\nSubject To\n${rows.map((row, i) => ` c${i}: ${sum(row)} <= ${(rhs[i] as number).toFixed(9)}`).join('\n')}\nEnd`,
  );
  return Status === 'Optimal' ? ObjectiveValue : null;
}

function random(seed: number): LinearProgramme {
  const next = seeded(seed);
  const round = (x: number) => Math.round(x * 1000) / 1000;
  const n = 2 + Math.floor(next() * 7);
  const m = 2 + Math.floor(next() * 12);
  const row = () => Array.from({ length: n }, () => (next() < 0.3 ? 0 : round(next() * 4 - 1.5)));
  // Upper bounds on every column keep the programme bounded.
  const bounds = Array.from({ length: n }, (_, j) => Array.from({ length: n }, (_, k) => (j === k ? 1 : 0)));
  return {
    cost: Array.from({ length: n }, () => round(next() * 4 - 2)),
    rows: [...Array.from({ length: m }, row), ...bounds],
    rhs: [...Array.from({ length: m }, () => round(next() * 6 - 2)), ...bounds.map(() => round(1 + next() * 9))],
  };
}

describe('the small solver', () => {
  test('finds the optimum of two hundred random programmes as HiGHS does, and knows those that have none', () => {
    let infeasible = 0;
    for (let seed = 1; seed <= 200; seed += 1) {
      const programme = random(seed);
      const ours = solve(programme);
      const theirs = byHighs(programme);
      if (theirs === null) infeasible += 1;
      expect([seed, ours === null]).toEqual([seed, theirs === null]);
      if (ours && theirs !== null) expect(ours.value).toBeCloseTo(theirs, 5);
    }
    expect(infeasible).toBeGreaterThan(10);
  });

  test('gives a point that satisfies every row and has the value it claims', () => {
    for (let seed = 300; seed < 360; seed += 1) {
      const { cost, rows, rhs } = random(seed);
      const solution = solve({ cost, rows, rhs });
      if (!solution) continue;
      for (const [i, row] of rows.entries())
        expect(row.reduce((sum, factor, j) => sum + factor * (solution.x[j] as number), 0)).toBeLessThanOrEqual((rhs[i] as number) + 1e-6);
      expect(cost.reduce((sum, factor, j) => sum + factor * (solution.x[j] as number), 0)).toBeCloseTo(solution.value, 6);
    }
  });

  test('does not cycle on the classic degenerate programme (Beale 1955)', () => {
    const solution = solve({
      cost: [-0.75, 150, -0.02, 6],
      rows: [
        [0.25, -60, -0.04, 9],
        [0.5, -90, -0.02, 3],
        [0, 0, 1, 0],
      ],
      rhs: [0, 0, 1],
    });
    expect(solution?.value).toBeCloseTo(-0.05, 9);
  });

  test('says so when there is no bound', () => {
    expect(() => solve({ cost: [-1], rows: [[-1]], rhs: [0] })).toThrow(RangeError);
  });
});
