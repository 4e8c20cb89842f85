import { useMemo } from 'react';
import type { DayPot, NewDay } from '../../../contract/types.ts';
import type { Analysis } from '../../../core/analysis/analysis.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import { figure } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Select } from '../../ui/field.tsx';
import { Notice } from '../../ui/state.tsx';

export interface AnalysedPot extends DayPot {
  analysis: Analysis;
}

/** The pot a guest eats from. */
export const potOf = <P extends DayPot>(pots: readonly P[], seat: string): P | undefined => pots.find(({ seats }) => seats.includes(seat));

export const useAnalysed = (pots: readonly DayPot[], core: Kitchen, rules: Parameters<Kitchen['analyse']>[1]): AnalysedPot[] =>
  useMemo(
    () => pots.map((pot) => ({ ...pot, analysis: core.analyse(pot.recipe, { ...rules, regime: pot.regime ?? 'us' }, core.shelf) })),
    [pots, core, rules],
  );

const named = (analysis: Analysis, state: 'contains' | 'check') =>
  analysis.allergens.filter((one) => one.state === state).map(({ id }) => ALLERGEN_LABELS[id].toLowerCase());

interface Props {
  pots: readonly AnalysedPot[];
  worked: NonNullable<NewDay['worked']>;
  together: readonly (readonly string[])[];
  core: Kitchen;
  onTogether: (sets: string[][]) => void;
}

/** The pots of the day in the order they are cooked, who eats from each, and what moving a guest would ask. */
export function DayPots({ pots, worked, together, core, onTogether }: Props) {
  const many = new Set(pots.map(({ soupId }) => soupId)).size > 1;
  return (
    <section aria-label="Pots" className="flex flex-col gap-3">
      <h2 className="text-xl">The pots</h2>
      <ul className="flex flex-col gap-0.5">
        {worked.explains.map((words) => (
          <li key={words}>{words}</li>
        ))}
      </ul>
      {worked.unserved.length > 0 && (
        <Notice tone="breaks">{worked.unserved.map(({ seat, why }) => `${seat} has no bowl: ${why}.`).join(' ')}</Notice>
      )}
      <ol className="grid gap-3 md:grid-cols-2 print:grid-cols-2" aria-label="Pots, the strictest cooked first">
        {pots.map(({ number, title, seats, bowls, words, analysis, recipe, soupId }) => (
          <li key={number} className="flex flex-col gap-1 rounded-xl border border-line bg-card p-3 break-inside-avoid">
            <h3 className="font-title text-xl">
              Pot {number} {many && <span className="font-sans text-base text-kale-soft">{title}</span>}
            </h3>
            <p>
              <strong>{seats.join(', ')}</strong>: {figure(bowls)} {bowls === 1 ? 'bowl' : 'bowls'}
            </p>
            <p className="text-sm">{words}</p>
            <p className="text-sm">
              {named(analysis, 'contains').length > 0 ? `Contains ${named(analysis, 'contains').join(', ')}` : 'No allergen shown by the ingredients'}
              {named(analysis, 'check').length > 0 && `; check the labels for ${named(analysis, 'check').join(', ')}`}
            </p>
            <p className="text-sm text-kale-soft">
              One bowl: {figure(analysis.perServing.energyKcal.value)} kcal, {figure(analysis.perServing.proteinG.value)} g protein,{' '}
              {figure(analysis.perServing.sodiumMg.value)} mg sodium; {analysis.body.word}
            </p>
            <Disclosure summary="what goes in" open={false}>
              <ul className="text-sm">
                {recipe.lines.map((line) => (
                  <li key={line.id}>
                    {line.grams ? core.formatGrams(line.grams.best) : 'to taste'}{' '}
                    {line.foodId === null ? line.text : (core.shelf.food(line.foodId)?.name ?? line.text)}
                  </li>
                ))}
              </ul>
            </Disclosure>
            <div className="flex flex-wrap items-center gap-2 text-sm print:hidden">
              {pots.filter((other) => other.soupId === soupId).length > 1 && (
                <Select
                  aria-label={`Move a guest of pot ${number}`}
                  value=""
                  onChange={(event) => {
                    const [seat, mate] = event.target.value.split('~');
                    if (seat && mate) onTogether([...together.filter((set) => !set.includes(seat)).map((set) => [...set]), [seat, mate]]);
                  }}
                >
                  <option value="">what if one of them ate from ...</option>
                  {seats.flatMap((seat) =>
                    pots
                      .filter((other) => other.soupId === soupId && other.number !== number)
                      .map((other) => (
                        <option key={`${seat} ${other.number}`} value={`${seat}~${other.seats[0]}`}>
                          {seat} from pot {other.number}
                        </option>
                      )),
                  )}
                </Select>
              )}
            </div>
          </li>
        ))}
      </ol>
    </section>
  );
}
