/** What leaves the pot again: lifted out, poured off, strained, drained; and what of it goes back. */
import type { Shelf } from '../food/shelf.ts';
import { type Category, isOf } from '../vocabulary/category.ts';
import type { Eaten, Line, Method, Stage } from '../vocabulary/recipe.ts';
import { methodOf } from './clauses.ts';
import { ADDS } from './verbs.ts';
import type { Placed, Pot } from './walk.ts';

const TAKE_OUT =
  /\b(?:take out|taken out|remov(?:e|ed|ing)|discard(?:ed|ing)?|(?:fish|lift|pick|pull|tak)(?:ing|ed|e)?(?: \w+){0,4} out|throw(?:ing)?(?: \w+){0,4} (?:away|out)|com(?:es|ing)? out)\b|\bout(?:,|\.|$)/i;
/** What is taken from a food and not the food: 'discard the bones'. */
const OF_A_FOOD = /\b(?:bones?|skins?|shells?|fat|rind|lid|foil|foam|scum|seeds?|stalks?|stems?|pith|cobs?|peel|woody ends?)\b/i;
/** The further item of a list: a name of a few words, and nothing done. */
const BARE_NAME =
  /^(?:(?:and|the|all|any|both|its|whole)\s+)*[\p{L}-]+(?:\s+[\p{L}-]+){0,2}(?:\s+and\s+(?:the\s+)?[\p{L}-]+(?:\s+[\p{L}-]+){0,2})?[.!]?$/iu;
const STAYS = /\b(?:stays?|remains?|stands?|goes|go|are|is|be|kept|keep|can|may|in|on|left)\b/i;
export const KEPT = /\b(set aside|reserve|save|keep|kept|keeping|drain on|slotted spoon|for the top|for (?:the )?garnish)\b/i;
const BACK = /\b(?:back (?:in|into|to)|return(?:ed|ing)?|go(?:es)? back|put(?:ting)? back)\b/i;
const PUT_BACK = /\b(?:shred(?:ded)?|flak(?:e|ed)|chopped|diced|picked|cut up|pulled|meat|through|pieces)\b/i;
/** 'Garnish with the cheese, bacon and chives': what was lifted out goes on top. */
const GOES_ON_TOP = /^\s*(?:then\s+|to serve,?\s+)?(?:garnish|top|serve|scatter|sprinkle|finish)\w*\b/i;
const POUR_OFF = /\b(pour|drain|spoon) off\b.*\bfat\b/i;
const STRAINS = /\b(?:strain(?:ed|ing)?|pass(?:ed|ing)? (?:\w+ ){0,4}(?:through|it)|through a (?:fine |very fine )?(?:sieve|strainer|cloth))\b/i;
const THROWS_SOLIDS =
  /\b(?:discard\w*|throw\w*|toss\w*|bin|get rid of|leav\w+|press\w*)\b.*\b(?:solids?|bones?|shells?|vegetables|veg|veggies|aromatics|debris|peelings|contents|rest)\b|\b(?:bones?|solids)\b.*\b(?:out|away)\b|\bpressing hard\b/i;
const STRAIN_OUT = /\b(?:strain|sieve)\b.*\b(?:bones?|solids)\b|\bstrain out\b/i;
const DRAIN = /^(?:then\s+)?drain\b(?!\s+off)/i;

export interface Taking {
  pot: Pot;
  stages: ReadonlyMap<string, Stage>;
  eaten: Map<string, Eaten>;
  lines: readonly Line[];
  byId: ReadonlyMap<string, Line>;
  categoryOf: (id: string) => Category | undefined;
  shelf: Shelf;
  /** The lines the clause before spoke of last. */
  before: readonly string[];
  /** A later clause speaks of it. */
  toCome: (id: string) => boolean;
}

/** What flavours a pot and is eaten by nobody (common practice, no source). */
const NEVER_EATEN = /^(?:lemongrass|galangal|lime-leaf|bay-leaf|star-anise|cinnamon-stick|kelp-dried|pandan)/;
const FLESH: ReadonlySet<Category | undefined> = new Set(['meat', 'poultry', 'fish', 'shellfish']);

