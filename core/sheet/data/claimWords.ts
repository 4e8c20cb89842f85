/**
 * Words in which recipes claim something, and what in a bowl would have to bear them out. The rule and its limit are the regime's
 * (regime/*.ts); words of a way of eating have none in any regime and are answered with the figure. Common practice, no source.
 */
import type { DietId } from '../../vocabulary/allergens.ts';
import type { Nutrient } from '../../vocabulary/nutrient.ts';

export type ClaimWords =
  /** Claims of the regime, by id, the strictest first. */
  | { said: RegExp; kind: 'claim'; ids: readonly string[]; nutrient: Nutrient }
  /** A diet the board judges. */
  | { said: RegExp; kind: 'diet'; diet: DietId }
  /** A word of a way of eating: the figure, and no rule. */
  | { said: RegExp; kind: 'figure'; nutrient: Nutrient; why: string }
  /** Nothing on a sheet may say it. */
  | { said: RegExp; kind: 'never'; why: string };

const ILLNESS = 'words of illness or of what a food does in the body are health claims: no kitchen may make them of a soup';

export const CLAIM_WORDS: readonly ClaimWords[] = [
  {
    said: /\b(?:diabet|kidney(?![- ]?beans?\b)|renal|heart(?!s\b|[iy]\b|il|en)|blood (?:pressure|sugar)|cholesterol[- ]lowering|lowers? |gout|ibs\b|coeliac|celiac|cancer|immun|anti-?inflammatory|detox|cleans|cures?\b|heal|fights? |superfood|gut[- ]|antioxidant|fat[- ]burning|weight[- ]loss|slimming)/i,
    kind: 'never',
    why: ILLNESS,
  },
  { said: /\b(?:healthy|clean eating|guilt[- ]free|fattening|good for you)\b/i, kind: 'never', why: "'healthy' has a rule of its own for packed food in some countries and none for a bowl; say the figures instead" },
  { said: /\bsuits every diet\b/i, kind: 'never', why: 'no soup suits every diet: the board says which it fits' },
  { said: /\bgluten[- ]free\b/i, kind: 'diet', diet: 'glutenFree' },
  { said: /\b(?:dairy|milk|lactose)[- ]free\b/i, kind: 'diet', diet: 'dairyFree' },
  { said: /\bvegan\b/i, kind: 'diet', diet: 'vegan' },
  { said: /\bvegetarian\b/i, kind: 'diet', diet: 'vegetarian' },
  { said: /\b(?:salt|sodium)[- ]free\b/i, kind: 'claim', ids: ['sodiumFree', 'saltFree'], nutrient: 'sodiumMg' },
  { said: /\bvery low[- ](?:in )?(?:sodium|salt)\b/i, kind: 'claim', ids: ['veryLowSodium'], nutrient: 'sodiumMg' },
  { said: /\b(?:low(?:er)?|reduced|less)[- ](?:in )?(?:sodium|salt)\b/i, kind: 'claim', ids: ['lowSodium'], nutrient: 'sodiumMg' },
  { said: /\b(?:low(?:er)?|reduced|less)[- ](?:in )?saturated/i, kind: 'claim', ids: ['lowSaturatedFat'], nutrient: 'saturatedFatG' },
  { said: /\b(?:fat[- ]free|zero fat|no fat)\b/i, kind: 'claim', ids: ['fatFree'], nutrient: 'fatG' },
  { said: /\b(?:low(?:er)?|reduced|less|half the|a third less)[- ](?:in )?fat\b/i, kind: 'claim', ids: ['lowFat'], nutrient: 'fatG' },
  { said: /\b(?:sugar[- ]free|zero sugar)\b/i, kind: 'claim', ids: ['sugarFree', 'sugarsFree'], nutrient: 'sugarsG' },
  { said: /\bno added sugar\b/i, kind: 'figure', nutrient: 'addedSugarsG', why: 'it may be said where nothing sweet was put in; what the vegetables hold stays' },
  { said: /\b(?:low|less|lower|reduced)[- ](?:in )?sugar\b/i, kind: 'claim', ids: ['lowSugars'], nutrient: 'sugarsG' },
  { said: /\b(?:low[- ]cal|low[- ](?:in )?calor|under \d+ (?:k?cal|calor)|(?:only|just|less than|fewer than|no more than) \d+ (?:k?cal|calor))/i, kind: 'claim', ids: ['lowCalorie', 'lowEnergy'], nutrient: 'energyKcal' },
  { said: /\b(?:high|higher|rich|packed|great source|excellent source)\b.*\bprotein\b|\bprotein[- ]rich\b/i, kind: 'claim', ids: ['highProtein', 'sourceOfProtein', 'high:proteinG', 'goodSource:proteinG', 'good:proteinG', 'source:proteinG'], nutrient: 'proteinG' },
  { said: /\b(?:high|higher|rich|packed|great source|excellent source)\b.*\bfib(?:re|er)\b/i, kind: 'claim', ids: ['highFibre', 'high:fibreG', 'excellent:fibreG', 'sourceOfFibre', 'goodSource:fibreG', 'good:fibreG', 'source:fibreG'], nutrient: 'fibreG' },
  { said: /\bsource\b.*\bprotein\b/i, kind: 'claim', ids: ['sourceOfProtein', 'goodSource:proteinG', 'good:proteinG', 'source:proteinG'], nutrient: 'proteinG' },
  { said: /\bsource\b.*\bfib(?:re|er)\b/i, kind: 'claim', ids: ['sourceOfFibre', 'goodSource:fibreG', 'good:fibreG', 'source:fibreG'], nutrient: 'fibreG' },
  ...(
    [
      ['calcium', 'calciumMg'],
      ['iron', 'ironMg'],
      ['potassium', 'potassiumMg'],
      ['magnesium', 'magnesiumMg'],
      ['zinc', 'zincMg'],
      ['phosphorus', 'phosphorusMg'],
      ['vitamin a', 'vitaminARaeUg'],
      ['vitamin c', 'vitaminCMg'],
      ['vitamin d', 'vitaminDUg'],
      ['vitamin k', 'vitaminKUg'],
      ['vitamin b12', 'vitaminB12Ug'],
      ['folate', 'folateDfeUg'],
    ] as const
  ).map(
    ([word, nutrient]): ClaimWords => ({
      said: new RegExp(String.raw`\b(?:high|rich|packed|source|full)\b.*\b${word}\b`, 'i'),
      kind: 'claim',
      ids: [`high:${nutrient}`, `source:${nutrient}`, `goodSource:${nutrient}`],
      nutrient,
    }),
  ),
  { said: /\b(?:keto|low[- ]carb|(?:low|lower|less|reduced)[- ](?:in )?carbo|zero carb|(?:only|just|under|less than|no more than) \d+(?:\.\d+)? ?g(?:rams?)? (?:of )?carb)/i, kind: 'figure', nutrient: 'availableCarbohydrateG', why: 'no regime has a rule for words about carbohydrate: only the figure can be said' },
  { said: /\b(?:paleo|whole ?30|low[- ]fodmap)\b/i, kind: 'figure', nutrient: 'energyKcal', why: 'no regime has a rule for this word, and no figure settles it' },
  { said: /\b(?:protein)\b/i, kind: 'figure', nutrient: 'proteinG', why: 'only the figure can be said' },
];
