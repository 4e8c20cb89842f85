/**
 * The allergen board: for each allergen its state in pot, bowl and plate, the lines that decide it and the path from
 * line to allergen. `contains` is a fact of the food; `check` depends on the make; `mayContain` is a statement on a
 * package; `absent` only says that no ingredient shows it.
 */

import { ALLERGEN_LABELS, ALLERGENS, type AllergenId, OATS, SINGLE_TREE_NUTS } from '../vocabulary/allergens.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Line } from '../vocabulary/recipe.ts';
import { Findings, type Scope, type Verdict } from './findings.ts';

export type AllergenState = 'contains' | 'check' | 'mayContain' | 'absent';

export interface AllergenRules {
  coconutIsTreeNut: boolean;
  chestnutIsTreeNut: boolean;
  /** Oats are a gluten cereal by law (EU 1169/2011 Annex II no. 1, and UK, Canada and ANZ alike), whatever they were grown beside; in the US they are not. */
  oatsHoldGluten: boolean;
}

export interface AllergenVerdict extends Verdict<AllergenState> {
  id: AllergenId;
  /** True when the regime makes it a declared allergen. */
  declared: boolean;
}

/** What the board asks of a food, or of a statement in the text. */
export type Declares = Pick<Food, 'name' | 'contains' | 'checks' | 'mayContain' | 'origins' | 'dietChecks'>;

/** A line of the board: a line of the recipe, or what the text says besides. */
export interface BoardLine {
  line: Line;
  food: Declares | null;
}

export interface CountedLine {
  line: Line;
  food: Food | null;
}

export const scopeOf = (line: Line): Scope => (line.stage === 'plate' ? 'plate' : line.stage === 'bowl' ? 'bowl' : 'pot');

/** Which ids a fact about `allergen` speaks for: itself, and tree nuts where it is one under the rules. */
export function covers(allergen: AllergenId, rules: AllergenRules): readonly AllergenId[] {
  const counts =
    (SINGLE_TREE_NUTS as readonly AllergenId[]).includes(allergen) ||
    (allergen === 'coconut' && rules.coconutIsTreeNut) ||
    (allergen === 'chestnut' && rules.chestnutIsTreeNut);
  return counts ? [allergen, 'treeNut'] : [allergen];
}

/** Worst first. */
const RANK = { contains: 0, check: 1, mayContain: 2, absent: 3 } as const satisfies Record<AllergenState, number>;

type FoodFindings = ReadonlyMap<AllergenId, readonly { state: AllergenState; path: readonly string[] }[]>;
const foodFindings = new WeakMap<Declares, FoodFindings[]>();

/** A number for each way the nut rules can stand. */
export const rulesKey = ({ coconutIsTreeNut, chestnutIsTreeNut, oatsHoldGluten }: AllergenRules): number =>
  Number(coconutIsTreeNut) + 2 * Number(chestnutIsTreeNut) + 4 * Number(oatsHoldGluten);

/** What a food surely holds and what depends on its make, by the rules: oats hold gluten where the law says so. */
export function factsOf<T extends Pick<Food, 'contains' | 'checks'>>(food: T, rules: AllergenRules): Pick<Food, 'contains' | 'checks'> {
  if (!rules.oatsHoldGluten || !food.checks.some(({ why }) => why === OATS)) return food;
  return {
    contains: [...food.contains, ...food.checks.filter(({ why }) => why === OATS).map(({ allergen }) => ({ allergen, via: ['oats'] }))],
    checks: food.checks.filter(({ why }) => why !== OATS),
  };
}

/** What one food says of every allergen it speaks of, by the nut rules. */
function findingsOfFood(food: Declares, rules: AllergenRules): FoodFindings {
  const key = rulesKey(rules);
  let byRules = foodFindings.get(food);
  if (!byRules) foodFindings.set(food, (byRules = []));
  return (byRules[key] ??= collectFindings(food, rules));
}

function collectFindings(food: Declares, rules: AllergenRules): FoodFindings {
  const found = new Map<AllergenId, { state: AllergenState; path: readonly string[] }[]>();
  const add = (allergen: AllergenId, state: AllergenState, path: readonly string[]) => {
    for (const id of covers(allergen, rules))
      found.set(id, [
        ...(found.get(id) ?? []),
        { state, path: [food.name, ...path, ALLERGEN_LABELS[allergen], ...(id === allergen ? [] : [ALLERGEN_LABELS[id]])] },
      ]);
  };
  const { contains, checks } = factsOf(food, rules);
  for (const { allergen, via } of contains) add(allergen, 'contains', via);
  for (const { allergen, why } of checks) add(allergen, 'check', [why]);
  for (const { allergen, why } of food.mayContain) add(allergen, 'mayContain', [why]);
  return found;
}

const MOST_SHOWN = 200;
/** A line without a food is named by its own words. */
export const shortened = (text: string): string => (text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)} ...` : text);

export function allergenBoard(lines: readonly BoardLine[], rules: AllergenRules, declared: ReadonlySet<AllergenId>): AllergenVerdict[] {
  const found = new Map<AllergenId, Findings<AllergenState>>();
  const of = (id: AllergenId): Findings<AllergenState> => {
    let findings = found.get(id);
    if (!findings) found.set(id, (findings = new Findings()));
    return findings;
  };
  for (const { line, food } of lines) {
    const scope = scopeOf(line);
    if (!food) {
      const path = [shortened(line.text)];
      for (const id of ALLERGENS) of(id).addUnknown(scope, { lineId: line.id, path, state: 'check' });
      continue;
    }
    for (const [id, states] of findingsOfFood(food, rules)) for (const { state, path } of states) of(id).add(scope, { lineId: line.id, path, state });
  }
  return ALLERGENS.map((id) => ({ id, declared: declared.has(id), ...(found.get(id)?.verdict(RANK, 'absent') ?? NOTHING_FOUND) }));
}
const NOTHING_FOUND = new Findings<AllergenState>().verdict(RANK, 'absent');
