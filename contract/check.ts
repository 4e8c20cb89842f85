/** Checks a body against its schema and its meaning, and says what is wrong, where, and how to mend it. */
import type { ObjectSchema, ValidationErrorItem } from 'joi';
import { type LabelEntry, labelFaults } from '../core/food/label.ts';
import type { Shelf } from '../core/food/shelf.ts';
import type { Needs } from '../core/swap/needs.ts';
import { needsFaults } from '../core/swap/needs.ts';
import { withFamilies } from '../core/swap/sayNeeds.ts';
import { type Recipe, recipeFaults } from '../core/vocabulary/recipe.ts';
import { PROBLEMS, Problem, type ProblemCode, type ProblemError } from './problems.ts';

const pointer = (path: readonly (string | number)[]): string =>
  path.map((part) => `/${String(part).replaceAll('~', '~0').replaceAll('/', '~1')}`).join('');

function codeOf(type: string): ProblemCode {
  if (type === 'object.unknown') return 'body.unknownKey';
  if (type === 'any.required' || type === 'object.missing' || type === 'object.with') return 'body.missing';
  if (type === 'object.xor') return 'value.notAllowed';
  if (type === 'instant') return 'value.notAnInstant';
  if (type === 'string.pattern.base') return 'value.empty';
  if (type === 'day') return 'value.notADay';
  if (type.endsWith('.base') || type === 'alternatives.types' || type === 'number.unsafe') return 'body.wrongType';
  if (type === 'string.empty' || type === 'array.min' || type === 'object.min') return 'value.empty';
  if (type === 'any.only' || type === 'string.pattern.name' || type === 'string.uppercase' || type === 'string.length' || type === 'string.guid')
    return 'value.notAllowed';
  if (/\.(max|less|infinity)$/.test(type)) return 'value.tooLarge';
  return type === 'number.integer' ? 'value.notAllowed' : 'value.tooSmall';
}

/** More items or keys than this in one list or object are refused before they are looked at. */
const MOST_IN_ONE = 1000;
/** More items than this in all the lists of a body are no kitchen's work. */
const MOST_ITEMS = 10_000;
/** A refusal names no more places than this. */
const MOST_ERRORS = 50;

/** Counts lists and keys before the schema walks them: a body of a third of a million empty lines is refused at once. */
function refuseCrowds(body: unknown): void {
  const places: { value: unknown; path: (string | number)[] }[] = [{ value: body, path: [] }];
  let items = 0;
  for (let place = places.pop(); place; place = places.pop()) {
    const { value, path } = place;
    if (typeof value !== 'object' || value === null) continue;
    const entries: [string | number, unknown][] = Array.isArray(value) ? [...value.entries()] : Object.entries(value);
    items += entries.length;
    if (entries.length > MOST_IN_ONE || items > MOST_ITEMS) {
      const recipe = path.at(-1) === 'lines' || path.at(-1) === 'steps';
      const message =
        entries.length > MOST_IN_ONE ? `${entries.length} entries; at most ${MOST_IN_ONE} are taken` : `more than ${MOST_ITEMS} entries in all`;
      refuse([{ path: pointer(path), code: recipe ? 'recipe.tooManyLines' : 'value.tooLarge', message }]);
    }
    for (const [key, inner] of entries) if (typeof inner === 'object' && inner !== null) places.push({ value: inner, path: [...path, key] });
  }
}

const toError = ({ type, path, message }: ValidationErrorItem): ProblemError => ({ path: pointer(path), code: codeOf(type), message });

function refuse(errors: ProblemError[]): never {
  const malformed = errors.filter(({ code }) => PROBLEMS[code].status === 400);
  const shown = malformed.length > 0 ? malformed : errors;
  const first = shown[0] as ProblemError;
  const more = shown.length > MOST_ERRORS ? ` (and ${shown.length - 1} more places)` : '';
  throw new Problem(first.code, `${first.path || 'The body'}: ${first.message}${more}`, { errors: shown.slice(0, MOST_ERRORS) });
}

/** The body as the schema wants it. Throws a Problem of 400 for a wrong shape, else of 422 for a wrong value. */
export function checkBody<T>(schema: ObjectSchema, body: unknown): T {
  refuseCrowds(body);
  const { error, value } = schema.validate(body, { abortEarly: false, convert: false });
  if (error) refuse(error.details.map(toError));
  return value as T;
}

type KnowsFood = (id: string) => boolean;

/** Throws a 422 Problem when a well-formed recipe cannot be so. `at` is the recipe's place in the body. */
export function checkRecipe(recipe: Recipe, knowsFood: KnowsFood, at = '/recipe'): void {
  const faults = recipeFaults(recipe, knowsFood);
  if (faults.length > 0) refuse(faults.map(({ path, code, message }) => ({ path: `${at}${path}`, code: code as ProblemCode, message })));
}

/** Needs that are kept for any soup, or asked of many, can name no line. */
export const ANY_SOUP: Recipe = { title: 'any soup', lines: [], steps: [] };

/** The needs as they are judged; 'pulses' among the foods to go without is every pulse, and what is usually made with one. */
export function checkNeeds(needs: Needs, recipe: Recipe, shelf: Pick<Shelf, 'food' | 'foods'>, at = '/needs'): void {
  if (needs.avoidFoods) needs.avoidFoods = withFamilies(needs.avoidFoods, shelf);
  const faults = needsFaults(needs, recipe, (id) => shelf.food(id) !== undefined);
  if (faults.length > 0) refuse(faults.map(({ path, code, message }) => ({ path: `${at}${path}`, code: code as ProblemCode, message })));
}

/** Throws a 422 Problem when a label's parts are larger than their wholes. `at` is the entry's place in the body. */
export function checkLabel(entry: LabelEntry, at: string): void {
  const faults = labelFaults(entry);
  if (faults.length > 0) refuse(faults.map(({ key, message }) => ({ path: `${at}/figures/${key}`, code: 'label.partTooLarge' as const, message })));
}
