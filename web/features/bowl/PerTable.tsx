import { NUTRIENT_LABELS, type Nutrient, nutrientsBy, nutrientUnit } from '../../../core/vocabulary/nutrient.ts';
import { figure } from '../../kitchen/format.ts';
import { afterPaint } from '../../kitchen/useAfterPaint.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Table, type TableColumn } from '../../ui/table.tsx';
import type { BenchView } from '../bench/view.ts';
import { Word } from '../help/Word.tsx';

const SHOWN = nutrientsBy('table');

/** The same figures for a bowl, 100 g, the reference amount and the whole batch. */
export const PerTable = afterPaint(function PerTable({ view: { core, analysis } }: { view: BenchView }) {
  const { perServing, per100g, batch, servingGrams, servingMl } = analysis;
  // The amount of soup that this regime judges by, where it has one.
  const { reference } = core.REGIMES[analysis.regime].claims;
  const amount =
    reference &&
    ('grams' in reference
      ? { head: `${reference.grams} g`, bowls: reference.grams / servingGrams }
      : { head: `${reference.ml} ml`, bowls: reference.ml / servingMl });
  const say = ({ value, atLeast }: { value: number; atLeast: boolean }, times = 1) => `${atLeast ? '≥ ' : ''}${figure(value * times)}`;
  const columns: TableColumn<Nutrient>[] = [
    { head: 'nutrient', isHead: true, cell: (key) => `${NUTRIENT_LABELS[key]}, ${nutrientUnit(key)}` },
    { head: 'bowl', isFigure: true, cell: (key) => say(perServing[key]) },
    { head: '100 g', isFigure: true, cell: (key) => say(per100g[key]) },
    ...(amount ? [{ head: amount.head, isFigure: true, cell: (key: Nutrient) => say(perServing[key], amount.bowls) }] : []),
    { head: 'batch', isFigure: true, cell: (key) => say(batch[key]) },
  ];
  return (
    <Disclosure summary={`per bowl, 100 g${amount ? `, ${amount.head}` : ''} and the batch`}>
      <Table caption="Per bowl, per weight, and the batch" className="mt-1 w-full text-sm" columns={columns} rows={SHOWN} keyOf={(key) => key} />
      <p className="text-sm text-kale-soft">
        ≥: something is unknown, it is <Word of="atLeast" /> this.
      </p>
    </Disclosure>
  );
});
