/** How a soup begins: its vegetables sweated, browned, roasted, or put in raw. */
import { namedLine } from '../../method/entry.ts';
import { listed } from '../../method/text.ts';
import { linesIn } from '../../plan/flow.ts';
import { CATEGORY_ROWS, isOf } from '../../vocabulary/category.ts';
import { countedLines, type Line, type Recipe, type Step } from '../../vocabulary/recipe.ts';
import type { Part } from '../parts.ts';
import { fresh, namesOf, stepsWith, turned } from '../turn.ts';
import { type Answer, none, now, type Soup, way } from '../types.ts';
import { withMinutes, withSentence } from './words.ts';

/** A spoon of oil where there is no fat to cook in, g. */
const SPOON_OF_OIL = 14;
/** What roasts on a tray; leaves, peas and what is frozen do not. */
const ROASTS = new Set(['root', 'vegetable', 'allium', 'mushroom', 'fruit']);
const NOT_ROASTED = /peas|frozen|canned|lettuce|cucumber|celery$|spinach|asparagus/;
const ROAST_MIN = { min: 30, max: 40 };
/** What is roasted soft needs no more than to be heated through. */
const AFTER_ROASTING = { min: 8, max: 10 };

export function base(school: string, soup: Soup): Answer {
  const { recipe, parts } = soup;
  const methods = new Set(parts.base.map(({ method }) => method));
  const isRoasted = methods.has('roast') || methods.has('bake');
  const is = isRoasted ? 'roast' : methods.has('brown') || methods.has('fry') ? 'brown' : methods.has('sweat') ? 'sweat' : 'raw';
  if (parts.vegetables.length === 0) return none('There are no vegetables in it to begin with.');
  if (recipe.steps.length === 0) return none('It has no steps that could be done otherwise.');
  if (school === is) return now;
  const begun = recipe.steps.slice(0, parts.simmer ? recipe.steps.indexOf(parts.simmer) : 0);
  const hasRoux = parts.pot.some(({ food, line }) => food.category === 'starch' && begun.some((step) => linesIn(step).includes(line.id)));
  if (hasRoux && (school === 'roast' || school === 'raw'))
    return none('Its flour is cooked in the fat of its beginning: without that there is nothing to cook it in.');
  if (!parts.simmer) return none('No step of it simmers: there is nowhere for its vegetables to go.');
  switch (school) {
    case 'sweat':
    case 'brown':
      return inTheFat(school, soup);
    case 'roast':
      return roasted(soup);
    default:
      return raw(soup);
  }
}

/** Lines of the steps that go, by what they are to a cook. */
function baseLines({ parts, recipe }: Soup): { vegetables: Part[]; fats: Part[]; others: Part[]; unweighed: Line[]; steps: Step[] } {
  const ids = new Set(parts.base.flatMap(linesIn));
  const own = parts.pot.filter(({ line }) => ids.has(line.id));
  const isVegetable = ({ line }: Part) => parts.vegetables.some((one) => one.line.id === line.id);
  const isFat = ({ line }: Part) => parts.fats.some((one) => one.line.id === line.id);
  return {
    vegetables: own.filter(isVegetable),
    fats: own.filter(isFat),
    others: own.filter((part) => !isVegetable(part) && !isFat(part)),
    unweighed: countedLines(recipe).filter(({ id }) => ids.has(id) && !own.some(({ line }) => line.id === id)),
    steps: recipe.steps.filter(({ id }) => parts.base.some((step) => step.id === id)),
  };
}

/** What else went in with the vegetables goes in as it would: meat first, spice and garlic for the last minute, flour then, wine to boil down. */
function besides(others: readonly Part[], { shelf }: Soup): { before: string; after: string } {
  const of = (...categories: string[]) => others.filter(({ food }) => categories.includes(food.category) && !/^garlic/.test(food.id));
  const [meat, flour, wine, liquid] = [of('meat', 'poultry', 'fish'), of('starch'), of('alcohol'), of('broth', 'water')];
  const solid = others.filter(({ food }) => CATEGORY_ROWS[food.category].vegetable && !/^garlic/.test(food.id));
  const rest = others.filter((part) => ![meat, flour, wine, liquid, solid].some((list) => list.includes(part)));
  const say = (parts: readonly Part[], words: (names: string) => string) => (parts.length > 0 ? ` ${words(namesOf(parts, shelf))}` : '');
  return {
    before: say(meat, (names) => `Fry ${names} first until it has given its fat.`).trimStart(),
    after:
      say(solid, (names) => `Add ${names}.`) +
      say(rest, (names) => `Add ${names} for the last minute.`) +
      say(flour, (names) => `Stir in ${names} and cook 2 minutes.`) +
      say(wine, (names) => `Pour in ${names} and let it boil down.`) +
      say(liquid, (names) => `Add ${names}.`),
  };
}

