/** The words of recipe lines that are not foods. Data for the reader; common practice, no source. */

const set = (words: string): ReadonlySet<string> => new Set(words.split(' '));

/** Say how a food looks or is cut; they leave the food what it is. */
export const DESCRIPTORS = set(
  'fresh freshly finely roughly coarsely thinly thickly chopped diced sliced minced cubed crushed grated shredded peeled trimmed cored seeded deseeded halved quartered torn picked washed rinsed drained scrubbed ' +
    'cleaned cut into pieces chunks cubes strips small medium large big extra good quality best ripe raw uncooked organic free-range unwaxed firm plump tender young new baby mature whole prepared ready hot warm ' +
    'cold chilled room temperature softened melted cooled boiled boiling lukewarm of the a an and or plus more for to taste serve serving serves garnish optional about approximately approx roughly each skin-on skinless boneless ' +
    'bone-in only white parts part green tops ends removed discarded stalks stems stripped florets leaves leaf sprig sprigs bulb clove cloves head stalk stick bunch handful crusts off lightly beaten packed heaped level ' +
    'well very as needed if desired stoned pitted day-old stale thawed defrosted at in with without their its own juice liquid good-quality leftover your favourite favorite such like ' +
    'snipped zested juiced juice scrubbed smashed bashed knob bruised flaked crumbled floury waxy long-life uht can tin jar carton per person cover enough just plain natural pure unsweetened sustainable undyed streaky ' +
    'sharp mild mature extra-mature thick-cut thin-cut center-cut centre-cut center centre russet yukon gold maris piper king edward thread flat-leaf curly freshly-ground freshly-grated hand-grated store-bought shop-bought ' +
    'full-fat regular traditional rough fine coarse crumbled shaved trimmings segments seedless cooking eating tart crisp sour bramley ready-cut pre-cut woody outer inner tough wilted leafy hulled toasted plus ' +
    'from granny smith gala fuji cox conference bosc anjou roma vine cherry more little bit bits tiny touch smidge hint lots few some one two any kind type variety preferred choice approx weight total net drained bag tub pack package packet box block brick loosely firmly shelled podded undrained ' +
    'slit scored pricked blanched pounded julienned riced blitzed whisked bashed knocked butterflied spiralised spiralized sieved strained carved stringed ' +
    'unpeeled shaken well-shaken old-fashioned generous rounded heaped heaping level sized scant big fat thin loosely lightly creamy smooth extra-thick ' +
    'lg med sm xl kent hokkaido hass san marzano crown prince uchiki kuri desiree charlotte estima rooster bintje sebago kennebec kestrel roma lebanese continental telegraph english persian ' +
    'vidalia walla maui hamburg nantes chantenay imperator heirloom heritage cavolo lacinato dinosaur tuscan italian hispi pointed flesh fillet flake crown meat kernel round iced ice ' +
    'germ shell-on head-on heads shells stalky leaves-on washed-up rinsed-off cleaned deveined husked skinned boned filleted pin-boned free range corn-fed outdoor-reared line-caught farmed grass-fed ' +
    'sourced local homegrown home-grown garden seasonal supermarket british dorset jersey cornish kentish our my own these those this that nice lovely proper decent beautiful gorgeous handsome plenty lots ' +
    'halves quarters wedges rings ribbons matchsticks batons coins rounds bite-size bite-sized inch cm mm thick thin lengthwise crosswise diagonally across then until soft crispy golden',
);

/** Change what a food is, when the shelf has no row that says them: the food is matched, and doubted. */
export const MODIFIERS = set(
  'light lite homemade fat reduced sodium low skimmed sweetened flavoured flavored smoked dried dry roasted pickled fermented powdered ground salted unsalted frozen canned tinned cooked dehydrated instant wild low-fat fat-free nonfat reduced-fat mashed',
);

/** Make a food the opposite of itself: never matched to the row of the real one. */
export const OPPOSITES = set(
  'vegan plant-based dairy-free gluten-free wheat-free mock imitation alternative substitute replacement style vegetarian eggless nondairy non-dairy',
);

