/**
 * Kinds of food as a cook swaps them: what can stand for one hard cheese can stand for another. Each kind lists its foods by id; a food of
 * an Indian table or of the kitchen's own has the kinds of the food it is used as. Common practice, no source.
 */
const words = (list: string): readonly string[] => list.split(' ');

export const KINDS = {
  cream: words('cream-heavy cream-double cream-light half-and-half milk-evaporated cream-whipping-light cream-lactose-free mascarpone non-dairy-creamer'),
  sourCream: words('sour-cream creme-fraiche crema-mexicana labneh'),
  yogurt: words('yogurt-whole yogurt-greek-nonfat yogurt-low-fat yogurt-greek-whole skyr quark'),
  buttermilk: words('buttermilk kefir'),
  milk: words('milk-whole milk-reduced-fat milk-skim milk-low-fat milk-lactose-free milk-goat'),
  milkPowder: words('skim-milk-powder whole-milk-powder whey-powder soup-protein-powder'),
  butter: words('butter-salted butter-unsalted ghee'),
  meltingCheese: words('cheddar gruyere emmental gouda monterey-jack provolone mozzarella-part-skim mozzarella-whole processed-cheese shredded-cheese-mix cheese-other halloumi queso-fresco'),
  hardCheese: words('parmesan pecorino grana-padano'),
  softCheese: words('goat-cheese-soft cream-cheese brie ricotta cottage-cheese'),
  sharpCheese: words('feta blue-cheese'),
  gelledEgg: words('egg egg-yolk egg-white egg-boiled'),
  oil: words('olive-oil sunflower-oil rapeseed-oil vegetable-oil avocado-oil grapeseed-oil'),
  tellingOil: words('coconut-oil sesame-oil-refined walnut-oil hazelnut-oil peanut-oil-refined flaxseed-oil truffle-oil seed-oil-other herb-oil mct-oil'),
  animalFat: words('lard chicken-fat duck-fat bacon-fat suet shortening'),
  wheatFlour: words('flour-wheat flour-wheat-unenriched flour-wholemeal spelt-flour barley-flour semolina'),
  slurry: words('cornstarch arrowroot tapioca-starch potato-starch thickener-starch'),
  bread: words('bread-white bread-wholemeal bread-rye bread-french baguette bread-soda brioche breadcrumbs naan cornbread scones'),
  crumb: words('croutons crackers crispbread-rye wheat-crackers pretzels oatcakes cheese-toast tortilla-chips potato-crisps flour-tortilla tortilla-wrap prawn-crackers'),
  glutenGrain: words('barley-pearled pasta-dry bulgur couscous wheat-grains small-pasta gnocchi'),
  glutenGrainCooked: words('pasta-cooked barley-cooked bulgur-cooked couscous-cooked egg-noodles-cooked'),
  noodles: words('egg-noodles instant-noodles soba-noodles filled-pasta wontons'),
  rice: words('rice-white-raw rice-brown-raw'),
  cured: words('bacon-raw bacon-cubes-raw bacon-cooked ham ham-hock bacon-back-raw ham-lean ham-dry-cured chorizo pork-sausage-cooked smoked-sausage frankfurters salt-pork black-pudding nduja poultry-sausage pork-belly-raw corned-beef'),
  redMeat: words('beef-mince lamb-mince-raw meatballs game-meat haggis'),
  poultry: words('chicken-breast-raw chicken-thigh-raw chicken-breast-cooked chicken-stewed chicken-rotisserie chicken-whole-raw turkey-breast-raw turkey-breast-cooked duck-meat turkey-mince'),
  whiteFish: words('haddock-raw cod-raw halibut-raw pollock-raw monkfish-raw sea-bass-raw hake-raw salmon-raw trout-raw mackerel-raw tuna-canned canned-fish surimi fish-balls small-fish-fresh sardines-canned'),
  smokedFish: words('smoked-haddock salmon-smoked mackerel-smoked smoked-trout'),
  shellfish: words('prawns-raw prawns-cooked crab-cooked lobster-cooked mussels-raw clams-raw scallops-raw crayfish-raw mixed-seafood squid crab-canned clams-canned'),
  meatStock: words('chicken-broth chicken-broth-reduced-sodium chicken-broth-low-sodium chicken-stock-homemade beef-broth bone-broth beef-broth-reduced-sodium beef-stock-homemade ham-stock'),
  fishStock: words('fish-stock fish-stock-bought seafood-stock clam-juice dashi'),
  vegetableStock: words('vegetable-broth vegetable-broth-low-sodium vegetable-stock-homemade mushroom-broth mushroom-stock-homemade kelp-stock'),
  meatCube: words('chicken-stock-powder beef-stock-cube meat-stock-cube pork-stock-cube stock-paste stock-concentrate-liquid stock-powder-unnamed'),
  fishCube: words('fish-stock-cube seafood-base'),
  vegetableCube: words('vegetable-stock-powder vegan-bouillon onion-soup-mix'),
  wine: words('white-wine red-wine sherry-dry vermouth wine-dessert mirin'),
  beer: words('beer cider'),
  spirit: words('brandy anise-spirit vanilla-extract'),
  nuts: words('almonds hazelnuts walnuts cashews-raw almonds-blanched cashews-roasted pecans peanuts pine-nuts pistachio-nuts brazil-nuts macadamias mixed-nuts candlenut'),
  nutButter: words('almond-butter cashew-butter peanut-butter satay-sauce'),
  seedButter: words('tahini sunflower-butter'),
  seeds: words('sunflower-seeds pumpkin-seeds sesame-seeds flaxseed chia-seeds hemp-seeds poppy-seeds granola-topping'),
  coconut: words('coconut-milk coconut-cream coconut-milk-light'),
  plantDrink: words('almond-drink oat-drink soy-drink rice-drink soy-drink-plain pea-drink coconut-drink'),
  plantCream: words('oat-cream soy-cream silken-tofu cashew-cream-carton almond-cream-carton plant-cream-carton'),
  plantSour: words('soy-yogurt plant-sour-cream coconut-yogurt'),
  pulse: words(
    'white-beans-canned-drained white-beans-canned white-beans-cooked navy-beans-cooked chickpeas-canned-drained chickpeas-cooked lentils-cooked white-beans-canned-rinsed chickpeas-canned chickpeas-canned-rinsed kidney-beans-cooked kidney-beans-canned-drained black-beans-cooked black-beans-canned black-beans-canned-drained black-beans-canned-rinsed pinto-beans-canned-drained borlotti-canned-drained lentils-canned-drained black-eyed-peas-canned-drained adzuki-canned-drained broad-beans-canned-drained pinto-beans-cooked lima-beans-cooked great-northern-cooked split-peas-cooked black-eyed-peas-cooked mung-beans-cooked soybeans-cooked edamame broad-beans-cooked adzuki-cooked flageolet-cooked borlotti-cooked hummus baked-beans refried-beans',
  ),
  dryPulse: words('white-beans-dry kidney-beans-dry lentils-red-dry split-peas-dry chickpeas-dry black-beans-dry pinto-beans-dry navy-beans-dry lima-beans-dry lentils-dry'),
  firmSoy: words('tofu-firm tofu-smoked tempeh textured-soya plant-meat seitan'),
  soySauce: words('soy-sauce tamari soy-sauce-reduced-sodium teriyaki-sauce ponzu hoisin-sauce black-bean-sauce liquid-seasoning seasoning-liquid'),
  soyPaste: words('miso doenjang gochujang doubanjiang'),
  fishSauce: words('fish-sauce worcestershire-sauce anchovies-canned anchovy-paste shrimp-paste oyster-sauce bonito-flakes dried-shrimp'),
  curryPaste: words('curry-paste-red curry-paste-green curry-paste-yellow tom-yum-paste laksa-paste'),
  mustard: words('mustard mustard-powder mustard-seed'),
  starchyVegetable: words('potato sweet-potato parsnip sunchoke sweetcorn sweetcorn-frozen sweetcorn-canned pumpkin butternut-squash butternut-frozen acorn-squash winter-squash plantain cassava taro peas-frozen peas-fresh carrot beetroot'),
  potassiumRoot: words('carrot parsnip sweet-potato swede turnip beetroot pumpkin butternut-squash sunchoke kohlrabi taro cassava'),
  allium: words('onion shallot leek spring-onion chives onion-cooked ifct-G017 ifct-G018'),
  sweet: words('sugar honey maple-syrup brown-sugar molasses agave-syrup syrup-other jam glucose-polymer'),
} as const satisfies Record<string, readonly string[]>;

