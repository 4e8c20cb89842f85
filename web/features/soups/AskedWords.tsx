import type { AskedOfList } from '../../../contract/types.ts';
import { needRefs } from '../../../core/swap/need.ts';
import { MOST_APART } from '../../../core/swap/tally.ts';
import { needLabel } from '../../kitchen/format.ts';

/** What the list was asked, as it was understood. */
export function AskedWords({ answer: { needs, names } }: { answer: AskedOfList }) {
  const refs = needRefs(needs);
  const avoided = refs.filter(({ kind }) => kind === 'avoid');
  const together = avoided.length > MOST_APART;
  const shown = together ? refs.filter(({ kind }) => kind !== 'avoid') : refs;
  const list = [
    ...shown.map((ref) => (ref.kind === 'avoid' && ref.id ? `no ${(names[ref.id] ?? ref.id).toLowerCase()}` : needLabel(ref, needs))),
    ...(together ? [`none of ${avoided.length} foods`] : []),
  ];
  return (
    <p>
      Asked: <strong className="font-semibold">{list.join('; ')}</strong>
    </p>
  );
}
