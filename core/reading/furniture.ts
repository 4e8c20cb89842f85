/**
 * What stands around a recipe and is none of it, by kind: nutrition blocks, notes, equipment, times, the page it was copied from,
 * letters and greetings. Every line of a text that is laid aside is laid aside as one of these. Common practice, no source.
 */

export type Furniture = 'nutrition' | 'notes' | 'equipment' | 'times' | 'page' | 'label' | 'rules' | 'greeting' | 'story' | 'talk';

interface FurnitureRow {
  kind: Furniture;
  /** A line that is of this kind alone. */
  line?: RegExp;
  /** A heading after which lines are of this kind, until the next heading. */
  heading?: RegExp;
  /** What lines under the heading look like; without it every line up to the next heading of the recipe. */
  within?: RegExp;
}

const NUTRIENT = String.raw`(?:energy|calories|kcal|kj|fat|total fat|saturates|saturated(?: fat)?|of which(?: \w+)?|carb(?:ohydrate)?s?|net carbs|sugars?|fib(?:re|er)|protein|salt|sodium|cholesterol|potassium|calcium|iron|vitamin \w+)`;
const TIME = String.raw`(?:\d+(?:[.,]\d+)?|an?|half an|½)\s*(?:-|–|to)?\s*\d*\s*(?:minutes?|mins?|min|m|hours?|hrs?|hr|h)\b(?:\s*(?:and\s*)?\d+\s*(?:minutes?|mins?|min|m)\b)?`;
const OF_TIME = `(?:prep(?:aration)?|cook(?:ing)?|total|active|hands[- ]on|inactive|ready in|takes|time|rest(?:ing)?|chill(?:ing)?|soak(?:ing)?|oven|start to finish|makes in)`;
const TIMES = String.raw`${OF_TIME}(?:\s+time)?\s*[:=–-]*\s*(?:about\s+|only\s+|just\s+)?${TIME}(?:\s*(?:\+|plus)\s*[\w ]+)?`;

