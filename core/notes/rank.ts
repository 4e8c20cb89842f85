/**
 * Which cautions are shown at once: every danger, those that are about what was asked of the soup, and a few of the rest. A list of fifteen
 * is read by nobody (common practice, no source).
 */
import type { AllergenId, DietId } from '../vocabulary/allergens.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Concern } from './data/cautions.ts';
import { ALL_RULES, type Note } from './rules.ts';

/** Of what was asked, what a caution can be about. */
export interface AskedOf {
  allergens?: readonly AllergenId[] | undefined;
  diets?: readonly DietId[] | undefined;
  limits?: readonly { nutrient: Nutrient }[] | undefined;
  smooth?: boolean | undefined;
}

/** No more than this are shown that nobody's need is about; dangers always are. */
export const MOST_UNASKED = 3;

const CONCERNS: ReadonlyMap<string, readonly Concern[]> = new Map(ALL_RULES.map(({ code, concerns }) => [code, concerns ?? []]));
const concernsOf = ({ allergens = [], diets = [], limits = [], smooth }: AskedOf): ReadonlySet<Concern> =>
  new Set<Concern>([...allergens, ...diets, ...limits.map(({ nutrient }) => nutrient), ...(smooth ? (['smooth'] as const) : [])]);

export interface Ranked {
  first: Note[];
  /** To be asked for. */
  more: Note[];
}

/** The notes of a soup, in the order they are to be read: dangers, what was asked about, the rest by how grave they are. */
export function rankNotes(notes: readonly Note[], needs: AskedOf): Ranked {
  const asked = concernsOf(needs);
  const isAsked = ({ code }: Note) => CONCERNS.get(code)?.some((concern) => asked.has(concern)) ?? false;
  const dangers = notes.filter(({ severity }) => severity === 'danger');
  const theirs = notes.filter((note) => note.severity !== 'danger' && isAsked(note));
  const others = notes.filter((note) => note.severity !== 'danger' && !isAsked(note));
  const room = Math.max(0, MOST_UNASKED - dangers.filter((note) => !isAsked(note)).length);
  return { first: [...dangers, ...theirs, ...others.slice(0, room)], more: others.slice(room) };
}