/** 'The fat of the bacon', where some meat gives its fat before the vegetables go in. */
function fatOfMeat({ recipe, parts, shelf }: Soup): string | null {
  const meats = parts.pot.filter(({ food }) => food.category === 'meat' && (food.per100g.fatG ?? 0) > FATTY);
  const first = parts.base[0] ?? parts.simmer;
  const before = recipe.steps.slice(0, first ? recipe.steps.indexOf(first) + 1 : 0);
  const fried = meats.filter(({ line }) => before.some((step) => FRIED.has(step.method ?? 'none') && linesIn(step).includes(line.id)));
  return fried.length > 0 ? `the fat of ${namesOf(fried, shelf)}` : null;
}
/** Per cent of fat from which meat can be fried in its own. */
const FATTY = 15;
const FRIED = new Set(['fry', 'brown', 'sweat']);
const SKIN = /\b(?:peel|skins?)\b/i;
const SKINS = /^(?:sweet-pepper|bell-pepper|red-pepper|pepper|aubergine|tomato|beetroot)/;

function inTheFat(school: 'sweat' | 'brown', soup: Soup): Answer {
  const { recipe, parts, shelf } = soup;
  const { vegetables, fats, others, unweighed, steps } = baseLines(soup);
  const aromatics = vegetables.length > 0 ? vegetables : parts.vegetables.filter(({ food }) => food.category === 'allium' || /^celery/.test(food.id));
  if (aromatics.length === 0) return none('There is no onion, leek or celery in it to begin with.');
  const inFat = fats.length > 0 ? fats : parts.fats.filter(({ line }) => line.stage === 'base' || line.stage === 'simmer');
  const meat = fatOfMeat(soup);
  const oil: Line[] =
    inFat.length > 0 || meat !== null
      ? []
      : [
          {
            id: 'way-oil',
            stage: 'base',
            text: '1 tablespoon rapeseed oil',
            foodId: 'rapeseed-oil',
            grams: { best: SPOON_OF_OIL, low: SPOON_OF_OIL, high: SPOON_OF_OIL },
          },
        ];
  const fat = inFat.length > 0 ? namesOf(inFat, shelf) : (meat ?? 'a tablespoon of rapeseed oil');
  const { before, after } = besides(others, soup);
  const names = namesOf(aromatics, shelf);
  const text =
    school === 'sweat'
      ? `Sweat ${names} in ${fat} over a low heat under a lid for 8 to 10 minutes, until soft and without colour.`
      : `Fry ${names} in ${fat} over a medium-high heat, in one layer and stirring, for 10 to 12 minutes, until brown at the edges.`;
  const step: Step = {
    id: 'way-base',
    stage: 'base',
    text: `${before}${before ? ' ' : ''}${text}${after}${alsoIn(unweighed, shelf)}`,
    method: school,
    minutes: school === 'sweat' ? { min: 8, max: 10 } : { min: 10, max: 12 },
    handsOn: true,
    lid: school === 'sweat' ? 'on' : 'off',
    uses: [...[...others, ...aromatics, ...inFat].map(({ line }) => line.id), ...[...oil, ...unweighed].map(({ id }) => id)],
  };
  const simmer = parts.simmer as Step;
  const next = steps[0]
    ? stepsWith(
        recipe.steps.filter(({ id }) => id === steps[0]?.id || !steps.some((other) => other.id === id)),
        steps[0],
        [step],
      )
    : stepsWith(recipe.steps, simmer, [step, simmer]);
  const lines = [...recipe.lines, ...oil].map((line): Line => (aromatics.some((one) => one.line.id === line.id) ? { ...line, stage: 'base' } : line));
  const skinsStay =
    steps.some(({ text: own }) => SKIN.test(own)) && aromatics.some(({ food }) => SKINS.test(food.id))
      ? ' Skins that came off in the oven stay on: sieve it.'
      : '';
  // What was roasted soft has to be simmered soft instead.
  const wasRoasted = parts.base.some(({ method }) => method === 'roast' || method === 'bake');
  const cooked = wasRoasted ? next.map((one) => (one.id === simmer.id ? withMinutes(one, { min: 20, max: 25 }) : one)) : next;
  return way(
    cooking({ ...recipe, lines, steps: cooked.filter((one) => !isOnlyOven(one)) }),
    `${school === 'sweat' ? 'Sweated' : 'Browned'}: ${names}${oil.length > 0 ? ', in a spoon of oil it did not have' : ''}.${skinsStay}`,
  );
}

