/**
 * Diets by origin. A diet fits when no line breaks it and none has to be looked up; a line counts whether it is
 * eaten, strained out or poured off. Kosher and halal are more than the absence of pork and alcohol: no verdict is given.
 */

import { type AllergenId, DIETS, type DietId, dietRow } from '../vocabulary/allergens.ts';
import { ORIGIN_WORDS } from '../vocabulary/origin.ts';
import type { AllergenRules, AllergenState, BoardLine, Declares } from './board.ts';
import { covers, factsOf, rulesKey, scopeOf, shortened } from './board.ts';
import { Findings, type Verdict } from './findings.ts';

export type DietState = 'fits' | 'check' | 'breaks';

export interface DietVerdict extends Verdict<DietState> {
  id: DietId;
}

const RANK = { breaks: 0, check: 1, fits: 2 } as const satisfies Record<DietState, number>;
const FROM_ALLERGEN: Readonly<Record<Exclude<AllergenState, 'absent'>, DietState>> = { contains: 'breaks', check: 'check', mayContain: 'check' };

type DietFinding = { state: DietState; path: readonly string[] };
const foodDiets = new WeakMap<Declares, ReadonlyMap<DietId, readonly DietFinding[]>[]>();

/** What one food says of every diet, by the nut rules. Diets it says nothing of are left out. */
export function dietsOfFood(food: Declares, rules: AllergenRules): ReadonlyMap<DietId, readonly DietFinding[]> {
  const key = rulesKey(rules);
  let byRules = foodDiets.get(food);
  if (!byRules) foodDiets.set(food, (byRules = []));
  return (byRules[key] ??= collect(food, rules));
}

function collect(food: Declares, rules: AllergenRules): ReadonlyMap<DietId, readonly DietFinding[]> {
  const found = new Map<DietId, DietFinding[]>();
  const { contains, checks } = factsOf(food, rules);
  for (const diet of DIETS) {
    const rule = dietRow(diet);
    const findings: DietFinding[] = food.origins
      .filter((origin) => rule.origins.includes(origin))
      .map((origin) => ({ state: 'breaks', path: [food.name, ORIGIN_WORDS[origin]] }));
    const touches = (allergen: AllergenId) => covers(allergen, rules).some((id) => rule.allergens.includes(id));
    for (const { allergen, via } of contains)
      if (touches(allergen) && findings.length === 0) findings.push({ state: FROM_ALLERGEN.contains, path: [food.name, ...via, allergen] });
    for (const { allergen, why } of checks) if (touches(allergen)) findings.push({ state: 'check', path: [food.name, why] });
    for (const { allergen, why } of food.mayContain) if (touches(allergen)) findings.push({ state: 'check', path: [food.name, why] });
    for (const check of food.dietChecks) if (check.diet === diet) findings.push({ state: 'check', path: [food.name, check.why] });
    if (findings.length > 0) found.set(diet, findings);
  }
  return found;
}

export function dietVerdicts(lines: readonly BoardLine[], rules: AllergenRules): DietVerdict[] {
  // By what each line says, and not by every diet of every line: an analysis is made for every plan that is looked at.
  const findings = new Map(DIETS.map((id) => [id, new Findings<DietState>()]));
  for (const { line, food } of lines) {
    const scope = scopeOf(line);
    if (!food) {
      const path = [shortened(line.text)];
      for (const of of findings.values()) of.addUnknown(scope, { lineId: line.id, path, state: 'check' });
      continue;
    }
    for (const [id, states] of dietsOfFood(food, rules))
      for (const { state, path } of states) findings.get(id)?.add(scope, { lineId: line.id, path, state });
  }
  return DIETS.map((id) => ({ id, ...(findings.get(id) as Findings<DietState>).verdict(RANK, 'fits') }));
}
