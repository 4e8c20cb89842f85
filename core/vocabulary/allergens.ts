/**
 * Allergens and diets: one row each, in the order every analysis reports them. To add an allergen: a row here, foods that hold it, the words
 * packs use for it (food/data/ingredientWords.ts), and the regimes that make one declare it; a test holds that none is forgotten.
 */
import type { Origin } from './origin.ts';

export interface AllergenRow {
  label: string;
  /** A tree nut whatever the settings say; coconut and chestnut are added by them. */
  singleNut?: true;
  /** Words people ask for it with after 'no', separated by commas; lower case, plurals written out. */
  asked: string;
}

const ALLERGEN_ROWS = {
  milk: { label: 'milk', asked: 'milk, dairy' },
  egg: { label: 'egg', asked: 'egg, eggs' },
  fish: { label: 'fish', asked: 'fish' },
  crustacean: { label: 'crustaceans', asked: 'crustaceans, crustacean, prawns, shrimp, shellfish' },
  mollusc: { label: 'molluscs', asked: 'molluscs, mollusc, mussels, shellfish' },
  treeNut: { label: 'tree nuts', asked: 'tree nuts, tree nut' },
  peanut: { label: 'peanut', asked: 'peanut, peanuts, groundnuts' },
  wheat: { label: 'wheat', asked: 'wheat' },
  gluten: { label: 'gluten', asked: 'gluten' },
  soy: { label: 'soy', asked: 'soy, soya' },
  sesame: { label: 'sesame', asked: 'sesame' },
  celery: { label: 'celery', asked: 'celery' },
  mustard: { label: 'mustard', asked: 'mustard' },
  sulphite: { label: 'sulphites', asked: 'sulphites, sulphite, sulfites, sulfite' },
  lupin: { label: 'lupin', asked: 'lupin, lupine' },
  coconut: { label: 'coconut', asked: 'coconut' },
  chestnut: { label: 'chestnut', asked: 'chestnut, chestnuts' },
  almond: { label: 'almond', singleNut: true, asked: 'almond, almonds' },
  cashew: { label: 'cashew', singleNut: true, asked: 'cashew, cashews, cashew nuts' },
  hazelnut: { label: 'hazelnut', singleNut: true, asked: 'hazelnut, hazelnuts' },
  walnut: { label: 'walnut', singleNut: true, asked: 'walnut, walnuts' },
  pecan: { label: 'pecan', singleNut: true, asked: 'pecan, pecans' },
  brazilNut: { label: 'Brazil nut', singleNut: true, asked: 'brazil nut, brazil nuts' },
  pistachio: { label: 'pistachio', singleNut: true, asked: 'pistachio, pistachios' },
  macadamia: { label: 'macadamia', singleNut: true, asked: 'macadamia, macadamias, macadamia nuts' },
  pineNut: { label: 'pine nut', singleNut: true, asked: 'pine nut, pine nuts' },
} as const satisfies Record<string, AllergenRow>;

/** Why oats ask for gluten where the law does not count them as a gluten cereal. */
export const OATS = 'oats carry wheat or barley unless specially grown and milled';

export type AllergenId = keyof typeof ALLERGEN_ROWS;
export const ALLERGENS = Object.keys(ALLERGEN_ROWS) as readonly AllergenId[];
const allergenRow = (id: AllergenId): AllergenRow => ALLERGEN_ROWS[id];
export const ALLERGEN_LABELS = Object.fromEntries(ALLERGENS.map((id) => [id, allergenRow(id).label])) as Readonly<Record<AllergenId, string>>;
/** The words each is asked for with. */
export const ALLERGEN_WORDS = ALLERGENS.map((id) => [id, allergenRow(id).asked.split(', ')] as const);

/** Each of these is a tree nut whatever the settings say. */
export const SINGLE_TREE_NUTS: readonly AllergenId[] = ALLERGENS.filter((id) => allergenRow(id).singleNut);

export interface DietRow {
  /** Worded as what is asked of the soup; never 'free from', which a calculation cannot say. */
  label: string;
  /** It is broken by any food of these origins, and by any of these allergens. */
  origins: readonly Origin[];
  allergens: readonly AllergenId[];
  /** Words people ask for it with: whole phrases, and those after 'no'. */
  asked?: string;
  askedWithout?: string;
}

const FLESH = ['meat', 'pork', 'poultry'] as const satisfies readonly Origin[];
const SEA = ['fish', 'crustacean', 'mollusc'] as const satisfies readonly (Origin & AllergenId)[];

const DIET_ROWS = {
  vegan: { label: 'vegan', origins: [...FLESH, ...SEA, 'dairy', 'egg', 'honey', 'gelatine', 'animalRennet'], allergens: ['milk', 'egg', ...SEA], asked: 'vegan' },
  vegetarian: { label: 'vegetarian', origins: [...FLESH, ...SEA, 'gelatine', 'animalRennet'], allergens: [...SEA], asked: 'vegetarian' },
  dairyFree: { label: 'no milk', origins: ['dairy'], allergens: ['milk'], asked: 'dairy-free, dairy free' },
  glutenFree: { label: 'no gluten ingredient', origins: [], allergens: ['gluten', 'wheat'], asked: 'gluten-free, gluten free', askedWithout: 'gluten ingredient' },
  nutFree: { label: 'no nuts', origins: [], allergens: ['treeNut', 'peanut'], asked: 'nut-free, nut free', askedWithout: 'nuts, nut' },
  noPork: { label: 'no pork', origins: ['pork'], allergens: [], askedWithout: 'pork' },
  noAlcohol: { label: 'no alcohol', origins: ['alcohol'], allergens: [], askedWithout: 'alcohol' },
  noFish: { label: 'no fish or shellfish', origins: [...SEA], allergens: [...SEA], askedWithout: 'fish or shellfish' },
  noMeat: { label: 'no meat', origins: [...FLESH], allergens: [], askedWithout: 'meat' },
  noOnionGarlic: { label: 'no onion or garlic', origins: ['allium'], allergens: [], askedWithout: 'onion, garlic, onion or garlic, onion and garlic, onions or garlic' },
} as const satisfies Record<string, DietRow>;

export type DietId = keyof typeof DIET_ROWS;
export const DIETS = Object.keys(DIET_ROWS) as readonly DietId[];
export const dietRow = (id: DietId): DietRow => DIET_ROWS[id];
export const DIET_LABELS = Object.fromEntries(DIETS.map((id) => [id, dietRow(id).label])) as Readonly<Record<DietId, string>>;
