/**
 * Units of kitchens. Inside the core everything is grams and millilitres.
 * US customary from NIST Handbook 44, Appendix C; imperial likewise; metric kitchen and Australian spoons by custom.
 */
import { type WordTable, wordTable } from './wordTable.ts';

export const SYSTEMS = ['us', 'metric', 'imperial', 'au'] as const;
export type System = (typeof SYSTEMS)[number];

export const GRAMS_PER_OUNCE = 28.3495;
export const GRAMS_PER_POUND = 453.592;
export const US_CUP_ML = 236.588;
export const US_FLUID_OUNCE_ML = 29.5735;

type PerSystem = Readonly<Record<System, number>>;
const same = (x: number): PerSystem => ({ us: x, metric: x, imperial: x, au: x });

export type Unit = { kind: 'mass'; name: string; grams: number } | { kind: 'volume'; name: string; ml: PerSystem } | { kind: 'count'; name: string };

const mass = (name: string, grams: number): Unit => ({ kind: 'mass', name, grams });
const volume = (name: string, ml: PerSystem): Unit => ({ kind: 'volume', name, ml });
const count = (name: string): Unit => ({ kind: 'count', name });

const OUNCE = mass('ounce', GRAMS_PER_OUNCE);
const TEASPOON = volume('teaspoon', { us: 4.92892, metric: 5, imperial: 5, au: 5 });
const DESSERTSPOON = volume('dessertspoon', same(10));
const TABLESPOON = volume('tablespoon', { us: 14.7868, metric: 15, imperial: 15, au: 20 });
const FLUID_OUNCE = volume('fluid ounce', { us: US_FLUID_OUNCE_ML, metric: 28.4131, imperial: 28.4131, au: 28.4131 });
/** A kitchen mug, well filled (common practice, no source). */
const MUG = volume('mug', same(300));
/** A small Indian bowl (common practice, no source). */
const KATORI = volume('katori', same(150));
const CUP = volume('cup', { us: US_CUP_ML, metric: 250, imperial: 250, au: 250 });
const PINT = volume('pint', { us: 473.176, metric: 568.261, imperial: 568.261, au: 568.261 });
const QUART = volume('quart', { us: 946.353, metric: 1136.52, imperial: 1136.52, au: 1136.52 });
const GALLON = volume('gallon', { us: 3785.41, metric: 4546.09, imperial: 4546.09, au: 4546.09 });
const MILLILITRE = volume('ml', same(1));
const CENTILITRE = volume('cl', same(10));
const DECILITRE = volume('dl', same(100));
const LITRE = volume('litre', same(1000));

