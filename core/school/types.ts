/** Schools of a kitchen: ways to do the same thing, each with what it does to one soup. */
import type { AnalyseOptions } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Kitchen } from '../plan/tasks.ts';
import type { Needs } from '../swap/needs.ts';
import type { AllergenId } from '../vocabulary/allergens.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import type { FamilyId } from './data/schools.ts';
import type { Parts } from './parts.ts';

/** A soup the way of one school. */
export interface Way {
  recipe: Recipe;
  /** What was done to it, with grams. */
  done: string;
}

/** The soup as a way sees it. */
export interface Soup {
  recipe: Recipe;
  parts: Parts;
  shelf: Shelf;
  options: AnalyseOptions;
  /** This kitchen blends in a jar where nothing else is said. */
  hasJar: boolean;
}

/** The soup done so; or why this soup cannot be. `now` where it is done so already. */
export type Answer = { kind: 'now' } | { kind: 'way'; way: Way } | { kind: 'none'; why: string };
export const now: Answer = { kind: 'now' };
export const none = (why: string): Answer => ({ kind: 'none', why });
export const way = (recipe: Recipe, done: string): Answer => ({ kind: 'way', way: { recipe, done } });

/** Figures of one bowl that a school can move. */
export const SCHOOL_FIGURES = ['energyKcal', 'proteinG', 'saturatedFatG', 'fibreG', 'sodiumMg', 'potassiumMg'] as const satisfies readonly Nutrient[];
export type SchoolFigure = (typeof SCHOOL_FIGURES)[number];

export interface Measured {
  figures: Record<SchoolFigure, { value: number; atLeast: boolean }>;
  bowlMl: number;
  body: { index: number; word: string };
  /** From the first task to the last, and of it with hands at work; one cook, no soup beside. Null where it cannot be planned. */
  minutes: number | null;
  handsOn: number | null;
  allergens: Record<'contains' | 'check', AllergenId[]>;
  cautions: { code: string; message: string }[];
  /** Of what was asked, what is not met or cannot be told. */
  unmet: { need: string; state: 'breaks' | 'cannotTell' }[];
}

/** Against the soup as it is. */
export interface Changed {
  figures: Record<SchoolFigure, number>;
  body: number;
  bowlMl: number;
  minutes: number | null;
  handsOn: number | null;
  brings: AllergenId[];
  leaves: AllergenId[];
  toCheck: AllergenId[];
  cautions: string[];
  cautionsGone: string[];
}

export interface SchoolRow {
  id: string;
  name: string;
  does: string;
  gives: string;
  care: string | null;
  state: 'now' | 'way' | 'none';
  why?: string;
  done?: string;
  recipe?: Recipe;
  measured?: Measured;
  changed?: Changed;
  /** The way of this house. */
  house: boolean;
}

export interface FamilyRow {
  id: FamilyId;
  name: string;
  schools: SchoolRow[];
}

export interface SchoolsRequest {
  recipe: Recipe;
  kitchen: Kitchen;
  options: AnalyseOptions;
  /** What is asked of the soup on its bench. */
  needs?: Needs | undefined;
  /** By family, the house's way. */
  house?: HouseWays | undefined;
  /** Only this family. */
  family?: FamilyId | undefined;
}

export type HouseWays = Partial<Record<FamilyId, string>>;

export interface SchoolsReply {
  asIs: Measured;
  families: FamilyRow[];
}
