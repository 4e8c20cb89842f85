import type { Effect } from '../../../core/spread/look.ts';
import type { Measure } from '../../../core/spread/measures.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { figure } from '../../kitchen/format.ts';
import type { Looked } from '../../workers/spread.worker.ts';

/** Which single swap moves each of the two figures most, as ranked bars with their figures in words. */
export function Effects({ looked: { axes, effects }, recipe }: { looked: Looked; recipe: Recipe }) {
  const drawn = axes.filter(({ key }) => (effects[key]?.length ?? 0) > 0);
  if (drawn.length === 0) return null;
  return (
    <section aria-label="Which swap matters most" className="grid gap-4 rounded-xl border border-line bg-card p-3 md:grid-cols-2">
      {drawn.map((measure) => (
        <Bars key={measure.key} measure={measure} effects={effects[measure.key] ?? []} recipe={recipe} />
      ))}
    </section>
  );
}

const SHOWN = 8;

function Bars({ measure: { name, unit }, effects, recipe }: { measure: Measure; effects: readonly Effect[]; recipe: Recipe }) {
  const most = Math.max(...effects.map(({ by }) => Math.abs(by)), 1e-9);
  const lineOf = (id: string | null) => recipe.lines.find((line) => line.id === id)?.text ?? 'added';
  return (
    <div>
      <h2 className="text-lg">What moves {name} most, by itself</h2>
      <ol className="flex flex-col gap-1 text-sm">
        {effects.slice(0, SHOWN).map(({ lineId, swapId, name: swap, by }) => (
          <li key={`${lineId} ${swapId}`} className="grid grid-cols-[6rem_1fr] items-center gap-2">
            <span className="text-right tabular-nums">
              {by > 0 ? '+' : '−'}
              {figure(Math.abs(by))} {unit}
            </span>
            <span>
              <span
                aria-hidden
                className={`mb-0.5 block h-1.5 rounded ${by > 0 ? 'bg-squash' : 'bg-leaf'}`}
                style={{ width: `${(100 * Math.abs(by)) / most}%` }}
              />
              {lineOf(lineId)}: {swap.toLowerCase()}
            </span>
          </li>
        ))}
      </ol>
    </div>
  );
}
