import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { allergen, diet, line, seeded, soup, step } from '../test/soup.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { adapt } from './adapt.ts';
import { SWAPS } from './data/swaps.ts';
import { swapsForLine } from './forLine.ts';
import { needList, needRefs, requestFor } from './need.ts';
import type { Needs } from './needs.ts';
import { sayNeeds } from './sayNeeds.ts';
import { putBack } from './steps.ts';
import { judgeLimit } from './verdict.ts';

const ask = (recipe: Recipe, needs: Needs, plans = 3) => adapt({ recipe, needs, plans }, SHELF, { now: () => 0 });
const parsnip = soup(
  [
    line('bacon', 'bacon-raw', 120),
    line('parsnip', 'parsnip', 800),
    line('flour', 'flour-wheat', 30),
    line('stock', 'chicken-broth', 1200, { stage: 'simmer' }),
    line('cream', 'cream-double', 200, { stage: 'finish' }),
    line('croutons', 'croutons', 60, { stage: 'bowl' }),
  ],
  {
    servings: 6,
    steps: [
      step('fry', { stage: 'base', method: 'fry', uses: ['bacon'] }),
      step('simmer', { method: 'simmer', minutes: { min: 20, max: 20 }, lid: 'ajar', uses: ['stock', 'parsnip'] }),
      step('blend', { stage: 'blend', method: 'blend', text: 'Blend.' }),
      step('finish', { stage: 'finish', uses: ['cream'] }),
    ],
  },
);

describe('the catalogue', () => {
  test('holds at least sixteen swaps for cream, flour, bacon and chicken stock', () => {
    const of = (foodId: string) => SWAPS.filter(({ replaces }) => replaces.includes(foodId)).length;
    expect(
      SWAPS.filter(({ replaces }) => ['cream-heavy', 'flour-wheat', 'bacon-raw', 'chicken-broth'].some((id) => replaces.includes(id))).length,
    ).toBeGreaterThanOrEqual(16);
    expect([of('cream-heavy') >= 5, of('flour-wheat') >= 3, of('bacon-raw') >= 3, of('chicken-broth') >= 3]).toEqual([true, true, true, true]);
  });
  test.each(SWAPS.map((swap) => [swap.id, swap] as const))(
    '%s names foods of the shelf, bounds that run upwards, shares that add to one, and a source',
    (_id, swap) => {
      for (const id of swap.replaces) expect([id, SHELF.food(id) !== undefined]).toEqual([id, true]);
      for (const { foods, least, most } of swap.parts) {
        expect(least >= 0 && least < most).toBe(true);
        expect(foods.reduce((sum, [, share]) => sum + share, 0)).toBeCloseTo(1, 9);
        for (const [id] of foods) expect([id, SHELF.food(id) !== undefined]).toEqual([id, true]);
      }
      expect(swap.source.length).toBeGreaterThan(5);
      expect(swap.work >= 0 && swap.work <= 1 && swap.flavour >= 0 && swap.flavour <= 1).toBe(true);
    },
  );
  test('has no two swaps of one id', () => {
    expect(new Set(SWAPS.map(({ id }) => id)).size).toBe(SWAPS.length);
  });
});

