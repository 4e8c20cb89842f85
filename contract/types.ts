/** What the API sends, as types. */

import type { Analysis } from '../core/analysis/analysis.ts';
import type { ChangedSince, KeptAnalysis } from '../core/analysis/snapshot.ts';
import type { Entry, Keep } from '../core/batch/entry.ts';
import type { DaySetter } from '../core/batch/stock.ts';
import type { LabelEntry } from '../core/food/label.ts';
import type { Market } from '../core/food/market.ts';
import type { LabelPin } from '../core/food/pins.ts';
import type { SaltBand } from '../core/food/seasoning.ts';
import type { Beside, Guest as CoreGuest } from '../core/group/types.ts';
import type { CoolingReply } from '../core/plan/cooling.ts';
import type { System } from '../core/quantity/units.ts';
import type { RegimeId } from '../core/regime/regime.ts';
import type { HouseWays } from '../core/school/types.ts';
import type { Needs } from '../core/swap/needs.ts';
import type { NeedScope } from '../core/swap/scope.ts';
import type { AllergenId } from '../core/vocabulary/allergens.ts';
import type { Blender } from '../core/vocabulary/blender.ts';
import type { Line, Preparation, Recipe } from '../core/vocabulary/recipe.ts';

export type Measures = 'auto' | System;

export interface Settings {
  regime: RegimeId;
  coconutIsTreeNut: boolean;
  chestnutIsTreeNut: boolean;
  /** How pasted recipes are measured. */
  measures: Measures;
  /** How amounts are shown. */
  show: 'grams' | 'kitchen';
  potDiameterCm: number;
  /** To the brim, inside; not said where left out. */
  potDepthCm?: number | null;
  ringKw: number | null;
  /** Who cooks, and on what; one cook, four rings and an oven where it is not said. */
  cooks?: number;
  rings?: number;
  ovens?: number;
  /** Oven trays of 53 x 32.5 cm; as many as are wanted where it is not said. */
  trays?: number | null;
  /** Pots that stand in ice water at once; one where it is not said. */
  coldBaths?: number;
  bowlMl: number;
  /** Ladles of the house, ml. */
  ladlesMl?: number[];
  /** Days that a soup is kept in the cold here, the day of making the first; none of its own where it is not said. */
  keptDays?: number | null;
  /** ISO 4217; prices in another are kept and not reckoned with. */
  currency: string;
  /** How this house salts what is 'to taste'. */
  saltBand?: SaltBand;
  /** What soups are blended with here. */
  blender?: Blender | undefined;
  /** By family of ways, how this house does it; as each soup has it where nothing is said. */
  ways?: HouseWays | undefined;
  /** Where this house buys; the market of its regime where it has not said. */
  market?: Market | undefined;
  revision: number;
}

/** What the house makes and soups take grams of. */
export interface PreparationBody {
  id: string;
  name: string;
  recipe: Recipe;
  /** What it comes to, g. */
  yieldGrams?: number;
  /** What one bowl usually takes, g. */
  doseGrams?: number;
  /** Days it keeps chilled, the day it is made counted as the first. */
  keepDays?: number;
  revision: number;
  updatedAt: string;
}

/** Needs of the kitchen's own making, to start from. */
export interface KitchenPreset {
  id: string;
  name: string;
  needs: Needs;
  caution: string;
}

/**
 * A flow test as it was done: 10 ml in a slip-tip syringe, 10 s (the standard's own test, from memory). What it says
 * of a swallowing level is for the speech and language professional; nothing here is worked out from it.
 */
export interface FlowTest {
  id: string;
  testedAt: string;
  /** Left in the syringe after ten seconds. */
  mlLeft: number;
  temperatureC: number;
  /** Since it was ready. */
  heldMinutes: number;
  forkDrip?: 'runsThrough' | 'dripsSlowly' | 'sitsInAPile';
  spoonTilt?: 'runsOff' | 'slidesOff' | 'sticks';
  liquidSeparates?: boolean;
  note: string;
}
export type NewFlowTest = Omit<FlowTest, 'id' | 'testedAt'>;

export const DEFAULT_SETTINGS: Settings = {
  regime: 'us',
  coconutIsTreeNut: false,
  chestnutIsTreeNut: false,
  measures: 'auto',
  show: 'grams',
  potDiameterCm: 28,
  ringKw: null,
  bowlMl: 240,
  currency: 'EUR',
  saltBand: 'common',
  revision: 1,
};

/** What the list of soups shows of a version, taken from its kept analysis. */
export interface VersionDigest {
  contains: AllergenId[];
  checks: AllergenId[];
  energyKcal: number;
  sodiumMg: number;
  /** Of the needs it was kept with: how many were asked, how many it meets or likely meets, how many only a label can tell. */
  asked: number;
  met: number;
  toCheck?: number;
}

