/**
 * What a kitchen has read on the label of its own product of a food. Until the day to look again a check becomes the fact that
 * was read; after it, the check is back and says when it was last looked up.
 */
import { ALLERGEN_LABELS, type AllergenId, type DietId } from '../vocabulary/allergens.ts';
import type { Food, FoodFlag, PinnedNote } from '../vocabulary/food.ts';

export const PIN_STATES = ['contains', 'mayContain', 'absent'] as const;
export type PinState = (typeof PIN_STATES)[number];
/** Additives a label settles. */
export const PIN_FLAGS = ['potassiumChloride', 'phosphate'] as const satisfies readonly FoodFlag[];
export type PinFlag = (typeof PIN_FLAGS)[number];

export interface LabelPin {
  foodId: string;
  allergens: { allergen: AllergenId; state: PinState }[];
  /** Diets the label says the product fits. */
  diets: DietId[];
  flags: { flag: PinFlag; present: boolean }[];
  /** ISO days. */
  readOn: string;
  lookAgainOn: string;
  /** The product, as the kitchen calls it. */
  product?: string | undefined;
}

/** The food as this kitchen's product of it is known to be. `today` is an ISO day. */
export function pinned(food: Food, pin: LabelPin, today: string): Food {
  const expired = today >= pin.lookAgainOn;
  const note: PinnedNote = {
    readOn: pin.readOn,
    lookAgainOn: pin.lookAgainOn,
    expired,
    ...(pin.product ? { product: pin.product } : {}),
    answers: { allergens: pin.allergens, flags: pin.flags, diets: pin.diets },
  };
  const said = new Map(pin.allergens.map(({ allergen, state }) => [allergen, state]));
  // Wheat on a label is gluten too, unless the kitchen answered for gluten itself.
  const wheat = said.get('wheat');
  if (wheat && wheat !== 'absent' && !said.has('gluten')) said.set('gluten', wheat);
  const flags = new Map(pin.flags.map(({ flag, present }) => [flag as FoodFlag, present]));
  const found = [...flags].filter(([flag, present]) => present && !food.flags.includes(flag)).map(([flag]) => flag);
  if (expired) {
    // What was absent is a question again; what was found stays one, also where other makes do not have it.
    const again = (why: string) => `${why}; the label was read on ${pin.readOn}: look again`;
    const open = new Set([...food.contains, ...food.checks].map(({ allergen }) => allergen));
    const was = [...said].filter(([allergen, state]) => state !== 'absent' && !open.has(allergen));
    return {
      ...food,
      pin: note,
      checks: [
        ...food.checks.map((check) => ({ ...check, why: again(check.why) })),
        ...was.map(([allergen, state]) => ({ allergen, why: again(`${state === 'contains' ? 'contained' : 'possible'} by the last label`) })),
      ],
      dietChecks: food.dietChecks.map((check) => ({ ...check, why: again(check.why) })),
      flags: [...food.flags, ...found],
    };
  }
  const label = pin.product ? `label of ${pin.product}, ${pin.readOn}` : `label read on ${pin.readOn}`;
  const holds = (state: PinState) => [...said].filter(([, one]) => one === state).map(([allergen]) => allergen);
  const settled = new Set(pin.diets);
  return {
    ...food,
    pin: note,
    // What every make contains is no question, and no label takes it away.
    contains: [
      ...food.contains,
      ...holds('contains')
        .filter((allergen) => !food.contains.some((fact) => fact.allergen === allergen))
        .map((allergen) => ({ allergen, via: [label] })),
    ],
    checks: food.checks.filter(({ allergen }) => !said.has(allergen)),
    mayContain: [
      ...food.mayContain.filter(({ allergen }) => !said.has(allergen)),
      ...holds('mayContain').map((allergen) => ({ allergen, why: `${label}: may contain ${ALLERGEN_LABELS[allergen]}` })),
    ],
    dietChecks: food.dietChecks.filter(({ diet }) => !settled.has(diet)),
    flags: [...food.flags.filter((flag) => flags.get(flag) !== false), ...found],
  };
}
