import { dequal } from 'dequal';
import { CloudOff, Pencil, Redo2, Undo2 } from 'lucide-react';
import { memo, Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useLocation, useNavigate, useParams, useSearchParams } from 'react-router';
import type { SoupSummary, VersionBody } from '../../contract/types.ts';
import { isSameSoup } from '../../core/analysis/diff.ts';
import { REGIME_IDS, type RegimeId } from '../../core/regime/regime.ts';
import { needRefs } from '../../core/swap/need.ts';
import type { Needs } from '../../core/swap/needs.ts';
import type { Plan } from '../../core/swap/plan.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { useDraft, usePriceList, useSettings, useSoup, useVersions } from '../api/queries.ts';
import { Worklist } from '../features/allergens/Worklist.tsx';
import { useAutosave } from '../features/bench/autosave.ts';
import { BowlsDialog } from '../features/bench/BowlsDialog.tsx';
import { ChangedBar } from '../features/bench/ChangedBar.tsx';
import { ClashDialog } from '../features/bench/ClashDialog.tsx';
import { DoubtsDialog } from '../features/bench/DoubtsDialog.tsx';
import type { KeeperState } from '../features/bench/draftKeeper.ts';
import { useFolded } from '../features/bench/folded.ts';
import { KeepDialog } from '../features/bench/KeepDialog.tsx';
import { MethodDialog } from '../features/bench/MethodDialog.tsx';
import { PotPanel } from '../features/bench/PotPanel.tsx';
import { RenameDialog } from '../features/bench/RenameDialog.tsx';
import { useBench, useHistory } from '../features/bench/store.ts';
import { suggestedName } from '../features/bench/versionName.ts';
import { type BenchView, originalOf, useBenchView } from '../features/bench/view.ts';
import { BowlPanel } from '../features/bowl/BowlPanel.tsx';
import { ExportDialog } from '../features/export/ExportDialog.tsx';
import { useHelp } from '../features/help/store.ts';
import { NeedsBar } from '../features/needs/NeedsBar.tsx';
import { SwapsPanel } from '../features/swaps/SwapsPanel.tsx';
import { useLineSwaps } from '../features/swaps/useLineSwaps.ts';
import { PLAN_COUNTS, plansOf, usePlans } from '../features/swaps/usePlans.ts';
import { figure } from '../kitchen/format.ts';
import { useLetter } from '../kitchen/letterKeys.ts';
import { useAfterPaint } from '../kitchen/useAfterPaint.ts';
import { Button } from '../ui/button.tsx';
import { Dialog } from '../ui/dialog.tsx';
import { Select } from '../ui/field.tsx';
import { focusAfter } from '../ui/focus.ts';
import { ScreenTitle } from '../ui/screen.tsx';
import { Notice, Waiting } from '../ui/state.tsx';
import { say } from '../ui/toast.ts';

const SAVE_WORDS = {
  clean: 'saved',
  waiting: 'saving ...',
  saving: 'saving ...',
  offline: 'not saved: the server does not answer. Kept in this browser, tried again',
  refused: 'not saved: the server refused it. Kept in this browser',
  clash: 'someone saved in between',
} as const satisfies Record<KeeperState, string>;

/** The bench of one soup: opens its draft, then lays out the three zones. */
export function Bench() {
  const { id = '' } = useParams();
  return <BenchOf key={id} soupId={id} />;
}

function BenchOf({ soupId }: { soupId: string }) {
  const soup = useSoup(soupId);
  const draft = useDraft(soupId);
  const versions = useVersions(soupId);
  const autosave = useAutosave(soupId, draft.data);
  const onBench = autosave.opened;
  useTakenVersion(onBench, versions.data?.versions);
  useTakenSoup(onBench);
  if (draft.isError && !onBench)
    return (
      <div className="p-6">
        <Notice tone="breaks">
          {draft.error.message}{' '}
          <Button kind="chip" onClick={() => draft.refetch()}>
            Try again
          </Button>
        </Notice>
      </div>
    );
  if (!onBench || !draft.data || !versions.data || !soup.data) return <Waiting>Laying out the bench ...</Waiting>;
  const version = soup.data.versions.find(({ id }) => id === draft.data.basedOn) ?? soup.data.versions.at(-1);
  return (
    <Suspense fallback={<Waiting>Fetching the foods ...</Waiting>}>
      <Worktop
        soupId={soupId}
        soup={soup.data}
        from={version ? `draft of "${version.name}"` : 'draft'}
        versions={versions.data.versions}
        original={originalOf(versions.data.versions, draft.data.basedOn)}
        autosave={autosave}
      />
    </Suspense>
  );
}