describe('a plan', () => {
  const { plans, original } = ask(parsnip, { allergens: ['milk'], limits: [{ nutrient: 'saturatedFatG', per: 'serving', max: 3 }], body: 'same' });
  test('keeps bowls, volume within 5 % and the body asked', () => {
    for (const { analysis } of plans) {
      expect(analysis.servings).toBe(original.servings);
      expect(Math.abs(analysis.potMl / original.potMl - 1)).toBeLessThanOrEqual(0.05);
      expect(Math.abs(analysis.body.index / original.body.index - 1)).toBeLessThanOrEqual(0.1 + 1e-9);
    }
  });
  test('says of every need whether it meets it, in the order asked', () => {
    for (const { meets } of plans) expect(meets.map(({ need }) => need.kind)).toEqual(['allergen', 'limit', 'body']);
  });
  test('ascends by distance, differs from the others in a swap, and is proven', () => {
    const keys = plans.map(({ changes }) => changes.map(({ lineId, swapId }) => `${lineId}:${swapId}`).join());
    expect(new Set(keys).size).toBe(plans.length);
    expect(plans.map(({ distance }) => distance)).toEqual([...plans.map(({ distance }) => distance)].sort((a, b) => a - b));
    expect(plans.every(({ optimal }) => optimal)).toBe(true);
  });
  test('names for each change the need that forced it', () => {
    const cream = plans[0]?.changes.find(({ lineId }) => lineId === 'cream');
    expect(cream?.why).toContainEqual({ kind: 'allergen', id: 'milk', index: 0 });
  });
  test('puts new lines where they are cooked, points the steps at them, and writes the work as steps', () => {
    const { plans: beans } = ask(
      parsnip,
      {
        allergens: ['milk'],
        limits: [{ nutrient: 'proteinG', per: 'serving', min: 9 }],
        keepLines: ['bacon', 'flour', 'stock'],
        avoidFoods: ['cashews-raw', 'silken-tofu', 'sunflower-seeds', 'soy-cream'],
      },
      10,
    );
    const plan = beans.find(({ changes }) => changes.some(({ swapId }) => swapId === 'cream-to-white-beans'));
    const added = plan?.recipe.lines.find(({ foodId }) => foodId === 'white-beans-canned-drained');
    expect(added).toMatchObject({ stage: 'blend', replaces: 'cream' });
    expect(plan?.recipe.steps.some(({ text }) => text.startsWith('Blend the beans'))).toBe(true);
    expect(plan?.recipe.steps.flatMap(({ uses }) => uses ?? [])).not.toContain('cream');
  });
});

test('an allergen that comes in is announced, asked about or not', () => {
  const { plans } = ask(parsnip, { allergens: ['milk'], avoidFoods: ['olive-oil', 'coconut-milk', 'coconut-milk-light', 'oat-cream', 'water'] }, 5);
  const cashew = plans.find(({ changes }) => changes.some(({ swapId }) => swapId === 'cream-to-soy-cream'));
  expect(cashew?.changes.find(({ lineId }) => lineId === 'cream')?.adds.allergens).toEqual(['soy']);
});

test('steps that speak of what was replaced say what is there now, and putting it back leaves them as they were', () => {
  const named = { ...parsnip, steps: parsnip.steps.map((one) => (one.id === 'finish' ? { ...one, text: 'Stir in the cream.' } : one)) };
  const plan = ask(named, { allergens: ['milk'], keepLines: ['bacon', 'stock', 'flour'] }).plans.find(({ changes }) =>
    changes.some(({ lineId }) => lineId === 'cream'),
  );
  const method = plan?.recipe.steps.map(({ text }) => text).join(' ') ?? '';
  expect(method).not.toMatch(/[[\]]|the cream\b/);
  for (const { lineId } of plan?.changes.find((change) => change.lineId === 'cream')?.to ?? [])
    expect(plan?.recipe.steps.flatMap(({ uses }) => uses ?? []).filter((id) => id === lineId)).toHaveLength(1);
  const cream = named.lines.find(({ id }) => id === 'cream') as (typeof named.lines)[number];
  expect(putBack(plan?.recipe as Recipe, cream, SHELF).steps).toEqual(named.steps);
});

describe('potassium chloride', () => {
  const salty = soup([line('leek', 'leek', 500), line('stock', 'chicken-broth', 1000), line('cream', 'cream-heavy', 100)], { servings: 4 });
  const sodium = { nutrient: 'sodiumMg', per: 'serving', max: 500 } as const;
  const stocks = (needs: Needs) => ask(salty, needs, 5).plans.flatMap(({ changes }) => changes.filter(({ lineId }) => lineId === 'stock'));
  test('low-sodium stock is brought in under a sodium limit, with its caution', () => {
    const low = stocks({ limits: [sodium] }).find(({ swapId }) => swapId === 'chicken-stock-to-low');
    expect(low?.cautions.join(' ')).toContain('potassium chloride');
  });
  test('and not under a potassium limit, unless what only the label can tell is allowed', () => {
    const limits: Needs['limits'] = [sodium, { nutrient: 'potassiumMg', per: 'serving', max: 1000 }];
    const salted = (changes: ReturnType<typeof stocks>) =>
      changes.filter(({ to }) => to.some(({ foodId }) => SHELF.food(foodId)?.flags.includes('potassiumChloride')));
    expect(stocks({ limits }).length).toBeGreaterThan(0);
    expect(salted(stocks({ limits }))).toEqual([]);
    expect(salted(stocks({ limits, checks: 'allow' })).length).toBeGreaterThan(0);
  });
});

