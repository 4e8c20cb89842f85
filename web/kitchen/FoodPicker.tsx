import { useId, useState } from 'react';
import { type FoodHit, useFoodSearch } from '../api/queries.ts';
import { Button } from '../ui/button.tsx';
import { Dialog } from '../ui/dialog.tsx';
import { Field, Input } from '../ui/field.tsx';

interface Props {
  /** The written line, or null when closed. */
  line: string | null;
  query: string;
  onPick: (food: FoodHit) => void;
  onClose: () => void;
}

/** Finds a food by name. Enter takes the first; arrows are the list's own tab stops. */
export function FoodPicker({ line, query, onPick, onClose }: Props) {
  return (
    <Dialog open={line !== null} onOpenChange={(open) => !open && onClose()} title="Choose the food" {...(line ? { description: line } : {})}>
      {line !== null && <Search initial={query} onPick={onPick} />}
    </Dialog>
  );
}

function Search({ initial, onPick }: { initial: string; onPick: (food: FoodHit) => void }) {
  const [query, setQuery] = useState(initial);
  const hits = useFoodSearch(query);
  const list = useId();
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        const first = hits.data?.[0];
        if (first) onPick(first);
      }}
    >
      <Field label="Search the shelf">
        <Input autoFocus value={query} aria-controls={list} onChange={(event) => setQuery(event.target.value)} />
      </Field>
      <ul id={list} className="mt-2 flex max-h-72 flex-col gap-1 overflow-auto" aria-label="Foods found">
        {hits.data?.map((food) => (
          <li key={food.id}>
            <Button kind="chip" className="w-full justify-between! text-left" onClick={() => onPick(food)}>
              <span>{food.name}</span>
              <span className="text-sm text-kale-soft">{food.source.kind}</span>
            </Button>
          </li>
        ))}
      </ul>
      {hits.data?.length === 0 && (
        <p className="mt-2 text-kale-soft">
          Nothing on the shelf answers to that. Leave the line without a food: it stays marked, and every figure says 'at least'.
        </p>
      )}
    </form>
  );
}
