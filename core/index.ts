/**
 * The public names of the core by room, lowest floor first: what the server, the contract and the screens may call. Pure TypeScript:
 * no DOM, no Node, no clock, no chance. A room imports only rooms of the floors below it (biome.floors.json holds that).
 */

export type { AllergenState } from './allergen/board.ts';
export type { DietState } from './allergen/diets.ts';
export type { FewestChanges } from './allergen/findings.ts';
export { type LookFor, labelWorklist, questionsOf, type WorklistItem, worklistText } from './allergen/worklist.ts';
// analysis: one soup analysed, and the difference of two
export { type AnalyseOptions, type Analysis, analyse, type ChoiceResult, type NutrientFigure } from './analysis/analysis.ts';
export { type Difference, differenceOf, type LineChange } from './analysis/diff.ts';
export { type FoodRecord, foodRecord, type RecordFigure } from './analysis/foodRecord.ts';
// bowl: the mixed-recipe calculation: what one bowl holds
export type { Price, PriceList } from './bowl/cost.ts';
export { doubtAbout } from './bowl/doubt.ts';
export { chanceWithin, type DrawRequest, drawBowls, type Spread, spreadOf } from './bowl/draws.ts';
export { bowlLines, entriesOf } from './bowl/entries.ts';
export { type KernelLine, sumLines } from './bowl/kernel.ts';
export { mlPer100g, SOUP_DENSITY } from './bowl/pot.ts';
export { bowlGrams, potByStick, potOnScale } from './bowl/yield.ts';
// export: a recipe written out
export { toJson, toJsonLd, toMarkdown } from './export/formats.ts';
export { sheetText } from './export/sheet.ts';
// food: records, the shelf, labels, measures, search
export { readIngredients } from './food/ingredients.ts';
export { energyDoubt, LABEL_FORMS, LABEL_KEYS, type LabelEntry, type LabelForm, type LabelKey, labelFaults, labelFood } from './food/label.ts';
export { formatGrams, kitchenMeasure } from './food/measure.ts';
export { type OwnFoodsRead, ownFoodsOf } from './food/ownFoods.ts';
export { type LabelPin, PIN_FLAGS, PIN_STATES, type PinFlag, type PinState } from './food/pins.ts';
export { searchFoods } from './food/search.ts';
export { makeShelf, type OnShelf, OWN_FOOD, onShelf, SHELF, type Shelf, shelfWith } from './food/shelf.ts';
export { DATA_VERSION } from './food/version.ts';
// formats: our own CSV
export { toCsv } from './formats/csv.ts';
// method: the steps rewritten for what is in the pot now
export type { Exchange, Work } from './method/entry.ts';
export { rewriteMethod } from './method/rewrite.ts';
// notes: cautions
export { type Ranked, rankNotes } from './notes/rank.ts';
export type { Note } from './notes/rules.ts';
// quantity: units, numbers, shares in words
export { dayAfter, isDay, kitchenDay } from './quantity/day.ts';
export { shareWords } from './quantity/share.ts';
// reading: text into a recipe with doubts
export { phraseKey, phraseOf } from './reading/chooseFood.ts';
export { CONSEQUENCE_WEIGHT, type Doubt, type DoubtReading, type PerServing } from './reading/doubts.ts';
export { readLine } from './reading/line.ts';
export { openDoubts } from './reading/openDoubts.ts';
export { addStep, rewordStep, withoutStep } from './reading/ownSteps.ts';
export { readRecipe } from './reading/read.ts';
export { weighLine } from './reading/weighLine.ts';
// regime: what the law of a place asks of a label
export { lessThanOriginal } from './regime/claims.ts';
export type { DeclaredFigure } from './regime/declared.ts';
export { keepingWords, REGIME_IDS, REGIMES, type RegimeId } from './regime/regime.ts';
// school: ways of a kitchen, side by side
export { FAMILY_IDS, type FamilyId, SCHOOLS } from './school/data/schools.ts';
export { inHouseWays, sideBySide, wayOf } from './school/schools.ts';
// sheet: the serving sheet, the lists of a kitchen, what a text claims
export { type Sheet, type SheetRequest, sheetOf } from './sheet/sheet.ts';
// swap: the closest soup that meets the needs
export { type AdaptRequest, type AdaptResult, adapt } from './swap/adapt.ts';
export { buildModel } from './swap/buildModel.ts';
export { PRESETS, withPreset } from './swap/data/presets.ts';
export { SWAPS, swapsFor } from './swap/data/swaps.ts';
export { type LineSwap, swapsForLine } from './swap/forLine.ts';
export { type Need, needList, needOf, needRefs, refOf, withoutNeed } from './swap/need.ts';
export { type Limit, type NeedRef, type Needs, needsFaults, type Weights } from './swap/needs.ts';
export { DEFAULT_WEIGHTS } from './swap/objective.ts';
export type { Change, Plan, Shift } from './swap/plan.ts';
export { nutrientGivers, rolesOf, rolesText } from './swap/roles.ts';
export { sayNeeds } from './swap/sayNeeds.ts';
export { putBack, takeOut } from './swap/steps.ts';
export { judgeNeeds, type NeedVerdict, passes } from './swap/verdict.ts';
// taste: flavour and balance
export { type Balance, balanceOf, SEASONED } from './taste/balance.ts';
// texture: body
export { blendedShare } from './texture/blended.ts';
export { relativeThickness } from './texture/body.ts';
export { bodyHelp, splashMl } from './texture/help.ts';
// vocabulary: the words: nutrients, allergens and diets, foods, the recipe
export { ALLERGEN_LABELS, ALLERGENS, type AllergenId, DIET_LABELS, DIETS, type DietId } from './vocabulary/allergens.ts';
// allergen: the board, diets, labels to check
export { CATEGORIES, type Category } from './vocabulary/category.ts';
export type { Food, SourceKind } from './vocabulary/food.ts';
export { NUTRIENT_COUNT, NUTRIENT_INDEX, NUTRIENT_LABELS, NUTRIENTS, type Nutrient, nutrientName, nutrientUnit } from './vocabulary/nutrient.ts';
export {
  countedLines,
  EATEN,
  type Grams,
  LIDS,
  type Line,
  MAX_LINES,
  METHODS,
  type Recipe,
  recipeFaults,
  STAGE_LABELS,
  STAGES,
  type Stage,
  settleGroups,
} from './vocabulary/recipe.ts';
