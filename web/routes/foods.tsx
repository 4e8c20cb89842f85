import { Plus } from 'lucide-react';
import { Suspense, useDeferredValue, useId, useMemo, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { CATEGORIES, CATEGORY_ROWS } from '../../core/vocabulary/category.ts';
import { FoodCard } from '../features/foods/FoodCard.tsx';
import { LabelForm } from '../features/foods/LabelForm.tsx';
import { SOURCE_WORDS } from '../kitchen/format.ts';
import { useKitchen, useOwnFoods } from '../kitchen/kitchen.ts';
import { Button } from '../ui/button.tsx';
import { Field, Input, Select } from '../ui/field.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Notice, Waiting } from '../ui/state.tsx';

const MOST_SHOWN = 80;

/** The food shelf: what the kitchen knows of each food, where from, and how surely. */
export function Foods() {
  return (
    <Suspense fallback={<Waiting>Fetching the foods ...</Waiting>}>
      <Shelf />
    </Suspense>
  );
}

function Shelf() {
  const { id } = useParams();
  const { shelf, searchFoods, aside } = useKitchen();
  const own = useOwnFoods();
  const navigate = useNavigate();
  const [adding, setAdding] = useState(false);
  const { foods } = shelf;
  const [params, setParams] = useSearchParams();
  const query = params.get('q') ?? '';
  const category = CATEGORIES.find((one) => one === params.get('kind'));
  const ask = (changes: Record<string, string>) =>
    setParams((now) => Object.entries({ ...Object.fromEntries(now), ...changes }).filter(([, value]) => value !== ''), { replace: true });
  const asked = useDeferredValue(query);
  const found = useMemo(() => {
    const hits = searchFoods(shelf, asked, foods.length).map(({ food }) => food);
    const list = asked.trim() === '' ? [...foods].sort((a, b) => a.name.localeCompare(b.name, 'en')) : hits;
    return list.filter((food) => category === undefined || food.category === category);
  }, [shelf, foods, searchFoods, asked, category]);
  const food = id === undefined ? undefined : shelf.food(id);
  const list = useId();
  const search = params.size > 0 ? `?${params}` : '';
  return (
    <div className="mx-auto grid w-full max-w-7xl min-h-0 flex-1 grid-cols-[minmax(0,1fr)] gap-4 p-4 lg:h-[calc(100dvh-3rem)] lg:flex-none lg:grid-cols-[22rem_minmax(0,1fr)]">
      <section aria-label="Search the shelf" className="flex min-h-0 flex-col gap-2">
        <div className="flex items-center justify-between gap-2">
          <ScreenTitle>{food ? `${food.name}, Foods` : 'Foods'}</ScreenTitle>
          <h1 className="font-title text-3xl">Foods</h1>
          <Button onClick={() => setAdding(true)}>
            <Plus size={16} aria-hidden /> From a package
          </Button>
        </div>
        <Field label="Search">
          <Input
            type="search"
            value={query}
            aria-controls={list}
            placeholder="aubergine, double cream, stock ..."
            onChange={(event) => ask({ q: event.target.value })}
          />
        </Field>
        <Field label="Kind">
          <Select value={category ?? ''} onChange={(event) => ask({ kind: event.target.value })}>
            <option value="">(all)</option>
            {CATEGORIES.map((one) => (
              <option key={one} value={one}>
                {CATEGORY_ROWS[one].label}
              </option>
            ))}
          </Select>
        </Field>
        {aside.length > 0 && (
          <Notice tone="check">
            Put aside, since {aside.length === 1 ? 'it' : 'they'} cannot be worked out; nothing of {aside.length === 1 ? 'it' : 'them'} is lost:{' '}
            {aside.map(({ name, why }) => `${name} (${why})`).join('; ')}. Lines with {aside.length === 1 ? 'it' : 'them'} count as unknown.
          </Notice>
        )}
        <p role="status" className="text-sm text-kale-soft">
          {found.length === 0
            ? 'Nothing on the shelf answers to that. Try another word, or fewer letters.'
            : `${found.length} foods${found.length > MOST_SHOWN ? `, the first ${MOST_SHOWN} shown` : ''}`}
        </p>
        <ul
          id={list}
          aria-label="Foods found"
          className="relative flex min-h-0 flex-1 flex-col overflow-auto rounded-xl border border-line bg-card max-lg:max-h-72"
        >
          {found.slice(0, MOST_SHOWN).map((one) => (
            <li key={one.id} className="border-b border-line last:border-0">
              <Link
                to={`/foods/${one.id}${search}`}
                aria-current={one.id === id ? 'true' : undefined}
                className="flex min-h-8 items-center justify-between gap-2 px-3 py-1 hover:bg-oat-deep aria-[current]:bg-squash-pale"
              >
                <span className="min-w-0 truncate">{one.name}</span>
                <span className="shrink-0 text-sm text-kale-soft">{SOURCE_WORDS[one.source.kind]}</span>
              </Link>
            </li>
          ))}
        </ul>
      </section>
      <LabelForm
        open={adding}
        onOpenChange={setAdding}
        onSaved={(saved) => {
          setAdding(false);
          navigate(`/foods/${saved.id}`);
        }}
      />
      {food ? (
        <FoodCard key={food.id} food={food} own={own.data?.find((one) => one.id === food.id)} />
      ) : (
        <p className="m-auto max-w-md p-8 text-center text-kale-soft">
          {id === undefined
            ? 'Choose a food to see its figures, both tables where there are two, its portions and what it holds.'
            : 'There is no such food on the shelf.'}
        </p>
      )}
    </div>
  );
}