/** '?take=2' in the address puts that version on the bench, as one step that undo takes back. */
function useTakenVersion(onBench: boolean, versions: readonly VersionBody[] | undefined) {
  const [params, setParams] = useSearchParams();
  const number = Number(params.get('take'));
  useEffect(() => {
    if (!number || !onBench || !versions) return;
    const version = versions.find((one) => one.number === number);
    if (version) {
      useBench.getState().takeVersion(version);
      say(`Version ${number} is on the bench. Undo brings back what was there.`);
    } else say(`This soup has no version ${number}.`);
    setParams({}, { replace: true });
  }, [number, onBench, versions, setParams]);
}

/** A soup handed over by another screen, a point of the spread for one, goes on the bench as one step that undo takes back. */
function useTakenSoup(onBench: boolean) {
  const { state, pathname } = useLocation();
  const navigate = useNavigate();
  const put = (state as { put?: Recipe } | null)?.put;
  useEffect(() => {
    if (!put || !onBench) return;
    useBench.getState().putRecipe(put);
    say('It is on the bench. Undo brings back what was there.');
    navigate(pathname, { replace: true, state: null });
  }, [put, onBench, navigate, pathname]);
}

type BenchDialog = 'need' | 'keep' | 'bowls' | 'export' | 'labels' | 'rename' | 'method' | 'doubts';

interface WorktopProps {
  soupId: string;
  soup: SoupSummary;
  from: string;
  versions: readonly VersionBody[];
  original: Recipe | null;
  autosave: ReturnType<typeof useAutosave>;
}

