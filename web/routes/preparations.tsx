import { Plus } from 'lucide-react';
import { Suspense } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { PreparationBody } from '../../contract/types.ts';
import { useDropPreparation, usePreparations, useSavePreparation } from '../api/preparations.ts';
import { MadeList } from '../features/preparations/MadeList.tsx';
import { MadeToday } from '../features/preparations/MadeToday.tsx';
import { PreparationForm } from '../features/preparations/PreparationForm.tsx';
import { figure } from '../kitchen/format.ts';
import { useKitchen } from '../kitchen/kitchen.ts';
import { ScreenTitle } from '../ui/screen.tsx';
import { Notice, Waiting } from '../ui/state.tsx';
import { say } from '../ui/toast.ts';

const NEW = 'new';

/** What the house makes beside its soups: stocks, swirls, glazes, crumbs. Kept once, taken by many soups. */
export function Preparations() {
  return (
    <Suspense fallback={<Waiting>Fetching the foods ...</Waiting>}>
      <House />
    </Suspense>
  );
}

function House() {
  const { id } = useParams();
  const navigate = useNavigate();
  const { preparedFood, shelf } = useKitchen();
  const { data: preparations = [], isPending, isError, error } = usePreparations();
  const open = preparations.find((one) => one.id === id);
  const save = useSavePreparation();
  const drop = useDropPreparation();
  const forget = (kept: PreparationBody) =>
    drop.mutate(kept.id, {
      onSuccess: () => {
        navigate('/preparations');
        const { id: _, revision: __, updatedAt: ___, ...preparation } = kept;
        say(`${kept.name} is forgotten; soups that use it keep their copy.`, {
          label: 'Put it back',
          act: () => save.mutate({ kept: undefined, preparation }),
        });
      },
    });
  return (
    <div className="mx-auto grid w-full max-w-7xl min-h-0 flex-1 grid-cols-[minmax(0,1fr)] gap-4 p-4 lg:grid-cols-[22rem_minmax(0,1fr)]">
      <section aria-label="Preparations kept" className="flex min-h-0 flex-col gap-2">
        <div className="flex items-center justify-between gap-2">
          <ScreenTitle>{open ? `${open.name}, Preparations` : 'Preparations'}</ScreenTitle>
          <h1 className="font-title text-3xl">Preparations</h1>
          <Link
            to={`/preparations/${NEW}`}
            className="inline-flex min-h-7 items-center gap-1.5 rounded-md border border-kale-soft bg-card px-3 py-1 hover:bg-oat-deep"
          >
            <Plus size={16} aria-hidden /> New
          </Link>
        </div>
        {isError && <Notice tone="breaks">{error.message}</Notice>}
        <p role="status" className="text-sm text-kale-soft">
          {isPending
            ? 'Fetching what is kept ...'
            : preparations.length === 0
              ? 'None is kept yet. A stock of your own, a pesto or a nut cream is written down once here, and any soup can take grams of it.'
              : `${preparations.length} kept; a soup takes grams of one on its bench`}
        </p>
        <ul aria-label="Preparations" className="flex flex-col rounded-xl border border-line bg-card empty:hidden">
          {preparations.map((one) => {
            const food = preparedFood(
              { id: one.id, name: one.name, lines: one.recipe.lines, steps: one.recipe.steps, yieldGrams: one.yieldGrams },
              shelf,
            );
            return (
              <li key={one.id} className="border-b border-line last:border-0">
                <Link
                  to={`/preparations/${one.id}`}
                  aria-current={one.id === id ? 'true' : undefined}
                  className="flex min-h-8 items-center justify-between gap-2 px-3 py-1 hover:bg-oat-deep aria-[current]:bg-squash-pale"
                >
                  <span className="min-w-0 truncate">{one.name}</span>
                  <span className="shrink-0 text-sm text-kale-soft">
                    {food.atLeast && food.atLeast.size > 0 ? 'at least ' : ''}
                    {figure(food.per100g.sodiumMg ?? 0)} mg sodium in 100 g
                  </span>
                </Link>
              </li>
            );
          })}
        </ul>
        <MadeList />
      </section>
      {id === NEW || open ? (
        <div className="flex flex-col gap-4">
          {open && <MadeToday key={open.id} preparation={open} />}
          <PreparationForm
            key={open ? `${open.id} ${open.revision}` : NEW}
            kept={open}
            onSaved={(saved) => navigate(`/preparations/${saved.id}`)}
            onForget={forget}
          />
        </div>
      ) : (
        <p className="m-auto max-w-md p-8 text-center text-kale-soft">
          {id === undefined || isPending
            ? 'Choose one to see what it is made of, what 100 g of it hold, and how long it keeps.'
            : 'There is no such preparation.'}
        </p>
      )}
    </div>
  );
}
