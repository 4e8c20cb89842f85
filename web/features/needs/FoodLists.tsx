import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import type { Needs } from '../../../core/swap/needs.ts';
import { FoodPicker } from '../../kitchen/FoodPicker.tsx';
import { Button } from '../../ui/button.tsx';
import type { BenchView } from '../bench/view.ts';

/** Foods that stay whatever happens, and foods that are never used. */
export function FoodLists({ view, onNeeds }: { view: BenchView; onNeeds: (changes: Partial<Needs>) => void }) {
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <FoodList legend="Keep these foods" view={view} foods={view.needs.keepFoods ?? []} onFoods={(keepFoods) => onNeeds({ keepFoods })} />
      <FoodList legend="Never use these" view={view} foods={view.needs.avoidFoods ?? []} onFoods={(avoidFoods) => onNeeds({ avoidFoods })} />
    </div>
  );
}

interface Props {
  legend: string;
  view: BenchView;
  foods: readonly string[];
  onFoods: (foods: string[] | undefined) => void;
}

function FoodList({ legend, view, foods, onFoods }: Props) {
  const [open, setOpen] = useState(false);
  const put = (next: string[]) => onFoods(next.length > 0 ? next : undefined);
  return (
    <fieldset>
      <legend className="text-sm text-kale-soft">{legend}</legend>
      <div className="flex max-h-32 flex-wrap gap-1 overflow-auto">
        {foods.map((id) => {
          const name = view.core.shelf.food(id)?.name ?? id;
          return (
            <span key={id} className="inline-flex items-center rounded-md border border-line bg-card pl-2">
              {name}
              <button
                type="button"
                aria-label={`Take ${name} off the list: ${legend.toLowerCase()}`}
                className="flex size-7 items-center justify-center rounded hover:bg-oat-deep"
                onClick={() => put(foods.filter((one) => one !== id))}
              >
                <X size={13} aria-hidden />
              </button>
            </span>
          );
        })}
        <Button kind="chip" onClick={() => setOpen(true)} aria-label={`${legend}: add a food`}>
          <Plus size={14} aria-hidden /> food
        </Button>
      </div>
      <FoodPicker
        line={open ? legend : null}
        query=""
        onClose={() => setOpen(false)}
        onPick={({ id }) => {
          setOpen(false);
          put([...new Set([...foods, id])]);
        }}
      />
    </fieldset>
  );
}