describe('what is hard', () => {
  test('a topping that holds what is refused is left out', () => {
    const { plans } = ask(parsnip, { allergens: ['gluten'], avoidFoods: ['pumpkin-seeds', 'chickpeas-canned-drained', 'bread-gluten-free'] });
    expect(plans[0]?.changes.map(({ swapId }) => swapId)).toContain('croutons-left-out');
    expect(allergen(plans[0]?.analysis as never, 'gluten').state).not.toBe('contains');
  });
  test('vegan takes bacon, stock and cream out together', () => {
    const { plans } = ask(parsnip, { diets: ['vegan'] });
    expect(diet(plans[0]?.analysis as never, 'vegan').state).not.toBe('breaks');
    expect(plans[0]?.changes.map(({ lineId }) => lineId).sort()).toEqual(expect.arrayContaining(['bacon', 'cream', 'stock']));
  });
  test('a check is never brought in by a swap unless it is allowed', () => {
    const milkCheck = soup([
      line('leek', 'leek', 400),
      line('butter', 'butter-salted', 40),
      line('water', 'water', 800),
      line('cream', 'cream-heavy', 150),
    ]);
    const onlyOats: Needs = {
      allergens: ['milk', 'gluten'],
      avoidFoods: ['olive-oil', 'water', 'coconut-milk', 'coconut-milk-light', 'soy-cream'],
      keepFoods: ['leek'],
    };
    const pot = { ...milkCheck, lines: milkCheck.lines.map((one) => (one.id === 'water' ? { ...one, foodId: 'vegetable-stock-homemade' } : one)) };
    const swapsOf = (needs: Needs) => ask(pot, needs).plans.flatMap(({ changes }) => changes.map(({ swapId }) => swapId));
    expect(swapsOf(onlyOats)).not.toContain('cream-to-oat-cream');
    expect(swapsOf({ ...onlyOats, checks: 'allow' })).toContain('cream-to-oat-cream');
  });
  test("checks: 'avoid' swaps a stock that would have to be looked up", () => {
    const { plans } = ask(soup([line('leek', 'leek', 400), line('stock', 'vegetable-broth', 800)]), { allergens: ['celery'], checks: 'avoid' });
    expect(allergen(plans[0]?.analysis as never, 'celery').state).toBe('absent');
  });
  test('kept lines and foods are kept, avoided ones are gone', () => {
    for (const plan of ask(parsnip, { diets: ['noPork'], keepFoods: ['chicken-broth'], keepLines: ['cream'], avoidFoods: ['mushrooms'] }).plans) {
      expect(plan.recipe.lines.map(({ id }) => id)).toEqual(expect.arrayContaining(['cream', 'stock']));
      expect(plan.recipe.lines.map(({ foodId }) => foodId)).not.toContain('mushrooms');
    }
  });
  test('smooth blends all of it and takes pieces out of the bowl', () => {
    const half = { ...parsnip, steps: parsnip.steps.map((one) => (one.method === 'blend' ? { ...one, text: 'Blend half.' } : one)) };
    const { plans } = ask(half, { smooth: true });
    expect(plans[0]?.recipe.steps.find(({ method }) => method === 'blend')?.text).toMatch(/all of it/);
    expect(plans[0]?.recipe.lines.some(({ stage }) => stage === 'bowl')).toBe(false);
  });
  test('a margin is a chance every limit has', () => {
    const { plans } = ask(parsnip, {
      allergens: ['milk'],
      limits: [
        { nutrient: 'proteinG', per: 'serving', min: 5 },
        { nutrient: 'saturatedFatG', per: 'serving', max: 3 },
      ],
      margin: 0.9,
    });
    expect(plans.length).toBeGreaterThan(0);
    for (const { meets } of plans) for (const { need, chance } of meets) if (need.kind === 'limit') expect(chance).toBeGreaterThanOrEqual(0.9);
  });
});

