import { X } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import type { SavedView } from '../../../contract/types.ts';
import { useAddView, useDropView, useViews } from '../../api/house.ts';
import { Button } from '../../ui/button.tsx';
import { focusAfter } from '../../ui/focus.ts';
import { say } from '../../ui/toast.ts';

// Nobody names a view before there is something to see.
const NameForm = lazy(async () => ({ default: (await import('./NameForm.tsx')).NameForm }));

/** What was asked before, by name; and what is asked now, to be kept. `query` is empty where nothing is asked. */
export function SavedViews({ query, suggested }: { query: string; suggested: string }) {
  const { data: views = [] } = useViews();
  const add = useAddView();
  const drop = useDropView();
  const [naming, setNaming] = useState(false);
  const isKept = views.some((view) => view.query === query);
  const forget = (view: SavedView) =>
    drop.mutate(view.id, {
      onSuccess: () => {
        say(`The view ${view.name} is forgotten.`, { label: 'Put it back', act: () => add.mutate({ name: view.name, query: view.query }) });
        focusAfter(() => document.querySelector<HTMLElement>('[aria-label="Which soups"] input'));
      },
    });
  if (views.length === 0 && query === '') return null;
  return (
    <nav aria-label="Saved views" className="flex flex-wrap items-center gap-1.5 text-sm">
      {views.map((view) => (
        <span key={view.id} className="inline-flex items-center rounded-md border border-line bg-card">
          <Link
            to={`/soups?${view.query}`}
            aria-current={view.query === query ? 'page' : undefined}
            className="min-h-7 rounded-l-md px-2 py-0.5 leading-6 hover:bg-oat-deep aria-[current]:bg-squash-pale aria-[current]:font-semibold"
          >
            {view.name}
          </Link>
          <Button kind="quiet" aria-label={`Forget the view ${view.name}`} className="px-1" onClick={() => forget(view)}>
            <X size={14} aria-hidden />
          </Button>
        </span>
      ))}
      {query !== '' && !isKept && !naming && (
        <Button kind="chip" onClick={() => setNaming(true)}>
          Keep this view
        </Button>
      )}
      {naming && (
        <Suspense fallback={null}>
          <NameForm
            suggested={suggested}
            failed={add.error?.message}
            onName={(name) => add.mutate({ name, query }, { onSuccess: () => setNaming(false) })}
            onLeave={() => setNaming(false)}
          />
        </Suspense>
      )}
    </nav>
  );
}
