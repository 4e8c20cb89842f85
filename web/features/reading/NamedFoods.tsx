import type { Named } from '../../../core/reading/telling.ts';
import { useKitchenSoon } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import type { ReadingDesk } from './useReadingDesk.ts';

const ROLES: Record<Named['role'], string> = {
  could: 'a choice one has',
  left: 'left out',
  other: 'another cook, day or dish',
  told: 'only spoken of',
};

/** Foods the text names that are not in the pot; one press puts one in. */
export function NamedFoods({ desk }: { desk: ReadingDesk }) {
  const kitchen = useKitchenSoon();
  if (desk.named.length === 0) return null;
  return (
    <section aria-label="Named, not in the pot">
      <h2 className="text-lg">Named, not in the pot ({desk.named.length})</h2>
      <ul className="mt-1 flex flex-wrap gap-1.5">
        {desk.named.map((one) => (
          <li key={`${one.textLine} ${one.text}`} className="flex items-center gap-2 rounded-lg border border-line bg-card py-1 pr-1 pl-2.5">
            <span>
              {one.text} <span className="text-sm text-kale-soft">{ROLES[one.role]}</span>
            </span>
            <Button
              kind="chip"
              onClick={() => desk.putIn(one)}
              aria-label={`Put ${one.foodId ? (kitchen?.shelf.food(one.foodId)?.name ?? one.text) : one.text} in the pot`}
            >
              Put in
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
