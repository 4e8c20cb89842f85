/** When something goes in: spice, garlic, acid, salt and cream at another moment, in the same amounts. */

import { analyse } from '../../analysis/analysis.ts';
import { SALT_BANDS } from '../../food/seasoning.ts';
import { BY_ACID } from '../../plan/data/softening.ts';
import { linesIn } from '../../plan/flow.ts';
import type { Line, Recipe, Stage, Step } from '../../vocabulary/recipe.ts';
import type { Part } from '../parts.ts';
import { fresh, grams, namesOf, turned } from '../turn.ts';
import { type Answer, none, now, type Soup, way } from '../types.ts';
import { withMinutes, withSentence } from './words.ts';

const NO_STEPS = 'It has no steps that could be done otherwise.';
const stepOf = ({ recipe }: Soup, { line }: Part): Step | undefined => recipe.steps.find((step) => linesIn(step).includes(line.id));
const all = (parts: readonly Part[]): string[] => parts.map(({ line }) => line.id);

/** The soup with these lines in no step: told of again by whoever takes them out. */
function without({ recipe, shelf }: Soup, parts: readonly Part[]): Step[] {
  return turned(recipe, { gone: all(parts) }, shelf).steps;
}

/** The same lines, told of in other steps. */
function toldIn(recipe: Recipe, parts: readonly Part[], stage: Stage, steps: Step[]): Recipe {
  const ids = new Set(all(parts));
  return fresh({ ...recipe, lines: recipe.lines.map((line): Line => (ids.has(line.id) ? { ...line, stage } : line)), steps });
}

/** The last step of the pot: before the bowls are filled. */
const lastOfPot = (steps: readonly Step[]): Step | undefined =>
  steps.findLast(({ stage, text }) => stage !== 'bowl' && stage !== 'plate' && !/\bserve\b/i.test(text)) ?? steps.at(-1);
const inStep = (steps: readonly Step[], of: Step | undefined, change: (step: Step) => Step): Step[] =>
  steps.map((step) => (step.id === of?.id ? change(step) : step));
const FRIES = new Set(['sweat', 'brown', 'fry']);

export function spice(school: string, soup: Soup): Answer {
  const { recipe, parts, shelf } = soup;
  const own = parts.spices.filter(({ line }) => line.eaten !== 'strained');
  if (own.length === 0) return none('There is no ground spice in it.');
  if (recipe.steps.length === 0) return none(NO_STEPS);
  const inBase = own.every((part) => FRIES.has(stepOf(soup, part)?.method ?? 'none'));
  if ((school === 'bloom') === inBase) return now;
  const names = namesOf(own, shelf);
  const steps = without(soup, own);
  if (school === 'bloom') {
    const base = steps.find(({ id }) => parts.base.some((step) => step.id === id && FRIES.has(step.method ?? 'none')));
    if (!base) return none('Nothing is cooked in fat at its beginning: there is nothing to bloom it in.');
    return way(
      toldIn(
        recipe,
        own,
        'base',
        inStep(steps, base, (step) => withSentence(step, `Add ${names} and warm for a minute over a medium heat, until it smells.`, all(own))),
      ),
      `In the fat for a minute: ${names}.`,
    );
  }
  const simmer = steps.find(({ id }) => id === parts.simmer?.id);
  if (!simmer) return none('No step of it simmers.');
  return way(
    toldIn(
      recipe,
      own,
      'simmer',
      inStep(steps, simmer, (step) => withSentence(step, `Stir in ${names} for the last 5 minutes.`, all(own))),
    ),
    `For the last five minutes of the simmer: ${names}.`,
  );
}

const LAST_MINUTE = /\b(?:last|another|final|a|one|1)\s+(?:or\s+two\s+)?minutes?\b/i;

export function garlic(school: string, soup: Soup): Answer {
  const { recipe, parts, shelf } = soup;
  const own = parts.garlic;
  if (own.length === 0) return none('There is no garlic in it.');
  const base = parts.base.find(({ method }) => FRIES.has(method ?? 'none'));
  if (!base) return none('Nothing is cooked in fat at its beginning.');
  const at = own.map((part) => stepOf(soup, part));
  const isLate = at.every((step) => step && (step.id !== base.id ? FRIES.has(step.method ?? 'none') : garlicComesLate(step.text)));
  const isFirst = at.every((step) => step?.id === base.id) && !isLate;
  if ((school === 'late' && isLate) || (school === 'first' && isFirst)) return now;
  const names = namesOf(own, shelf);
  const steps = without(soup, own);
  const words =
    school === 'late'
      ? `When it is soft add ${names} for a minute.`
      : `${names.charAt(0).toUpperCase()}${names.slice(1)} goes in with it from the start.`;
  return way(
    toldIn(
      recipe,
      own,
      'base',
      inStep(steps, base, (step) => withSentence(step, words, all(own))),
    ),
    school === 'late' ? 'Garlic when the rest is soft, for a minute.' : 'Garlic from the start.',
  );
}

