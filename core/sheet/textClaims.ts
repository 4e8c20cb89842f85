/**
 * The text's own claims answered one by one: the figure, the rule of the regime with its limit, and what may be said instead. A comparison
 * is worked out by putting its reference into the pot.
 */
import { type AnalyseOptions, type Analysis, analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import { matchFood } from '../reading/match.ts';
import type { Claim } from '../regime/claims.ts';
import { REGIMES } from '../regime/regime.ts';
import { DIET_LABELS } from '../vocabulary/allergens.ts';
import { NUTRIENT_LABELS, type Nutrient, nutrientName, nutrientUnit } from '../vocabulary/nutrient.ts';
import type { Line, Recipe } from '../vocabulary/recipe.ts';
import { CLAIM_WORDS, type ClaimWords } from './data/claimWords.ts';

export type Answer = 'yes' | 'no' | 'cannotTell' | 'notSayable';

export interface ClaimAnswer {
  /** As the text has it. */
  words: string;
  answer: Answer;
  /** Of one bowl, in the unit of the nutrient. */
  figure?: string;
  /** The rule and its limit, with its source. */
  rule?: string;
  /** What it comes to, in a sentence. */
  message: string;
}

const figureText = (analysis: Analysis, nutrient: Nutrient): string => {
  const { value, atLeast } = analysis.perServing[nutrient];
  return `${atLeast ? 'at least ' : ''}${Number(value.toPrecision(3))} ${nutrientUnit(nutrient)} of ${nutrientName(nutrient)} a bowl`;
};

export function answerClaims(recipe: Recipe, analysis: Analysis, options: AnalyseOptions, shelf: Shelf): ClaimAnswer[] {
  return (recipe.claims ?? []).map((words) => compared(words, recipe, analysis, options, shelf) ?? answered(words, analysis));
}

function answered(words: string, analysis: Analysis): ClaimAnswer {
  const row = CLAIM_WORDS.find(({ said }) => said.test(words));
  if (!row) return { words, answer: 'cannotTell', message: 'Kind Ladle has no rule for these words; have them confirmed or leave them out.' };
  switch (row.kind) {
    case 'never':
      return { words, answer: 'notSayable', message: `Not to be said: ${row.why}.` };
    case 'diet':
      return ofDiet(words, row.diet, analysis);
    case 'figure':
      return {
        words,
        answer: 'notSayable',
        figure: figureText(analysis, row.nutrient),
        message: `${capital(row.why)}: ${figureText(analysis, row.nutrient)}.`,
      };
    case 'claim':
      return ofClaim(words, row, analysis);
  }
}

function ofDiet(words: string, diet: keyof typeof DIET_LABELS, { diets }: Analysis): ClaimAnswer {
  const state = diets.find(({ id }) => id === diet)?.scopes.plate;
  if (state === 'breaks') return { words, answer: 'no', message: `The ingredients break '${DIET_LABELS[diet]}'.` };
  return {
    words,
    answer: 'cannotTell',
    message:
      state === 'fits'
        ? `The ingredients as they are known fit '${DIET_LABELS[diet]}'. A claim wants tested food and a clean line: it is the kitchen's, not the list's.`
        : `'${DIET_LABELS[diet]}' hangs on labels that have to be read.`,
  };
}

function ofClaim(words: string, { ids, nutrient }: Extract<ClaimWords, { kind: 'claim' }>, analysis: Analysis): ClaimAnswer {
  const figure = figureText(analysis, nutrient);
  // Who says 'source' claims no more than that, whatever the words of the row lead with.
  const ordered =
    /\bsource\b/i.test(words) && !/\b(?:great|excellent|rich)\b/i.test(words) ? [...ids].sort((a, b) => Number(isHigh(a)) - Number(isHigh(b))) : ids;
  const rules = ordered.flatMap((id) => analysis.claims.find((claim) => claim.id === id) ?? []);
  const regime = REGIMES[analysis.regime].name;
  const [first] = rules;
  if (!first) return { words, answer: 'notSayable', figure, message: `${regime} has no rule for these words here: ${figure}.` };
  const holds = rules.find(({ supported }) => supported === 'yes');
  if (holds && holds === first)
    return {
      words,
      answer: 'yes',
      figure,
      rule: ruleText(first),
      message: `The figures would support '${first.words}': ${figure}. Have it confirmed.`,
    };
  const isOpen = analysis.perServing[nutrient].atLeast;
  const open = rules.some(({ supported }) => supported === 'cannotTell');
  const instead = holds ? ` '${holds.words}' could be said.` : open ? '' : ` Nothing of the kind can be said; the figure can.`;
  return {
    words,
    answer: first.supported === 'cannotTell' ? 'cannotTell' : 'no',
    figure,
    rule: ruleText(first),
    message: `${first.supported === 'no' ? `'${first.words}' is not borne out` : isOpen ? 'Something in the pot is not known' : 'The interval lies on both sides of the limit'}: ${figure}.${instead}`,
  };
}

const isHigh = (id: string): boolean => id.startsWith('high');

const ruleText = ({ words, limit, figure, source }: Claim): string =>
  `${words}: limit ${Number(limit.toPrecision(4))}, here ${Number(figure.toPrecision(3))} by its own measure (${source})`;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** 'Lower in fat than with cream', 'half the fat of cream'. */
const COMPARES = /\b(?:than|of)\b\s+(?:(?:a|the|one|same|soup|version|made|with|using|if|it|had|were|usual|classic|real)\s+)*([\p{L} ]{3,40})$/iu;
const COMPARED: readonly (readonly [RegExp, Nutrient])[] = [
  [/\bsaturated/i, 'saturatedFatG'],
  [/\bfat\b/i, 'fatG'],
  [/\b(?:sodium|salt)\b/i, 'sodiumMg'],
  [/\bsugar/i, 'sugarsG'],
  [/\bcarb/i, 'availableCarbohydrateG'],
  [/\b(?:calor|energy)/i, 'energyKcal'],
  [/\bprotein/i, 'proteinG'],
  [/\bfib/i, 'fibreG'],
];
/** A cup of the reference, as recipes measure it (common practice, no source). */
export const REFERENCE_ML = 240;

function compared(words: string, recipe: Recipe, analysis: Analysis, options: AnalyseOptions, shelf: Shelf): ClaimAnswer | null {
  const said = /\b(?:than|half the|a third less)\b/i.test(words) ? COMPARES.exec(words)?.[1]?.trim() : undefined;
  const nutrient = COMPARED.find(([word]) => word.test(words))?.[1];
  const match = said ? matchFood(said, shelf) : { kind: 'none' as const };
  const foodId = match.kind === 'food' || match.kind === 'modified' ? match.foodId : match.kind === 'ambiguous' ? match.foodIds[0] : undefined;
  const food = foodId === undefined ? undefined : shelf.food(foodId);
  if (!nutrient || !food) return null;
  const { without, withIt } = withAndWithout(recipe, food.id, REFERENCE_ML * (food.densityGPerMl ?? 1), options, shelf, analysis);
  const [here, there] = [without.perServing[nutrient], withIt.perServing[nutrient]];
  if (here.atLeast || there.atLeast || there.value <= 0)
    return { words, answer: 'cannotTell', message: `Something in the pot is not known: ${figureText(analysis, nutrient)}.` };
  const less = Math.round(100 * (1 - here.value / there.value));
  const isLower = /\b(?:less|lower|half|third|reduced|fewer)\b/i.test(words);
  const asked = /\bhalf\b/i.test(words) ? 50 : Math.max(REGIMES[analysis.regime].claims.reducedByPercent, /\bthird\b/i.test(words) ? 33 : 0);
  const holds = (isLower ? less : -less) >= asked;
  return {
    words,
    answer: holds ? 'yes' : 'no',
    figure: figureText(analysis, nutrient),
    rule: `than the same pot with ${REFERENCE_ML} ml ${food.name.toLowerCase()}`,
    message: `${NUTRIENT_LABELS[nutrient]} ${Number(here.value.toPrecision(3))} ${nutrientUnit(nutrient)} a bowl, with ${REFERENCE_ML} ml ${food.name.toLowerCase()} in the same pot ${Number(there.value.toPrecision(3))}: ${less >= 0 ? `${less} % less` : `${-less} % more`}. A comparison asks for ${asked} %; say the reference with it.`,
  };
}

/** The same pot with so many grams of a food and with none of it: the comparison teachers make most. */
export function withAndWithout(
  recipe: Recipe,
  foodId: string,
  grams: number,
  options: AnalyseOptions,
  shelf: Shelf,
  known?: Analysis,
): { without: Analysis; withIt: Analysis } {
  const line: Line = {
    id: 'with',
    stage: 'finish',
    text: shelf.food(foodId)?.name ?? foodId,
    foodId,
    grams: { best: grams, low: grams, high: grams },
  };
  const none = recipe.lines.filter((one) => one.foodId !== foodId);
  const without = none.length === recipe.lines.length && known ? known : analyse({ ...recipe, lines: none }, options, shelf);
  return { without, withIt: analyse({ ...recipe, lines: [...none, line] }, options, shelf) };
}
