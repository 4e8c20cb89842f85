/** Waits of a cooked soup: where they are, how long they may be, and the clock a cook stands in. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { holdsOf, holdWords, mayWaitMin, waitingAt } from './holds.ts';
import { planOf } from './plan.ts';

const soup = (...steps: string[]) =>
  readRecipe(
    `Leek soup\nServes 4\n\n500 g leeks\n30 g butter\n800 ml water\n\n${steps.map((step, at) => `${at + 1}. ${step}`).join('\n')}`,
    { measures: 'metric' },
    SHELF,
  ).recipe;
const ASIDE = soup(
  'Sweat the leeks in the butter for 10 minutes.',
  'Add the water and simmer for 20 minutes.',
  'Set it aside for 30 minutes.',
  'Blend until smooth.',
  'Reheat it gently and serve.',
);

describe('a wait', () => {
  test('off the heat begins with the end of the step that heated it, and ends where it is heated again', () => {
    expect(holdsOf(ASIDE)).toEqual([{ stepId: 's3', kind: 'off', heatedBy: 's2', until: 's5' }]);
  });
  test.each([
    ['Leave to stand for 10 minutes.', 'off'],
    ['Leave it to infuse with the lid on.', 'off'],
    ['Keep it on low until the table is laid.', 'low'],
    ['Hold it warm in a bain-marie.', 'low'],
  ] as const)('%s', (text, kind) => {
    expect(holdsOf(soup('Simmer the leeks in the water for 20 minutes.', text)).map((hold) => hold.kind)).toEqual([kind]);
  });
  test('is none before anything was heated, nor while something is fried', () => {
    expect(holdsOf(soup('Slice the leeks and set them aside.', 'Sweat the leeks in the butter for 10 minutes.'))).toEqual([]);
    expect(holdsOf(soup('Simmer the leeks for 20 minutes.', 'Blend until smooth.'))).toEqual([]);
  });
  test('is long by the first stage of the regime, and says what to do then', () => {
    expect(mayWaitMin('us')).toBe(120);
    expect(holdWords({ kind: 'off', until: null }, 119, 'us').isLong).toBe(false);
    expect(holdWords({ kind: 'off', until: null }, 121, 'us')).toEqual({ isLong: true, message: expect.stringContaining('hold it at 57 C or more') });
    expect(holdWords({ kind: 'low', until: null }, 400, 'uk').message).toContain('63 C');
  });
});

describe('the clock of a wait', () => {
  const at = (minutes: number) => minutes * 60_000;
  const done = new Map([
    ['s1', at(10)],
    ['s2', at(32)],
  ]);
  test('runs from heat-off while the cook is at it and at what follows, until it is heated again', () => {
    expect(waitingAt(ASIDE, 2, done)).toMatchObject({ since: at(32), kind: 'off' });
    expect(waitingAt(ASIDE, 3, new Map([...done, ['s3', at(60)]]))).toMatchObject({ since: at(32) });
    expect(waitingAt(ASIDE, 1, new Map([['s1', at(10)]]))).toBeNull();
    expect(waitingAt(ASIDE, 5, new Map([...done, ['s5', at(70)]]))).toBeNull();
  });
});

test('a plan tells how long its soup waits off the heat', () => {
  const plan = planOf(
    {
      soups: [{ recipe: ASIDE, servings: 4 }],
      kitchen: { cooks: 1, rings: 2, ovens: 0, blenderJarMl: 1500, potDiameterCm: 24 },
      serveAt: '2027-03-08T12:30:00.000Z',
      regime: 'us',
    },
    SHELF,
  );
  if ('path' in plan) throw new Error(plan.message);
  const note = plan.notes.find(({ code }) => code === 'plan.hold');
  expect(note).toMatchObject({ stepIds: ['s3'], message: expect.stringMatching(/^Off the heat for \d+ minutes until it is heated again/) });
});