export type Kind = keyof typeof KINDS;

/** Every food of some kinds. */
export const foodsOfKind = (...kinds: readonly Kind[]): readonly string[] => [...new Set(kinds.flatMap((kind): readonly string[] => KINDS[kind]))];

/** Foods a table would not tell apart in a soup: swaps between them are one plan, with the others named. */
const ALIKE: readonly (readonly string[])[] = [
  ['olive-oil', 'rapeseed-oil', 'sunflower-oil', 'vegetable-oil', 'avocado-oil', 'grapeseed-oil'],
  KINDS.slurry,
  ['coconut-milk', 'coconut-cream', 'coconut-milk-light'],
  ['butter-salted', 'butter-unsalted'],
  ['cream-heavy', 'cream-double', 'cream-whipping-light'],
  ['white-beans-canned-drained', 'white-beans-cooked', 'white-beans-canned-rinsed', 'navy-beans-cooked', 'great-northern-cooked'],
  ['chicken-broth-low-sodium', 'chicken-broth-reduced-sodium'],
  ['yeast-flakes', 'yeast-flakes-fortified'],
];
const NAME_OF = new Map(ALIKE.flatMap((group) => group.map((id) => [id, group[0] as string] as const)));

/** The food that stands for all that a table would not tell from this one. */
export const alikeTo = (foodId: string): string => NAME_OF.get(foodId) ?? foodId;

/** Kinds that one stand-in serves together: nobody makes a paste of tofu for one cheese of a soup and one of beans for the other. */
const SERVED_TOGETHER: readonly (readonly Kind[])[] = [
  ['meltingCheese', 'hardCheese'],
  ['starchyVegetable', 'potassiumRoot'],
  ...(['allium', 'pulse', 'dryPulse', 'cream', 'milk', 'nuts', 'seeds', 'cured', 'whiteFish', 'shellfish', 'meatStock', 'wheatFlour'] as const).map(
    (kind) => [kind],
  ),
];
const SERVED = SERVED_TOGETHER.map((kinds) => new Set(foodsOfKind(...kinds)));

/** Whether a cook would take one stand-in for both foods. */
export const servedTogether = (one: string, other: string): boolean => SERVED.some((foods) => foods.has(one) && foods.has(other));

/** What seasons or fills up, and makes no other soup. */
export const INCIDENTAL: ReadonlySet<string> = new Set(
  words('water black-pepper white-pepper paprika smoked-paprika lemon-juice lime-juice sugar cider-vinegar wine-vinegar white-vinegar turmeric'),
);