export interface VersionSummary extends Partial<VersionDigest> {
  id: string;
  number: number;
  name: string;
  reason: string;
  createdAt: string;
  /** How it stands to its needs by today's rows and labels, where that is not as it was kept. */
  today?: Pick<VersionDigest, 'asked' | 'met'> & { toCheck: number };
  /** Archived: it is still there, and no list offers it first. */
  archived?: true;
  /** Of its name and whether it is archived; what was kept never changes. */
  labelRevision?: number;
}

/** How a version answers what the list was asked for, by today's rows and labels. */
export interface VersionAnswer {
  versionId: string;
  number: number;
  state: 'meets' | 'likely' | 'cannotTell';
}

export interface SoupSummary {
  id: string;
  title: string;
  revision: number;
  archived: boolean;
  updatedAt: string;
  versions: VersionSummary[];
  /** True when today's rows and labels see the newest version otherwise than when it was kept. */
  newestChanged?: boolean;
  /** It came with the program. */
  demo?: true;
  /** Present when the list was asked with needs: the versions that do. */
  answers?: VersionAnswer[];
  /** Present when the list was asked for what uses the larder: its foods that this soup takes. */
  uses?: LarderUse[];
}

/** Something in the larder. */
export interface LarderEntry {
  id: string;
  foodId: string;
  /** What the food is called on today's shelf. */
  name: string;
  grams: number;
  /** The day it is to be used by, or null. */
  useBy: string | null;
  note: string;
  revision: number;
  updatedAt: string;
}
export type NewLarderEntry = Omit<LarderEntry, 'id' | 'name' | 'revision' | 'updatedAt'>;
export type LarderUse = Pick<LarderEntry, 'foodId' | 'useBy'>;

/** What the list of soups was asked, under a name. */
export interface SavedView {
  id: string;
  name: string;
  /** As it stands in the address, without the question mark. */
  query: string;
}

/** The soups that came with the program. */
export interface DemoHouse {
  shown: number;
  hidden: number;
}

export const SOUP_SORTS = ['updated', 'title', 'energy', 'sodium'] as const;
export type SoupSort = (typeof SOUP_SORTS)[number];

/** What is asked of the list of soups. */
export interface SoupQuery {
  /** Words of the title or of the foods in it. */
  q: string;
  /** Allergens that the newest version must not contain, nor leave to be checked unless `checks`. A soup not worked out yet is left out. */
  without: AllergenId[];
  checks: boolean;
  archived: boolean;
  /** What one of its versions must answer; the rest of a bowl's needs is asked of a soup by itself. */
  needs?: Needs;
  /** Needs in people's words, instead. */
  said?: string;
  /** Soups that are known by this food. */
  mainFood?: string;
  /** Only soups that take something of the larder that has not passed its day. */
  larder?: boolean;
  limit: number;
  after?: string;
  sort: SoupSort;
}

export interface SoupList {
  soups: SoupSummary[];
  next?: string;
  total: number;
  /** Present when it was asked in people's words: what was made of them. While anything of them is not understood nothing is listed. */
  asked?: AskedOfList;
}

export interface AskedOfList {
  needs: Needs;
  /** What was made of words that stand for a figure or for many foods. */
  understood: string[];
  /** What means nothing here, or can be asked of one soup only. */
  unread: string[];
  /** Names of the foods that are avoided, by id. */
  names: Record<string, string>;
}

/** What was said of single changes, by the id of the original's line. */
export type ChangeNotes = Record<string, string>;

export interface DraftBody {
  recipe: Recipe;
  needs: Needs;
  basedOn: string | null;
  revision: number;
  notes?: ChangeNotes;
}

export interface NewVersion {
  name: string;
  reason: string;
  recipe: Recipe;
  needs: Needs;
  notes?: ChangeNotes;
}

export interface VersionBody extends VersionSummary {
  recipe: Recipe;
  needs: Needs;
  analysis: KeptAnalysis;
  dataVersion: string;
  notes?: ChangeNotes;
  /** Present when today's food rows, labels or rules see it otherwise than when it was kept: figures, allergens, diets. */
  numbersChanged?: boolean;
  changedSince?: ChangedSince;
  /** Present when a food of it is no longer on the shelf: it cannot be worked out today. */
  foodsGone?: string[];
}

/** A soup that has a food: in its draft, or in the versions named. */
export interface FoodUse {
  id: string;
  title: string;
  versions: string[];
}

/** A label as the kitchen read it. */
export interface PinBody extends LabelPin {
  revision: number;
  updatedAt: string;
}

/** Words, as they are remembered, and the food they mean in this kitchen. */
export interface PhraseBody {
  phrase: string;
  foodId: string;
}

