/** One soup the way of each school, side by side: what each does to bowl, body, time, work and cautions. */
import { analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { FAMILY_IDS, type FamilyId, SCHOOLS } from './data/schools.ts';
import { changedFrom, measured } from './measure.ts';
import { partsOf } from './parts.ts';
import type { Answer, FamilyRow, HouseWays, SchoolRow, SchoolsReply, SchoolsRequest, Soup } from './types.ts';
import { base } from './ways/base.ts';
import { blending } from './ways/blending.ts';
import { lid, peel } from './ways/heat.ts';
import { acid, cream, garlic, salt, spice } from './ways/moments.ts';
import { stock } from './ways/stock.ts';
import { thickening } from './ways/thickening.ts';

const WAYS: Readonly<Record<FamilyId, (school: string, soup: Soup) => Answer>> = {
  thickening,
  stock,
  base,
  spice,
  garlic,
  acid,
  lid,
  peel,
  blending,
  salt,
  cream,
};

/** This soup the way of one school. */
export function wayOf(
  family: FamilyId,
  school: string,
  recipe: Recipe,
  { kitchen, options }: Pick<SchoolsRequest, 'kitchen' | 'options'>,
  shelf: Shelf,
): Answer {
  // So many bowls, whatever the way makes of the pot.
  const soup = recipe.servings === undefined ? { ...recipe, servings: analyse(recipe, options, shelf).servings } : recipe;
  return WAYS[family](school, { recipe: soup, parts: partsOf(soup, shelf), shelf, options, hasJar: kitchen.blenderJarMl > 0 });
}

/** Family by family, so that whoever waits sees how far it is. */
export function* sideBySide(
  { recipe, kitchen, options, needs, house = {}, family }: SchoolsRequest,
  shelf: Shelf,
): Generator<FamilyRow, SchoolsReply> {
  const rules = { kitchen, options, needs, original: recipe };
  const asIs = measured(recipe, rules, shelf);
  const families: FamilyRow[] = [];
  for (const id of FAMILY_IDS.filter((one) => family === undefined || one === family)) {
    const { name, schools } = SCHOOLS[id];
    const rows = schools.map((school): SchoolRow => {
      const answer = wayOf(id, school.id, recipe, rules, shelf);
      const said = {
        id: school.id,
        name: school.name,
        does: school.does,
        gives: school.gives,
        care: school.care ?? null,
        house: house[id] === school.id,
      };
      if (answer.kind === 'now') return { ...said, state: 'now', measured: asIs };
      if (answer.kind === 'none') return { ...said, state: 'none', why: answer.why };
      const after = measured(answer.way.recipe, rules, shelf);
      return { ...said, state: 'way', done: answer.way.done, recipe: answer.way.recipe, measured: after, changed: changedFrom(asIs, after) };
    });
    const row = { id, name, schools: rows };
    families.push(row);
    yield row;
  }
  return { asIs, families };
}

export interface Housed {
  recipe: Recipe;
  /** What was done, family by family. */
  done: { family: FamilyId; school: string; words: string }[];
  /** Ways of the house that this soup cannot take, and why. */
  left: { family: FamilyId; school: string; why: string }[];
}

/** The soup in all the ways of the house, one after another; a way that cannot be done is left and told. */
export function inHouseWays(recipe: Recipe, house: HouseWays, rules: Pick<SchoolsRequest, 'kitchen' | 'options'>, shelf: Shelf): Housed {
  let at = recipe;
  const done: Housed['done'] = [];
  const left: Housed['left'] = [];
  for (const family of FAMILY_IDS) {
    const school = house[family];
    if (school === undefined) continue;
    const answer = wayOf(family, school, at, rules, shelf);
    if (answer.kind === 'way') {
      at = answer.way.recipe;
      done.push({ family, school, words: answer.way.done });
    } else if (answer.kind === 'none') left.push({ family, school, why: answer.why });
  }
  return { recipe: at, done, left };
}
