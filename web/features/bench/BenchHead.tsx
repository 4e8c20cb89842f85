import { dequal } from 'dequal';
import { CloudOff, Pencil, Redo2, Undo2 } from 'lucide-react';
import { memo, useMemo } from 'react';
import { Link } from 'react-router';
import type { VersionBody } from '../../../contract/types.ts';
import { isSameSoup } from '../../../core/analysis/diff.ts';
import { REGIME_IDS, type RegimeId } from '../../../core/regime/regime.ts';
import { afterPaint } from '../../kitchen/useAfterPaint.tsx';
import { Button } from '../../ui/button.tsx';
import { Select } from '../../ui/field.tsx';
import { ScreenTitle } from '../../ui/screen.tsx';
import { DoubtsDialog } from './DoubtsDialog.tsx';
import type { KeeperState } from './draftKeeper.ts';
import { useBench } from './store.ts';
import type { BenchView } from './view.ts';

/** The parts of the bench's top row. Each is its own, so that an edit renders only those it changes. */

export type BenchDialog = 'need' | 'keep' | 'bowls' | 'export' | 'labels' | 'rename' | 'method' | 'doubts';
type OnOpen = (dialog: BenchDialog | null) => void;

export const SoupTitle = memo(function SoupTitle({ title, onOpen }: { title: string; onOpen: OnOpen }) {
  return (
    <>
      <ScreenTitle>{title}</ScreenTitle>
      <h1 className="font-title text-2xl">{title}</h1>
      <button
        type="button"
        aria-label="Change the title"
        className="-mx-2 inline-flex size-6 items-center justify-center"
        onClick={() => onOpen('rename')}
      >
        <Pencil size={14} aria-hidden />
      </button>
    </>
  );
});

export const RegimeChoice = memo(function RegimeChoice({ regime }: { regime: RegimeId }) {
  const choose = (next: RegimeId) => {
    const { needs, setNeeds } = useBench.getState();
    setNeeds({ ...needs, regime: next });
  };
  return (
    <span className="flex items-center gap-1 text-kale-soft">
      rules
      <Select aria-label="Rules the figures follow" className="text-kale" value={regime} onChange={(event) => choose(event.target.value as RegimeId)}>
        {REGIME_IDS.map((id) => (
          <option key={id} value={id}>
            {id.toUpperCase()}
          </option>
        ))}
      </Select>
    </span>
  );
});

const SAVE_WORDS = {
  clean: 'saved',
  waiting: 'saving ...',
  saving: 'saving ...',
  offline: 'not saved: the server does not answer. Kept in this browser, tried again',
  refused: 'not saved: the server refused it. Kept in this browser',
  clash: 'someone saved in between',
} as const satisfies Record<KeeperState, string>;

export const SaveState = memo(function SaveState({ state, why }: { state: KeeperState; why: string | null }) {
  return (
    <span role="status" className={`text-sm ${state === 'offline' || state === 'refused' ? 'text-beet' : 'text-kale-soft'}`}>
      {state === 'offline' && <CloudOff size={14} aria-hidden className="mr-1 inline" />}
      {SAVE_WORDS[state]}
      {why && `: ${why}`}
    </span>
  );
});

const LINK = 'inline-flex min-h-7 items-center rounded-md border border-kale-soft bg-card px-3 hover:bg-oat-deep';

interface ButtonsProps {
  soupId: string;
  /** A moment old is good enough: the links say which version this is. */
  view: BenchView;
  versions: readonly VersionBody[];
  canUndo: boolean;
  canRedo: boolean;
  onOpen: OnOpen;
}

export const BenchButtons = memo(function BenchButtons({ soupId, view, versions, canUndo, canRedo, onOpen }: ButtonsProps) {
  const { undo, redo } = useBench.temporal.getState();
  return (
    <div className="ml-auto flex flex-wrap gap-1.5">
      <Button onClick={() => undo()} disabled={!canUndo} aria-label="Undo">
        <Undo2 size={16} aria-hidden />
      </Button>
      <Button onClick={() => redo()} disabled={!canRedo} aria-label="Redo">
        <Redo2 size={16} aria-hidden />
      </Button>
      {versions.length > 0 && (
        <Link to={`/soups/${soupId}/compare`} className={LINK}>
          Compare
        </Link>
      )}
      <PaperLinks soupId={soupId} view={view} versions={versions} />
      <Button onClick={() => onOpen('labels')}>Labels</Button>
      <Button onClick={() => onOpen('export')}>Export</Button>
      <Button kind="main" aria-label="Keep as version" onClick={() => onOpen('keep')}>
        Keep
      </Button>
    </div>
  );
});

/** A bench edit waits for none of them; older versions than these are opened from their own row. */
const MOST_COMPARED = 20;

/** Alike as they would be sent: a key that is not said is no key. */
const isAlike = (a: object = {}, b: object = {}): boolean => dequal(JSON.parse(JSON.stringify(a)), JSON.parse(JSON.stringify(b)));

/** What is on the bench is what the sheet and the plan show: the version it is as it stands, or the draft it has become. */
function PaperLinks({ soupId, view: { recipe, needs }, versions }: Pick<ButtonsProps, 'soupId' | 'view' | 'versions'>) {
  const same = useMemo(
    () =>
      versions
        .slice(-MOST_COMPARED)
        .findLast(
          (version) =>
            isSameSoup(version.recipe, recipe) && isAlike(version.needs, needs) && isAlike(version.recipe.preparations, recipe.preparations),
        ),
    [recipe, needs, versions],
  );
  return (
    <>
      <Link to={`/soups/${soupId}/sheet?v=${same?.number ?? 'draft'}`} className={LINK}>
        Sheet
      </Link>
      <Link to={`/soups/${soupId}/plan?v=${same?.number ?? 'draft'}`} className={LINK}>
        Plan
      </Link>
    </>
  );
}

/** What is still open, and the way to it. */
export const OpenDoubts = afterPaint(function OpenDoubts({ view, open, onOpen }: { view: BenchView; open: boolean; onOpen: OnOpen }) {
  const { core, recipe } = view;
  const doubts = useMemo(() => core.openDoubts(recipe, core.shelf), [core, recipe]);
  return (
    <>
      {doubts.length > 0 && (
        <>
          {' '}
          ·{' '}
          <button type="button" className="min-h-6 text-mustard underline decoration-dotted underline-offset-4" onClick={() => onOpen('doubts')}>
            {doubts.length === 1 ? 'one doubt' : `${doubts.length} doubts`}
          </button>
        </>
      )}
      <DoubtsDialog doubts={doubts} open={open} onOpenChange={(is) => onOpen(is ? 'doubts' : null)} />
    </>
  );
});
