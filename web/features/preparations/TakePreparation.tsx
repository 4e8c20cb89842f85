import { Link } from 'react-router';
import type { PreparationBody } from '../../../contract/types.ts';
import { usePreparations } from '../../api/preparations.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Notice } from '../../ui/state.tsx';

/** Chooses what of the house's preparations a soup takes. */
export function TakePreparation({ open, onClose, onTake }: { open: boolean; onClose: () => void; onTake: (preparation: PreparationBody) => void }) {
  const { data = [], isPending, isError, error } = usePreparations(open);
  return (
    <Dialog
      open={open}
      onOpenChange={(now) => !now && onClose()}
      title="Take from a preparation"
      description="What the house makes, as it is kept today."
    >
      {isError && <Notice tone="breaks">{error.message}</Notice>}
      {!isPending && data.length === 0 && (
        <p>
          None is kept yet.{' '}
          <Link className="underline" to="/preparations/new">
            Write one down
          </Link>
        </p>
      )}
      <ul className="flex max-h-72 flex-col gap-1 overflow-auto" aria-label="Preparations">
        {data.map((one) => (
          <li key={one.id}>
            <Button className="w-full justify-between" onClick={() => onTake(one)}>
              {one.name}
              <span className="text-sm text-kale-soft">{one.doseGrams === undefined ? '' : `${one.doseGrams} g a bowl`}</span>
            </Button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
