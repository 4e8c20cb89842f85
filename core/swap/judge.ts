/** What one adaptation is about, and who says whether a soup does: the recipe, what is asked of it, and the clock. */
import { type AnalyseOptions, type Analysis, analyse } from '../analysis/analysis.ts';
import { type PriceList, pricePerGram } from '../bowl/cost.ts';
import type { Shelf } from '../food/shelf.ts';
import { blendedShare } from '../texture/blended.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { buildModel, drawnIn, type ModelInput } from './buildModel.ts';
import type { StayedFoods } from './contribution.ts';
import type { Model } from './model.ts';
import { type Asked, type Need, type NeedOf, ofKind } from './need.ts';
import type { Bounds } from './rows.ts';
import { blendedWhole } from './smooth.ts';
import { passes, type Standing, standings } from './verdict.ts';

export interface Soup {
  recipe: Recipe;
  analysis: Analysis;
}

export interface JudgeInput {
  recipe: Recipe;
  asked: Asked;
  shelf: Shelf;
  prices?: PriceList | undefined;
  expired: () => boolean;
  /** Every option of every line, whether or not anything asked gives it a reason. */
  every?: boolean;
  /** The chance of meeting a limit that is aimed at where none is asked. */
  aim?: number;
  /** What its models carry beside what is asked: see ModelInput. */
  beside?: Pick<ModelInput, 'also' | 'reasons'>;
}

export class Judge {
  readonly asked: Asked;
  readonly shelf: Shelf;
  /** The soup as it was given. */
  readonly original: Soup;
  /** Where the search starts from: blended smooth when that is asked. */
  readonly start: Soup;
  readonly expired: () => boolean;
  private readonly input: JudgeInput;
  private readonly options: AnalyseOptions;
  private readonly stayed: StayedFoods;

  constructor(input: JudgeInput, stayed: StayedFoods = new Map()) {
    const { recipe, asked, shelf, prices, expired } = input;
    const { regime, coconutIsTreeNut, chestnutIsTreeNut, blender } = asked.terms;
    this.input = input;
    this.asked = asked;
    this.shelf = shelf;
    this.expired = expired;
    this.stayed = stayed;
    this.options = { regime, coconutIsTreeNut, chestnutIsTreeNut, prices, ...(blender ? { blender } : {}) };
    this.original = this.analysed(recipe);
    this.start =
      ofKind(asked.needs, 'smooth').length > 0 && blendedShare(recipe) < 1
        ? this.analysed(blendedWhole(recipe, shelf, asked.terms.blender))
        : this.original;
  }

  analysed(recipe: Recipe): Soup {
    return { recipe, analysis: analyse(recipe, this.options, this.shelf) };
  }

  /** How a soup stands to everything that is asked, in its order. */
  standings(soup: Soup): Standing[] {
    return standings(this.asked, { ...soup, original: this.original, shelf: this.shelf });
  }

  /** The needs asked that these standings do not pass. */
  failing(stood: readonly Standing[]): Need[] {
    return this.asked.needs.filter((need, index) => !passes(need, stood[index] as Standing));
  }

  /** The limits that are met, if at all, with less than the chance asked for. */
  unsure(stood: readonly Standing[], margin = this.asked.terms.margin): [NeedOf<'limit'>, Standing][] {
    if (margin === undefined) return [];
    return this.asked.needs.flatMap((need, index): [NeedOf<'limit'>, Standing][] => {
      const standing = stood[index] as Standing;
      return need.kind === 'limit' && standing.chance !== undefined && standing.chance < margin ? [[need, standing]] : [];
    });
  }

  /** The needs of the request that a soup is not said to meet: failing, or a limit met with less than the chance asked for. */
  missed(stood: readonly Standing[]): Need[] {
    const missed = new Set<Need>([...this.failing(stood), ...this.unsure(stood).map(([need]) => need)]);
    return this.asked.needs.filter((need) => missed.has(need));
  }

  /** The model for some of the needs, `soft` ones at a price. */
  model(needs: readonly Need[], soft: ReadonlySet<Need>, tightened?: ReadonlyMap<Need, Bounds>): Model {
    return buildModel(this.modelInput(needs, soft, tightened));
  }

  /** The same model, its limits drawn in. */
  drawnIn(model: Model, needs: readonly Need[], soft: ReadonlySet<Need>, tightened: ReadonlyMap<Need, Bounds>): Model {
    return drawnIn(model, this.modelInput(needs, soft, tightened));
  }

  private modelInput(needs: readonly Need[], soft: ReadonlySet<Need>, tightened?: ReadonlyMap<Need, Bounds>): ModelInput {
    const { prices } = this.input;
    return {
      ...this.start,
      asked: { terms: this.asked.terms, needs },
      shelf: this.shelf,
      soft,
      stayed: this.stayed,
      // A soup that is blended for smoothness is to be as thick as it was before.
      bodyIndex: this.original.analysis.body.index,
      ...(tightened ? { tightened } : {}),
      ...(this.input.every ? { every: true } : {}),
      ...this.input.beside,
      ...(prices ? { priceOf: pricePerGram(prices, this.shelf) } : {}),
    };
  }

  /** The same soup, its limits drawn in for about this chance though none was asked for. */
  aimingAt(chance: number): Judge {
    return new Judge({ ...this.input, aim: chance }, this.stayed);
  }

  /** The chance limits are drawn in for: the one that is asked, or the one that is aimed at. */
  get aim(): number | undefined {
    return this.asked.terms.margin ?? this.input.aim;
  }

  /** The same soup, every option of its lines and everything that may be added on offer. */
  withEvery(): Judge {
    return new Judge({ ...this.input, every: true }, this.stayed);
  }

  /** The same soup, one limit giving way to this bound, on the side that is missed. */
  withBound(need: NeedOf<'limit'>, to: number): Judge {
    const { min, max } = need.limit;
    const isLeast = min !== undefined && (max === undefined || to < min);
    const limit = isLeast ? { ...need.limit, min: to } : { ...need.limit, max: to };
    const needs = this.asked.needs.map((one) => (one === need ? { ...need, limit } : one));
    return new Judge({ ...this.input, asked: { ...this.asked, needs } }, this.stayed);
  }

  /** The same pot in bowls of `share` of the size. Toppings are by the bowl or by the pot, as the recipe has them. */
  inBowls(share: number): Judge {
    const { servingGrams: _, ...recipe } = this.original.recipe;
    return new Judge({ ...this.input, recipe: { ...recipe, servings: this.original.analysis.servings / share } }, this.stayed);
  }
}
