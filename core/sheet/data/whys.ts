/**
 * Why a step is done as it is, and what goes wrong otherwise: for teaching. Common practice of kitchens and handbooks of cookery, from
 * memory, no source; where schools differ, both are named. A row is about words of a step, and about foods where it names them.
 */
import type { Stage } from '../../vocabulary/recipe.ts';

export interface Why {
  id: string;
  /** Words of the step. */
  said: RegExp;
  /** Foods that must be in the pot for it to be true: ids or their beginnings. */
  foods?: readonly string[];
  /** Where the pot has to be for it to be true. */
  stages?: readonly Stage[];
  why: string;
  otherwise: string;
  /** Where schools differ. */
  differs?: string;
}

const DAIRY = ['milk', 'cream', 'yogurt', 'creme-fraiche', 'crema-mexicana', 'sour-cream', 'kefir', 'skyr', 'quark', 'half-and-half', 'buttermilk', 'mascarpone'];
const PULSES = ['lentil', 'chickpea', 'white-bean', 'kidney', 'navy', 'split-pea', 'black-bean', 'mung', 'pinto', 'lima', 'broad-bean'];

export const WHYS: readonly Why[] = [
  { id: 'sweat', said: /\bsweat|soften|without colou?r/i, why: 'Low heat and a lid let the vegetables give up their water and turn sweet without browning.', otherwise: 'Hot and open, the edges brown and the soup tastes roasted and looks grey.', differs: 'Some schools sweat with the lid on, others without and with a paper on top.' },
  { id: 'onionsFirst', said: /\b(?:sweat|fry|soften|saut)/i, foods: ['onion', 'leek', 'shallot'], why: 'Onions and leeks go in first: they need the fat and the time to lose their sharpness.', otherwise: 'Put in with the liquid they stay raw in taste however long they simmer.' },
  { id: 'brown', said: /\b(?:brown|golden|caramel)/i, why: 'Browning makes hundreds of new flavours that water alone never gets hot enough for.', otherwise: 'Crowded or wet food steams in its own juice and stays pale.' },
  { id: 'dryFirst', said: /\b(?:pat dry|dry (?:them|it|well))\b/i, why: 'A dry surface browns; a wet one has to boil off its water first.', otherwise: 'The pan cools, the food stews.' },
  { id: 'roast', said: /\broast/i, why: 'The oven drives water off and browns the edges: taste is concentrated before any liquid comes.', otherwise: 'Too full a tray steams; leave room between the pieces.' },
  { id: 'bloom', said: /\b(?:spice|cumin|curry|paprika|coriander|turmeric|crackle|toast)\b.*\b(?:fat|oil|butter|fry|minute|fragrant|smell)|\bbloom/i, why: 'The scent of spices dissolves in fat and is woken by heat.', otherwise: 'Stirred into water they taste dusty; a few seconds too long and they burn bitter.' },
  { id: 'garlicLate', said: /\bgarlic\b/i, foods: ['garlic'], why: 'Garlic goes in after the onions: it is small and dry and burns in a minute.', otherwise: 'Browned garlic is bitter, and the whole pot with it.' },
  { id: 'tomatoPaste', said: /\b(?:pur[eé]e|paste)\b.*\b(?:fry|cook|minute|darken)|\bcook (?:out )?the (?:tomato )?(?:paste|pur[eé]e)/i, foods: ['tomato-paste'], why: 'Frying the paste takes off its tinny edge and deepens it.', otherwise: 'Raw paste tastes sharp and metallic.' },
  { id: 'roux', said: /\b(?:flour|roux)\b/i, foods: ['flour'], why: 'Flour is cooked in fat so that every grain is coated: it swells evenly and loses its raw taste.', otherwise: 'Flour straight into liquid makes lumps, and tastes of dough.', differs: 'Cold liquid onto hot roux, or hot onto cold: either works; hot onto hot lumps.' },
  { id: 'rouxLiquid', said: /\b(?:gradually|slowly|little by little|a ladle at a time|whisk)/i, foods: ['flour'], why: 'Liquid goes in by and by, so that each addition is smooth before the next.', otherwise: 'All at once, the outside of each clump seals and the inside stays dry.' },
  { id: 'starchSlake', said: /\bslak|mix(?:ed)? (?:it )?with (?:a little )?(?:cold )?water|cornflour|cornstarch/i, foods: ['cornstarch', 'potato-starch', 'tapioca', 'rice-flour', 'arrowroot'], why: 'Starch is stirred into cold water first, so that its grains are apart when they meet the heat.', otherwise: 'Dry starch in hot soup makes glassy lumps.' },
  { id: 'starchBoil', said: /\bboil|simmer/i, foods: ['cornstarch', 'flour'], why: 'Starch thickens only when it has come to the boil.', otherwise: 'Short of it, the soup is thin and floury, and thickens later in the bowl.' },
  { id: 'deglaze', said: /\b(?:deglaz|scrap|loosen.*bottom|wine|sherry|brandy)/i, foods: ['white-wine', 'red-wine', 'sherry', 'brandy', 'cider', 'vermouth'], why: 'Wine lifts the brown film from the bottom: that film is flavour.', otherwise: 'Left there it burns under the soup.' },
  { id: 'reduceWine', said: /\b(?:reduce|boil away|bubble|until you don['’]t smell)/i, foods: ['white-wine', 'red-wine', 'sherry', 'brandy', 'vermouth'], why: 'Wine is boiled down before the stock comes: the sharpness goes, the fruit stays.', otherwise: 'Under a lid of stock the raw alcohol hardly leaves.' },
  { id: 'coldStart', said: /\bcold water\b|\bbring (?:slowly|gently)/i, why: 'Bones and meat started cold give up their proteins slowly; they rise as a scum that can be skimmed.', otherwise: 'Into boiling water they cloud the stock for good.' },
  { id: 'skim', said: /\bskim/i, why: 'Scum is protein that has set: taken off, the soup stays clear and clean in taste.', otherwise: 'Boiled in, it makes the soup cloudy and a little bitter.' },
  { id: 'simmer', said: /\bsimmer|tick over|barely moving/i, stages: ['simmer'], why: 'A bare simmer cooks through without breaking up what should stay whole, and keeps fat out of the liquid.', otherwise: 'A rolling boil clouds the broth, bursts the pieces and boils off water you counted on.' },
  { id: 'lid', said: /\b(?:cover|lid on|with the lid)\b/i, stages: ['simmer'], why: 'The lid keeps the water in: the thickness you planned is the thickness you get.', otherwise: 'Open, a wide pot loses a glass of water in a quarter of an hour.' },
  { id: 'uncovered', said: /\buncovered|lid off|without a lid\b/i, stages: ['simmer'], why: 'Without a lid the water leaves and the taste grows stronger.', otherwise: 'Mind the salt: it does not leave with the water.' },
  { id: 'knife', said: /\buntil (?:soft|tender|done|a knife|just soft)|knife slides/i, why: 'A knife that slides in means the cell walls have let go: only then does a blender make it smooth.', otherwise: 'Blended too early, the soup is grainy and no blender mends it.' },
  { id: 'greenShort', said: /\b(?:spinach|peas|broccoli|asparagus|nettle|watercress|sorrel|green)\b/i, foods: ['spinach', 'peas', 'broccoli', 'asparagus', 'nettles', 'watercress', 'sorrel', 'courgette'], why: 'Green vegetables go in last and cook short: their green lasts about seven minutes in hot liquid.', otherwise: 'Longer, or under a lid with something sour, they turn olive.' },
  { id: 'soakPulses', said: /\bsoak/i, foods: PULSES, why: 'Soaking takes hours off the cooking and lets the beans cook evenly; the water goes, and some of the wind with it.', otherwise: 'Unsoaked they split outside and stay hard within.' },
  { id: 'boilPulses', said: /\bboil/i, foods: ['kidney-beans-dry'], why: 'Red kidney beans are boiled hard for ten minutes: it destroys what makes raw ones a poison.', otherwise: 'A slow cooker alone never gets hot enough.' },
  { id: 'acidPulses', said: /\b(?:tomato|vinegar|lemon|wine)/i, foods: PULSES, why: 'Anything sour waits until the beans are soft: acid holds their skins together.', otherwise: 'With tomatoes from the start they may never soften.' },
  { id: 'soakNuts', said: /\bsoak/i, foods: ['cashew', 'almond'], why: 'Soaked nuts blend to a cream; the harder the blender works, the less they need it.', otherwise: 'Dry, they leave grit.' },
  { id: 'soakDried', said: /\b(?:soak|boiling water over)/i, foods: ['porcini-dried', 'mushrooms-dried'], why: 'Dried mushrooms give their taste to the soaking water, which goes into the pot through a cloth.', otherwise: 'The last spoon of it holds sand.' },
  { id: 'blendHot', said: /\b(?:blend|liquidi|pur[eé]e|blitz|whizz)/i, why: 'Hot soup blends smoother, but steam needs a way out: half a jar at most, the vent open under a cloth, slow first.', otherwise: 'A full closed jar throws its lid, and the cook is scalded.' },
  { id: 'blendLong', said: /\b(?:until|very) (?:silky|smooth)|minutes? (?:at|on) (?:full|high)|full speed/i, why: 'A minute longer than it seems to need breaks the last fibres: smoothness is time.', otherwise: 'It looks smooth in the jar and is grainy on the tongue.' },
  { id: 'potatoBrief', said: /\b(?:blend|liquidi|pur[eé]e|blitz|whizz|mash)/i, foods: ['potato'], why: 'Potato is blended as briefly as will do.', otherwise: 'Its starch is torn free and the soup turns to glue.' },
  { id: 'sieve', said: /\b(?:sieve|strain|pass(?:ed)? through|chinois)/i, why: 'The sieve holds back skins, seeds and fibres that no blender reaches.', otherwise: 'They are felt on the tongue; for someone who must not have pieces they are a danger.' },
  { id: 'milkSimmer', said: /\bsimmer|cook/i, foods: ['milk', 'half-and-half'], stages: ['simmer'], why: 'Milk that cooks along is kept at a bare simmer and stirred from the bottom.', otherwise: 'It catches, boils over, and splits where something sour is in the pot.' },
  { id: 'creamOff', said: /\b(?:cream|milk|yogh?urt|kefir|crème)\b/i, stages: ['blend', 'finish', 'bowl'], foods: DAIRY, why: 'Dairy comes at the end and is warmed, not boiled: the fatter it is, the more heat it bears.', otherwise: 'Thin or sour dairy splits into curds when it boils, above all in a sour soup.' },
  { id: 'yolks', said: /\byolk|liaison|temper/i, foods: ['egg'], why: 'Yolks are loosened with hot soup first and warmed to thicken, under 85 C.', otherwise: 'Straight into a boiling pot they scramble.' },
  { id: 'coconut', said: /\bcoconut/i, foods: ['coconut-milk', 'coconut-cream'], why: 'Coconut milk is warmed gently, or boiled on purpose until its oil shows, as some kitchens want it.', otherwise: 'By accident it only looks split.' },
  { id: 'fishLate', said: /\b(?:fish|haddock|cod|salmon|prawns?|shrimp|mussels)/i, foods: ['cod', 'haddock', 'smoked-haddock', 'salmon', 'prawns', 'mussels', 'hake', 'pollock'], why: 'Fish goes in last and poaches in a few minutes off the boil.', otherwise: 'Boiled it turns dry and stringy and breaks up.' },
  { id: 'bayOut', said: /\b(?:tak|fish|lift|pick|remov|discard|pull)\w*\b.*\b(?:bay|sprigs?|stalks|bouquet|lemongrass|star anise|cinnamon)\b/i, foods: ['bay-leaf', 'thyme', 'lemongrass', 'rosemary', 'star-anise'], why: 'Whole leaves and sticks have given their scent and come out before the blender.', otherwise: 'Blended in they are bitter, and splinters of bay can scratch.' },
  { id: 'herbsLast', said: /\b(?:parsley|basil|chervil|chives|mint|dill|coriander leaf|cilantro|tarragon)\b/i, foods: ['parsley', 'basil', 'chives', 'mint', 'dill', 'coriander-leaf', 'chervil', 'tarragon'], why: 'Tender herbs go in at the end: their scent is gone in minutes of heat.', otherwise: 'Boiled they taste of hay and turn grey.' },
  { id: 'acidEnd', said: /\b(?:lemon|lime|vinegar)\b/i, foods: ['lemon-juice', 'lime-juice', 'wine-vinegar', 'cider-vinegar', 'lemon'], why: 'A little acid at the end lifts a thick soup and asks for less salt.', otherwise: 'Boiled along it dulls, and it greys the green.' },
  { id: 'saltEnd', said: /\b(?:salt|season)/i, stages: ['finish', 'bowl'], why: 'Salt is settled at the end, on the soup as thick and as warm as it is served.', otherwise: 'Salted early it grows salty as the water leaves; cold soup needs a little more than hot.' },
  { id: 'misoOff', said: /\bmiso\b/i, foods: ['miso'], why: 'Miso is stirred in off the heat: its scent and its live cultures are lost at the boil.', otherwise: 'Boiled it tastes flat and salty.' },
  { id: 'rest', said: /\b(?:rest|stand|overnight|next day)\b/i, why: 'A soup that rests evens out: starch sets, salt and scent spread.', otherwise: 'It thickens as it stands: let it down before it is served.' },
  { id: 'chill', said: /\b(?:chill|cool|fridge|ice bath)/i, why: 'Cooled fast, in shallow trays or an ice bath, it spends little time at the warmth germs like.', otherwise: 'A deep pot stays warm in the middle all night.' },
  { id: 'warmBowls', said: /\bwarm(?:ed)? (?:bowls?|cups?|plates?)|hot bowls?/i, why: 'A warm bowl keeps the soup hot and the cream from setting.', otherwise: 'Cold china takes ten degrees at once.' },
];