describe('a clash', () => {
  const needs: Needs = {
    allergens: ['milk', 'soy'],
    limits: [
      { nutrient: 'sodiumMg', per: 'serving', max: 60 },
      { nutrient: 'proteinG', per: 'serving', min: 60 },
    ],
    body: 'same',
  };
  const result = ask(parsnip, needs);
  test('is a set no proper subset of which clashes', () => {
    expect(result.plans).toEqual([]);
    const refs = needRefs(needs).map((ref) => JSON.stringify(ref));
    const named = result.clash?.needs.map((need) => JSON.stringify(need)) ?? [];
    const clash = needList(needs).filter((_, index) => named.includes(refs[index] as string));
    expect(clash).toHaveLength(named.length);
    expect(ask(parsnip, requestFor(clash, {})).plans).toEqual([]);
    for (const leftOut of clash)
      expect(
        ask(
          parsnip,
          requestFor(
            clash.filter((need) => need !== leftOut),
            {},
          ),
        ).plans.length,
      ).toBeGreaterThan(0);
  });
  test('comes with a nearest plan that says what it misses', () => {
    const nearest = result.clash?.nearest;
    expect(nearest?.misses.length).toBeGreaterThan(0);
    expect(nearest?.meets).toHaveLength(5);
    expect(analyse(nearest?.recipe as Recipe, {}, SHELF)).toEqual(nearest?.analysis);
  });
  test('says to what a limit would have to give way, and giving way that far is enough', () => {
    const lean: Needs = { limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 5 }] };
    const relax = ask(parsnip, lean).clash?.relax[0];
    expect(relax?.to).toBeGreaterThan(5);
    expect(ask(parsnip, { limits: [{ nutrient: 'sodiumMg', per: 'serving', max: relax?.to as number }] }).plans.length).toBeGreaterThan(0);
  });
  test('gives way far enough for the worse of two tables', () => {
    // Garlic: 1 g of sugars here, 6 g in the other table.
    const garlic = soup([line('garlic', 'garlic', 300), line('peas', 'split-peas-cooked', 300), line('water', 'water', 800)]);
    const limit = (max: number): Needs => ({ limits: [{ nutrient: 'sugarsG', per: 'serving', max }], keepLines: ['garlic', 'peas', 'water'] });
    const relax = ask(garlic, limit(0.5)).clash?.relax[0];
    expect(relax?.to).toBeGreaterThan(4);
    expect(ask(garlic, limit(relax?.to as number)).plans.length).toBeGreaterThan(0);
  });
  test('gives way on a figure before an allergen, even where milk would come closer', () => {
    const rich: Needs = {
      allergens: ['milk', 'soy', 'treeNut'],
      limits: [
        { nutrient: 'saturatedFatG', per: 'serving', max: 6 },
        { nutrient: 'calciumMg', per: 'serving', min: 500 },
      ],
      body: 'same',
    };
    const { clash } = ask(parsnip, rich);
    expect(clash?.needs.map(({ id, kind }) => id ?? kind)).toContain('milk');
    expect(clash?.nearest?.misses.every(({ kind }) => kind === 'limit' || kind === 'body')).toBe(true);
  });
});

describe('what is not known stops no plan', () => {
  const sodium = (max: number): Needs => ({ limits: [{ nutrient: 'sodiumMg', per: 'serving', max }] });
  test('salt to taste is what the limit leaves', () => {
    const open = { ...parsnip, lines: [...parsnip.lines, line('salt', 'salt', null, { text: 'salt to taste' })] };
    const [plan] = ask(open, sodium(450)).plans;
    expect(plan?.meets[0]).toMatchObject({ state: 'cannotTell', openLines: ['salt'] });
    const said = plan?.says?.find(({ kind }) => kind === 'season');
    const room = ((450 - (plan?.analysis.perServing.sodiumMg.value ?? 0)) * 6) / 393;
    expect(said?.message).toMatch(/^'salt to taste': up to [\d.]+ g in the pot/);
    expect(said?.grams).toBeLessThanOrEqual(room + 1e-9);
    expect(said?.grams).toBeGreaterThan(room * 0.9);
  });
  test('a line that nothing could read is named, and the rest is brought under the limit', () => {
    const open = { ...parsnip, lines: [...parsnip.lines, line('odd', null, 5, { text: 'a sachet of something' })] };
    const [plan] = ask(open, sodium(450)).plans;
    expect(plan?.analysis.perServing.sodiumMg.value).toBeLessThanOrEqual(450);
    expect(plan?.says?.map(({ message }) => message)).toContain("Sodium cannot be told until 'a sachet of something' is known.");
  });
});

