/**
 * What is cooked in a vessel of its own and only ever put on the bowls is a topping, however early its step stands: ham crisped on a tray, an egg
 * poached in water. What is browned in the pot is not: its fat stays there. Common practice, no source.
 */
import { type Category, isOf } from '../vocabulary/category.ts';
import type { Stage } from '../vocabulary/recipe.ts';
import type { Placed } from './walk.ts';

/** A clause that speaks of a line, by its place among the clauses. */
export interface Said {
  lineId: string;
  stage: Stage;
  at: number;
}

/** Vegetables from a tray go into the pot under other names: 'tip everything in'. */
const TOPS: ReadonlySet<Category | undefined> = new Set([
  'meat',
  'poultry',
  'fish',
  'shellfish',
  'egg',
  'bread',
  'nut-seed',
  'herb',
  'pulse',
  'mushroom',
]);
const OWN_VESSEL =
  /\b(?:baking (?:sheet|tray)|oven (?:sheet|tray)|roasting tin|under (?:a|the) (?:hot )?(?:grill|broiler)|(?:heat|preheat) (?:a |the )?(?:grill|broiler|griddle)|griddle|air[- ]fry\w*|microwave|(?:separate|another|small|second|dry|clean|non-?stick) (?:\w+ ){0,2}(?:pan|skillet))\b/i;
/** An egg boiled in its shell or poached in water is in no soup; one that is cooked and no water is named may well be. */
const IN_WATER =
  /\b(?:soft|hard)?[- ]?boil\w*\s+(?:the\s+|\d+\s+)?eggs?\b(?!.*\b(?:soup|broth|stock|pot)\b)|\b(?:poach|simmer|cook)\w*\s+(?:the\s+|\d+\s+)?eggs?\b[^.;]*\bwater\b(?!.*\b(?:soup|broth|stock|pot)\b)/i;
/** Said in the same step of what was cooked apart: it goes into the pot after all. */
const GOES_IN = /\b(?:add|stir|return|tip|put)\w*\s+(?:it|them|this|these)\b|\b(?:in)?to the (?:soup|pot|broth)\b/i;
/** The pot has some of it all the same. */
const IN_THE_POT =
  /\b(?:drippings?|rendered|its (?:fat|oil)|(?:bacon|same) (?:fat|pan|pot|skillet)|fat in the pan|everything|all (?:of )?it|contents|mixture)\b/i;
const BEFORE_SERVING: ReadonlySet<Stage> = new Set(['base', 'simmer', 'finish']);
const SOME_OF_IT = /\b(?:remaining|rest|reserved|extra|more|leftover|other half|most|half|some)\b/i;

/** The lines that are only ever put on the bowls. `said` is in the order of the clauses. */
export function onlyOnTop(
  said: readonly Said[],
  clauses: readonly Placed[],
  categoryOf: (id: string) => Category | undefined,
  linesIn: (text: string) => string[],
): string[] {
  const ids = new Set(said.filter(({ stage }) => BEFORE_SERVING.has(stage)).map(({ lineId }) => lineId));
  return [...ids].filter((id) => {
    const category = categoryOf(id);
    if (!TOPS.has(category) || (category !== 'egg' && !isOf(category, 'solid') && category !== 'herb')) return false;
    const places = said.filter(({ lineId }) => lineId === id);
    const first = clauses[places[0]?.at ?? 0] as Placed;
    const top = places.filter(({ stage }) => stage === 'bowl');
    const before = places.filter(({ stage }) => stage !== 'bowl');
    // It is told of in the step it is cooked in, and then on the bowls.
    if (top.length === 0 || before.some(({ at }) => (clauses[at] as Placed).step !== first.step)) return false;
    // 'The ham and the remaining mint' is all of the ham.
    const items = top.flatMap(({ at }) => (clauses[at] as Placed).text.split(/,|\band\b/));
    if (items.some((item) => SOME_OF_IT.test(item) && linesIn(item).includes(id))) return false;
    const ofStep = clauses
      .filter(({ step }) => step === first.step)
      .map(({ text }) => text)
      .join(', ');
    const alone = said.every(
      ({ lineId, at }) =>
        lineId === id || (clauses[at] as Placed).whole !== first.whole || categoryOf(lineId) === 'acid' || categoryOf(lineId) === 'fat',
    );
    const own = OWN_VESSEL.test(ofStep) || (category === 'egg' && alone && IN_WATER.test(first.whole));
    const from = places[0]?.at ?? 0;
    const last = (top[0] as Said).at;
    return own && !GOES_IN.test(ofStep) && !clauses.slice(from, last).some(({ text }) => IN_THE_POT.test(text));
  });
}

/** What is fried when the soup is ready and then added to it is in the pot, and not only on the bowls. */
export function putInAfterAll(said: readonly Said[], clauses: readonly Placed[]): string[] {
  const ids = said.flatMap(({ lineId, stage, at }) => (stage === 'bowl' && INTO_THE_SOUP.test((clauses[at] as Placed).whole) ? [lineId] : []));
  return [...new Set(ids)];
}
const INTO_THE_SOUP = /\b(?:add|stir|return|tip|put)\w*\s+(?:it|them|this|these)\s+(?:back\s+)?(?:in)?to\s+the\s+(?:soup|pot|broth)\b/i;

/** What seasons the water an egg is poached in goes away with it; a line that is spoken of elsewhere too stays. */
export function inPoachingWater(said: readonly Said[], clauses: readonly Placed[], categoryOf: (id: string) => Category | undefined): string[] {
  const poached = new Set(clauses.flatMap(({ whole }) => (POACHES_EGGS.test(whole) ? [whole] : [])));
  const elsewhere = new Set(said.flatMap(({ lineId, at }) => (poached.has((clauses[at] as Placed).whole) ? [] : [lineId])));
  const ids = said.flatMap(({ lineId, at }) => (poached.has((clauses[at] as Placed).whole) ? [lineId] : []));
  return [...new Set(ids)].filter((id) => !elsewhere.has(id) && categoryOf(id) === 'acid');
}
const POACHES_EGGS = /\b(?:poach|(?:soft|hard)[- ]?boil|boil)\w*\s+(?:the\s+|\d+\s+)?eggs?\b[^.;]*\bwater\b/i;
