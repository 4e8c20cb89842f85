import type { Made } from '../../../contract/types.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import { useChangeMade, useMade } from '../../api/made.ts';
import { dayWords } from '../../kitchen/dayWords.ts';
import { figure } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { Notice, State } from '../../ui/state.tsx';
import { Table } from '../../ui/table.tsx';
import { say } from '../../ui/toast.ts';

/** What the house made of its preparations and has in the cold: the oldest day first. */
export function MadeList() {
  const { data: made = [], error } = useMade();
  const change = useChangeMade();
  if (error ?? change.error) return <Notice tone="breaks">{(error ?? change.error)?.message}</Notice>;
  if (made.length === 0) return null;
  const throwAway = ({ id, left, preparation }: Made) => {
    const takeId = crypto.randomUUID();
    change.mutate(
      { lotId: id, takeId, grams: left },
      { onSuccess: () => say(`${preparation.name} is used up.`, { label: 'Put it back', act: () => change.mutate({ putBack: takeId }) }) },
    );
  };
  return (
    <section aria-label="Made and in the cold" className="overflow-x-auto rounded-xl border border-line bg-card p-3">
      <h2 className="text-lg">Made, and in the cold</h2>
      <Table
        caption="Preparations that were made, those to use first before the rest"
        columns={[
          { head: 'What', isHead: true, className: 'py-1.5', cell: ({ preparation }: Made) => preparation.name },
          {
            head: 'Left, g',
            isFigure: true,
            className: 'py-1.5 pr-6',
            headClass: 'pr-6',
            cell: ({ left, grams }: Made) => `${figure(left)} of ${figure(grams)}`,
          },
          { head: 'Kept', className: 'py-1.5', cell: ({ keep, madeOn }: Made) => `${keep}, made ${dayWords(madeOn)}` },
          {
            head: 'Use by',
            className: 'py-1.5',
            cell: ({ useBy, past }: Made) => (past ? <State tone="breaks">{dayWords(useBy)}, past: not offered</State> : dayWords(useBy)),
          },
          {
            head: 'Contains',
            className: 'py-1.5',
            cell: ({ contains, checks }: Made) => (
              <>
                {contains.map((id) => ALLERGEN_LABELS[id]).join(', ') || 'none shown by the ingredients'}
                {checks.length > 0 && <span className="block text-sm text-mustard">check: {checks.map((id) => ALLERGEN_LABELS[id]).join(', ')}</span>}
              </>
            ),
          },
          {
            head: '',
            className: 'py-1 text-right',
            cell: (one: Made) => (
              <Button kind="chip" aria-label={`Used up: ${one.preparation.name}`} onClick={() => throwAway(one)}>
                used up
              </Button>
            ),
          },
        ]}
        rows={made}
        keyOf={({ id }) => id}
        className="w-full text-sm"
      />
    </section>
  );
}
