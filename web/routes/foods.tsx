import { Plus } from 'lucide-react';
import { type KeyboardEvent, Suspense, useDeferredValue, useId, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { CATEGORIES, CATEGORY_ROWS } from '../../core/vocabulary/category.ts';
import type { Food } from '../../core/vocabulary/food.ts';
import { FoodCard } from '../features/foods/FoodCard.tsx';
import { LabelForm } from '../features/foods/LabelForm.tsx';
import { SOURCE_WORDS } from '../kitchen/format.ts';
import { useKitchen, useOwnFoods, usePins, useToday } from '../kitchen/kitchen.ts';
import { Button } from '../ui/button.tsx';
import { Field, Input, Select } from '../ui/field.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Notice, State, Waiting } from '../ui/state.tsx';
import { useAddress } from '../ui/useAddress.ts';

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
  const [params, put] = useAddress();
  const query = params.get('q') ?? '';
  const category = CATEGORIES.find((one) => one === params.get('kind'));
  const ask = (changes: Record<string, string>) =>
    put((now) => {
      for (const [key, value] of Object.entries(changes)) {
        if (value === '') now.delete(key);
        else now.set(key, value);
      }
    });
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
          onKeyDown={rowByKey}
          className="relative flex min-h-0 flex-1 flex-col overflow-auto rounded-xl border border-line bg-card max-lg:max-h-72"
        >
          {found.slice(0, MOST_SHOWN).map((one) => (
            <li key={one.id} className="border-b border-line last:border-0">
              <Link
                to={`/foods/${one.id}${search}`}
                aria-current={one.id === id ? 'true' : undefined}
                className="flex min-h-8 flex-col px-3 py-1 hover:bg-oat-deep aria-[current]:bg-squash-pale"
              >
                <span className="flex items-center justify-between gap-2">
                  <span className="min-w-0 truncate">{one.name}</span>
                  <span className="shrink-0 text-sm text-kale-soft">{SOURCE_WORDS[one.source.kind]}</span>
                </span>
                <span className="truncate text-sm text-kale-soft">{[CATEGORY_ROWS[one.category].label, ...otherNames(one)].join(' · ')}</span>
              </Link>
            </li>
          ))}
          {found.length > MOST_SHOWN && (
            <li className="px-3 py-2 text-sm text-kale-soft">{found.length - MOST_SHOWN} more: type a letter or two, or choose a kind.</li>
          )}
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
      {food ? <FoodCard key={food.id} food={food} own={own.data?.find((one) => one.id === food.id)} /> : <OfThisHouse unknown={id !== undefined} />}
    </div>
  );
}

/** Two other names: enough to know it by. */
const MOST_NAMES = 2;
const otherNames = ({ name, aliases }: Food): readonly string[] =>
  aliases.filter((alias) => !name.toLowerCase().includes(alias.toLowerCase())).slice(0, MOST_NAMES);

/** Arrow keys go from food to food. */
function rowByKey(event: KeyboardEvent<HTMLElement>): void {
  const links = [...event.currentTarget.querySelectorAll('a')];
  const at = links.indexOf(event.target as HTMLAnchorElement);
  const to = { ArrowDown: at + 1, ArrowUp: at - 1, Home: 0, End: links.length - 1 }[event.key];
  if (to === undefined || at < 0) return;
  event.preventDefault();
  links[to]?.focus();
}

/** While no food is chosen: what this house put on the shelf, and the labels it read. */
function OfThisHouse({ unknown }: { unknown: boolean }) {
  const { data: own = [] } = useOwnFoods();
  const { data: pins = [] } = usePins();
  const { shelf } = useKitchen();
  const today = useToday();
  return (
    <section aria-label="Of this house" className="flex flex-col gap-3 rounded-xl border border-line bg-card p-4">
      <p className="text-kale-soft">
        {unknown
          ? 'There is no such food on the shelf.'
          : 'Choose a food to see its figures, both tables where there are two, its portions, what it holds and which soups have it.'}
      </p>
      <h2 className="text-lg">Foods of this house</h2>
      {own.length === 0 ? (
        <p className="text-sm text-kale-soft">None yet. 'From a package' takes one over from its label.</p>
      ) : (
        <ul className="flex flex-col">
          {own.map(({ id, entry, retired }) => (
            <li key={id} className="min-h-7">
              <Link className="underline decoration-line underline-offset-4" to={`/foods/${id}`}>
                {entry.name}
              </Link>{' '}
              <span className="text-sm text-kale-soft">
                label of {entry.date}
                {retired && ', retired'}
              </span>
            </li>
          ))}
        </ul>
      )}
      <h2 className="text-lg">Labels read</h2>
      {pins.length === 0 ? (
        <p className="text-sm text-kale-soft">None yet. 'Labels to check' of a soup keeps what a label says until a day.</p>
      ) : (
        <ul className="flex flex-col">
          {pins.map(({ foodId, product, readOn, lookAgainOn }) => (
            <li key={foodId} className="flex min-h-7 flex-wrap items-center gap-2">
              <Link className="underline decoration-line underline-offset-4" to={`/foods/${foodId}`}>
                {shelf.food(foodId)?.name ?? foodId}
              </Link>
              <span className="text-sm text-kale-soft">
                {product}, read on {readOn}
              </span>
              {lookAgainOn <= today ? <State tone="check">look again</State> : <span className="text-sm text-kale-soft">until {lookAgainOn}</span>}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