/** Words beside a food that make another of it: never read as a kind of the food. */
export const MAKES_ANOTHER: ReadonlySet<string> = set(
  'oil juice powder paste sauce puree concentrate extract essence syrup jam jelly chutney relish pickle ketchup vinegar wine liqueur chip crisp cracker snack bread cake pie tart bun roll cookie biscuit pudding ' +
    'sea star prickly custard candy candied crystallised glazed jerky cured fermented pickled dried smoked tinned canned powdered seed leaf leave stem root blossom flower bark kernel husk shell peel zest rind skin pit stone tea drink ' +
    'soda ice-cream sorbet flavoured flavored scented spiced seasoning mix blend stuffing sausage burger nugget ball dumpling ravioli tortellini gnocchi noodle pasta flour starch meal bran germ milk cream butter cheese ' +
    'margarine spread yogurt kefir custard curd tofu tempeh mock vegan plant faux imitation style sweet bitter wild horse water winter summer turkey duck goose pork beef lamb goat fish',
);
/** Nouns that say nothing by themselves: the word before them is the food. */
export const HOLLOW: ReadonlySet<string> = set(
  'milk cream butter cheese oil flour sauce paste powder bread yogurt yoghurt noodle vinegar syrup sugar jam spread seed nut leaf stock broth bouillon fish meat starch drink wine juice salt pepper roll cracker bean salad spice seasoning mix chip crisp fat root dressing dip wrap',
);

/** One word, several makes that differ in salt: asked where a bowl differs by more than is worth a question. First is what is read meanwhile. */
export const MAKES: ReadonlyMap<string, readonly string[]> = new Map([
  ['vegetable-broth', ['vegetable-broth', 'vegetable-broth-low-sodium', 'vegetable-stock-homemade']],
  ['chicken-broth', ['chicken-broth', 'chicken-broth-low-sodium', 'chicken-stock-homemade']],
  ['beef-broth', ['beef-broth', 'beef-broth-reduced-sodium', 'beef-stock-homemade']],
  ['vegetable-stock-homemade', ['vegetable-stock-homemade', 'vegetable-broth']],
  ['chicken-stock-homemade', ['chicken-stock-homemade', 'chicken-broth']],
  ['beef-stock-homemade', ['beef-stock-homemade', 'beef-broth']],
  ['fish-stock', ['fish-stock', 'fish-stock-bought']],
  ['vegetable-stock-powder', ['vegetable-stock-powder', 'stock-powder-reduced-salt']],
  ['vegan-bouillon', ['vegan-bouillon', 'stock-powder-reduced-salt']],
  ['chicken-stock-powder', ['chicken-stock-powder', 'stock-powder-reduced-salt']],
  ['beef-stock-cube', ['beef-stock-cube', 'stock-powder-reduced-salt']],
  ['butter-salted', ['butter-salted', 'butter-unsalted']],
  ['butter-unsalted', ['butter-unsalted', 'butter-salted']],
]);
/** The row of the same food made with little or no salt. */
export const LOW_IN_SALT: ReadonlyMap<string, string> = new Map([
  ['vegetable-broth', 'vegetable-broth-low-sodium'],
  ['chicken-broth', 'chicken-broth-low-sodium'],
  ['beef-broth', 'beef-broth-reduced-sodium'],
  ['vegetable-stock-powder', 'stock-powder-reduced-salt'],
  ['vegan-bouillon', 'stock-powder-reduced-salt'],
  ['chicken-stock-powder', 'stock-powder-reduced-salt'],
  ['beef-stock-cube', 'stock-powder-reduced-salt'],
  ['butter-salted', 'butter-unsalted'],
  ['soy-sauce', 'soy-sauce-reduced-sodium'],
]);
export const SAYS_LOW_SALT =
  /\b(?:low|lower|reduced|less)[- ](?:in )?(?:salt|sodium)\b|\b(?:no|without|low on)(?: added)? salt\b|\b(?:salt|sodium)[- ](?:reduced|free)\b|\bunsalted\b/i;
/** Words that say how salty it is. */
export const MAKE_SAID = /\b(?:salted|unsalted|sweet|clarified|low|reduced|no[- ]salt|no added salt|less)\b/i;

export const RINSED = /\brinsed\b/i;
export const DRAINED = /\b(drained|rinsed)\b/i;
/** Before the food: it was made ready before it was weighed. */
export const MADE_READY =
  /\b(peeled|trimmed|shelled|podded|prepared|ready[- ]cut|pre[- ]cut|diced|cubed|cubes|chunks|chopped|sliced|slices|shredded|grated|mashed|minced|cooked|roasted|boiled|steamed|canned|frozen|florets?|crowns?|tenderstem|broccolini|baby broccoli|baby|hulled|boneless|fillets?|picked|stemmed|flesh|segments|kernels|leaves|white of|whites of)\b/i;
