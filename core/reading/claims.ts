/** What a text claims of its soup: kept as rows for the sheet to answer, never taken at its word. */
import type { Doubt } from './doubts.ts';

const CLAIMS =
  /\b(anti-?inflammatory|detox\w*|superfood|cleans(?:e|ing)|immune[- ]boost\w*|boosts? (?:your )?immun\w+|fat[- ]burning|weight[- ]loss|slimming|fattening|cures?|heals?|healing|great source of [\w ]+?(?= and\b|[^\w ]|$)|rich in [\w ]+?(?= and\b|[^\w ]|$)|packed with [\w ]+?(?= and\b|[^\w ]|$)|guilt[- ]free|heart[- ]healthy|low[- ]cal(?:orie)?|healthy|clean eating|gut[- ]friendly|antioxidants?)\b/gi;
const LEVEL =
  /\b(?:pur[eé]ed diet|level\s*[0-7]\b|liquidised diet|nectar[- ]thick|honey[- ]thick|pudding[- ]thick|mildly thick|moderately thick|extremely thick|dysphagia|smooth enough for)\b/i;
const FREE_FROM = /\b(?:gluten|dairy|nut|lactose|allergen|egg|soy)[- ]free\b|\bvegan\b|\bvegetarian\b|\bsuits every diet\b/gi;

/** Words of the imported text that are claims: kept out of the recipe, and said. */
export function claimDoubts(text: string): Doubt[] {
  const doubts: Doubt[] = [];
  const list = (pattern: RegExp): string[] => [...new Set([...text.matchAll(pattern)].map(([word]) => word.toLowerCase().trim()))].slice(0, 6);
  const claims = list(CLAIMS);
  if (claims.length > 0)
    doubts.push({
      code: 'claim.keptOut',
      lineId: null,
      textLine: null,
      message: `The text makes claims (${claims.join(', ')}). They are kept out: the figures of the bowl say what can be said.`,
    });
  const level = LEVEL.exec(text);
  if (level)
    doubts.push({
      code: 'level.keptOut',
      lineId: null,
      textLine: null,
      message: `'${level[0]}' is not taken for a texture level: no level follows from a recipe. Test the soup as served; a speech and language professional decides.`,
    });
  const labels = list(FREE_FROM);
  if (labels.length > 0)
    doubts.push({
      code: 'label.checked',
      lineId: null,
      textLine: null,
      message: `The text calls itself ${labels.join(', ')}. It is not taken at its word: the allergen board goes by the ingredients.`,
    });
  return doubts;
}

/** Words of figures: 'only 6 g of carbs', 'under 300 calories', 'low in sodium', 'half the fat of cream', 'high in protein'. */
const OF_FIGURES =
  /\b(?:(?:only|just|under|less than|fewer than|no more than)\s+\d+(?:\.\d+)?\s*(?:k?cal(?:orie)?s?|g|grams?|mg)\b[^.,;!\n]{0,30}|(?:very )?(?:low|lower|high|higher|rich|reduced|less|half the|a third less)(?:er)?[- ](?:in |the )?(?:carbs?|carbohydrates?|calories?|fat|saturated fat|sodium|salt|sugar|protein|fib(?:re|er)|potassium|iron|calcium|vitamin \p{Lu})\b(?:\s+than\b[^.,;!\n]{0,40})?(?!\s+(?:\p{L}+\s+)?(?:milk|yogh?urt|cream|cheese|stock|broth|bouillon|cubes?|sauce|butter|spread|powder|mayonnaise))|(?:good|great|excellent)?\s*source of [\p{L} ,]{3,40}|keto(?:genic)?|paleo|whole ?30|low[- ]fodmap|sugar[- ]free|no added sugar|zero (?:fat|sugar|carb)\w*)/giu;
/** Words of illness: nothing on a sheet may say them. */
const OF_ILLNESS =
  /\b(?:(?:good|great|suitable|perfect|ideal|safe) for (?:diabet\w+|kidney\w*|renal|heart|blood pressure|cholesterol|gout|ibs|coeliacs?|celiacs?|cancer|colds?|the immune system|gut health)|diabet\w+[- ]friendly|kidney[- ]friendly|renal[- ]friendly|heart[- ]healthy|lowers? (?:cholesterol|blood pressure|blood sugar)|anti-?inflammatory|detox\w*|immune[- ]boost\w*|fights? \p{L}+|cures?|heals?)\b/giu;
const MOST_CLAIMS = 40;
const MOST_WORDS = 160;

/** Every claim of the text, once, in its own words. */
export function claimsOf(text: string): string[] {
  const found = [...text.matchAll(OF_FIGURES), ...text.matchAll(OF_ILLNESS), ...text.matchAll(CLAIMS), ...text.matchAll(FREE_FROM)]
    .sort((a, b) => (a.index ?? 0) - (b.index ?? 0))
    .map(([words]) => words.replace(/\s+/g, ' ').trim().slice(0, MOST_WORDS));
  // 'Low carb' within 'low carb and keto' is one claim said once.
  return found.filter((words, at) => found.findIndex((one) => one.toLowerCase() === words.toLowerCase()) === at).slice(0, MOST_CLAIMS);
}
