/** What the API sends, as types. */
import type { AllergenId } from '../core/allergen/ids.ts';
import type { Analysis } from '../core/analysis.ts';
import type { RegimeId } from '../core/nutrition/regime.ts';
import type { Recipe } from '../core/recipe.ts';
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
  regime: 'us',
  coconutIsTreeNut: false,
  chestnutIsTreeNut: false,
  measures: 'auto',
  show: 'grams',
  potDiameterCm: 28,
  ringKw: null,
  bowlMl: 240,
  revision: 1,
};

/** What the list of soups shows of a version, taken from its kept analysis. */
export interface VersionDigest {
  contains: AllergenId[];
  checks: AllergenId[];
  energyKcal: number;
  sodiumMg: number;
  /** Of the needs it was kept with: how many were asked, how many it meets or likely meets. */
  asked: number;
  met: number;
}

export interface VersionSummary extends Partial<VersionDigest> {
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