const WRITTEN: readonly (readonly [Unit, string])[] = [
  [mass('g', 1), 'g gr gram grams gramme grammes'],
  [mass('kg', 1000), 'kg kilo kilos kilogram kilograms'],
  [mass('mg', 0.001), 'mg'],
  [OUNCE, 'oz ounce ounces oz.'],
  [mass('pound', GRAMS_PER_POUND), 'lb lbs lb. lbs. pound pounds'],
  [
    TEASPOON,
    'TL tl cc càc cac cucchiaino cucchiaini colherinha tsp tsp. tsps cucharadita cucharaditas teaspoon teaspoons teaspoonful teaspoonfuls t',
  ],
  [DESSERTSPOON, 'dsp dessertspoon dessertspoons'],
  [
    TABLESPOON,
    'EL el càs cas cs cucchiaio cucchiai colher colheres tbsp tbsp. tbsps tbspn cucharada cucharadas tbs tb Tb tbl tblsp tblsps tablespoon tablespoons tablespoonful tablespoonfuls T',
  ],
  [KATORI, 'katori katoris'],
  [CUP, 'xícara xícaras taza tazas cup cups cupful cupfuls c'],
  [MUG, 'mug mugs mugful mugfuls'],
  [FLUID_OUNCE, 'floz fl.oz'],
  [PINT, 'pint pints pt'],
  [QUART, 'quart quarts qt qts'],
  [GALLON, 'gallon gallons gal'],
  [MILLILITRE, 'ml mls ml. mil mils millilitre millilitres milliliter milliliters'],
  [CENTILITRE, 'cl centilitre centilitres'],
  [DECILITRE, 'dl decilitre decilitres deciliter deciliters'],
  [LITRE, 'l L lt ltr ltrs litre litres liter liters litro litros'],
  [count('can'), 'can cans tin tins dose dosen boîte boite lata latas barattolo'],
  [count('carton'), 'carton cartons box boxes'],
  [count('package'), 'package packages packet packets pack packs pkg pkgs'],
  [count('bottle'), 'bottle bottles'],
  [count('jar'), 'jar jars'],
  [count('bag'), 'bag bags'],
  [count('tub'), 'becher tub tubs container containers pot pots'],
  [count('clove'), 'clove cloves zehe zehen gousse gousses diente dientes dente dentes spicchio spicchi'],
  [count('stalk'), 'stalk stalks'],
  [count('stick'), 'stick sticks'],
  [count('rib'), 'rib ribs'],
  [count('sprig'), 'sprig sprigs'],
  [count('leaf'), 'leaf leaves'],
  [count('bunch'), 'bunch bunches bundle bundles bu bund botte manojo mazzetto mazzo'],
  [count('head'), 'head heads'],
  [count('bulb'), 'bulb bulbs'],
  [count('slice'), 'slice slices scheibe scheiben tranche tranches rebanada rebanadas fetta fette'],
  [count('rasher'), 'rasher rashers'],
  [count('strip'), 'strip strips'],
  [count('fillet'), 'fillet fillets filet filets'],
  [count('handful'), 'handful handfuls fistful fistfuls'],
  [count('pinch'), 'pinch pinches prise prisen pincée pincee pizca pizcas pizzico pitada'],
  [count('dash'), 'dash dashes'],
  [count('splash'), 'splash splashes'],
  [count('drizzle'), 'drizzle drizzles'],
  [count('swirl'), 'swirl swirls'],
  [count('glug'), 'glug glugs'],
  [count('knob'), 'knob knobs lump lumps noix'],
  [count('cube'), 'cube cubes'],
  [count('piece'), 'piece pieces pc pcs stück morceau morceaux trozo trozos'],
  [count('inch'), 'inch inches'],
  [count('spear'), 'spear spears'],
  [count('loaf'), 'loaf loaves'],
  [count('sheet'), 'sheet sheets'],
  [count('sachet'), 'sachet sachets'],
  [count('ear'), 'ear ears'],
  [count('film'), 'film films'],
  [count('cob'), 'cob cobs'],
  [count('squeeze'), 'squeeze'],
  [count('grind'), 'grind grinds grinding twist twists'],
  [count('grating'), 'grating gratings scrape'],
  [count('block'), 'block blocks'],
  [count('brick'), 'brick bricks'],
  [count('thumb'), 'thumb thumbs'],
  [count('dollop'), 'dollop dollops blob blobs'],
  [count('glass'), 'glass glasses'],
  [count('drop'), 'drop drops'],
  [count('shake'), 'shake shakes'],
  [count('slosh'), 'slosh sloshes slug slugs'],
  [count('dram'), 'dram drams tot tots'],
  [count('trickle'), 'trickle thread'],
  [count('ladle'), 'ladle ladles ladleful ladlefuls kelle louche'],
  [count('spoon'), 'spoonful spoonfuls spoon spoons'],
];

const BY_WORD = new Map<string, Unit>(WRITTEN.flatMap(([unit, words]) => words.split(' ').map((word) => [word, unit] as const)));

/** The unit a written word stands for; 'T' and 't' differ. */
export const unitOf = (word: string): Unit | undefined => BY_WORD.get(word) ?? BY_WORD.get(word.toLowerCase());

export const SIZES = ['small', 'medium', 'large'] as const;
export type Size = (typeof SIZES)[number];

export const CONTAINERS: ReadonlySet<string> = new Set(['can', 'carton', 'package', 'jar', 'bag', 'tub', 'bottle', 'block', 'brick']);

/** Measures that need no number: 'pinch of salt' is one pinch. */
export const OF_ONE: ReadonlySet<string> = new Set([
  'pinch',
  'dash',
  'splash',
  'drizzle',
  'glug',
  'handful',
  'knob',
  'squeeze',
  'bunch',
  'sprig',
  'grind',
  'grating',
  'head',
  'stick',
  'clove',
  'can',
  'slice',
  'thumb',
  'film',
  'piece',
  'dollop',
  'glass',
  'drop',
  'shake',
  'slosh',
  'dram',
  'trickle',
  'ladle',
  'spoon',
  'litre',
  'mug',
  'pint',
  'quart',
  'cup',
  'pound',
  'kg',
  'teaspoon',
  'tablespoon',
]);

/** What a pour without a measure comes to, ml: best, low, high. Common practice, no source; always doubted. */
export const POURS: WordTable<readonly [best: number, low: number, high: number]> = wordTable({
  dash: [0.6, 0.3, 1.2],
  splash: [10, 5, 30],
  drizzle: [10, 4, 20],
  glug: [15, 8, 30],
  squeeze: [5, 2, 10],
  dollop: [20, 10, 40],
  glass: [150, 100, 200],
  drop: [0.06, 0.03, 0.3],
  shake: [0.6, 0.3, 1.5],
  slosh: [30, 15, 60],
  dram: [25, 20, 45],
  trickle: [4, 1, 8],
  ladle: [120, 80, 180],
  spoon: [15, 8, 25],
});
