import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Measure } from '../../../core/spread/measures.ts';
import type { Written } from '../../../core/spread/write.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import { figure } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Notice, State } from '../../ui/state.tsx';
import type { PointRow } from '../../workers/spread.worker.ts';

interface Props {
  row: PointRow;
  soupId: string;
  axes: readonly [Measure, Measure];
  core: Kitchen;
  write: (point: number) => Promise<Written>;
  isPinned: boolean;
  onPin: () => void;
}

/** One combination written out as a soup: what goes, what comes and how much of it, and the way to the bench. */
export function PointCard({ row, soupId, axes, core, write, isPinned, onPin }: Props) {
  const [written, setWritten] = useState<Written | Error | null>(null);
  const navigate = useNavigate();
  useEffect(() => {
    let gone = false;
    setWritten(null);
    write(row.point).then(
      (soup) => !gone && setWritten(soup),
      (error: Error) => !gone && setWritten(error),
    );
    return () => {
      gone = true;
    };
  }, [row.point, write]);
  return (
    <section aria-label="This combination" className="flex flex-col gap-2 rounded-xl border border-line bg-card p-3">
      <h2 className="text-lg">
        {axes
          .map(({ key, name, unit }) =>
            `${row.atLeast.includes(key) ? 'at least ' : ''}${figure(row.values[key] ?? 0)} ${unit} ${name}`.replace('  ', ' '),
          )
          .join(', ')}
      </h2>
      {written === null && <p role="status">Writing it out ...</p>}
      {written instanceof Error && <Notice tone="breaks">{written.message}</Notice>}
      {written && !(written instanceof Error) && <Soup written={written} core={core} />}
      <div className="flex flex-wrap gap-2">
        <Button
          kind="main"
          disabled={written === null || written instanceof Error}
          onClick={() => {
            if (written && !(written instanceof Error)) navigate(`/soups/${soupId}/bench`, { state: { put: written.recipe } });
          }}
        >
          Put on the bench
        </Button>
        <Button aria-pressed={isPinned} onClick={onPin}>
          {isPinned ? 'Unpin' : 'Pin to compare'}
        </Button>
      </div>
    </section>
  );
}

function Soup({ written: { changes, analysis, meets, recipe }, core }: { written: Written; core: Kitchen }) {
  const nameOf = (id: string | null) => core.shelf.food(id ?? '')?.name ?? '';
  const adds = [...new Set(changes.flatMap(({ adds: { allergens } }) => allergens))];
  const open = meets.filter(({ state }) => state === 'cannotTell').length;
  return (
    <>
      <ul className="list-disc pl-5 text-sm">
        {changes.map(({ lineId, swapId, from, to }) => (
          <li key={`${lineId} ${swapId}`}>
            {from ? `${figure(from.grams)} g ${nameOf(from.foodId).toLowerCase()}` : 'added'}
            {' > '}
            {to.length === 0 ? 'left out' : to.map(({ foodId, grams }) => `${figure(grams)} g ${nameOf(foodId).toLowerCase()}`).join(' and ')}
          </li>
        ))}
      </ul>
      {changes.length === 0 && <p>The original as it is.</p>}
      <p className="flex flex-wrap gap-1 text-sm">
        {adds.map((id) => (
          <State key={id} tone="breaks">
            brings in {ALLERGEN_LABELS[id].toLowerCase()}
          </State>
        ))}
        {open > 0 && <State tone="check">{open === 1 ? 'one need rests on a label' : `${open} needs rest on labels`}</State>}
      </p>
      <p className="text-sm text-kale-soft">
        {recipe.servings} bowls; body {analysis.body.word}. Amounts here are on the kitchen's grid, so that its figures may differ in the last digit
        from the point.
      </p>
    </>
  );
}
