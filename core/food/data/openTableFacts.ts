/**
 * What the kitchen needs to know of the open table's rows beside their figures: category, origin, allergens and the
 * English words people write. Common knowledge of the foods; no source beyond the row's own name.
 */

import type { AllergenId } from '../../vocabulary/allergens.ts';
import type { Category } from '../../vocabulary/category.ts';
import type { FoodFlag, FoodState, StarchKind } from '../../vocabulary/food.ts';
import type { Origin } from '../../vocabulary/origin.ts';

export interface OpenTableFact {
  name?: string;
  aliases?: string;
  category?: Category;
  state?: FoodState;
  contains?: readonly AllergenId[];
  checks?: readonly (readonly [AllergenId, string])[];
  origins?: readonly Origin[];
  flags?: readonly FoodFlag[];
  starchKind?: StarchKind;
}

export const OPEN_TABLE_GROUPS: Readonly<Record<string, { category: Category; origins: readonly Origin[]; contains?: readonly AllergenId[] }>> = {
  A: { category: 'grain', origins: ['plant'] }, B: { category: 'pulse', origins: ['plant'] }, C: { category: 'leaf', origins: ['plant'] },
  D: { category: 'vegetable', origins: ['plant'] }, E: { category: 'fruit', origins: ['plant'] }, F: { category: 'root', origins: ['plant'] },
  G: { category: 'spice', origins: ['plant'] }, H: { category: 'nut-seed', origins: ['plant'] }, I: { category: 'sweetener', origins: ['plant'] },
  J: { category: 'mushroom', origins: ['plant'] }, K: { category: 'alcohol', origins: ['plant'] }, L: { category: 'dairy', origins: ['dairy'], contains: ['milk'] },
  M: { category: 'egg', origins: ['egg'], contains: ['egg'] }, N: { category: 'poultry', origins: ['poultry'] }, O: { category: 'meat', origins: ['meat'] },
  P: { category: 'fish', origins: ['fish'], contains: ['fish'] }, Q: { category: 'shellfish', origins: ['crustacean'], contains: ['crustacean'] },
  R: { category: 'shellfish', origins: ['mollusc'], contains: ['mollusc'] }, S: { category: 'fish', origins: ['fish'], contains: ['fish'] },
  T: { category: 'fat', origins: ['plant'] },
};

const WHEAT = { contains: ['wheat', 'gluten'] } as const satisfies OpenTableFact;
const PORK = { origins: ['meat', 'pork'] } as const satisfies OpenTableFact;
const ONION = { category: 'allium', origins: ['plant', 'allium'] } as const satisfies OpenTableFact;
const SHELLFISH = { category: 'shellfish', contains: ['crustacean'], origins: ['crustacean'] } as const satisfies OpenTableFact;
const BOILED = { state: 'cooked' } as const satisfies OpenTableFact;
const SULPHITE = { checks: [['sulphite', 'dried fruit is often treated with sulphites']] } as const satisfies OpenTableFact;

