import { useMemo } from 'react';
import type { Changed, FamilyRow, SchoolRow } from '../../../core/school/types.ts';
import { ALLERGEN_LABELS, type AllergenId } from '../../../core/vocabulary/allergens.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { figure } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { State } from '../../ui/state.tsx';
import { Table } from '../../ui/table.tsx';

interface Props {
  family: FamilyRow;
  asWritten: Recipe;
  house: string | undefined;
  onTake: (recipe: Recipe) => void;
  onHouse: (school: string) => unknown;
}

const named = (ids: readonly AllergenId[]): string => ids.map((id) => ALLERGEN_LABELS[id].toLowerCase()).join(', ');
/** '+12', '-3'; nothing where it is not worth a word. */
const by = (value: number, least: number): string =>
  Math.abs(value) < least ? 'as it was' : `${value > 0 ? '+' : '\u2212'}${figure(Math.abs(value))}`;

/** One family: its schools on this soup, what each moves, and those it cannot take. */
export function FamilyPanel({ family: { id, name, schools }, asWritten, house, onTake, onHouse }: Props) {
  const can = schools.filter(({ state }) => state !== 'none');
  const cannot = schools.filter(({ state }) => state === 'none');
  const changed = (cell: (of: Changed) => string) => ({
    cell: ({ changed: of }: SchoolRow) => (of ? cell(of) : ''),
    isFigure: true,
    className: 'pl-4 whitespace-nowrap',
    headClass: 'pl-4',
  });
  if (can.length === 0)
    return (
      <section aria-label={name} className="rounded-xl border border-line bg-card p-3 text-sm">
        <h2 className="inline font-semibold">{name}:</h2> {cannot[0]?.why}
      </section>
    );
  return (
    <section aria-label={name} className="overflow-x-auto rounded-xl border border-line bg-card p-3">
      <h2 className="text-lg">{name}</h2>
      <Table
        caption={`${name}: schools side by side`}
        columns={[
          {
            head: 'School',
            isHead: true,
            cell: (row: SchoolRow) => (
              <span className="flex flex-col items-start gap-0.5">
                <span className="flex flex-wrap items-center gap-x-2">
                  <strong>{row.name}</strong>
                  {row.state === 'now' && <State tone="plain">as it is</State>}
                </span>
                <span className="text-kale-soft">{row.gives}</span>
              </span>
            ),
            className: 'w-56 pr-3',
          },
          { head: 'On this soup', cell: (row: SchoolRow) => <OnThisSoup row={row} asWritten={asWritten} />, className: 'min-w-64' },
          {
            head: 'Body',
            cell: ({ measured }: SchoolRow) => (measured ? `${measured.body.word} (${figure(measured.body.index)})` : ''),
            className: 'pl-4',
            headClass: 'pl-4',
          },
          { head: 'ml', ...changed(({ bowlMl }) => by(bowlMl, 3)) },
          { head: 'kcal', ...changed(({ figures }) => by(figures.energyKcal, 1)) },
          { head: 'Protein, g', ...changed(({ figures }) => by(figures.proteinG, 0.1)) },
          { head: 'Sat. fat, g', ...changed(({ figures }) => by(figures.saturatedFatG, 0.1)) },
          { head: 'Sodium, mg', ...changed(({ figures }) => by(figures.sodiumMg, 2)) },
          { head: 'Potassium, mg', ...changed(({ figures }) => by(figures.potassiumMg, 5)) },
          { head: 'Minutes (at work)', ...changed(({ minutes, handsOn }) => (minutes === null ? '' : `${by(minutes, 1)} (${by(handsOn ?? 0, 1)})`)) },
          {
            head: '',
            cell: (row: SchoolRow) => (
              <span className="flex flex-col items-start gap-1">
                {row.recipe && (
                  <Button kind="chip" aria-label={`${row.name}: to the bench`} onClick={() => row.recipe && onTake(row.recipe)}>
                    to the bench
                  </Button>
                )}
                <Button
                  kind="chip"
                  aria-pressed={house === row.id}
                  aria-label={`${row.name} is our way`}
                  className={house === row.id ? 'border-squash bg-squash-pale' : ''}
                  onClick={() => onHouse(row.id)}
                >
                  our way
                </Button>
              </span>
            ),
            className: 'pl-4',
          },
        ]}
        rows={can}
        keyOf={(row) => `${id} ${row.id}`}
      />
      {cannot.length > 0 && (
        <p className="mt-2 text-sm text-kale-soft">
          Not on this soup: {cannot.map((row) => `${row.name.toLowerCase()} (${(row.why ?? '').replace(/\.$/, '')})`).join('; ')}.
        </p>
      )}
    </section>
  );
}

function OnThisSoup({ row: { state, done, care, does, recipe, measured, changed }, asWritten }: { row: SchoolRow; asWritten: Recipe }) {
  const known = useMemo(() => new Set(asWritten.steps.map(({ text }) => text)), [asWritten]);
  return (
    <span className="flex flex-col gap-0.5">
      <span>{state === 'now' ? does : done}</span>
      {care && <span className="text-kale-soft">{care}</span>}
      {changed && (
        <span className="flex flex-wrap gap-1">
          {changed.brings.length > 0 && <State tone="breaks">brings {named(changed.brings)}</State>}
          {changed.toCheck.length > 0 && <State tone="check">check {named(changed.toCheck)}</State>}
          {changed.leaves.length > 0 && <State tone="meets">no longer {named(changed.leaves)}</State>}
        </span>
      )}
      {measured &&
        state === 'way' &&
        measured.unmet.map(({ need, state: how }) => (
          <span key={need}>
            <State tone={how === 'breaks' ? 'breaks' : 'check'}>{how === 'breaks' ? `not met: ${need}` : `cannot be told: ${need}`}</State>
          </span>
        ))}
      {changed?.cautions.map((message) => (
        <span key={message} className="text-kale-soft">
          Mind: {message}
        </span>
      ))}
      {recipe && (
        <Disclosure summary="the method so" lazy>
          <ol className="list-decimal pl-5">
            {recipe.steps.map((step) => (
              <li key={step.id} className={known.has(step.text) ? 'text-kale-soft' : 'font-semibold'}>
                {step.text}
                {!known.has(step.text) && <span className="sr-only"> (another than written)</span>}
              </li>
            ))}
          </ol>
        </Disclosure>
      )}
    </span>
  );
}