export const FURNITURE: readonly FurnitureRow[] = [
  {
    kind: 'nutrition',
    heading:
      /^(?:nutrition(?:al)?(?:\s+(?:information|facts|values?|data|analysis))?|(?:typical )?values|per (?:serving|portion|bowl|100 ?g))\b[^.]{0,40}:?$/i,
    within: new RegExp(
      String.raw`^(?:[-–•*]\s*)?(?:${NUTRIENT})\b.*\d|^(?:amount|per|\(?\d+\s*(?:g|kcal)|%|\*|serving size|servings per|daily value|typical)`,
      'i',
    ),
    line: new RegExp(
      String.raw`^(?:(?:per serving|per portion|per bowl|each (?:serving|bowl)|nutrition(?:al)?[\w ]*)\s*[:(–-]*.*\b(?:kcal|kj|calories|cals?|protein)\b.*|calories:? \d.*|\d+\s*(?:kcal|calories|cals)\b.*|(?:.*\b${NUTRIENT}\b[^,|;]*[,|;]){2,}.*\b(?:kcal|kj|calories|protein|carb\w*)\b.*|(?:.*[,|;])?\s*energy\b.*\bk(?:j|cal)\b.*)$`,
      'i',
    ),
  },
  {
    kind: 'notes',
    heading:
      /^(?:(?:recipe |cook'?s? |chef'?s? |kitchen )?notes?|(?:top |handy |cook'?s? )?tips?|variations?|substitutions?|swaps|storage|to store|storing|leftovers|make[- ]ahead|freez(?:ing|er)(?: notes)?|to freeze|serving suggestions?|faqs?|good to know|why it works|about this (?:soup|recipe))\s*:?$/i,
    line: /^(?:(?:cook'?s? |chef'?s? |recipe )?(?:notes?|tips?|variations?|storage|make ahead|to (?:store|freeze)|freezing|leftovers|ps|p\.s\.|nb|n\.b\.)\s*[:–-]\s*.+|(?:keeps|freezes|can be frozen|suitable for (?:freezing|home freezing))\b.*)$/i,
  },
  {
    kind: 'equipment',
    heading: /^(?:equipment|special equipment|tools|utensils|you(?:'ll| will) also need)\s*:?$/i,
    line: /^(?:[-•*]\s*)?(?:(?:an?|some)\s+)?(?:kitchen (?:roll|paper|string|foil)|bin bags?|cling ?film|baking (?:paper|parchment)|parchment(?: paper)?|(?:tin |aluminium )?foil|paper towels?|muslin|cheesecloth|string|washing[- ]up liquid|(?:stick |hand |immersion )?blender|food processor|slow cooker|large (?:pot|pan|saucepan)|tooth ?picks?)(?:\s*x?\s*\d+)?\.?$/i,
  },
  {
    kind: 'times',
    line: new RegExp(String.raw`^(?:${TIMES}|\|)(?:\s*(?:[|,;/·•–-]|and)?\s*(?:${TIMES}))*\.?$|^(?:time|ready in|takes)\s*:.{0,40}$`, 'i'),
  },
  {
    kind: 'page',
    heading:
      /^(?:comments?|reviews?|\d+ (?:comments?|reviews?)|comments? \(\d+\)|questions? (?:and|&) answers|related(?: recipes| posts)?|you (?:may|might) also like|more (?:soups|recipes))\b.{0,20}$/i,
    line: /^(?:home|about(?: us| me)?|contact|menu|search|recipes|soups|log ?in|sign (?:in|up)|next|previous|back(?: to .*)?|skip to .*|jump to .*|print(?: this)?(?: recipe)?|pin(?: it| recipe)?|save(?: recipe)?|rate this.*|review.*|advertisements?|sponsored.*|share(?: this)?.*|subscribe.*|newsletter.*|comments?(?: \(\d+\))?|leave a .*|did you make .*|tag (?:us|me) .*|follow .*|photo(?:graph)?s?(?: by)?:? .*|image.*|copyright.*|©.*|all rights reserved.*|page \d+.*|https?:\S+|www\.\S+|[★☆✩⭐\s]+[\d./ ]*.*(?:votes?|ratings?|reviews?).*|[★☆⭐ ]+|\d(?:\.\d)?\s*(?:\/\s*5)?\s*(?:stars?|from \d+ votes?)\b(?:\s*(?:from|\(|\d).*)?|(?:(?:course|cuisine|category|keywords?|difficulty|skill(?: level)?|diet|cost|author|by|recipe by|source|posted|published|updated|yield unit|tags?)\s*:\s*[^:]*)+|by [A-Z][\w.]*(?: [A-Z][\w.]*)?|(?:easy|medium|hard|gluten[- ]free|vegetarian|vegan|dairy[- ]free|healthy)(?:[\s,|·•]+(?:easy|gluten[- ]free|vegetarian|vegan|dairy[- ]free|healthy|quick))*)$/i,
  },
  {
    kind: 'label',
    line: /^(?:allergens?\b.*|contains\s*:?\s.*|contains no\b.*|may contain\b.*|made in a (?:kitchen|factory)\b.*|free from\b.*|does not contain\b.*|suitable for (?:vegans|vegetarians|coeliacs)\b.*|(?:gluten|dairy|nut|egg|soy)[- ]free\b[^\d]{0,30})$/i,
  },
  {
    kind: 'rules',
    line: /^(?:haccp\b.*|ccp\b.*|(?:hot )?hold(?:ing)? (?:at|above|over|hot)\b.*|critical limit.*|shelf life\b.*|cool(?:ing)? (?:from|to) \d+.*|(?:recipe|ref(?:erence)?|code|revision|rev|version|sr|unit)\b[\s:.#-]*(?:no\.?\s*)?[\w-]*\d[\w-]*\s*(?:[-–—].*)?|production sheet|standard recipe(?: card)?|item\s*[/|\t ]\s*(?:qty|quantity)|item|ingredient\s+(?:amount|quantity|qty))$/i,
  },
  {
    kind: 'greeting',
    line: /^(?:(?:hi|hello|hey|dear)\b[^.:]{0,60}[,!.]*(?: (?:the|here'?s|as) .{0,60})?|(?:best(?: wishes)?|love|yours|kind regards|regards|cheers|thanks|thank you|enjoy|bon app[eé]tit|x+|ta-?ra|bye)[\s,.!]*(?:[A-Z][\w.]*)?[\s,.!x]*|sent from .*|on .* wrote:)$/iu,
  },
];

/** The kind of a line that stands alone; null where it may be of the recipe. */
export const furnitureOf = (line: string): Furniture | null => FURNITURE.find((row) => row.line?.test(line))?.kind ?? null;
/** The kind of the block a heading opens. */
export const blockOf = (heading: string): FurnitureRow | null => FURNITURE.find((row) => row.heading?.test(heading)) ?? null;