function roasted(soup: Soup): Answer {
  const { recipe, parts, shelf } = soup;
  const tray = parts.vegetables.filter(({ food }) => ROASTS.has(food.category) && !NOT_ROASTED.test(food.id));
  if (!parts.main || !tray.some(({ line }) => line.id === parts.main?.line.id))
    return none(`${capital(nameOf(parts.main, soup))} is not roasted for a soup.`);
  const { vegetables, fats, others, unweighed, steps } = baseLines(soup);
  const inFat = fats.length > 0 ? fats : parts.fats.slice(0, 1);
  const onTray = ({ line }: Part) => tray.some((one) => one.line.id === line.id);
  const kept = [...vegetables, ...others].filter((part) => !onTray(part));
  const simmer = parts.simmer as Step;
  const names = namesOf(tray, shelf);
  const season = kept.filter(({ food }) => food.category === 'spice' || food.category === 'herb' || /^garlic/.test(food.id));
  const meat = inFat.length > 0 ? null : fatOfMeat(soup);
  const fat = inFat.length > 0 ? ` with ${namesOf(inFat, shelf)}` : meat ? ` with ${meat}` : '';
  const strewn = season.length > 0 ? ` Strew ${namesOf(season, shelf)} over for the last 5 minutes.` : '';
  const step: Step = {
    id: 'way-base',
    stage: 'base',
    text: `Heat the oven to 220 C. Toss ${names}${fat} on a tray and roast ${ROAST_MIN.min} to ${ROAST_MIN.max} minutes, turning once, until soft and brown at the edges.${strewn} Tip it all into the pot.`,
    method: 'roast',
    minutes: ROAST_MIN,
    handsOn: false,
    uses: [...tray, ...inFat, ...season].map(({ line }) => line.id),
  };
  const into = kept.filter((part) => !season.includes(part));
  const rest = besides(into, soup);
  // Nothing that lies on the tray is added once more.
  const told = turned(recipe, { gone: tray.map(({ line }) => line.id) }, shelf).steps;
  const bare = told.find(({ id }) => id === simmer.id) ?? { ...simmer, text: 'Pour on the liquid and simmer.' };
  // What was not on the tray still has to soften.
  const alsoSoftens = parts.pot.some(
    (part) => !onTray(part) && !season.includes(part) && isOf(part.food.category, 'solid') && linesIn(simmer).includes(part.line.id),
  );
  const after = withSentence(
    alsoSoftens ? bare : withMinutes(bare, AFTER_ROASTING),
    `${rest.before} ${rest.after}${alsoIn(unweighed, shelf)}`.trim(),
    [...into.map(({ line }) => line.id), ...unweighed.map(({ id }) => id)],
    'before',
  );
  const without = (told.includes(bare) ? told : recipe.steps).filter(({ id }) => !steps.some((other) => other.id === id));
  const ids = new Set(tray.map(({ line }) => line.id));
  return way(
    cooking({
      ...recipe,
      lines: recipe.lines.map((line): Line => (ids.has(line.id) ? { ...line, stage: 'base' } : line)),
      steps: stepsWith(without, simmer, [step, after]),
    }),
    `On a tray at 220 C: ${names}${alsoSoftens ? '' : '; then a short simmer'}.`,
  );
}

function raw(soup: Soup): Answer {
  const { recipe, parts, shelf } = soup;
  const { vegetables, fats, others, unweighed, steps } = baseLines(soup);
  const simmer = parts.simmer as Step;
  const all = [...vegetables, ...fats, ...others];
  const wasRoasted = parts.base.some(({ method }) => method === 'roast' || method === 'bake');
  const softened = wasRoasted ? withMinutes(simmer, { min: 25, max: 30 }) : simmer;
  const into = withSentence(
    softened,
    `Put ${namesOf(all, shelf)} into the pot raw.${alsoIn(unweighed, shelf)}`,
    [...all.map(({ line }) => line.id), ...unweighed.map(({ id }) => id)],
    'before',
  );
  return way(
    cooking({
      ...recipe,
      lines: recipe.lines.map(
        (line): Line => (all.some((one) => one.line.id === line.id) && line.stage === 'base' ? { ...line, stage: 'simmer' } : line),
      ),
      steps: stepsWith(
        recipe.steps.filter(
          ({ id, text, method }) => !steps.some((other) => other.id === id) && !(wasRoasted && isOnlyOven({ text, method } as Step)),
        ),
        simmer,
        [into],
      ),
    }),
    `Raw into the pot: ${namesOf(vegetables, shelf)}.`,
  );
}

/** What no weight was written of goes in all the same. */
const alsoIn = (lines: readonly Line[], shelf: Soup['shelf']): string =>
  lines.length === 0 ? '' : ` Add ${listed(lines.map((line) => `the ${namedLine(line, shelf)}`))}.`;

/** A step that only heats an oven nobody needs any more. */
const isOnlyOven = ({ text, method = 'none' }: Step): boolean =>
  method === 'none' && /^\W*(?:pre-?)?heat\w*\s+(?:the|your|an)?\s*oven\b[^.;]*[.;]?\s*$/i.test(text);

const cooking = (recipe: Recipe): Recipe => fresh(recipe);
const nameOf = (part: Part | undefined, { shelf }: Soup): string => (part ? namesOf([part], shelf).replace(/^the /, '') : 'it');
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
