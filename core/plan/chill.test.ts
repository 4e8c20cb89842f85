/** A soup made ahead: trays or ice water, as long as the estimate says, and nothing passed by it. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { REGIMES, type RegimeId } from '../regime/regime.ts';
import { CHILLS, chillOf } from './chill.ts';
import { type PlannedTask, type PlanReply, planOf } from './plan.ts';
import type { Kitchen } from './tasks.ts';

const KITCHEN: Kitchen = { cooks: 1, rings: 2, ovens: 1, blenderJarMl: 2000, potDiameterCm: 28 };
const PEA = readRecipe(
  'Pea soup\nServes 16\n\nIngredients\n1.2 kg frozen peas\n400 g onions, chopped\n60 g butter\n2 litres hot vegetable stock\n16 tbsp croutons\n\nMethod\n1. Sweat the onions in the butter for 10 minutes.\n2. Add the peas and the stock and simmer for 8 minutes.\n3. Blend until smooth.\n4. Serve with the croutons.',
  { measures: 'metric' },
  SHELF,
).recipe;
const ROAST = readRecipe(
  'Roast carrot soup\nServes 12\n\nIngredients\n2.5 kg carrots, sliced\n50 ml olive oil\n2 litres hot vegetable stock\n\nMethod\n1. Roast the carrots with the oil in the oven at 200 C for 40 minutes.\n2. Put them in a pot with the stock and simmer for 10 minutes.\n3. Blend until smooth.',
  { measures: 'metric' },
  SHELF,
).recipe;

const plan = (asked: Parameters<typeof planOf>[0]['soups'], kitchen: Partial<Kitchen> = {}, regime: RegimeId = 'us'): PlanReply => {
  const made = planOf({ soups: asked, kitchen: { ...KITCHEN, ...kitchen }, serveAt: '2027-03-06T12:30:00.000Z', regime }, SHELF);
  if ('path' in made) throw new Error(made.message);
  return made;
};
const named = ({ tasks }: PlanReply, id: string): PlannedTask => tasks.find((task) => task.id === id) as PlannedTask;

describe('a soup made ahead', () => {
  test('is spread, cooled and portioned behind its last step, and the plan ends with that', () => {
    const made = plan([{ recipe: PEA, servings: 16, ahead: 'trays' }]);
    const [spread, chill, portion] = ['spread', 'chill', 'portion'].map((id) => named(made, id));
    expect(spread?.end).toBeLessThanOrEqual(chill?.start as number);
    expect(chill?.end).toBeLessThanOrEqual(portion?.start as number);
    expect(portion?.end).toBe(made.makespanMin);
    expect(portion?.label).toMatch(/16 bowls/);
    expect(chill).toMatchObject({ handsOn: false, assumed: true, resources: ['tray'] });
  });
  test('leaves its croutons for the hour it is served, and says so', () => {
    const made = plan([{ recipe: PEA, servings: 16, ahead: 'trays' }]);
    expect(made.tasks.some(({ label }) => /croutons/i.test(label))).toBe(false);
    expect(made.notes.find(({ code }) => code === 'plan.atServing')?.message).toMatch(/croutons/);
  });
  test('cools faster in ice water, and two such pots wait for one bath', () => {
    const trays = plan([{ recipe: PEA, servings: 16, ahead: 'trays' }]);
    const bath = plan([{ recipe: PEA, servings: 16, ahead: 'bath' }]);
    expect(bath.makespanMin).toBeLessThan(trays.makespanMin);
    const two = plan(
      [
        { recipe: PEA, servings: 16, ahead: 'bath' },
        { recipe: ROAST, servings: 12, ahead: 'bath' },
      ],
      { coldBaths: 1 },
    );
    const [one, other] = ['0-chill', '1-chill'].map((id) => named(two, id));
    expect((one?.end as number) <= (other?.start as number) || (other?.end as number) <= (one?.start as number)).toBe(true);
  });
  test('on too few trays lies deeper, cools slower and is told', () => {
    const enough = chillOf('trays', 12_000, 40, KITCHEN, REGIMES.us);
    const few = chillOf('trays', 12_000, 40, { ...KITCHEN, trays: 1 }, REGIMES.us);
    expect(enough.tooFew).toBeNull();
    expect(few.tooFew).toMatch(/want 3 trays.*more than a tray of 6.5 cm holds/);
    expect(few.minutes as number).toBeGreaterThan((enough.minutes as number) * 2);
    expect(few.message).toMatch(/too slow/);
    // What takes long is planned long.
    expect(few.tasks.find(({ id }) => id === 'chill')?.minutes).toBeGreaterThanOrEqual(few.minutes as number);
  });
  test('needs somewhere to stand in ice water', () => {
    const refused = planOf(
      { soups: [{ recipe: PEA, servings: 16, ahead: 'bath' }], kitchen: { ...KITCHEN, coldBaths: 0 }, serveAt: '2027-03-06T12:30:00.000Z' },
      SHELF,
    );
    expect(refused).toMatchObject({ path: '/kitchen/coldBaths' });
  });
  test.each(CHILLS.flatMap((way) => (Object.keys(REGIMES) as RegimeId[]).map((regime) => [way, regime] as const)))(
    'by %s under %s is never passed by the estimate',
    (way, regime) => {
      const { message } = chillOf(way, 5000, 20, KITCHEN, REGIMES[regime]);
      expect(message).toMatch(/only a thermometer passes it|too slow|never gets to/i);
    },
  );
  // FDA Food Code 3-501.14 (from memory): 57 to 21 C within 2 hours; 3 cm and open in still air does it, 5 cm does not.
  test('3 cm deep holds the two hours of the Food Code by the estimate', () => {
    expect(chillOf('trays', 5000, 20, KITCHEN, REGIMES.us).message).toMatch(/120 allowed/);
    expect(chillOf('trays', 9000, 30, { ...KITCHEN, trays: 1 }, REGIMES.us).message).toMatch(/120 are allowed: too slow/);
  });
});

// Common practice, no source: one layer on a tray, some 900 g.
describe('a roast on the trays of the house', () => {
  const roast = (trays?: number) => named(plan([{ recipe: ROAST, servings: 12 }], trays === undefined ? {} : { trays }), 's1');
  test('takes the three it wants where there are three', () => {
    expect(roast(3)).toMatchObject({ trays: 3 });
    expect(roast(3).end - roast(3).start).toBe(40);
  });
  test('goes in turns where there are fewer', () => {
    expect(roast(2).end - roast(2).start).toBe(80);
    expect(roast(2).label).toMatch(/2 turns of the oven/);
  });
  test('is as it was where nobody has counted them', () => expect(roast().resources).not.toContain('tray'));
});