/** 'Add the garlic for the last minute', 'then the garlic, a minute more'. */
const garlicComesLate = (text: string): boolean => {
  const sentence = text.split(/[.;]/).find((one) => /garlic/i.test(one)) ?? '';
  return LAST_MINUTE.test(sentence) || /\bthen\b[^.;]*garlic/i.test(sentence);
};

export function acid(school: string, soup: Soup): Answer {
  const { recipe, parts, shelf } = soup;
  const own = parts.acids;
  if (own.length === 0) return none('There is no lemon, vinegar or other acid in it.');
  if (recipe.steps.length === 0) return none(NO_STEPS);
  const isLate = own.every(({ line }) => line.stage === 'finish' || line.stage === 'blend');
  if ((school === 'late') === isLate) return now;
  const names = namesOf(own, shelf);
  const steps = without(soup, own);
  if (school === 'late')
    return way(
      toldIn(
        recipe,
        own,
        'finish',
        inStep(steps, lastOfPot(steps), (step) => withSentence(step, `Off the heat stir in ${names}, a little at a time, and taste.`, all(own))),
      ),
      `Off the heat, at the end: ${names}.`,
    );
  const simmer = steps.find(({ id }) => id === parts.simmer?.id);
  if (!simmer) return none('No step of it simmers.');
  const { min, max } = simmer.minutes ?? { min: 20, max: 20 };
  const slowed = (step: Step) => withMinutes(step, { min: Math.round(min * BY_ACID), max: Math.round(max * BY_ACID) });
  return way(
    toldIn(
      recipe,
      own,
      'simmer',
      inStep(steps, simmer, (step) => withSentence(slowed(step), `Add ${names} with the liquid.`, all(own))),
    ),
    `With the liquid: ${names}. Softening can take twice as long.`,
  );
}

export function salt(school: string, soup: Soup): Answer {
  const { recipe, parts } = soup;
  const own = parts.salts;
  if (recipe.steps.length === 0) return none(NO_STEPS);
  const total = own.reduce((sum, one) => sum + one.grams, 0);
  if (school === 'target') return byTarget(soup, total);
  if (own.length === 0) return none('No salt of its own is weighed in it.');
  const used = recipe.steps.filter((step) => own.some(({ line }) => linesIn(step).includes(line.id)));
  const isEnd =
    used.length > 0 && own.every(({ line }) => line.stage === 'finish') && used.every((step) => step.stage !== 'base' && step.stage !== 'simmer');
  if (school === 'end' && isEnd) return now;
  if (school === 'layers' && used.length >= 3) return now;
  const steps = without(soup, own);
  const last = lastOfPot(steps);
  if (school === 'end')
    return way(
      toldIn(
        recipe,
        own,
        'finish',
        inStep(steps, last, (step) => withSentence(step, `Salt now, ${grams(total)} in small steps, tasting between.`, all(own))),
      ),
      `All ${grams(total)} at the end.`,
    );
  const third = grams(total / 3);
  const base = steps.find(({ id }) => id === parts.base.at(-1)?.id) ?? steps[0];
  const simmer = steps.find(({ id }) => id === parts.simmer?.id);
  const layered = steps.map((step) => {
    const times = [base, simmer, last].filter((one) => one?.id === step.id).length;
    return times === 0
      ? step
      : withSentence(
          step,
          `Salt with ${times === 1 ? 'a third' : times === 2 ? 'two thirds' : 'all'} of the salt, ${times === 1 ? third : grams((total / 3) * times)}.`,
          all(own),
        );
  });
  const changed = toldIn(recipe, own, own[0]?.line.stage ?? 'simmer', layered);
  return way(changed, `In three parts of ${third}: base, liquid, end.`);
}

