import { Suspense, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useBatches, useBeginBatch } from '../api/cook.ts';
import { CookView } from '../features/cook/CookView.tsx';
import { useBatchLive } from '../features/cook/useBatchLive.ts';
import { ChooseVersion } from '../features/sheet/ChooseVersion.tsx';
import { type Chosen, useChosenVersion } from '../features/sheet/useChosenVersion.ts';
import { figure } from '../kitchen/format.ts';
import { Button } from '../ui/button.tsx';
import { Field } from '../ui/field.tsx';
import { NumberInput, type Typed } from '../ui/numberInput.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Failed, Notice, Waiting } from '../ui/state.tsx';

/** At the stove: a batch that goes on, or a new one of a version. */
export function CookScreen() {
  const { id = '' } = useParams();
  const [params] = useSearchParams();
  const batchId = params.get('batch');
  return batchId ? <Cooking key={batchId} batchId={batchId} /> : <Begin soupId={id} />;
}

function Cooking({ batchId }: { batchId: string }) {
  const live = useBatchLive(batchId);
  if (live === null) return <Waiting>Fetching the batch ...</Waiting>;
  if (live instanceof Error) return <Failed error={live} />;
  return (
    <Suspense fallback={<Waiting>Fetching the foods ...</Waiting>}>
      <CookView live={live} />
    </Suspense>
  );
}

function Begin({ soupId }: { soupId: string }) {
  const chosen = useChosenVersion(soupId);
  if (chosen === null) return <Waiting>Fetching the soup ...</Waiting>;
  if (chosen instanceof Error) return <Failed error={chosen} />;
  return <BeginOf chosen={chosen} />;
}

const DAY_MS = 86_400_000;

function BeginOf({ chosen }: { chosen: Chosen }) {
  const { soup, version, recipe } = chosen;
  const [params] = useSearchParams();
  const [bowls, setBowls] = useState<Typed>(Number(params.get('bowls')) || recipe.servings || 4);
  const begin = useBeginBatch();
  const batches = useBatches();
  const navigate = useNavigate();
  const going = (batches.data ?? []).filter(
    ({ soupId, startedAt, portioned }) => soupId === soup.id && portioned === 0 && Date.now() - Date.parse(startedAt) < DAY_MS,
  );
  return (
    <div className="mx-auto flex w-full max-w-3xl flex-col gap-4 p-6">
      <ScreenTitle>{`Cook ${soup.title}`}</ScreenTitle>
      <h1 className="font-title text-3xl">Cook {soup.title}</h1>
      {going.length > 0 && (
        <section aria-label="Under way" className="rounded-xl border border-squash bg-squash-pale p-3">
          <h2 className="text-lg">Under way</h2>
          <ul>
            {going.map(({ id, startedAt, servings, entries }) => (
              <li key={id}>
                <Link className="inline-flex min-h-11 items-center underline" to={`/soups/${soup.id}/cook?batch=${id}`}>
                  {figure(servings)} bowls, begun {new Date(startedAt).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' })},{' '}
                  {entries} entries
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
      {begin.error && <Notice tone="breaks">{begin.error.message}</Notice>}
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (typeof bowls !== 'number') return;
          begin.mutate(
            { soupId: soup.id, version: version?.number ?? null, servings: bowls, ...(version ? {} : { recipe }) },
            { onSuccess: ({ id }) => navigate(`/soups/${soup.id}/cook?batch=${id}`, { replace: true }) },
          );
        }}
      >
        <ChooseVersion chosen={chosen} />
        <Field label="Bowls">
          <NumberInput className="min-h-11 w-24" value={bowls} min={1} max={5000} onValue={setBowls} />
        </Field>
        <Button type="submit" kind="main" className="min-h-11" disabled={typeof bowls !== 'number' || begin.isPending}>
          Begin a batch
        </Button>
      </form>
      <p className="text-kale-soft">
        From here on everything that is weighed, added, left out or put in instead is written down, and the bowl is worked out from what was really
        cooked. Nothing of it is ever changed: a mistake is struck, with a word on why.
      </p>
    </div>
  );
}
