/** What to look up on which pack, and what a label that was read settles until its day. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { sheetText } from '../export/sheet.ts';
import type { LabelPin } from '../food/pins.ts';
import { SHELF, shelfWith } from '../food/shelf.ts';
import { line, soup, step } from '../test/soup.ts';
import { answersOf, labelWorklist, worklistText } from './worklist.ts';

const pot = soup(
  [
    line('a', 'curry-paste-red', 30),
    line('b', 'vegetable-broth', 900),
    line('c', 'carrot', 400),
    line('d', 'stock-powder-reduced-salt', 5),
    line('e', null, 10, { text: '10 g of zorbelwurz' }),
    line('f', 'curry-paste-red', 5, { stage: 'bowl' }),
  ],
  { steps: [step('s', { method: 'simmer' })] },
);
const pin = (more: Partial<LabelPin> = {}): LabelPin => ({
  foodId: 'curry-paste-red',
  allergens: [],
  diets: [],
  flags: [],
  readOn: '2026-03-01',
  lookAgainOn: '2026-09-01',
  ...more,
});
const kitchen = (pins: LabelPin[], today = '2026-04-01') => {
  return shelfWith(SHELF, { own: [], pins, day: today });
};
const stateOf = (shelf: ReturnType<typeof kitchen>, id: string) =>
  analyse(pot.lines[0] ? { ...pot, lines: [pot.lines[0]] } : pot, { regime: 'eu' }, shelf).allergens.find((one) => one.id === id)?.state;

describe('the worklist', () => {
  const items = labelWorklist(pot, 'eu', SHELF);
  test('names a line without a food first, then each pack once with its lines', () => {
    expect(items[0]).toMatchObject({ foodId: null, name: '10 g of zorbelwurz' });
    expect(items.find(({ foodId }) => foodId === 'curry-paste-red')?.lineIds).toEqual(['a', 'f']);
    expect(items.some(({ foodId }) => foodId === 'carrot')).toBe(false);
  });
  test('puts what the regime declares first, and names the additive', () => {
    const stock = items.find(({ foodId }) => foodId === 'stock-powder-reduced-salt');
    const declared = stock?.lookFor.flatMap((one) => (one.kind === 'allergen' ? [one.declared] : [])) ?? [];
    expect(declared).toEqual([...declared].sort((a, b) => Number(b) - Number(a)));
    expect(stock?.lookFor.some((one) => one.kind === 'additive' && one.id === 'potassiumChloride')).toBe(true);
  });
  test('celery is declared in the EU and not in the US', () => {
    const celery = (regime: 'eu' | 'us') =>
      labelWorklist(pot, regime, SHELF)
        .flatMap(({ lookFor }) => lookFor)
        .find((one) => one.kind === 'allergen' && one.id === 'celery');
    expect([celery('eu'), celery('us')]).toMatchObject([{ declared: true }, { declared: false }]);
  });
  test('prints as text that promises nothing', () => {
    const text = worklistText(pot.title, items);
    expect(text).toContain('[ ] Red curry paste (usually chilli');
    expect(text).toContain('- crustaceans*: shrimp paste in most makes');
    expect(text).not.toMatch(/\bsafe\b|free from/i);
  });
  test('of a soup in which nothing varies says so', () => {
    expect(worklistText('Carrots', labelWorklist(soup([line('c', 'carrot', 400)]), 'eu', SHELF))).toContain('Nothing of this soup varies');
  });
});

describe('a label that was read', () => {
  test('turns a check into the fact that was read', () => {
    const shelf = kitchen([
      pin({
        allergens: [
          { allergen: 'crustacean', state: 'contains' },
          { allergen: 'fish', state: 'absent' },
          { allergen: 'soy', state: 'mayContain' },
        ],
      }),
    ]);
    expect([stateOf(shelf, 'crustacean'), stateOf(shelf, 'fish'), stateOf(shelf, 'soy'), stateOf(shelf, 'celery')]).toEqual([
      'contains',
      'absent',
      'mayContain',
      'check',
    ]);
    expect(
      analyse(pot, {}, shelf)
        .allergens.find(({ id }) => id === 'crustacean')
        ?.because[0]?.path.join(' '),
    ).toContain('label read on 2026-03-01');
  });
  test('is a check again on the day to look again, and says so', () => {
    const shelf = kitchen([pin({ allergens: [{ allergen: 'crustacean', state: 'absent' }] })], '2026-09-01');
    expect(stateOf(shelf, 'crustacean')).toBe('check');
    expect(worklistText('x', labelWorklist(pot, 'eu', shelf))).toContain('label read on 2026-03-01, look again now');
  });
  test('that found what other makes do not have is not forgotten on its day', () => {
    const found = pin({ allergens: [{ allergen: 'lupin', state: 'contains' }], flags: [{ flag: 'phosphate', present: true }] });
    expect([stateOf(kitchen([found]), 'lupin'), stateOf(kitchen([found], '2026-10-01'), 'lupin')]).toEqual(['contains', 'check']);
    expect(kitchen([found], '2026-10-01').food('curry-paste-red')?.flags).toContain('phosphate');
  });
  test('never takes away what every make contains', () => {
    const shelf = kitchen([{ ...pin(), foodId: 'miso', allergens: [{ allergen: 'soy', state: 'absent' }] }]);
    const bowl = analyse(soup([line('m', 'miso', 20)]), {}, shelf);
    expect(bowl.allergens.find(({ id }) => id === 'soy')?.state).toBe('contains');
  });
  test('wheat on a label is gluten too', () => {
    const shelf = kitchen([pin({ allergens: [{ allergen: 'wheat', state: 'contains' }] })]);
    expect([stateOf(shelf, 'wheat'), stateOf(shelf, 'gluten')]).toEqual(['contains', 'contains']);
  });
  test('settles a diet and an additive', () => {
    const shelf = kitchen([
      { ...pin(), foodId: 'stock-powder-reduced-salt', diets: ['noOnionGarlic'], flags: [{ flag: 'potassiumChloride', present: false }] },
    ]);
    const food = shelf.food('stock-powder-reduced-salt');
    expect(food?.dietChecks.some(({ diet }) => diet === 'noOnionGarlic')).toBe(false);
    expect(food?.flags).not.toContain('potassiumChloride');
  });
  test('stays on its own shelf', () => {
    kitchen([pin({ allergens: [{ allergen: 'crustacean', state: 'contains' }] })]);
    expect(SHELF.food('curry-paste-red')?.contains.some(({ allergen }) => allergen === 'crustacean')).toBe(false);
  });
});

test('the sheet carries allergens, lines, steps, cautions, a bowl and the labels to check', () => {
  const text = sheetText(pot, analyse(pot, { regime: 'eu' }, SHELF), 'eu', SHELF);
  for (const part of ['A SOUP', 'ALLERGENS IN THE BOWL', 'check the label:', '400 g prepared carrot', 'at least', 'Check the labels'])
    expect(text).toContain(part);
  expect(text).not.toMatch(/\bsafe\b|free from/i);
});

test('a label read for celery leaves potassium chloride to be looked up, and says what was answered', () => {
  const stock = soup([line('s', 'stock-powder-reduced-salt', 10)]);
  const listed = (more: Partial<LabelPin>) =>
    labelWorklist(
      stock,
      'eu',
      kitchen([pin({ foodId: 'stock-powder-reduced-salt', allergens: [{ allergen: 'celery', state: 'contains' }], ...more })]),
    )[0];
  const open = listed({});
  expect(open?.lookFor.map(({ id }) => id)).toContain('potassiumChloride');
  expect(open?.pin && answersOf(open.pin)).toEqual(['celery: contains']);
  const answered = listed({ flags: [{ flag: 'potassiumChloride', present: true }] });
  expect(answered?.lookFor.map(({ id }) => id)).not.toContain('potassiumChloride');
  expect(answered?.pin && answersOf(answered.pin)).toContain('potassium chloride: contains');
});