/** Salt to the per cent of the pot that this house is content with, whatever the stock brings. */
function byTarget(soup: Soup, total: number): Answer {
  const { recipe, parts, shelf, options } = soup;
  const { best } = SALT_BANDS[options.saltBand ?? 'common'];
  const bare = turned(recipe, { gone: all(parts.salts) }, shelf);
  const { saltPercent, batchGrams } = analyse(bare, options, shelf);
  const wanted = Math.max(0, ((best - saltPercent) / 100) * batchGrams);
  const percent = `${best} % of the pot`;
  if (Math.abs(wanted - total) < Math.max(0.3, total * 0.03)) return now;
  if (wanted < 0.2) return way(bare, `No salt: what is in it brings ${Number(saltPercent.toFixed(2))} % already, and the house salts to ${percent}.`);
  const last = lastOfPot(bare.steps);
  const line: Line = {
    id: 'way-salt',
    stage: 'finish',
    text: `${Number(wanted.toPrecision(2))} g salt`,
    foodId: parts.salts[0]?.food.id ?? 'salt',
    grams: { best: wanted, low: wanted * 0.95, high: wanted * 1.05 },
  };
  const steps = inStep(bare.steps, last, (step) => withSentence(step, `Weigh ${grams(wanted)} of salt into it: ${percent}.`, [line.id]));
  return way(
    { ...bare, lines: [...bare.lines, line], steps },
    `${grams(wanted)} salt by weight, ${percent}, where ${total > 0 ? `${grams(total)} were written` : 'none was weighed'}.`,
  );
}

const BOILS = /\b(?:simmer|(?<!off the )boil|bring|bubbl)\w*/i;

export function cream(school: string, soup: Soup): Answer {
  const { recipe, parts, shelf } = soup;
  if (recipe.steps.length === 0) return none(NO_STEPS);
  const own = parts.creams;
  if (own.length === 0) {
    const onTop = recipe.lines.some(({ stage, foodId }) => stage === 'bowl' && /cream|creme|yogurt/.test(foodId ?? ''));
    return onTop && school === 'bowl' ? now : none(onTop ? 'Its cream is on the bowl; there is none for the pot.' : 'There is no cream in it.');
  }
  const isBoiled = own.every((part) => {
    const step = stepOf(soup, part);
    return step !== undefined && (step.method === 'simmer' || step.method === 'boil') && BOILS.test(step.text);
  });
  if (school === 'boil' ? isBoiled : school === 'off' && !isBoiled) return now;
  const names = namesOf(own, shelf);
  const splits = own.filter(({ food }) => food.flags.includes('splitsWhenBoiled'));
  if (school === 'boil' && splits.length > 0) return none(`It splits when it boils: ${namesOf(splits, shelf).replace(/^the /, '')}.`);
  const steps = without(soup, own);
  if (school === 'boil') {
    const simmer = steps.find(({ id }) => id === parts.simmer?.id);
    if (!simmer) return none('No step of it simmers.');
    return way(
      toldIn(
        recipe,
        own,
        'simmer',
        inStep(steps, simmer, (step) => withSentence(step, `Simmer ${names} along with it.`, all(own))),
      ),
      `With the liquid, at a simmer: ${names}.`,
    );
  }
  if (school === 'off')
    return way(
      toldIn(
        recipe,
        own,
        'finish',
        inStep(steps, lastOfPot(steps), (step) => withSentence(step, `Off the boil stir in ${names}; do not let it boil again.`, all(own))),
      ),
      `Off the boil: ${names}.`,
    );
  const bowls = analyse(recipe, soup.options, shelf).servings;
  const spoons = own.map(({ line, food, grams: total }): Line => {
    const each = total / bowls;
    const { amount: _, ...rest } = line;
    return {
      ...rest,
      stage: 'bowl',
      text: `${Number(each.toPrecision(2))} g ${food.name} on each bowl`,
      grams: { best: each, low: each * 0.9, high: each * 1.1 },
      perBowl: true,
    };
  });
  const serve: Step = {
    id: 'way-bowl',
    stage: 'bowl',
    text: `Spoon ${names} over each bowl, ${spoons.map(({ grams: own2 }) => grams(own2?.best ?? 0)).join(' and ')}.`,
    method: 'none',
    uses: all(own),
  };
  return way(
    fresh({ ...recipe, lines: recipe.lines.map((line) => spoons.find(({ id }) => id === line.id) ?? line), steps: [...steps, serve] }),
    `On each bowl: ${spoons.map(({ grams: own2 }) => grams(own2?.best ?? 0)).join(' and ')} of ${names}. The pot is without it.`,
  );
}
