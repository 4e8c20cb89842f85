/**
 * The allergen board: for each allergen its state in pot, bowl and plate, the lines that decide it and the path from
 * line to allergen. `contains` is a fact of the food; `check` depends on the make; `mayContain` is a statement on a
 * package; `absent` only says that no ingredient shows it.
 */

import { ALLERGEN_LABELS, ALLERGENS, type AllergenId, OATS, SINGLE_TREE_NUTS } from '../vocabulary/allergens.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Line } from '../vocabulary/recipe.ts';

export type AllergenState = 'contains' | 'check' | 'mayContain' | 'absent';
export type Scope = 'pot' | 'bowl' | 'plate';

export interface AllergenRules {
  coconutIsTreeNut: boolean;
  chestnutIsTreeNut: boolean;
  /** Oats are a gluten cereal by law (EU 1169/2011 Annex II no. 1, and UK, Canada and ANZ alike), whatever they were grown beside; in the US they are not. */
  oatsHoldGluten: boolean;
}

export interface Because<S extends string = string> {
  lineId: string;
  path: string[];
  /** What this line alone would make of the state. */
  state: S;
}

export interface FewestChanges {
  /** Lines to change until the state is clear; null when a line without a food hides what it holds. */
  count: number | null;
  lineIds: string[];
}

export type Scoped<T> = Record<Scope, T>;

export interface AllergenVerdict {
  id: AllergenId;
  state: AllergenState;
  /** True when the regime makes it a declared allergen. */
  declared: boolean;
  scopes: Scoped<AllergenState>;
  fewestChanges: Scoped<FewestChanges>;
  because: Because<AllergenState>[];
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

interface Finding<S extends string> {
  lineId: string;
  scope: Scope;
  state: S;
  path: readonly string[];
  unknown: boolean;
}

export const SCOPES = ['pot', 'bowl', 'plate'] as const;
/** The first scope, by its place in SCOPES, that takes in what stands in this one: the plate takes in all. */
const REACHED_FROM: Scoped<number> = { pot: 0, bowl: 1, plate: 2 };

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
  const findings = new Map<AllergenId, Finding<AllergenState>[]>();
  const push = (id: AllergenId, finding: Finding<AllergenState>) => {
    const list = findings.get(id);
    if (list) list.push(finding);
    else findings.set(id, [finding]);
  };
  for (const { line, food } of lines) {
    const scope = scopeOf(line);
    if (!food) {
      for (const id of ALLERGENS) push(id, { lineId: line.id, scope, state: 'check', path: [shortened(line.text)], unknown: true });
      continue;
    }
    for (const [id, states] of findingsOfFood(food, rules)) {
      for (const { state, path } of states) push(id, { lineId: line.id, scope, state, path, unknown: false });
    }
  }
  return ALLERGENS.map((id) => ({ id, declared: declared.has(id), ...verdict(findings.get(id) ?? [], RANK, 'absent') }));
}

/** No more lines than this are named as the reason of one verdict, the worst first. */
const MOST_REASONS = 100;

/** The verdict over findings, for any ladder of states: worst state per scope, what to change, and why. */
export function verdict<S extends string>(
  findings: readonly Finding<S>[],
  rank: Record<S, number>,
  clear: S,
): { state: S; scopes: Scoped<S>; fewestChanges: Scoped<FewestChanges>; because: Because<S>[] } {
  if (findings.length === 0)
    return { state: clear, scopes: { pot: clear, bowl: clear, plate: clear }, fewestChanges: { pot: NONE, bowl: NONE, plate: NONE }, because: [] };
  const scopes = {} as Scoped<S>;
  const fewestChanges = {} as Scoped<FewestChanges>;
  const begins = [false, false, false];
  for (const { scope } of findings) begins[REACHED_FROM[scope]] = true;
  for (let reach = 0; reach < SCOPES.length; reach += 1) {
    const scope = SCOPES[reach] as Scope;
    const within = SCOPES[reach - 1];
    // Nothing new stands in the wider scope: what was found in the one within it holds.
    if (within && !begins[reach]) {
      scopes[scope] = scopes[within];
      fewestChanges[scope] = fewestChanges[within];
      continue;
    }
    let worst = clear;
    let open = false;
    const lineIds: string[] = [];
    for (const finding of findings) {
      if (REACHED_FROM[finding.scope] > reach) continue;
      if (rank[finding.state] < rank[worst]) worst = finding.state;
      open ||= finding.unknown;
      // What a line says stands together.
      if (lineIds[lineIds.length - 1] !== finding.lineId && !lineIds.includes(finding.lineId)) lineIds.push(finding.lineId);
    }
    scopes[scope] = worst;
    fewestChanges[scope] = { count: open ? null : lineIds.length, lineIds };
  }
  const because = (findings.length > 1 ? [...findings].sort((a, b) => rank[a.state] - rank[b.state]) : findings)
    .slice(0, MOST_REASONS)
    .map(({ lineId, path, state }) => ({ lineId, path: [...path], state }));
  return { state: scopes.bowl, scopes, fewestChanges, because };
}

const NONE: FewestChanges = { count: 0, lineIds: [] };

export type { Finding };