test('a search cut short says so and claims nothing', () => {
  let clock = 0;
  const result = adapt({ recipe: parsnip, needs: { diets: ['vegan'] }, timeLimitMs: 1 }, SHELF, { now: () => (clock += 10) });
  expect(result.timedOut).toBe(true);
});

describe('verdicts on a limit', () => {
  const analysis = analyse(parsnip, {}, SHELF);
  const { value, low, high } = analysis.perServing.sodiumMg;
  const judge = (limit: object) => judgeLimit({ nutrient: 'sodiumMg', per: 'serving', ...limit }, analysis).state;
  test('go by the whole interval', () => {
    expect([judge({ max: high + 1 }), judge({ max: (value + high) / 2 }), judge({ max: value - 1 })]).toEqual(['meets', 'likely', 'breaks']);
    expect([judge({ min: low - 1 }), judge({ min: (value + low) / 2 }), judge({ min: value + 1 })]).toEqual(['meets', 'likely', 'breaks']);
  });
  test('are inclusive', () => {
    expect([judge({ max: value }), judge({ min: value })]).toEqual(['likely', 'likely']);
  });
  test('of a lower bound disprove a maximum and prove a minimum, never the reverse', () => {
    const open = analyse(soup([line('stock', 'chicken-broth', 1000), line('mystery', null, 50)]), {}, SHELF);
    const judgeOpen = (limit: object) => judgeLimit({ nutrient: 'sodiumMg', per: 'serving', ...limit }, open).state;
    const known = open.perServing.sodiumMg.value;
    expect([
      judgeOpen({ max: known + 500 }),
      judgeOpen({ max: known - 1 }),
      judgeOpen({ min: open.perServing.sodiumMg.low - 1 }),
      judgeOpen({ min: known + 1 }),
    ]).toEqual(['cannotTell', 'breaks', 'meets', 'cannotTell']);
  });
});

describe('the swaps of one line', () => {
  const original = { recipe: parsnip, analysis: analyse(parsnip, {}, SHELF) };
  test('are ranked by needs met and then by closeness, and those that break a need say which', () => {
    const swaps = swapsForLine(parsnip, { allergens: ['cashew'] }, 'cream', original, SHELF);
    expect(swaps.length).toBeGreaterThanOrEqual(12);
    const broken = swaps.map(({ tally }) => tally.broken);
    expect(broken).toEqual([...broken].sort((a, b) => a - b));
    expect(swaps.find(({ change }) => change.swapId === 'cream-to-cashew')?.meets[0]?.state).toBe('breaks');
  });
  test('analyse to what they show', () => {
    for (const { recipe, analysis } of swapsForLine(parsnip, {}, 'flour', original, SHELF)) expect(analyse(recipe, {}, SHELF)).toEqual(analysis);
  });
  test('of cornstarch for flour is about half the weight (common practice, no source)', () => {
    const swap = swapsForLine(parsnip, {}, 'flour', original, SHELF).find(({ change }) => change.swapId === 'flour-to-cornstarch');
    expect((swap?.change.to[0]?.grams ?? 0) / 30).toBeGreaterThan(0.4);
    expect((swap?.change.to[0]?.grams ?? 0) / 30).toBeLessThan(0.65);
  });
});

