/** What versions answer needs with, as SQLite keeps and asks it. */
import type { Knex } from 'knex';
import type { SoupFacts } from '../../core/swap/facts.ts';
import type { Needs } from '../../core/swap/needs.ts';
import { readable } from './packed.ts';

/** A version as far as its facts depend on it. */
export interface FactSource {
  id: string;
  soupId: string;
  foodIds: readonly string[];
  /** What its facts were worked out of; null while they never were. */
  madeOf: string | null;
}

/**
 * How strictly the list is asked. `meets`: by the whole interval; `likely`: by the best value, or better; `open`: also what only a label or a
 * figure that is not known can tell.
 */
export type Strictness = 'meets' | 'likely' | 'open';

const MAXIMUM: Record<Strictness, string> = {
  meets: 'g.at_least = 0 and g.most <= BOUND and g.high <= BOUND',
  likely: 'g.ceiling is not null and g.ceiling <= BOUND',
  open: 'g.most <= BOUND',
};
const MINIMUM: Record<Strictness, string> = {
  meets: 'g.low >= BOUND',
  likely: '(g.low >= BOUND or g.least >= BOUND)',
  open: '(g.low >= BOUND or g.least >= BOUND or g.at_least = 1)',
};

/** As the evaluator has it: limits are inclusive. */
const TOLERANCE = 1e-9;
const room = (bound: number) => TOLERANCE * Math.max(1, Math.abs(bound));

/** Adds to a query over `version_facts as f` what the needs ask of a bowl. */
export function whereMeets(
  query: Knex.QueryBuilder,
  { allergens = [], diets = [], limits = [], avoidFoods = [], body }: Needs,
  how: Strictness,
): void {
  const holdsNot = (whats: readonly string[], states: readonly string[]) => {
    if (whats.length === 0) return;
    query.whereRaw(
      `not exists (select 1 from version_holds h where h.number = f.number and h.what in (${marks(whats)}) and h.state in (${marks(states)}))`,
      [...whats, ...states],
    );
  };
  const wrong = how === 'open' ? ['contains', 'breaks'] : ['contains', 'breaks', 'check'];
  holdsNot([...allergens.map((id) => `allergen:${id}`), ...diets.map((id) => `diet:${id}`)], wrong);
  holdsNot(
    avoidFoods.map((id) => `food:${id}`),
    ['contains'],
  );
  if (avoidFoods.length > 0 && how !== 'open') query.where('f.unknown_food', 0);
  for (const { nutrient, per, min, max } of limits) {
    // Figures are of a bowl; what is asked of 100 g is asked of the bowl by its weight.
    const bound = per === 'serving' ? '?' : '(? * f.bowl_grams / 100)';
    const conditions: string[] = [];
    const values: number[] = [];
    const add = (condition: string, value: number) => {
      conditions.push(condition.replaceAll('BOUND', bound));
      for (const _ of condition.matchAll(/BOUND/g)) values.push(value);
    };
    if (max !== undefined) add(MAXIMUM[how], max + room(max));
    if (min !== undefined) add(MINIMUM[how], min - room(min));
    query.whereRaw(`exists (select 1 from version_figures g where g.number = f.number and g.nutrient = ? and ${conditions.join(' and ')})`, [
      nutrient,
      ...values,
    ]);
  }
  if (typeof body === 'object') query.whereBetween('f.body_index', [(body.min ?? 0) - TOLERANCE, (body.max ?? 1) + TOLERANCE]);
}

const marks = (values: readonly unknown[]) => values.map(() => '?').join(', ');

export const factReader = (db: Knex) => ({
  /** Every version, with what its facts were worked out of. */
  async sources(): Promise<FactSource[]> {
    const rows: { id: string; soup_id: string; foods: string | null; made_of: string | null }[] = await db('versions')
      .leftJoin('version_facts', 'version_facts.version_id', 'versions.id')
      .select('versions.id', 'versions.soup_id', 'version_facts.foods', 'version_facts.made_of');
    return rows.map(({ id, soup_id, foods, made_of }) => ({ id, soupId: soup_id, madeOf: made_of, foodIds: readable<string[]>(foods ?? '') ?? [] }));
  },
  /** Foods that soups are known by, with how many soups. */
  async mainFoods(): Promise<{ foodId: string; soups: number }[]> {
    return db('version_facts as f')
      .join('soups as s', 's.id', 'f.soup_id')
      .where({ 's.archived': 0, 'f.archived': 0 })
      .whereNotNull('f.main_food')
      .groupBy('f.main_food')
      .select({ foodId: 'f.main_food' })
      .countDistinct({ soups: 's.id' }) as unknown as Promise<{ foodId: string; soups: number }[]>;
  },
});

/** Well below SQLite's most values in one statement. */
const BATCH = 100;

export async function putFacts(
  trx: Knex.Transaction,
  versionId: string,
  facts: SoupFacts,
  of: { foodIds: readonly string[]; madeOf: string },
): Promise<void> {
  const version: { soup_id: string; archived: number } = await trx('versions').select('soup_id', 'archived').where({ id: versionId }).first();
  const row = {
    version_id: versionId,
    ...version,
    made_of: of.madeOf,
    foods: JSON.stringify(of.foodIds),
    bowl_grams: facts.bowlGrams,
    body_index: facts.bodyIndex,
    unknown_food: facts.unknownFood ? 1 : 0,
    main_food: facts.mainFoodId,
  };
  await dropFacts(trx, versionId);
  const [number] = await trx('version_facts').insert(row);
  await trx('version_figures').insert(facts.figures.map(({ atLeast, ...figure }) => ({ number, ...figure, at_least: atLeast ? 1 : 0 })));
  const holds = [
    ...facts.contains.map((id) => ({ what: `allergen:${id}`, state: 'contains' })),
    ...facts.checks.map((id) => ({ what: `allergen:${id}`, state: 'check' })),
    ...facts.breaks.map((id) => ({ what: `diet:${id}`, state: 'breaks' })),
    ...facts.dietChecks.map((id) => ({ what: `diet:${id}`, state: 'check' })),
    ...facts.foodIds.map((id) => ({ what: `food:${id}`, state: 'contains' })),
  ].map((one) => ({ number, ...one }));
  for (let at = 0; at < holds.length; at += BATCH) await trx('version_holds').insert(holds.slice(at, at + BATCH));
}

/** A version without facts answers nothing. */
export async function dropFacts(trx: Knex.Transaction, versionId: string): Promise<void> {
  const row: { number: number } | undefined = await trx('version_facts').select('number').where({ version_id: versionId }).first();
  if (!row) return;
  for (const table of ['version_figures', 'version_holds', 'version_facts']) await trx(table).where({ number: row.number }).delete();
}
