/** What the invented kitchen cooked yesterday, and what stands on its stove now. */
import { randomUUID } from 'node:crypto';
import type { Entry } from '../../core/batch/entry.ts';
import type { Batches } from '../services/batches.ts';
import type { Kitchen } from '../services/kitchen.ts';

type Bare = Entry extends infer E ? (E extends Entry ? Omit<E, 'id' | 'at'> : never) : never;

const MINUTE = 60_000;
const DAY = 24 * 60 * MINUTE;
const YESTERDAY = { soup: 'Fennel and white bean', version: 2, servings: 16 };
const NOW = { soup: 'Green pea, ham and mint', version: 2, servings: 12 };

/** One batch of yesterday, cooled by its readings and frozen in part, and one half done. `now`: the instant it is. */
export async function addDemoBatches(kitchen: Kitchen, batches: Batches, now: Date): Promise<void> {
  if ((await batches.all()).length > 0) return;
  const { soups } = await kitchen.soups({ q: '', without: [], sort: 'title', limit: 200, archived: false, checks: false });
  const idOf = (title: string) => soups.find((soup) => soup.title === title)?.id;
  const [yesterday, today] = [idOf(YESTERDAY.soup), idOf(NOW.soup)];
  if (!yesterday || !today) return;
  const then = new Date(now.getTime() - DAY - 90 * MINUTE);
  await cook(batches, yesterday, YESTERDAY, then, ({ lines, steps }) => {
    const heaviest = [...lines]
      .sort((a, b) => (b.grams?.best ?? 0) - (a.grams?.best ?? 0))
      .find(({ foodId }) => foodId !== 'water' && !foodId?.includes('broth'));
    return [
      ...(heaviest?.grams ? [[4, { kind: 'weighed', lineId: heaviest.id, grams: Math.round(heaviest.grams.best * 0.96) }] as const] : []),
      ...steps.map(({ id }, at) => [14 + at * 16, { kind: 'step', stepId: id }] as const),
      [66, { kind: 'tasting', seat: 'C2', text: 'flat' }],
      [68, { kind: 'added', foodId: 'lemon-juice', grams: 12, text: 'lemon juice, at the tasting' }],
      [70, { kind: 'tasting', seat: 'C2', text: 'good now' }],
      [72, { kind: 'yield', grams: 4580 }],
      // In trays, 3 cm deep, in the cold store with its fan.
      ...(
        [
          [80, 63],
          [98, 45],
          [115, 30],
          [136, 17],
          [164, 5],
        ] as const
      ).map(([minute, celsius]) => [minute, { kind: 'cooling', celsius, container: { depthCm: 3, covered: false, air: 'moving' } }] as const),
      [170, { kind: 'portioned', count: 8, grams: 240, keep: 'frozen' }],
    ];
  });
  await cook(batches, today, NOW, new Date(now.getTime() - 25 * MINUTE), ({ steps }) => [
    [3, { kind: 'note', text: 'ham of the new supplier: its label is read' }],
    ...steps.slice(0, 2).map(({ id }, at) => [8 + at * 9, { kind: 'step', stepId: id }] as const),
  ]);
}

async function cook(
  batches: Batches,
  soupId: string,
  { version, servings }: typeof NOW,
  started: Date,
  written: (recipe: Awaited<ReturnType<Batches['begin']>>['recipe']) => (readonly [minute: number, entry: Bare])[],
): Promise<void> {
  const { id, recipe } = await batches.begin({ soupId, version, servings }, started.toISOString());
  const entries = written(recipe).map(
    ([minute, entry]) => ({ ...entry, id: randomUUID(), at: new Date(started.getTime() + minute * MINUTE).toISOString() }) as Entry,
  );
  await batches.write(id, entries);
}