export const OPEN_TABLE_FACTS: Readonly<Record<string, OpenTableFact>> = {
  A003: { aliases: 'pearl millet' }, A004: { aliases: 'barley, pearl barley', contains: ['gluten'] }, A005: { aliases: 'sorghum' }, A009: { aliases: 'quinoa' },
  A010: { aliases: 'finger millet' }, A018: { ...WHEAT, aliases: 'unenriched white flour, maida', category: 'starch', starchKind: 'wheat' },
  A019: { ...WHEAT, aliases: 'whole wheat flour, wholemeal flour, atta', category: 'starch', starchKind: 'wheat' }, A020: WHEAT, A021: WHEAT,
  A022: WHEAT, A023: { ...WHEAT, aliases: 'vermicelli' }, A024: WHEAT,
  B001: { state: 'dry', aliases: 'chana dal, split chickpeas' }, B002: { state: 'dry', aliases: 'dried chickpeas, dry chickpeas' }, B003: { state: 'dry', aliases: 'urad dal, urad, split urad, black gram dal' }, B004: { state: 'dry', aliases: 'whole urad, black gram, urad beans' }, B021: { state: 'dry', aliases: 'toor dal, tur dal, arhar dal, toovar dal, pigeon pea dal' }, B022: { state: 'dry', aliases: 'pigeon peas' }, B005: { state: 'dry', aliases: 'cowpea' },
  B006: { state: 'dry', aliases: 'black-eyed peas dry, dried black-eyed beans' }, B009: { state: 'dry' }, B010: { state: 'dry', aliases: 'split mung beans, moong dal' },
  B011: { state: 'dry', aliases: 'mung beans, dried mung beans' }, B013: { state: 'dry', aliases: 'lentil dal' }, B014: { state: 'dry', aliases: 'dried brown lentils' },
  B017: { state: 'dry', aliases: 'dried peas, whole dried peas' }, B018: { state: 'dry', flags: ['rawKidneyBean'] }, B019: { state: 'dry', flags: ['rawKidneyBean'] },
  B020: { state: 'dry', flags: ['rawKidneyBean'], aliases: 'rajma' }, B024: { state: 'dry', contains: ['soy'] }, B025: { state: 'dry', contains: ['soy'], aliases: 'soybeans, soya beans, dried soybeans' },
  C009: { aliases: 'beet greens' }, C012: { aliases: 'brussels sprouts, sprouts' }, C013: { aliases: 'chinese cabbage, napa cabbage' }, C014: { aliases: 'collard greens, spring greens' },
  C016: { aliases: 'red cabbage' }, C025: { aliases: 'lettuce' }, C026: { aliases: 'mustard greens', checks: [['mustard', 'leaf of the mustard plant']] }, C027: { aliases: 'pak choi, bok choy' },
  D002: { aliases: 'bamboo shoots' }, D032: { aliases: 'broad beans, fava beans' }, D035: { aliases: 'yellow pepper, yellow bell pepper' }, D037: { contains: ['celery'] },
  D043: { aliases: 'cucumber' }, D053: { aliases: 'kohlrabi' }, D056: { aliases: 'okra' }, D058: { ...ONION }, D078: { aliases: 'yellow courgette, yellow squash' },
  E005: { ...SULPHITE, aliases: 'dried apricots' }, E012: { aliases: 'banana' }, E014: { aliases: 'cherries' }, E017: { aliases: 'dates' }, E036: { aliases: 'mango' }, E047: { aliases: 'orange' },
  E050: { aliases: 'peach' }, E053: { aliases: 'pineapple' }, E054: { aliases: 'plum' }, E057: { ...SULPHITE, aliases: 'raisins' }, E058: { ...SULPHITE, aliases: 'golden raisins, sultanas' }, E063: { aliases: 'strawberries' },
  F010: { aliases: 'mooli, daikon' }, F015: { aliases: 'cassava' }, F016: { name: 'Water chestnut (an aquatic root)', aliases: 'fresh water chestnut, fresh water chestnuts' }, F018: { aliases: 'yam' },
  G011: { ...ONION }, G012: { ...ONION }, G013: { ...ONION }, G017: { ...ONION }, G018: { ...ONION },
  G010: { aliases: 'curry leaves' }, G019: { aliases: 'asafoetida, hing', checks: [['wheat', 'sold mixed with wheat flour in many makes'], ['gluten', 'sold mixed with wheat flour in many makes']] },
  G020: { aliases: 'cardamom, cardamom pods' }, G022: { aliases: 'dried red chillies' }, G023: { aliases: 'cloves, whole cloves, ground cloves' }, G024: { aliases: 'coriander seeds, ground coriander' }, G026: { aliases: 'fenugreek seeds' }, G027: { aliases: 'mace' },
  H001: { contains: ['almond'] }, H005: { contains: ['cashew'] }, H006: { contains: ['coconut'], aliases: 'desiccated coconut, dried coconut' }, H007: { contains: ['coconut'], aliases: 'fresh coconut' },
  H009: { contains: ['sesame'] }, H010: { contains: ['sesame'] }, H011: { contains: ['sesame'], aliases: 'sesame seeds' }, H012: { contains: ['peanut'], aliases: 'peanuts, groundnuts' },
  H013: { contains: ['mustard'] }, H014: { aliases: 'linseeds, flaxseed, flax seeds' }, H017: { contains: ['pineNut'], aliases: 'pine nuts, pine kernels' },
  H018: { contains: ['pistachio'], aliases: 'pistachios' }, H021: { contains: ['walnut'] }, I001: { aliases: 'jaggery' }, J003: { aliases: 'shiitake, shiitake mushrooms, fresh shiitake' }, J004: { state: 'dry', aliases: 'oyster mushrooms dried' },
  K001: { origins: ['plant', 'alcohol'] }, K002: { category: 'plant-cream', contains: ['coconut'], aliases: 'coconut water' }, L003: { state: 'processed', aliases: 'paneer' }, L004: { state: 'processed' },
  M004: BOILED, M005: BOILED, M006: BOILED, M007: BOILED, M009: BOILED, M010: BOILED, M011: BOILED, M013: BOILED, M015: BOILED, M002: { aliases: 'egg white, egg whites' },
  N017: { aliases: 'turkey thigh' }, O027: { aliases: 'beef' }, O016: { aliases: 'lamb' },
  O048: { ...PORK, aliases: 'pork, pork shoulder' }, O049: PORK, O050: PORK, O051: PORK, O052: PORK, O053: PORK, O054: PORK, O055: PORK, O056: PORK, O057: PORK,
  P068: { aliases: 'salmon, salmon fillet' }, P034: { name: 'Mackerel (an Indian species)' }, P071: { aliases: 'sardine' }, P079: { aliases: 'sole' }, P083: { aliases: 'tilapia' }, P084: { aliases: 'tuna, fresh tuna' },
  Q003: { aliases: 'lobster' }, Q006: { contains: ['mollusc'], origins: ['mollusc'], aliases: 'oysters, oyster' }, R001: { aliases: 'clams' }, R004: { aliases: 'squid, calamari', checks: [['sulphite', 'sulphites on some']] },
  S007: SHELLFISH, S008: SHELLFISH, S009: SHELLFISH, S010: SHELLFISH,
  T001: { contains: ['coconut'] }, T002: { aliases: 'corn oil' }, T004: { contains: ['sesame'], aliases: 'sesame oil, toasted sesame oil' }, T005: { contains: ['peanut'], aliases: 'peanut oil, groundnut oil' },
  T006: { contains: ['mustard'], aliases: 'mustard oil' }, T007: { aliases: 'palm oil' }, T011: { checks: [['soy', 'refined soya oil is exempt in places: ask']] },
  T013: { category: 'dairy', origins: ['dairy'], contains: ['milk'], aliases: 'ghee' },
};
