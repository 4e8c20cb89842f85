import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { figure } from '../../kitchen/format.ts';
import { useKitchen } from '../../kitchen/kitchen.ts';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Tick } from '../../ui/tick.tsx';

interface Props {
  recipe: Recipe;
  /** Bowls planned for each bowl of the recipe. */
  share: number;
  ready: readonly string[];
  onReady: (ids: readonly string[]) => void;
}

/** What could come ready cut for hands that cannot or for a short morning, line by line, with the minutes at the board each saves. */
export function ReadyCut({ recipe, share, ready, onReady }: Props) {
  const core = useKitchen();
  const lines = recipe.lines.flatMap((line) => {
    const minutes = core.boardMinutes(line, core.shelf) * share;
    return minutes > 0 ? [{ id: line.id, name: core.shelf.food(line.foodId ?? '')?.name ?? line.text, minutes }] : [];
  });
  if (lines.length === 0) return null;
  return (
    <Disclosure summary="some comes ready cut" open={ready.length > 0}>
      <ul className="flex flex-col">
        {lines.map(({ id, name, minutes }) => (
          <li key={id}>
            <Tick checked={ready.includes(id)} onChange={(on) => onReady(on ? [...ready, id] : ready.filter((one) => one !== id))}>
              {name} <span className="text-kale-soft">(some {figure(Math.max(1, Math.round(minutes)))} min at the board)</span>
            </Tick>
          </li>
        ))}
      </ul>
      <p className="text-sm text-kale-soft">
        Cut today or bought fresh cut it is the same food; of what was cut in advance some vitamin C is gone. Frozen or from a can it is another food:
        see beside.
      </p>
    </Disclosure>
  );
}