test('forty random soups and needs: every plan analysed afresh meets what it says it meets', () => {
  const random = seeded(99);
  const choose = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)] as T;
  let changing = 0;
  for (let run = 0; run < 40; run += 1) {
    const recipe = soup(
      [
        line('v', choose(['leek', 'celeriac', 'peas-frozen', 'spinach']), 300 + random() * 700),
        line('c', choose(['cream-double', 'cream-heavy', 'half-and-half']), 80 + random() * 200),
        line('b', choose(['butter-salted', 'bacon-raw']), 30 + random() * 60),
        line('s', choose(['chicken-broth', 'vegetable-broth']), 500 + random() * 700),
      ],
      { servings: 4 + Math.floor(random() * 5) },
    );
    const before = analyse(recipe, {}, SHELF);
    const needs: Needs = {
      allergens: random() < 0.5 ? ['milk'] : [],
      limits: [{ nutrient: choose(['sodiumMg', 'saturatedFatG', 'fatG'] as const), per: choose(['serving', '100g'] as const), max: 0 }],
    };
    const [limit] = needs.limits ?? [];
    if (limit) limit.max = (limit.per === 'serving' ? before.perServing : before.per100g)[limit.nutrient].value * (0.3 + random() * 0.6);
    for (const plan of ask(recipe, needs).plans) {
      changing += plan.changes.length > 0 ? 1 : 0;
      const fresh = analyse(plan.recipe, {}, SHELF);
      expect(plan.meets).toHaveLength(needRefs(needs).length);
      for (const { need, state } of plan.meets) {
        if (need.kind === 'limit' && limit) expect([run, state, judgeLimit(limit, fresh).state]).toEqual([run, state, state]);
        if (need.kind === 'allergen') expect(allergen(fresh, need.id as string).state).not.toBe('contains');
      }
    }
  }
  expect(changing).toBeGreaterThan(40);
});

describe('a pot with nothing in it', () => {
  test.each([
    ['only bread on the side', soup([line('bread', 'bread-white', 50, { stage: 'plate' })]), { allergens: ['treeNut'] }],
    [
      'an amount no one knows',
      soup([line('pea', 'peas-frozen', null)]),
      { allergens: ['gluten'], limits: [{ nutrient: 'fatG', per: '100g', min: 0 }] },
    ],
    [
      'all of it taken out again',
      soup([line('stock', 'chicken-broth', 70, { eaten: 'removed' })]),
      { allergens: ['milk'], limits: [{ nutrient: 'proteinG', per: 'serving', max: 0 }] },
    ],
    [
      'all of it strained off',
      soup([line('root', 'celeriac', 300, { eaten: 'strained' })]),
      { limits: [{ nutrient: 'potassiumMg', per: 'serving', min: 1 }], body: 'same' },
    ],
  ] as [string, Recipe, Needs][])('%s is still one plan, without a change', (_what, recipe, needs) => {
    expect(ask(recipe, needs).plans.map(({ changes }) => changes)).toEqual([[]]);
  });
});

test("blended smooth, 'same body' is that of the soup as it was, for the search as for the verdict", () => {
  const coarse = soup(
    [line('peas', 'split-peas-cooked', 300), line('asparagus', 'asparagus', 250), line('water', 'water', 900), line('cream', 'cream-heavy', 200)],
    {
      steps: [step('simmer', { method: 'simmer', minutes: { min: 20, max: 20 } })],
    },
  );
  const { plans, clash } = ask(coarse, { allergens: ['milk'], body: 'same', smooth: true }, 1);
  const was = analyse(coarse, {}, SHELF).body.index;
  if (plans[0]) expect(Math.abs(plans[0].analysis.body.index - was)).toBeLessThanOrEqual(Math.max(0.02, was * 0.1) + 1e-9);
  else expect(clash?.needs.map(({ kind }) => kind)).toContain('body');
});

test('a family that is avoided is one need to the clash', () => {
  const mushroom = soup([line('m', 'mushrooms', 600), line('stock', 'vegetable-broth', 900), line('cream', 'cream-heavy', 100)], {
    title: 'Mushroom soup',
    servings: 4,
  });
  const without = sayNeeds('no mushrooms', {}, SHELF).needs;
  const { clash } = adapt({ recipe: mushroom, needs: { ...without, keepLines: ['m'], allergens: ['milk'] } }, SHELF, { now: () => 0 });
  expect(clash?.needs.map(({ kind, id }) => [kind, id])).toEqual([
    ['keep', 'm'],
    ['avoid', 'mushrooms'],
  ]);
});

