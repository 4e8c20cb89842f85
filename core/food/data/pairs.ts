/**
 * Foods that stand in both tables, and which of the two rows is the food on the board. Varieties and soils differ more
 * than laboratories do: the row whose sample is the one sold here decides. As a rule the recalled row for vegetables,
 * fruit, dairy, eggs and flours (North American and European varieties, as sold), the measured open table for pulses, nuts,
 * seeds and spices, which are traded the world over (science of the bowl, section 3). A nutrient that the row lacks is
 * borrowed from the other and marked; where a limited figure differs by more than twice, both are shown.
 */
export interface TablePair {
  /** Id of the curated row. */
  id: string;
  /** Code of the open table. */
  open: string;
  use: 'recalled' | 'open';
  reason: string;
}

const VARIETY = 'the variety sold in North America and Europe is the recalled one';
const TRADED = 'traded the world over, and measured there';
const ENRICHED = 'the recalled row is the flour or grain as milled and sold here';
const BREED = 'milk and eggs of the breeds and feed of the recalled table';
const SAMPLE = 'one open sample that differs in water: the recalled one is the food as sold here';

const kept = (reason: string, pairs: Readonly<Record<string, string>>): TablePair[] =>
  Object.entries(pairs).map(([id, open]) => ({ id, open, use: 'recalled', reason }));
const measured = (reason: string, pairs: Readonly<Record<string, string>>): TablePair[] =>
  Object.entries(pairs).map(([id, open]) => ({ id, open, use: 'open', reason }));

export const TABLE_PAIRS: readonly TablePair[] = [
  ...kept(VARIETY, {
    onion: 'G017', shallot: 'G018', 'spring-onion': 'D058', garlic: 'G011', celery: 'D037', carrot: 'F002', beetroot: 'F001', potato: 'F006', 'sweet-potato': 'F013',
    pumpkin: 'D066', cauliflower: 'D036', cabbage: 'C015', 'red-cabbage': 'C016', courgette: 'D077', 'red-pepper': 'D034', 'green-pepper': 'D033', 'yellow-pepper': 'D035',
    tomato: 'D075', aubergine: 'D031', 'peas-fresh': 'D061', 'green-beans': 'D050', spinach: 'C033', parsley: 'C028', 'coriander-leaf': 'G009', mint: 'G016', ginger: 'G014',
    'brussels-sprouts': 'C012', 'lettuce-cos': 'C025', kohlrabi: 'D053', okra: 'D056', 'cucumber-raw': 'D043', cassava: 'F015', taro: 'F004', 'broad-beans-fresh': 'D032',
    mushrooms: 'J001', sweetcorn: 'A008',
  }),
  ...kept(VARIETY, { apple: 'E001', pear: 'E051', avocado: 'E007', 'banana-raw': 'E012', 'mango-raw': 'E036', orange: 'E047', 'lemon-juice': 'E033', 'apricots-dried': 'E005', 'dates-dried': 'E018' }),
  ...kept(ENRICHED, { 'flour-wheat': 'A018', 'flour-wholemeal': 'A019', 'rice-white-raw': 'A015', 'rice-brown-raw': 'A013', 'quinoa-dry': 'A009', 'barley-pearled': 'A004' }),
  ...kept(BREED, { 'milk-whole': 'L002', egg: 'M001', 'egg-white': 'M002', 'egg-yolk': 'M003', 'egg-boiled': 'M004', ghee: 'T013' }),
  ...kept(SAMPLE, { nutmeg: 'G028', 'cloves-ground': 'G023', 'mace-ground': 'G027', 'poppy-seeds': 'G032', 'coconut-fresh': 'H007' }),
  ...measured(TRADED, { 'chickpeas-dry': 'B002', 'kidney-beans-dry': 'B020', 'lentils-dry': 'B014', 'lentils-red-dry': 'B013' }),
  ...measured(TRADED, {
    almonds: 'H001', 'cashews-raw': 'H005', peanuts: 'H012', 'pistachio-nuts': 'H018', walnuts: 'H021', 'pine-nuts': 'H017', 'sunflower-seeds': 'H020', flaxseed: 'H014',
    'sesame-seeds': 'H011', 'coconut-dried': 'H006',
  }),
  ...measured(TRADED, {
    'black-pepper': 'G031', cumin: 'G025', 'coriander-seed': 'G024', 'cardamom-ground': 'G020', 'fenugreek-seed': 'G026', turmeric: 'G033',
  }),
];
