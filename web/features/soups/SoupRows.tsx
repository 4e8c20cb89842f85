import { type KeyboardEvent, memo, type RefObject } from 'react';
import { Link } from 'react-router';
import type { SoupSummary, VersionAnswer, VersionSummary } from '../../../contract/types.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import { dayWords } from '../../kitchen/dayWords.ts';
import { figure } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { State, type Tone } from '../../ui/state.tsx';
import { TallyState } from './TallyState.tsx';

const COLUMNS = 7;
/** Versions named in a row; the others are in the dialog. */
const MOST_VERSIONS = 3;

export interface RowActions {
  onArchive: (soup: SoupSummary) => void;
  onVersions: (soup: SoupSummary) => void;
}

export interface RowsProps extends RowActions {
  soups: readonly SoupSummary[];
  foodNames: (id: string) => string;
}

/** What is drawn of the rows: which, the room of those above and below, px, and how another comes into sight. */
export interface Seen {
  indices: readonly number[];
  before: number;
  after: number;
  measure?: (row: HTMLTableRowElement | null) => void;
  bring: (index: number) => void;
}

/** The body of the list. Arrow keys, Home and End go from soup to soup. */
export function SoupRows({ soups, body, seen, ...row }: RowsProps & { body?: RefObject<HTMLTableSectionElement | null>; seen: Seen }) {
  const { indices, before, after, measure, bring } = seen;
  const move = (event: KeyboardEvent<HTMLTableSectionElement>) => {
    const rows = event.currentTarget;
    const at = Number((event.target as HTMLElement).closest('tr')?.dataset.index);
    const to = { ArrowDown: at + 1, ArrowUp: at - 1, Home: 0, End: soups.length - 1 }[event.key];
    if (to === undefined || Number.isNaN(at) || to < 0 || to >= soups.length) return;
    event.preventDefault();
    bring(to);
    focusWhenDrawn(rows, to);
  };
  return (
    <tbody ref={body} onKeyDown={move}>
      {before > 0 && <Gap height={before} />}
      {indices.map((index) => {
        const soup = soups[index];
        return soup && <Row key={soup.id} index={index} soup={soup} measure={measure} {...row} />;
      })}
      {after > 0 && <Gap height={after} />}
    </tbody>
  );
}

/** A row that is brought into sight may have to be drawn first. */
function focusWhenDrawn(rows: HTMLElement, index: number, frames = MOST_FRAMES): void {
  const link = rows.querySelector<HTMLElement>(`tr[data-index="${index}"] th a`);
  if (link) link.focus();
  else if (frames > 0) requestAnimationFrame(() => focusWhenDrawn(rows, index, frames - 1));
}
const MOST_FRAMES = 60;

const Gap = ({ height }: { height: number }) => (
  <tr aria-hidden>
    <td colSpan={COLUMNS} style={{ height, padding: 0 }} />
  </tr>
);

interface RowProps extends RowActions {
  soup: SoupSummary;
  index: number;
  measure: Seen['measure'];
  foodNames: (id: string) => string;
}