function Worktop({ soupId, soup, from, versions, original, autosave }: WorktopProps) {
  const { title } = soup;
  const settings = useSettings();
  const prices = usePriceList();
  const view = useBenchView(original, prices);
  const [count, setCount] = useState<number>(PLAN_COUNTS[1]);
  const history = useHistory();
  const plans = usePlans();
  const { later, swaps, applySwap } = useLineSwaps(view);
  const [editing, setEditing] = useState<string | null>(null);
  const [dialog, setDialog] = useState<BenchDialog | null>(null);
  const only = (name: BenchDialog) => (open: boolean) => setDialog(open ? name : null);

  const { search, start, stop, cancel } = plans;
  const { recipe, needs } = view;
  const take = useCallback(
    (plan: Plan) => {
      stop();
      useBench.getState().putRecipe(plan.recipe, plan.changes[0]?.to[0]?.lineId ?? null);
      focusAfter(() => document.querySelector<HTMLElement>('[data-line] [aria-pressed="true"]'));
    },
    [stop],
  );
  const workOut = useCallback(() => {
    const asked = useBench.getState();
    if (needRefs(asked.needs).length === 0) {
      setDialog('need');
      say('Say first what the soup has to meet.');
      return;
    }
    start(asked.recipe, asked.needs, prices, count, view.core.onShelf(view.core.shelf));
  }, [start, prices, count, view.core]);
  const askAnew = useCallback(
    (needs: Needs) => {
      useBench.getState().setNeeds(needs);
      workOut();
    },
    [workOut],
  );
  const onDoubts = useCallback((open: boolean) => setDialog(open ? 'doubts' : null), []);
  const onMethod = useCallback(() => setDialog('method'), []);
  const onNeeds = useCallback((open: boolean) => setDialog(open ? 'need' : null), []);
  const helping = useHelp(({ open }) => open);
  useBenchKeys({
    // An amount being edited keeps the keys to itself: in a field they are not heard.
    enabled: dialog === null && autosave.clash === null && !helping,
    view,
    swaps,
    applySwap,
    plans,
    history,
    take,
    workOut,
    setEditing,
    setDialog,
  });

  // A plan answers the soup it was asked for: any edit takes it off the bench.
  useEffect(() => {
    if (search.state !== 'idle' && (search.recipe !== recipe || search.needs !== needs)) stop();
  }, [search, recipe, needs, stop]);

  return (
    <div className="flex min-h-0 flex-1 flex-col lg:h-[calc(100dvh-3rem)] lg:flex-none">
      <div className="flex shrink-0 flex-wrap items-center gap-x-2 gap-y-1 px-4 pt-2">
        <ScreenTitle>{title}</ScreenTitle>
        <h1 className="font-title text-2xl">{title}</h1>
        <button
          type="button"
          aria-label="Change the title"
          className="-mx-2 inline-flex size-6 items-center justify-center"
          onClick={() => setDialog('rename')}
        >
          <Pencil size={14} aria-hidden />
        </button>
        <span className="text-kale-soft">
          {from} ·{' '}
          <button type="button" className="min-h-6 underline decoration-dotted underline-offset-4" onClick={() => setDialog('bowls')}>
            {figure(view.analysis.servings)} bowls of {figure(view.analysis.servingMl)} ml
          </button>
          <OpenDoubts view={view} open={dialog === 'doubts'} onOpenChange={onDoubts} />
        </span>
        <span className="flex items-center gap-1 text-kale-soft">
          rules
          <Select
            aria-label="Rules the figures follow"
            className="text-kale"
            value={view.needs.regime ?? 'us'}
            onChange={(event) => useBench.getState().setNeeds({ ...view.needs, regime: event.target.value as RegimeId })}
          >
            {REGIME_IDS.map((id) => (
              <option key={id} value={id}>
                {id.toUpperCase()}
              </option>
            ))}
          </Select>
        </span>
        <span role="status" className={`text-sm ${autosave.state === 'offline' || autosave.state === 'refused' ? 'text-beet' : 'text-kale-soft'}`}>
          {autosave.state === 'offline' && <CloudOff size={14} aria-hidden className="mr-1 inline" />}
          {SAVE_WORDS[autosave.state]}
          {autosave.why && `: ${autosave.why}`}
        </span>
        <div className="ml-auto flex flex-wrap gap-1.5">
          <Button onClick={() => history.undo()} disabled={!history.canUndo} aria-label="Undo">
            <Undo2 size={16} aria-hidden />
          </Button>
          <Button onClick={() => history.redo()} disabled={!history.canRedo} aria-label="Redo">
            <Redo2 size={16} aria-hidden />
          </Button>
          {versions.length > 0 && (
            <Link
              to={`/soups/${soupId}/compare`}
              className="inline-flex min-h-7 items-center rounded-md border border-kale-soft bg-card px-3 hover:bg-oat-deep"
            >
              Compare
            </Link>
          )}
          <PaperLinks soupId={soupId} view={view} versions={versions} />
          <Button onClick={() => setDialog('labels')}>Labels</Button>
          <Button onClick={() => setDialog('export')}>Export</Button>
          <Button kind="main" aria-label="Keep as version" onClick={() => setDialog('keep')}>
            Keep
          </Button>
        </div>
      </div>
      <div className="shrink-0 px-4 py-2">
        <NeedsBar view={view} adding={dialog === 'need'} onAdding={onNeeds} />
      </div>
      <div className="grid min-h-0 flex-1 gap-2.5 px-4 pb-2 lg:grid-cols-[minmax(0,25rem)_minmax(0,1fr)_minmax(0,20.5rem)] lg:grid-rows-[minmax(0,1fr)]">
        <PotPanel view={view} show={settings.data?.show ?? 'grams'} editing={editing} onEdit={setEditing} onMethod={onMethod} />
        <SwapsPanel
          soupId={soupId}
          view={later}
          swaps={swaps}
          search={plans.search}
          plans={count}
          onPlans={setCount}
          onUse={applySwap}
          onWorkOut={workOut}
          onCancel={cancel}
          onBack={stop}
          onTake={take}
          onAsk={askAnew}
        />
        <BowlPanel soupId={soupId} view={view} />
      </div>
      <ChangedBar view={later} />
      <KeepDialog view={view} soupId={soupId} open={dialog === 'keep'} onOpenChange={only('keep')} suggestion={suggestedName(view)} />
      <Dialog open={dialog === 'labels'} onOpenChange={only('labels')} title="Labels" wide>
        <Worklist recipe={view.recipe} analysis={view.analysis} regime={view.needs.regime ?? 'us'} core={view.core} />
      </Dialog>
      <ExportDialog
        open={dialog === 'export'}
        onOpenChange={only('export')}
        title={title}
        recipe={view.recipe}
        analysis={view.analysis}
        regime={view.needs.regime ?? 'us'}
      />
      <MethodDialog view={view} open={dialog === 'method'} onOpenChange={only('method')} />
      <RenameDialog soup={soup} open={dialog === 'rename'} onOpenChange={only('rename')} />
      <BowlsDialog view={view} open={dialog === 'bowls'} onOpenChange={only('bowls')} />
      <ClashDialog autosave={autosave} />
    </div>
  );
}

