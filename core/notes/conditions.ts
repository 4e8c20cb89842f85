/** Conditions on lines, registered once and asked of every line of a soup in one walk. */
import type { CountedLine } from '../allergen/board.ts';
import type { AllergenId } from '../vocabulary/allergens.ts';
import type { Food } from '../vocabulary/food.ts';
import type { LineWhen } from './data/cautions.ts';

/** A condition on lines, in the part that is of the food, asked once for each food, and the part that is of the line. */
interface LineTest {
  text: RegExp | undefined;
  ofFood: ((food: Food) => boolean) | null;
  ofLine: (line: CountedLine['line'], bowls: number) => boolean;
}

const LINE_TESTS: LineTest[] = [];

/** The place of the condition among all of them. */
export function register(when: LineWhen): number {
  const { foods, categories, states, flags, origins, contains, stages, text, dairyFatBelow, leastGrams = 0, leastPerBowl = 0 } = when;
  const ids = foods && new Set(foods);
  const allergens = contains && new Set<AllergenId>(contains);
  const anyFood = !foods && !categories && !states && !flags && !origins && !contains && dairyFatBelow === undefined;
  // The words of all such conditions are looked for in one pattern.
  if (anyFood && text && text.flags !== 'i') throw new RangeError(`a condition on words alone has the flag i and no other: ${text}`);
  LINE_TESTS.push({
    text,
    ofFood: anyFood
      ? null
      : (food) =>
          (!ids || ids.has(food.id) || (food.like !== undefined && ids.has(food.like))) &&
          (!categories || categories.includes(food.category)) &&
          (!states || states.includes(food.state)) &&
          (!flags || flags.some((flag) => food.flags.includes(flag))) &&
          (!origins || origins.some((origin) => food.origins.includes(origin))) &&
          (!allergens || food.contains.some(({ allergen }) => allergens.has(allergen))) &&
          (dairyFatBelow === undefined || curdles(food, dairyFatBelow)),
    ofLine: (line, bowls) => {
      const grams = line.grams?.best ?? 0;
      return (
        grams >= leastGrams &&
        (leastPerBowl === 0 || (line.perBowl ? grams : grams / bowls) >= leastPerBowl) &&
        (!stages || stages.includes(line.stage)) &&
        (!text || text.test(line.text))
      );
    },
  });
  return LINE_TESTS.length - 1;
}

/** Milk and what is poured or spooned of it: cheese, butter and powder for dusting do not split in drops. */
const POURED =
  /^(?:cream|half-and-half|milk|sour-cream|yogurt|creme-fraiche|buttermilk|kefir|quark|skyr|labneh|whole-milk|skim-milk|ricotta|cottage)/;

function curdles({ category, flags, id, like, per100g }: Food, below: number): boolean {
  // What splits when it boils splits with acid, be it of milk or of soya.
  if (flags.includes('splitsWhenBoiled')) return true;
  return category === 'dairy' && (POURED.test(id) || (like !== undefined && POURED.test(like))) && (per100g.fatG ?? 0) < below;
}

const testsOfFood = new WeakMap<Food, readonly number[]>();
const OF_NO_FOOD: readonly number[] = [];
/** Which conditions speak of a food. */
function testsFor(food: Food | null): readonly number[] {
  if (!food) return OF_NO_FOOD;
  let found = testsOfFood.get(food);
  if (!found) testsOfFood.set(food, (found = LINE_TESTS.flatMap(({ ofFood }, at) => (ofFood?.(food) ? [at] : []))));
  return found;
}

/** Conditions on words alone, whatever the food, and whether a text has any of their words at all. */
let wordTests: { places: readonly number[]; any: RegExp } | null = null;
function testsOfWords(): { places: readonly number[]; any: RegExp } {
  wordTests ??= {
    places: LINE_TESTS.flatMap(({ ofFood }, at) => (ofFood === null ? [at] : [])),
    // A condition without words is met by any: its empty pattern lets every line through.
    any: new RegExp(LINE_TESTS.flatMap(({ ofFood, text }) => (ofFood === null ? [text?.source ?? ''] : [])).join('|'), 'i'),
  };
  return wordTests;
}

/** Lines by the condition they meet: one walk over the lines for all rules. */
export function linesByTest(lines: readonly CountedLine[], bowls: number): ReadonlyMap<number, string[]> {
  const met = new Map<number, string[]>();
  const { places, any } = testsOfWords();
  const ask = (tests: readonly number[], line: CountedLine['line']) => {
    for (const at of tests) {
      if (!(LINE_TESTS[at] as LineTest).ofLine(line, bowls)) continue;
      const ids = met.get(at);
      if (ids) ids.push(line.id);
      else met.set(at, [line.id]);
    }
  };
  for (const { line, food } of lines) {
    ask(testsFor(food), line);
    if (any.test(line.text)) ask(places, line);
  }
  return met;
}