const Row = memo(function Row({ soup, index, measure, foodNames, onArchive, onVersions }: RowProps) {
  const standing = soup.versions.filter(({ archived }) => !archived);
  const version = standing.at(-1);
  return (
    <tr ref={measure} data-index={index} aria-rowindex={index + 2} className="border-t border-line align-top">
      <th scope="row" className="px-3 py-2.5 font-normal">
        <Link to={`/soups/${soup.id}/bench`} className="font-title text-lg underline decoration-line underline-offset-4 hover:decoration-squash">
          {soup.title}
        </Link>
        {version?.energyKcal !== undefined && version.sodiumMg !== undefined && (
          <span className="block text-sm text-kale-soft sm:hidden">
            {figure(version.energyKcal)} kcal, {figure(version.sodiumMg)} mg sodium
          </span>
        )}
        {soup.uses && soup.uses.length > 0 && (
          <span className="block text-sm text-kale-soft">
            larder: {soup.uses.map(({ foodId, useBy }) => `${foodNames(foodId)}${useBy ? ` (by ${shortDay(useBy)})` : ''}`).join(', ')}
          </span>
        )}
      </th>
      <td className="max-w-64 px-3 py-2.5">
        {version?.contains ? version.contains.map((id) => ALLERGEN_LABELS[id]).join(', ') || 'none shown by the ingredients' : 'not worked out'}
        {version?.checks && version.checks.length > 0 && (
          <span className="block text-sm text-mustard">check: {version.checks.map((id) => ALLERGEN_LABELS[id]).join(', ')}</span>
        )}
      </td>
      <td className="px-3 py-2.5 text-right max-sm:hidden">{version?.energyKcal === undefined ? '' : figure(version.energyKcal)}</td>
      <td className="px-3 py-2.5 text-right max-sm:hidden">{version?.sodiumMg === undefined ? '' : figure(version.sodiumMg)}</td>
      <td className="px-3 py-2.5">
        {soup.answers ? <Answers soup={soup} answers={soup.answers} /> : <Newest versions={standing} />}
        {soup.newestChanged && <State tone="check">changed since kept</State>}
        {soup.versions.length > 0 && (
          <span className="flex flex-wrap items-center gap-x-3 text-sm">
            <button
              type="button"
              className="min-h-6 underline"
              aria-label={`All ${soup.versions.length} versions of ${soup.title}`}
              onClick={() => onVersions(soup)}
            >
              all {soup.versions.length}
            </button>
            {standing.length > 1 && (
              <Link className="underline" to={`/soups/${soup.id}/compare`}>
                compare {standing.length} versions
              </Link>
            )}
          </span>
        )}
        <Archive soup={soup} onArchive={onArchive} className="mt-1 sm:hidden" />
      </td>
      <td className="px-3 py-2.5 whitespace-nowrap max-sm:hidden">{dayWords(soup.updatedAt)}</td>
      <td className="px-2 py-2 whitespace-nowrap max-sm:hidden">
        <Archive soup={soup} onArchive={onArchive} />
      </td>
    </tr>
  );
});

/** On a narrow screen it stands under the versions: there is no room for a column of its own. */
const Archive = ({ soup, onArchive, className = '' }: { soup: SoupSummary; onArchive: RowActions['onArchive']; className?: string }) => (
  <Button kind="chip" className={className} onClick={() => onArchive(soup)} aria-label={`${soup.archived ? 'Bring back' : 'Archive'} ${soup.title}`}>
    {soup.archived ? 'Bring back' : 'Archive'}
  </Button>
);

const shortDay = (day: string) => new Date(`${day}T12:00:00`).toLocaleDateString(undefined, { day: 'numeric', month: 'short' });

function Newest({ versions }: { versions: readonly VersionSummary[] }) {
  return (
    <ul className="flex flex-col gap-0.5">
      {versions
        .slice(-MOST_VERSIONS)
        .reverse()
        .map((version) => (
          <li key={version.id}>
            {version.number}. {version.name} <TallyState version={version} />
            {version.asked ? <span className="block max-w-64 text-sm text-kale-soft">{version.reason}</span> : null}
          </li>
        ))}
    </ul>
  );
}

const ANSWER: Record<VersionAnswer['state'], readonly [Tone, string]> = {
  meets: ['meets', 'does'],
  likely: ['likely', 'likely does'],
  cannotTell: ['check', 'to check'],
};

/** The versions that do for what was asked, each a way to its sheet. */
function Answers({ soup, answers }: { soup: SoupSummary; answers: readonly VersionAnswer[] }) {
  return (
    <ul aria-label={`Versions of ${soup.title} that do`} className="flex flex-col gap-0.5">
      {answers.map(({ versionId, number, state }) => {
        const [tone, words] = ANSWER[state];
        return (
          <li key={versionId}>
            <Link className="underline decoration-line underline-offset-4" to={`/soups/${soup.id}/sheet?v=${number}`}>
              {number}. {soup.versions.find(({ id }) => id === versionId)?.name}
            </Link>{' '}
            <State tone={tone}>{words}</State>
          </li>
        );
      })}
    </ul>
  );
}
