/** What the API sends, as types. */
import type { RegimeId } from '../core/nutrition/regime.ts';
import type { Recipe } from '../core/recipe.ts';
import type { Analysis } from '../core/analysis.ts';
import type { Needs } from '../core/swap/needs.ts';

export type Measures = 'auto' | 'us' | 'metric' | 'imperial' | 'au';

export interface Settings {
  regime: RegimeId;
  coconutIsTreeNut: boolean;
  chestnutIsTreeNut: boolean;
  /** How pasted recipes are measured. */
  measures: Measures;
  /** How amounts are shown. */
  show: 'grams' | 'kitchen';
  potDiameterCm: number;
  ringKw: number | null;
  bowlMl: number;
  revision: number;
}

export const DEFAULT_SETTINGS: Settings = {
  regime: 'us', coconutIsTreeNut: false, chestnutIsTreeNut: false, measures: 'auto', show: 'grams', potDiameterCm: 28, ringKw: null, bowlMl: 240, revision: 1,
};

export interface VersionSummary {
  id: string;
  number: number;
  name: string;
  reason: string;
  createdAt: string;
}

export interface SoupSummary {
  id: string;
  title: string;
  revision: number;
  archived: boolean;
  updatedAt: string;
  versions: VersionSummary[];
}

export interface DraftBody {
  recipe: Recipe;
  needs: Needs;
  basedOn: string | null;
  revision: number;
}

export interface VersionBody extends VersionSummary {
  recipe: Recipe;
  needs: Needs;
  analysis: Analysis;
  dataVersion: string;
  /** Present when today's food rows give other figures than those kept. */
  numbersChanged?: boolean;
}