/** What a clause takes out of the pot, puts back, pours off or strains. */
export function takeAway(clause: Placed, mentioned: readonly string[], step: { uses: string[]; method: Method | undefined }, taking: Taking): void {
  const { pot, stages, eaten, byId, categoryOf, shelf, lines } = taking;
  const { text } = clause;
  const there = mentioned.filter((id) => stages.has(id));
  // 'Take out the lemongrass, galangal and lime leaves': bare names go the way of the first.
  const goesOn =
    pot.takingOut && !clause.sentence && there.length > 0 && BARE_NAME.test(text) && !STAYS.test(text) && !methodOf(text, true) && !ADDS.test(text);
  pot.takingOut = goesOn || (TAKE_OUT.test(text) && !KEPT.test(text));
  if (goesOn) {
    pot.takenOut = [...pot.takenOut, ...there.filter((id) => !isOf(categoryOf(id), 'liquid'))];
    for (const id of pot.takenOut) eaten.set(id, 'removed');
  } else if (pot.takingOut) {
    const herbs = /\b(?:herbs|sprigs?|stalks|bouquet)\b/i.test(text)
      ? lines.filter(({ id }) => stages.has(id) && categoryOf(id) === 'herb').map(({ id }) => id)
      : [];
    const whole = /\baromatics\b/i.test(text)
      ? lines.filter(({ id, foodId }) => stages.has(id) && NEVER_EATEN.test(foodId ?? '')).map(({ id }) => id)
      : [];
    const said =
      whole.length > 0
        ? whole
        : there.length === 0 && herbs.length > 0
          ? herbs
          : there.length === 0 && /^(?:which|that|it|they)\b/i.test(text)
            ? taking.before
            : there;
    // 'Discard the bones' takes out no meat; a bay leaf beside the stalks goes with them.
    pot.takenOut = said.filter(
      (id) =>
        !isOf(categoryOf(id), 'liquid') &&
        (!OF_A_FOOD.test(text) || categoryOf(id) === 'herb' || categoryOf(id) === 'spice' || OF_A_FOOD.test(byId.get(id)?.text ?? '')),
    );
    for (const id of pot.takenOut) eaten.set(id, 'removed');
  } else if (BACK.test(text)) {
    // What is named goes back, and only where nothing is all that was taken out; herbs and spices never.
    const back = there.length > 0 ? there : pot.takenOut;
    for (const id of back) if (categoryOf(id) !== 'herb' && categoryOf(id) !== 'spice') eaten.delete(id);
  } else if (pot.adding || PUT_BACK.test(text) || GOES_ON_TOP.test(clause.whole)) {
    // 'Stir the shredded chicken through': what was lifted out to be cut up goes back.
    for (const id of there) if (FLESH.has(categoryOf(id)) && eaten.get(id) === 'removed') eaten.delete(id);
    if (/\bmeat\b/i.test(text)) for (const id of pot.takenOut) if (FLESH.has(categoryOf(id))) eaten.delete(id);
  }
  if (POUR_OFF.test(text)) for (const id of [...step.uses, ...mentioned]) if (isFatty(byId.get(id), shelf)) eaten.set(id, 'rendered');
  if (STRAIN_OUT.test(text)) for (const id of mentioned) eaten.set(id, 'strained');
  if (STRAINS.test(text) && THROWS_SOLIDS.test(`${clause.whole}. ${clause.following}`)) strainSolids(taking);
  // Water that goes in afterwards is not the water that was thrown away.
  if (pot.adding) for (const id of mentioned) if (categoryOf(id) === 'water') eaten.delete(id);
  if (DRAIN.test(text) && (step.method === 'boil' || step.method === 'simmer')) drainCooked(step.uses, categoryOf, eaten);
}

/** Pepper that no step names and nobody weighs is ground in at the end. */
const isToTaste = (line: Line | undefined): boolean => line !== undefined && line.grams === null && /\bpepper\b/i.test(line.text);

/** Everything solid that has cooked in the liquid so far stays behind in the sieve, but for what was lifted out to be kept. */
function strainSolids({ stages, eaten, pot, byId, categoryOf, lines, toCome }: Taking): void {
  for (const { id } of lines) {
    const category = categoryOf(id);
    // What no step has named is in the pot with the rest, unless it is still to come.
    const stage = stages.get(id) ?? (toCome(id) || isToTaste(byId.get(id)) ? undefined : 'simmer');
    if ((stage !== 'base' && stage !== 'simmer') || !(isOf(category, 'solid') || category === 'spice')) continue;
    if (pot.takenOut.includes(id) || eaten.has(id)) continue;
    eaten.set(id, 'strained');
  }
}

/** The cooking liquid is thrown away: what was boiled is drained, and a line of water with it is gone. */
function drainCooked(uses: readonly string[], categoryOf: (id: string) => Category | undefined, eaten: Map<string, Eaten>): void {
  for (const id of uses) {
    const category = categoryOf(id);
    if (category === 'water') eaten.set(id, 'removed');
    else if (isOf(category, 'drains')) eaten.set(id, 'drained');
  }
}

const isFatty = (line: Line | undefined, shelf: Shelf): boolean => {
  const food = line?.foodId ? shelf.food(line.foodId) : undefined;
  return food?.origins.includes('meat') === true && (food.per100g.fatG ?? 0) > 10;
};