/** A food of the kitchen's own, as its label was read. */
export interface OwnFoodBody {
  id: string;
  entry: LabelEntry;
  retired: boolean;
  revision: number;
  updatedAt: string;
}

/** A batch as the list shows it. */
export interface BatchSummary {
  id: string;
  soupId: string;
  title: string;
  version: number | null;
  servings: number;
  startedAt: string;
  /** Entries that were written. */
  entries: number;
  /** Portions put by. */
  portioned: number;
  lastAt: string;
}

/** What was put by of a batch. */
export interface Portions {
  /** Of the entry that put them by. */
  id: string;
  batchId: string;
  soupId: string;
  title: string;
  version: number | null;
  /** As many as were put by, and as many as are left. */
  count: number;
  left: number;
  grams: number;
  keep: Keep;
  /** Days of the kitchen. */
  madeOn: string;
  useBy: string;
  useByFrom: DaySetter;
  /** Past its day: told, and not counted. */
  past: boolean;
  contains: AllergenId[];
  checks: AllergenId[];
}

/** A preparation that was made here and stands in the cold. */
export interface Made {
  id: string;
  preparationId: string;
  /** As it was on the day it was made. */
  preparation: Preparation;
  madeOn: string;
  keep: Keep;
  grams: number;
  left: number;
  useBy: string;
  useByFrom: DaySetter;
  past: boolean;
  contains: AllergenId[];
  checks: AllergenId[];
}

export interface NewMade {
  id: string;
  grams: number;
  keep: Keep;
  /** Today where it is not said. */
  madeOn?: string;
}

export interface BatchBody {
  id: string;
  soupId: string;
  version: number | null;
  /** As it began: for the bowls of the batch. */
  recipe: Recipe;
  needs: Needs;
  startedAt: string;
  entries: Entry[];
  /** How many entries there are: each adds one. */
  revision: number;
  /** As it was cooked. */
  actual: { recipe: Recipe; analysis: Analysis };
  /** Where its cooling was read. */
  cooling?: CoolingReply;
  portions: Portions[];
}

export interface NewBatch {
  soupId: string;
  version: number | null;
  servings: number;
  recipe?: Recipe;
}

/** Who eats, by seat: what they need, how many bowls and what beside, on which days. */
export type Guest = CoreGuest;

export interface NewGroup {
  name: string;
  guests: Guest[];
  /** Of what the needs of this table speak where they do not say it themselves; the bowl where this does not either. */
  scope?: NeedScope | undefined;
}

export interface GroupBody extends NewGroup {
  id: string;
  revision: number;
  updatedAt: string;
}

/** An answer to a round of practice, as it was marked on its day. */
export interface GivenAnswer {
  round: string;
  topic: string;
  right: boolean;
  /** YYYY-MM-DD. */
  day: string;
  at: string;
}

/** A round that was missed, and when it comes back. */
export interface DueRound {
  round: string;
  topic: string;
  box: number;
  due: string;
}

export interface LearnerBody {
  code: string;
  today: string;
  /** The newest first. */
  answers: GivenAnswer[];
  due: DueRound[];
}

export interface ClassBody {
  today: string;
  learners: { code: string; answers: number; lastAt: string; toSeeAgain: number; dueNow: number }[];
  /** What there is to see again, by how many learners have it. */
  missed: { topic: string; learners: number }[];
}

/** A pot of a day: what it is of, who eats of it. */
export interface DayPot {
  soupId: string;
  title: string;
  /** From 1, over all soups of the day. */
  number: number;
  seats: string[];
  bowls: number;
  /** For its own bowls. */
  recipe: Recipe;
  /** What makes it this pot, in words. */
  words: string;
  /** The rules it was worked out under. */
  regime?: RegimeId;
  /** Pots of one kettle, among those of its soup, are one below what goes on top and beside. */
  kettle?: number;
  /** Guests with sides of their own. */
  beside?: { seats: string[]; lines: Line[] }[];
}

/** A lunch: who of which group comes, what is cooked, who eats what. */
export interface NewDay {
  groupId: string | null;
  /** Seats of those expected that do not come. */
  away: string[];
  soups: { soupId: string; number: number }[];
  /** By seat, the soup it eats; the first where nothing is said. */
  eats: Record<string, string>;
  /** By seat, what stands beside its bowl on this day, where it is another thing than usual. */
  beside?: Record<string, Beside[]>;
  /** Seats that are to eat from one pot. */
  together: string[][];
  /** Pots of a soup at most. */
  mostPots?: number;
  /** HH:MM of the kitchen's clock. */
  serveAt: string;
  /** What was worked out, and for what: another question makes it stale. */
  worked: { key: string; pots: DayPot[]; unserved: { seat: string; why: string }[]; explains: string[] } | null;
}

export interface DayBody extends NewDay {
  date: string;
  revision: number;
  updatedAt: string;
}