/** What is still open, and the way to it. The figures are what is waited for; this comes a frame after them. */
const OpenDoubts = memo(function OpenDoubts({ view, open, onOpenChange }: { view: BenchView; open: boolean; onOpenChange: (open: boolean) => void }) {
  const { core, recipe } = useAfterPaint(view);
  const doubts = useMemo(() => core.openDoubts(recipe, core.shelf), [core, recipe]);
  return (
    <>
      {doubts.length > 0 && (
        <>
          {' '}
          ·{' '}
          <button type="button" className="min-h-6 text-mustard underline decoration-dotted underline-offset-4" onClick={() => onOpenChange(true)}>
            {doubts.length === 1 ? 'one doubt' : `${doubts.length} doubts`}
          </button>
        </>
      )}
      <DoubtsDialog doubts={doubts} open={open} onOpenChange={onOpenChange} />
    </>
  );
});

/** A bench edit waits for none of them; older versions than these are opened from their own row. */
const MOST_COMPARED = 20;

/** Alike as they would be sent: a key that is not said is no key. */
const isAlike = (a: object = {}, b: object = {}): boolean => dequal(JSON.parse(JSON.stringify(a)), JSON.parse(JSON.stringify(b)));

/** What is on the bench is what the sheet and the plan show: the version it is as it stands, or the draft it has become. */
const PaperLinks = memo(function PaperLinks({ soupId, view, versions }: { soupId: string; view: BenchView; versions: readonly VersionBody[] }) {
  const { recipe, needs } = useAfterPaint(view);
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
  const look = 'inline-flex min-h-7 items-center rounded-md border border-kale-soft bg-card px-3 hover:bg-oat-deep';
  return (
    <>
      <Link to={`/soups/${soupId}/sheet?v=${same?.number ?? 'draft'}`} className={look}>
        Sheet
      </Link>
      <Link to={`/soups/${soupId}/plan?v=${same?.number ?? 'draft'}`} className={look}>
        Plan
      </Link>
    </>
  );
});

interface KeyParts {
  enabled: boolean;
  view: ReturnType<typeof useBenchView>;
  swaps: ReturnType<typeof useLineSwaps>['swaps'];
  applySwap: (swapId: string) => void;
  plans: ReturnType<typeof usePlans>;
  history: ReturnType<typeof useHistory>;
  take: (plan: Plan) => void;
  workOut: () => void;
  setEditing: (lineId: string | null) => void;
  setDialog: (dialog: 'need' | 'keep' | 'method') => void;
}

/** The keyboard map of the bench; the help lists it. */
function useBenchKeys({ enabled, view, swaps, applySwap, plans, history, take, workOut, setEditing, setDialog }: KeyParts) {
  const { select } = useBench.getState();
  const inOrder = ['base', 'simmer', 'blend', 'finish', 'bowl', 'plate'].flatMap((stage) =>
    view.recipe.lines.filter((line) => line.stage === stage).map(({ id }) => id),
  );
  const move = (by: number) => {
    const at = inOrder.indexOf(useBench.getState().selected ?? '');
    select(inOrder[Math.min(inOrder.length - 1, Math.max(0, at + by))] ?? null);
  };
  const options = { enabled, preventDefault: true } as const;
  const letters = { enabled };
  const isControl = (target: EventTarget | null) => target instanceof HTMLElement && target.closest('a, button, summary, [role="button"]') !== null;
  useHotkeys('up', () => move(-1), options);
  useHotkeys('down', () => move(1), options);
  useHotkeys('enter', () => setEditing(useBench.getState().selected), {
    ...options,
    ignoreEventWhen: ({ target }) => isControl(target) && !(target as HTMLElement).closest('[data-line]'),
  });
  useHotkeys('delete, backspace', () => useBench.getState().takeOut(useBench.getState().selected ?? ''), options);
  useLetter('s', () => document.getElementById('swaps')?.focus(), letters);
  useLetter('w', workOut, letters);
  useLetter('n', () => setDialog('need'), letters);
  useLetter('k', () => setDialog('keep'), letters);
  useLetter('m', () => setDialog('method'), letters);
  useLetter('f', () => useFolded.getState().fold(), letters);
  useLetter('u', () => history.undo(), letters);
  useLetter('shift+u', () => history.redo(), letters);
  useHotkeys('escape', () => (plans.search.state === 'working' ? plans.cancel() : plans.stop()), options);
  useLetter(
    '1,2,3,4,5,6,7,8,9',
    (event) => {
      const index = Number(event.code.slice(-1)) - 1;
      const { search } = plans;
      const nearest = search.state === 'done' && index === 0 ? search.result.clash?.nearest : undefined;
      const plan = plansOf(search)[index] ?? nearest;
      const swap = search.state === 'idle' ? swaps[index] : undefined;
      if (plan) take(plan);
      else if (swap) applySwap(swap.change.swapId);
    },
    letters,
  );
}
