/** Plans as a cook reads them, backwards from the hour of serving. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { claimedMinutes } from './claimed.ts';
import { type PlanReply, planOf } from './plan.ts';
import { batchesIn, boardMinutes, type Kitchen } from './tasks.ts';

const read = (text: string): Recipe => readRecipe(text, { measures: 'auto' }, SHELF).recipe;
const KITCHEN: Kitchen = { cooks: 1, rings: 2, ovens: 1, blenderJarMl: 2000, potDiameterCm: 28 };
const SERVE = '2027-03-06T12:30:00.000Z';
const plan = (recipe: Recipe | readonly Recipe[], kitchen: Partial<Kitchen> = {}, servings = 4): PlanReply => {
  const soups = [recipe].flat().map((one) => ({ recipe: one, servings }));
  const made = planOf({ soups, kitchen: { ...KITCHEN, ...kitchen }, serveAt: SERVE }, SHELF);
  if ('path' in made) throw new Error(made.message);
  return made;
};
const notes = ({ notes: said }: PlanReply, code: string): string[] => said.flatMap((one) => (one.code === code ? [one.message] : []));

const LEEK = read(`Leek and potato soup
Serves 4

Ingredients
400 g leeks, sliced
30 g butter
300 g potatoes, diced
800 ml hot vegetable stock
100 ml double cream

Method
1. Sweat the leeks in the butter for 10 minutes with the lid on.
2. Add the potatoes and the hot stock and simmer for 20 minutes.
3. Blend in the jar for 4 minutes until smooth.
4. Stir in the cream, 2 minutes.`);
const SQUASH = read(`Roast squash soup
Serves 4

Ingredients
1 kg squash, cubed
20 ml olive oil
1 onion, chopped
20 g butter
900 ml vegetable stock
60 g pumpkin seeds

Method
1. Roast the squash with the oil at 220 C for 40 minutes.
2. Sweat the onion in the butter for 10 minutes.
3. Add the squash and the stock and simmer for 10 minutes.
4. Blend until smooth.
5. Toast the pumpkin seeds in a dry pan for 5 minutes.
6. Ladle into bowls and scatter with the seeds.`);

describe('what the text wants hot', () => {
  const heats = ({ tasks }: PlanReply) => tasks.filter(({ id }) => /heat-/.test(id));
  // 800 g from 15 to 100 C at 3.9 J/(g K) and 2000 W: 2.2 minutes.
  test('comes from a kettle, before it goes in', () => {
    const made = plan(LEEK);
    const [kettle, ...more] = heats(made);
    expect(kettle).toMatchObject({ label: 'Boil the kettle for the vegetable broth', resources: [] });
    expect((kettle?.end ?? 0) - (kettle?.start ?? 0)).toBe(3);
    expect(kettle?.end).toBeLessThanOrEqual(made.tasks.find(({ label }) => /hot stock/.test(label))?.start ?? 0);
    expect(more).toHaveLength(0);
  });
  test('and is more than a kettle holds, from a ring', () => {
    expect(heats(plan(LEEK, {}, 16))[0]).toMatchObject({ label: 'Heat the vegetable broth', resources: ['ring'] });
  });
  test.each(['Add the stock, bring to the boil and keep simmering for 20 minutes', 'Add the stock, simmer for 20 minutes and serve hot'])(
    "but '%s' wants no hot stock, and waits for the boil",
    (step) => {
      const made = plan(
        read(
          `Leek soup\nServes 4\n\nIngredients\n400 g leeks\n30 g butter\n900 ml vegetable stock\n\nMethod\n1. Sweat the leeks in the butter for 10 minutes.\n2. ${step}.\n3. Blend.`,
        ),
      );
      expect(heats(made)).toHaveLength(0);
      expect(made.tasks.some(({ label }) => /min to the boil first/.test(label))).toBe(true);
    },
  );
});

describe('a plan', () => {
  test('ends at the hour of serving, and begins as late as it can', () => {
    const { startAt, makespanMin, tasks, bound, optimal } = plan(LEEK);
    expect(Date.parse(startAt) + makespanMin * 60_000).toBe(Date.parse(SERVE));
    expect(Math.max(...tasks.map(({ end }) => end))).toBe(makespanMin);
    expect(Math.min(...tasks.map(({ start }) => start))).toBe(0);
    expect(optimal && bound).toBe(makespanMin);
  });

  test('lets hot soup stand before the jar, says why, and fills the jar half', () => {
    const made = plan(LEEK);
    const vent = made.tasks.find(({ label }) => label.startsWith('Off the heat, lid off'));
    const blend = made.tasks.find(({ resources }) => resources.includes('blender'));
    expect(vent && blend && vent.end <= blend.start).toBe(true);
    expect(notes(made, 'plan.jar').join()).toMatch(/half full.*vent open under a folded cloth/);
    expect(made.batches).toMatchObject({ count: 2 });
    expect(made.batches?.mlEach).toBeLessThanOrEqual(1000);
  });

  test('heats the oven first, sweats beside the tray and toasts the seeds while something cooks', () => {
    const { tasks, makespanMin } = plan(SQUASH);
    const of = (words: RegExp) => tasks.find(({ label }) => words.test(label)) as PlanReply['tasks'][number];
    expect(of(/^Heat the oven/).end).toBeLessThanOrEqual(of(/^Roast/).start);
    expect(of(/^Sweat/).start).toBeGreaterThanOrEqual(of(/^Roast/).start);
    expect(of(/^Sweat/).end).toBeLessThanOrEqual(of(/^Add the squash/).start);
    // One after the other it would be the sum of all.
    expect(makespanMin).toBeLessThan(tasks.reduce((sum, { start, end }) => sum + end - start, 0) - 14);
  });

  test('comes to the boil by the ring: cold stock and more of it take longer', () => {
    const cold = {
      ...LEEK,
      lines: LEEK.lines.map((line) => ({ ...line, text: line.text.replace('hot ', '') })),
      steps: LEEK.steps.map((step) => ({ ...step, text: step.text.replace('hot ', '') })),
    };
    const simmer = (made: PlanReply) => {
      const task = made.tasks.find(({ label }) => /simmer/.test(label)) as PlanReply['tasks'][number];
      return task.end - task.start;
    };
    expect(simmer(plan(cold))).toBeGreaterThan(simmer(plan(LEEK)));
    expect(simmer(plan(cold, {}, 12))).toBeGreaterThan(simmer(plan(cold)) + 5);
    expect(simmer(plan(cold, { ringKw: 3.5 }))).toBeLessThan(simmer(plan(cold)));
  });

  test('of four soups for one lunch uses no ring twice and keeps their tasks apart', () => {
    const made = plan([LEEK, SQUASH, LEEK, SQUASH], { cooks: 2 });
    expect(new Set(made.tasks.map(({ id }) => id)).size).toBe(made.tasks.length);
    expect(new Set(made.tasks.map(({ soup }) => soup))).toEqual(new Set([0, 1, 2, 3]));
    for (let minute = 0; minute < made.makespanMin; minute++) {
      const now = made.tasks.filter(({ start, end }) => start <= minute && minute < end);
      expect(now.filter(({ resources }) => resources.includes('ring')).length).toBeLessThanOrEqual(2);
      expect(now.filter(({ resources }) => resources.includes('cook')).length).toBeLessThanOrEqual(2);
      expect(now.filter(({ resources }) => resources.includes('oven')).length).toBeLessThanOrEqual(1);
    }
    expect(made.bound).toBeLessThanOrEqual(made.makespanMin);
  });

  test('starts a soak the evening before', () => {
    const beans = read(
      'Bean soup\nServes 4\n\nIngredients\n300 g dried white beans\n1.5 l water\n\nMethod\n1. Soak the beans for 10 hours.\n2. Drain the beans.\n3. Boil the beans in the water for 30 minutes.\n4. Simmer for 60 minutes.\n5. Blend.',
    );
    expect(plan(beans).startAt < '2027-03-06T01:00').toBe(true);
  });

  test('says which times nobody gave', () => {
    expect(notes(plan(SQUASH), 'plan.assumed').join()).toMatch(/'Blend until smooth.*' \(\d+ min assumed\)/);
  });

  test('names what the kitchen has not, and its place', () => {
    const refused = planOf({ soups: [{ recipe: SQUASH, servings: 4 }], kitchen: { ...KITCHEN, ovens: 0 }, serveAt: SERVE }, SHELF);
    expect(refused).toMatchObject({ path: '/kitchen/ovens', message: expect.stringMatching(/no oven/) });
  });

  test('plans the board before the pot, by what the lines say of their cut; not where all comes ready cut', () => {
    const made = plan(LEEK);
    const board = made.tasks.find(({ label }) => label === 'Make ready: leek') as PlanReply['tasks'][number];
    const sweat = made.tasks.find(({ label }) => label.startsWith('Sweat')) as PlanReply['tasks'][number];
    expect(board.resources).toEqual(['cook']);
    expect(board.end).toBeLessThanOrEqual(sweat.start);
    expect(plan(LEEK, { readyCut: true }).tasks.some(({ label }) => label.startsWith('Make ready'))).toBe(false);
    // One line alone comes ready: its minutes go, the others stay.
    const first = LEEK.lines.find((line) => boardMinutes(line, SHELF) > 0)?.id as string;
    const some = plan(LEEK, { readyCut: [first] });
    expect(some.tasks.filter(({ label }) => label.startsWith('Make ready')).map(({ label }) => label)).not.toEqual(
      made.tasks.filter(({ label }) => label.startsWith('Make ready')).map(({ label }) => label),
    );
    expect(some.makespanMin).toBeLessThanOrEqual(made.makespanMin);
    expect(plan(LEEK, { readyCut: true }).makespanMin).toBeLessThan(made.makespanMin);
  });

  test('has a task over as early as it is pinned, and says what that costs', () => {
    const ask = (pins: { task: string; minutesBefore: number }[]) =>
      planOf({ soups: [{ recipe: SQUASH, servings: 4 }], kitchen: KITCHEN, serveAt: SERVE, pins }, SHELF) as PlanReply;
    const free = ask([]);
    const seeds = free.tasks.find(({ label }) => /^Toast/.test(label)) as PlanReply['tasks'][number];
    const pinned = ask([{ task: seeds.id, minutesBefore: 60 }]);
    const early = pinned.tasks.find(({ id }) => id === seeds.id) as PlanReply['tasks'][number];
    expect(pinned.makespanMin - early.end).toBeGreaterThanOrEqual(60);
    expect(early.pinned).toBe(true);
    expect(pinned.makespanMin).toBe(free.makespanMin);
    expect(notes(ask([{ task: seeds.id, minutesBefore: 600 }]), 'plan.pin').join()).toMatch(/begin \d+ minutes earlier/);
    expect(notes(ask([{ task: 'gone', minutesBefore: 10 }]), 'plan.pin').join()).toMatch(/no task gone/);
  });

  test('says when a pot may be too small', () => {
    expect(notes(plan(LEEK, { potDiameterCm: 14 }), 'plan.pot').join()).toMatch(/may not fit a pot of 14 cm/);
    expect(notes(plan(LEEK), 'plan.pot')).toEqual([]);
  });
});

describe('a claimed total', () => {
  test.each([
    ['Ready in 30 minutes', 30],
    ['Total time: 1 hour', 60],
    ['on the table in half an hour', 30],
    ['25 minutes from start to finish', 25],
    ['Simmer for 25 minutes', null],
  ])("'%s'", (words, minutes) => {
    expect(claimedMinutes({ title: 'Soup', steps: [{ id: 's', stage: 'base', text: words }] })?.minutes ?? null).toBe(minutes);
  });
  test.each([
    ['Twenty-minute pea soup', 20],
    ['Leek soup in an hour and a half', 90],
    ['45-minute leek soup', 45],
    ['Leek soup', null],
  ])("in a title: '%s'", (title, minutes) => {
    expect(claimedMinutes({ title, steps: [] })?.minutes ?? null).toBe(minutes);
  });
  test('is questioned where the steps exceed it, and left alone where they do not', () => {
    expect(notes(plan({ ...LEEK, title: 'Twenty-minute leek soup' }), 'plan.claim').join()).toMatch(/says 20 minutes in all.*add up to 36 at least/);
    expect(notes(plan({ ...LEEK, title: 'Leek soup in an hour' }), 'plan.claim')).toEqual([]);
  });
});

test('a jar of two litres takes 3.2 litres in four fillings of 800 ml', () => {
  expect(batchesIn(2000, 3200)).toEqual({ count: 4, mlEach: 800 });
  expect(batchesIn(2000, 3000)).toEqual({ count: 3, mlEach: 1000 });
});

describe('dry kidney-type beans', () => {
  const planned = (soak: string) => {
    const { recipe } = readRecipe(
      `Bean soup\nServes 6\n\nIngredients\n250 g dried kidney beans\n1.5 litres water\n100 g onions\n\nMethod\n${soak}1. Add the beans, the onions and the water and simmer for 60 minutes.\n2. Blend.`,
      { measures: 'metric' },
      SHELF,
    );
    const plan = planOf(
      {
        soups: [{ recipe, servings: 6 }],
        kitchen: { cooks: 1, rings: 4, ovens: 1, blenderJarMl: 0, potDiameterCm: 24 },
        serveAt: '2027-03-08T12:00:00Z',
      },
      SHELF,
    );
    if ('path' in plan) throw new Error(plan.message);
    return plan.tasks.filter(({ label }) => /^Soak/i.test(label));
  };
  test('are soaked the day before where no step says it (FDA Bad Bug Book: 5 hours or more), and not twice where one does', () => {
    expect(planned('').map(({ start, end, label }) => [end - start, label])).toEqual([
      [300, expect.stringMatching(/^Soak the kidney beans in the fridge, 5 hours/)],
    ]);
    expect(planned('0. Soak the beans overnight and drain them.\n')).toHaveLength(1);
  });
});