test('a line that may not stay and that nothing is known for is named as a gap of the catalogue', () => {
  const leek = soup([line('butter', 'butter-salted', 40), line('leek', 'leek', 500), line('water', 'water', 900)], {
    title: 'Leek soup',
    servings: 4,
    steps: [
      step('s1', { method: 'sweat', text: 'Sweat the leek in the butter.', uses: ['butter', 'leek'] }),
      step('s2', { stage: 'simmer', method: 'simmer', text: 'Add the water and simmer.', uses: ['water'] }),
    ],
  });
  const fats = SHELF.foods.filter(({ id, category }) => category === 'fat' || /butter|spread|ghee/.test(id)).map(({ id }) => id);
  const ask = (needs: Needs) => adapt({ recipe: leek, needs }, SHELF, { now: () => 0 }).clash;
  const others = fats.filter((id) => id !== 'butter-salted');
  expect(ask({ allergens: ['milk'], avoidFoods: others })?.gaps).toMatchObject([{ lineId: 'butter', needs: [{ kind: 'allergen', id: 'milk' }] }]);
  // What is to be kept is no gap.
  expect(ask({ allergens: ['milk'], keepLines: ['butter'] })?.gaps).toBeUndefined();
});

describe('every smallest clash', () => {
  const creamOfLeek = soup(
    [line('leek', 'leek', 400), line('butter', 'butter-salted', 50), line('stock', 'chicken-broth', 900), line('cream', 'cream-heavy', 180)],
    { title: 'Cream of leek', servings: 5 },
  );
  const clashOf = (needs: Needs) => adapt({ recipe: creamOfLeek, needs, plans: 1 }, SHELF, { now: () => performance.now() }).clash;
  const said = (needs: readonly { kind: string; id?: string }[] | undefined) => needs?.map(({ kind, id }) => `${kind}:${id ?? ''}`).sort();
  test('two that have nothing to do with each other are both told', () => {
    const clash = clashOf({ allergens: ['milk'], diets: ['noOnionGarlic'], keepLines: ['butter', 'leek'] });
    expect([said(clash?.needs), ...(clash?.others ?? []).map(said)].map((set) => set?.join()).sort()).toEqual([
      'allergen:milk,keep:butter',
      'diet:noOnionGarlic,keep:leek',
    ]);
  });
  test('one that stands alone has no others', () => {
    const clash = clashOf({ allergens: ['milk'], keepLines: ['butter'] });
    expect(said(clash?.needs)).toEqual(['allergen:milk', 'keep:butter']);
    expect(clash?.others).toBeUndefined();
  });
  test('each of them clashes by itself, and no longer without any one of its needs', () => {
    const needs: Needs = { allergens: ['milk'], keepLines: ['cream', 'butter'], limits: [{ nutrient: 'saturatedFatG', per: 'serving', max: 2 }] };
    const clash = clashOf(needs);
    const sets = [clash?.needs ?? [], ...(clash?.others ?? [])];
    expect(sets.length).toBeGreaterThanOrEqual(3);
    for (const set of sets) {
      const only = (refs: typeof set): Needs => ({
        allergens: refs.some(({ kind }) => kind === 'allergen') ? ['milk'] : [],
        keepLines: refs.flatMap(({ kind, id }) => (kind === 'keep' && id ? [id] : [])),
        limits: refs.some(({ kind }) => kind === 'limit') ? (needs.limits ?? []) : [],
      });
      expect(clashOf(only(set))).toBeDefined();
      for (const one of set) expect([one, clashOf(only(set.filter((other) => other !== one)))]).toEqual([one, undefined]);
    }
  });
  test('a bound that is told lets the others be met', () => {
    const needs: Needs = { keepLines: ['cream'], limits: [{ nutrient: 'saturatedFatG', per: 'serving', max: 4 }] };
    const to = clashOf(needs)?.relax.find(({ need }) => need.kind === 'limit')?.to ?? 0;
    expect(to).toBeGreaterThan(4);
    expect(clashOf({ ...needs, limits: [{ nutrient: 'saturatedFatG', per: 'serving', max: to }] })).toBeUndefined();
  });
});
