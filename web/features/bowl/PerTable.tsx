import { memo } from 'react';
import { NUTRIENT_LABELS, nutrientsBy, nutrientUnit } from '../../../core/vocabulary/nutrient.ts';
import { figure } from '../../kitchen/format.ts';
import { useAfterPaint } from '../../kitchen/useAfterPaint.ts';
import { Disclosure } from '../../ui/disclosure.tsx';
import type { BenchView } from '../bench/view.ts';

const SHOWN = nutrientsBy('table');

/** The same figures for a bowl, 100 g, the reference amount and the whole batch. */
export const PerTable = memo(function PerTable({ view }: { view: BenchView }) {
  const { core, analysis } = useAfterPaint(view);
  const { perServing, per100g, batch, servingGrams, servingMl } = analysis;
  // The amount of soup that this regime judges by, where it has one.
  const { reference } = core.REGIMES[analysis.regime].claims;
  const amount =
    reference &&
    ('grams' in reference
      ? { head: `${reference.grams} g`, bowls: reference.grams / servingGrams }
      : { head: `${reference.ml} ml`, bowls: reference.ml / servingMl });
  const say = ({ value, atLeast }: { value: number; atLeast: boolean }, times = 1) => `${atLeast ? '≥ ' : ''}${figure(value * times)}`;
  return (
    <Disclosure summary={`per bowl, 100 g${amount ? `, ${amount.head}` : ''} and the batch`}>
      <table className="mt-1 w-full text-sm">
        <thead>
          <tr className="text-kale-soft">
            <th scope="col" className="text-left font-normal">
              nutrient
            </th>
            {['bowl', '100 g', ...(amount ? [amount.head] : []), 'batch'].map((head) => (
              <th key={head} scope="col" className="text-right font-normal">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {SHOWN.map((key) => (
            <tr key={key} className="border-t border-line/60">
              <th scope="row" className="text-left font-normal">
                {NUTRIENT_LABELS[key]}, {nutrientUnit(key)}
              </th>
              <td className="text-right">{say(perServing[key])}</td>
              <td className="text-right">{say(per100g[key])}</td>
              {amount && <td className="text-right">{say(perServing[key], amount.bowls)}</td>}
              <td className="text-right">{say(batch[key])}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-sm text-kale-soft">≥: something is unknown, it is at least this.</p>
    </Disclosure>
  );
});
