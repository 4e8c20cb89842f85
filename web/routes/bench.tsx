import { Suspense, useCallback, useEffect, useState } from 'react';
import { useLocation, useNavigate, useParams, useSearchParams } from 'react-router';
import type { SoupSummary, VersionBody } from '../../contract/types.ts';
import { needRefs } from '../../core/swap/need.ts';
import type { Needs } from '../../core/swap/needs.ts';
import type { Plan } from '../../core/swap/plan.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { useDraft, usePriceList, useSettings, useSoup, useVersions } from '../api/queries.ts';
import { Worklist } from '../features/allergens/Worklist.tsx';
import { useAutosave } from '../features/bench/autosave.ts';
import { BenchButtons, type BenchDialog, OpenDoubts, RegimeChoice, SaveState, SoupTitle } from '../features/bench/BenchHead.tsx';
import { BowlsDialog } from '../features/bench/BowlsDialog.tsx';
import { ChangedBar } from '../features/bench/ChangedBar.tsx';
import { ClashDialog } from '../features/bench/ClashDialog.tsx';
import { KeepDialog } from '../features/bench/KeepDialog.tsx';
import { MethodDialog } from '../features/bench/MethodDialog.tsx';
import { PotPanel } from '../features/bench/PotPanel.tsx';
import { RenameDialog } from '../features/bench/RenameDialog.tsx';
import { useBench, useHistory } from '../features/bench/store.ts';
import { suggestedName } from '../features/bench/versionName.ts';
import { originalOf, useBenchView } from '../features/bench/view.ts';
import { BowlPanel } from '../features/bowl/BowlPanel.tsx';
import { ExportDialog } from '../features/export/ExportDialog.tsx';
import { useHelp } from '../features/help/store.ts';
import { NeedsBar } from '../features/needs/NeedsBar.tsx';
import { SwapsPanel } from '../features/swaps/SwapsPanel.tsx';
import { useLineSwaps } from '../features/swaps/useLineSwaps.ts';
import { PLAN_COUNTS, usePlans } from '../features/swaps/usePlans.ts';
import { figure } from '../kitchen/format.ts';
import { Button } from '../ui/button.tsx';
import { Dialog } from '../ui/dialog.tsx';
import { focusAfter } from '../ui/focus.ts';
import { Notice, Waiting } from '../ui/state.tsx';
import { say } from '../ui/toast.ts';
import { useBenchKeys } from './benchKeys.ts';

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
        <SoupTitle title={title} onOpen={setDialog} />
        <span className="text-kale-soft">
          {from} ·{' '}
          <button type="button" className="min-h-6 underline decoration-dotted underline-offset-4" onClick={() => setDialog('bowls')}>
            {figure(view.analysis.servings)} bowls of {figure(view.analysis.servingMl)} ml
          </button>
          <OpenDoubts view={view} open={dialog === 'doubts'} onOpen={setDialog} />
        </span>
        <RegimeChoice regime={needs.regime ?? 'us'} />
        <SaveState state={autosave.state} why={autosave.why} />
        <BenchButtons soupId={soupId} view={later} versions={versions} canUndo={history.canUndo} canRedo={history.canRedo} onOpen={setDialog} />
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
