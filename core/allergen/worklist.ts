/** What to look up on which package before a soup is served: every check of every line, by food, the declared allergens first. */
import type { Shelf } from '../food/shelf.ts';
import { REGIMES, type RegimeId } from '../regime/regime.ts';
import { ALLERGEN_LABELS, type AllergenId, DIET_LABELS, type DietId } from '../vocabulary/allergens.ts';
import type { Food, PinnedNote } from '../vocabulary/food.ts';
import { countedLines, type Recipe } from '../vocabulary/recipe.ts';
import type { DietVerdict } from './diets.ts';

export type LookFor =
  | { kind: 'allergen'; id: AllergenId; label: string; why: string; declared: boolean }
  | { kind: 'diet'; id: DietId; label: string; why: string }
  | { kind: 'additive'; id: 'potassiumChloride' | 'phosphate'; label: string; why: string };

export interface WorklistItem {
  /** Null for lines without a food. */
  foodId: string | null;
  name: string;
  usual?: string;
  lineIds: string[];
  lookFor: LookFor[];
  /** The label was read: what it answered stands until the day named. */
  pin?: PinnedNote;
}

const ADDITIVES = {
  potassiumChloride: { label: 'potassium chloride', why: 'common where sodium is reduced; counts for a potassium limit' },
  phosphate: { label: 'phosphates (E 338 to 343, E 450 to 452)', why: 'taken up far more than the phosphorus of food' },
} as const;

/**
 * `diets` are the verdicts on the soup: no label is looked up for a diet that the soup breaks all the same. Without them every
 * diet stands in the list. Allergens and additives always do.
 */
export function labelWorklist(recipe: Recipe, regime: RegimeId, shelf: Shelf, diets?: readonly DietVerdict[]): WorklistItem[] {
  const wanted = diets && new Set(diets.filter(({ scopes }) => scopes.plate !== 'breaks').map(({ id }) => id));
  const declared = new Set<AllergenId>(REGIMES[regime].declaredAllergens);
  const items = new Map<string, WorklistItem>();
  for (const line of countedLines(recipe)) {
    const food = line.foodId === null ? undefined : shelf.food(line.foodId);
    const key = food?.id ?? `line ${line.id}`;
    const known = items.get(key);
    if (known) {
      known.lineIds.push(line.id);
      continue;
    }
    if (!food) {
      items.set(key, { foodId: null, name: line.text, lineIds: [line.id], lookFor: [] });
      continue;
    }
    const lookFor = lookForOf(food, declared, wanted);
    if (lookFor.length === 0 && !food.pin) continue;
    items.set(key, {
      foodId: food.id,
      name: food.name,
      ...(food.usual ? { usual: food.usual } : {}),
      lineIds: [line.id],
      lookFor,
      ...(food.pin ? { pin: food.pin } : {}),
    });
  }
  return [...items.values()].sort((a, b) => rank(b) - rank(a));
}

function lookForOf(food: Food, declared: ReadonlySet<AllergenId>, wanted: ReadonlySet<DietId> | undefined): LookFor[] {
  const allergens = food.checks.map(({ allergen, why }) => ({
    kind: 'allergen' as const,
    id: allergen,
    label: ALLERGEN_LABELS[allergen],
    why,
    declared: declared.has(allergen),
  }));
  const diets = food.dietChecks
    .filter(({ diet }) => wanted === undefined || wanted.has(diet))
    .map(({ diet, why }): LookFor => ({ kind: 'diet', id: diet, label: DIET_LABELS[diet], why }));
  // Only what was answered is struck: a label read for celery says nothing of potassium chloride.
  const answered = new Set(food.pin && !food.pin.expired ? food.pin.answers.flags.map(({ flag }) => flag) : []);
  const additives = (['potassiumChloride', 'phosphate'] as const)
    .filter((flag) => food.flags.includes(flag) && !answered.has(flag))
    .map((flag): LookFor => ({ kind: 'additive', id: flag, ...ADDITIVES[flag] }));
  return [...allergens.filter((one) => one.declared), ...allergens.filter((one) => !one.declared), ...diets, ...additives];
}

/** What a label of this food has to settle, whatever this kitchen has pinned. */
export function questionsOf(foodId: string, shelf: Shelf): LookFor[] {
  const food = shelf.unpinned(foodId);
  return food ? lookForOf(food, new Set(), undefined) : [];
}

const STATE_WORDS = { contains: 'contains', mayContain: 'may contain', absent: 'not in the ingredients' } as const;

/** What a label answered, each as it is read out: 'celery: contains', 'potassium chloride: not in the ingredients'. */
export function answersOf({ answers }: PinnedNote): string[] {
  return [
    ...answers.allergens.map(({ allergen, state }) => `${ALLERGEN_LABELS[allergen]}: ${STATE_WORDS[state]}`),
    ...answers.flags.map(
      ({ flag, present }) =>
        `${flag in ADDITIVES ? ADDITIVES[flag as keyof typeof ADDITIVES].label : flag}: ${present ? 'contains' : STATE_WORDS.absent}`,
    ),
    ...answers.diets.map((diet) => `fits '${DIET_LABELS[diet]}' by its label`),
  ];
}

/** Lines without a food first, then by how much there is to look up that the law wants declared. */
const rank = ({ foodId, lookFor }: WorklistItem): number =>
  foodId === null ? 1000 : lookFor.reduce((sum, one) => sum + (one.kind === 'allergen' && one.declared ? 10 : 1), 0);

/** The worklist as plain text, to print and tick. */
export function worklistText(title: string, items: readonly WorklistItem[]): string {
  const lines = [`Check the labels: ${title}`, ''];
  if (items.length === 0) lines.push('Nothing of this soup varies from make to make by what is known here. Read the packs all the same.');
  for (const { name, foodId, usual, lookFor, pin } of items) {
    lines.push(`[${pin && !pin.expired && lookFor.length === 0 ? 'x' : ' '}] ${name}${usual ? ` (usually ${usual})` : ''}`);
    if (foodId === null) lines.push('      no food is chosen: everything has to be looked up');
    if (pin)
      lines.push(
        `      ${pin.product ? `${pin.product}: ` : ''}label read on ${pin.readOn}${pin.expired ? ', look again now' : `, look again on ${pin.lookAgainOn}`}`,
      );
    for (const one of lookFor) lines.push(`      - ${one.label}${one.kind === 'allergen' && one.declared ? '*' : ''}: ${one.why}`);
  }
  if (items.some(({ lookFor }) => lookFor.some((one) => one.kind === 'allergen' && one.declared)))
    lines.push('', '* by the rules chosen it has to be named on the label.');
  lines.push('', 'Read the label each time: makers change what is in a pack. This list does not say that anything is absent.');
  return `${lines.join('\n')}\n`;
}