/** Said of a weight: it is of what goes in. */
export const READY_WEIGHT =
  /\b(?:peeled|prepared|trimmed|cleaned|net|edible|shelled|podded|ready)\s+weight\b|\bE\.?P\b|\bedible\s+portion\b|\bweight\s+(?:peeled|prepared|trimmed|cleaned|shelled)\b|\b(?:after|once|when)\s+(?:peeling|trimming|peeled|trimmed|cleaned|cleaning|prepared|shelling)\b|\(\s*[^()]{0,30}\d\s?(?:kg|g|grams?|lbs?|oz)\s+(?:when\s+)?(?:trimmed|peeled|prepared|cleaned|podded|shelled)\s*\)|\bleached\b|\bvacuum[- ]pack\w*|\bready[- ]to[- ](?:cook|use)\b/i;
/** Words that may stand between a number and its measure: 'a heaped tablespoon', 'two chopped cloves'. */
export const BEFORE_UNIT: ReadonlySet<string> = set(
  'heaped heaping level rounded scant generous good big fat chopped sliced crushed minced peeled fresh dried frozen whole thick thin plump grated thick-cut thin-cut ready-cut packed loosely lightly firmly very',
);
export const TO_TASTE =
  /\b(to taste|as needed|to season|for seasoning|to serve|for serving|to garnish|for garnish|to cover|to finish|for drizzling|for frying)\b/i;
export const OPTIONAL = /\boptional\b|\bif (you )?(like|wish|desired)\b/i;

/** One word, several foods: the reader asks. First is what it takes meanwhile. */
export const AMBIGUOUS: Readonly<Record<string, readonly string[]>> = {
  lentils: ['lentils-dry', 'lentils-cooked'],
  stock: ['vegetable-broth', 'chicken-broth'],
  broth: ['vegetable-broth', 'chicken-broth'],
  cream: ['cream-heavy', 'cream-light', 'half-and-half'],
  cheese: ['cheddar', 'gruyere', 'parmesan'],
  beans: ['white-beans-canned-drained', 'green-beans'],
  coriander: ['coriander-leaf', 'ifct-G024'],
  'corn flour': ['cornstarch', 'cornmeal'],
  'stock cube': ['vegetable-stock-powder', 'chicken-stock-powder'],
  'bouillon cube': ['vegetable-stock-powder', 'chicken-stock-powder'],
  'chilli powder': ['chili-powder-blend', 'cayenne'],
  'chili powder': ['chili-powder-blend', 'cayenne'],
  oil: ['vegetable-oil', 'sunflower-oil', 'olive-oil'],
};

/** What dictation and quick fingers make of foods: heard or written, meant. Read as meant, and asked. */
export const SLIPS: Readonly<Record<string, string>> = {
  leak: 'leek',
  flower: 'flour',
  'all purpose flower': 'all-purpose flour',
  'corn flower': 'cornflour',
  beat: 'beet',
  'beat root': 'beetroot',
  time: 'thyme',
  'chicken stalk': 'chicken stock',
  'vegetable stalk': 'vegetable stock',
  'beef stalk': 'beef stock',
  'bay leave': 'bay leaf',
  'bay leef': 'bay leaf',
  'cream fresh': 'creme fraiche',
  'creme fresh': 'creme fraiche',
  parmesean: 'parmesan',
  parmasan: 'parmesan',
  mozarella: 'mozzarella',
  cinamon: 'cinnamon',
  tumeric: 'turmeric',
  cummin: 'cumin',
  brocolli: 'broccoli',
  brocoli: 'broccoli',
  cauliflour: 'cauliflower',
  califlower: 'cauliflower',
  tomatoe: 'tomato',
  potatoe: 'potato',
  onoin: 'onion',
  garlick: 'garlic',
  carret: 'carrot',
  parsnap: 'parsnip',
  zuchini: 'zucchini',
  zuccini: 'zucchini',
  avacado: 'avocado',
  cilentro: 'cilantro',
  corriander: 'coriander',
  worchestershire: 'worcestershire',
  worstershire: 'worcestershire',
  chickpee: 'chickpea',
  lentel: 'lentil',
  cocunut: 'coconut',
  coconot: 'coconut',
  buter: 'butter',
  butternutt: 'butternut',
  ginge: 'ginger',
  'sour creme': 'sour cream',
  'heavy creme': 'heavy cream',
  'half in half': 'half and half',
  'have and have': 'half and half',
  bullion: 'bouillon',
  boullion: 'bouillon',
  cellery: 'celery',
  celary: 'celery',
  peper: 'pepper',
};
