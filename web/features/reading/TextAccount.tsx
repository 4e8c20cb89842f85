import type { Furniture } from '../../../core/reading/furniture.ts';
import type { Accounted, Kind } from '../../../core/reading/textSections.ts';
import { State } from '../../ui/state.tsx';

const KINDS: Record<Exclude<Kind, 'furniture'>, string> = {
  title: 'title',
  yield: 'bowls',
  heading: 'heading',
  ingredient: 'ingredient',
  step: 'step',
  unread: 'not understood',
};
const FURNITURE: Record<Furniture, string> = {
  nutrition: 'nutrition block, left aside',
  notes: 'note, left aside',
  equipment: 'equipment',
  times: 'times',
  page: 'of the page, left aside',
  label: 'statement of a label, kept',
  rules: 'kitchen rules, left aside',
  greeting: 'greeting, left aside',
  story: 'story, left aside',
  talk: 'only talked about',
};

/** What every line of the text was taken for. */
export const TextAccount = ({ account }: { account: readonly Accounted[] }) => (
  <table className="w-full border-collapse rounded-lg bg-card">
    <thead>
      <tr className="text-left text-sm text-kale-soft">
        <th scope="col" className="px-2 py-1 font-normal">
          Line of the text
        </th>
        <th scope="col" className="px-2 py-1 font-normal">
          Taken for
        </th>
      </tr>
    </thead>
    <tbody>
      {account.map(({ at, text, kind, furniture }) => (
        <tr key={`${at} ${text}`} className="border-t border-line align-top">
          <td className="px-2 py-1">
            <span className="mr-2 text-sm text-kale-soft tabular-nums">{at + 1}</span>
            {text}
          </td>
          <td className="px-2 py-1 whitespace-nowrap">
            {kind === 'unread' ? <State tone="check">not understood</State> : furniture ? FURNITURE[furniture] : KINDS[kind as keyof typeof KINDS]}
          </td>
        </tr>
      ))}
    </tbody>
  </table>
);
