/**
 * The serving sheet of a soup: a value that a screen shows, a printer prints and others ask for. Every figure is that of the analysis.
 */
import type { AllergenVerdict } from '../allergen/board.ts';
import type { DietVerdict } from '../allergen/diets.ts';
import { labelWorklist, type WorklistItem } from '../allergen/worklist.ts';
import { type AnalyseOptions, type Analysis, analyse, type Provenance } from '../analysis/analysis.ts';
import { type Difference, differenceOf } from '../analysis/diff.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Note } from '../notes/note.ts';
import { type Ranked, rankNotes } from '../notes/rank.ts';
import { FIGURES_AT_LEAST, openDoubts } from '../reading/openDoubts.ts';
import type { Claim } from '../regime/claims.ts';
import { REGIMES, type RegimeId } from '../regime/regime.ts';
import type { Needs } from '../swap/needs.ts';
import { judgeNeeds, type NeedVerdict } from '../swap/verdict.ts';
import type { Recipe, Step } from '../vocabulary/recipe.ts';
import { type EnergyShares, energyShares, type SheetRow, sheetFigures } from './figures.ts';
import { type SheetIngredient, sheetIngredients } from './ingredients.ts';
import { type Meal, mealOf } from './meal.ts';
import { answerClaims, type ClaimAnswer } from './textClaims.ts';

export interface Sheet {
  title: string;
  regime: RegimeId;
  bowls: number;
  bowlGrams: number;
  bowlMl: number;
  figures: SheetRow[];
  energyShares: EnergyShares;
  ingredients: SheetIngredient[];
  allergens: AllergenVerdict[];
  diets: DietVerdict[];
  /** Those the figures would support, and those that cannot be told. */
  claims: Claim[];
  textClaims: ClaimAnswer[];
  cautions: Note[];
  moreCautions: Note[];
  labelsToCheck: WorklistItem[];
  steps: Pick<Step, 'text' | 'minutes'>[];
  provenance: Provenance;
  /** What was asked of the soup, and whether it meets it. */
  needs: NeedVerdict[];
  meal: Meal;
  /** Against the original, where one was given. */
  change?: Difference;
  /** Words the regime asks for beside such figures, and no other regime's. */
  words: string[];
  /** While one stands the sheet is unfinished and every figure is at least what is shown. */
  incomplete: { code: 'food.unmatched' | 'amount.unknown' | 'text.unread'; lineId: string | null; message: string }[];
}

export interface SheetRequest {
  recipe: Recipe;
  needs?: Needs | undefined;
  regime?: RegimeId | undefined;
  original?: Recipe | undefined;
}

export function sheetOf({ recipe, needs = {}, regime, original }: SheetRequest, shelf: Shelf, options: AnalyseOptions = {}): Sheet {
  const rules: AnalyseOptions = {
    ...options,
    regime: regime ?? needs.regime ?? options.regime,
    coconutIsTreeNut: needs.coconutIsTreeNut ?? options.coconutIsTreeNut,
    chestnutIsTreeNut: needs.chestnutIsTreeNut ?? options.chestnutIsTreeNut,
    blender: needs.blender ?? options.blender,
  };
  const incomplete = incompleteIn(recipe, shelf);
  const worked = analyse(recipe, rules, shelf);
  // What is not weighed or not known thins 100 g as well: nothing is borne out until it is.
  const analysis = incomplete.length === 0 ? worked : { ...worked, claims: worked.claims.map(untold) };
  const asked: Needs = { ...needs, regime: analysis.regime };
  const before = original && { recipe: original, analysis: analyse(original, rules, shelf) };
  const { first, more }: Ranked = rankNotes(analysis.notes, { ...needs, smooth: needs.smooth === true });
  return {
    title: recipe.title,
    regime: analysis.regime,
    bowls: analysis.servings,
    bowlGrams: analysis.servingGrams,
    bowlMl: analysis.servingMl,
    figures: sheetFigures(
      analysis,
      (needs.limits ?? []).map(({ nutrient }) => nutrient),
    ),
    energyShares: energyShares(analysis),
    ingredients: sheetIngredients(recipe, analysis.regime, shelf),
    allergens: analysis.allergens,
    diets: analysis.diets,
    claims: analysis.claims.filter(({ supported }) => supported !== 'no'),
    textClaims: answerClaims(recipe, analysis, rules, shelf),
    cautions: first,
    moreCautions: more,
    labelsToCheck: labelWorklist(recipe, analysis.regime, shelf, analysis.diets).filter(({ lookFor }) => lookFor.length > 0),
    steps: recipe.steps.map(({ text, minutes }) => ({ text, ...(minutes ? { minutes } : {}) })),
    provenance: analysis.provenance,
    needs: judgeNeeds(asked, { recipe, analysis, original: before ?? { recipe, analysis }, shelf }),
    meal: mealOf(recipe, analysis, asked, rules, shelf),
    ...(before ? { change: differenceOf(before, { recipe, analysis }) } : {}),
    words: sheetWords(analysis),
    incomplete,
  };
}

const untold = (claim: Claim): Claim => (claim.supported === 'yes' ? { ...claim, supported: 'cannotTell' } : claim);

const incompleteIn = (recipe: Recipe, shelf: Shelf): Sheet['incomplete'] =>
  openDoubts(recipe, shelf).flatMap(({ code, lineId, message }) =>
    code === 'food.unmatched' || code === 'amount.unknown' || code === 'text.unread'
      ? [{ code, lineId, message: message.replace(FIGURES_AT_LEAST, '') }]
      : [],
  );

function sheetWords({ regime }: Analysis): string[] {
  const { label, energy } = REGIMES[regime];
  return [label.words, ...(label.mandatory ?? []), `Energy: ${energy.words} (${energy.source}).`];
}
