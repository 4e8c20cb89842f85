import { useState } from 'react';
import type { Beside } from '../../../core/group/types.ts';
import { SIDES } from '../../../core/sheet/data/sides.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { SaidField } from '../groups/SaidField.tsx';

interface Props {
  seat: string;
  core: Kitchen;
  onSides: (sides: Beside[]) => unknown;
}

/** Another thing beside one bowl, today: one of the house's sides, or said in words. */
export function BesideToday({ seat, core, onSides }: Props) {
  const [open, setOpen] = useState(false);
  const [unread, setUnread] = useState<readonly string[]>([]);
  const take = (sides: Beside[]) => {
    setOpen(false);
    onSides(sides);
  };
  return (
    <>
      <Button kind="chip" className="print:hidden" aria-label={`Change what stands beside ${seat}`} onClick={() => setOpen(true)}>
        change
      </Button>
      <Dialog open={open} onOpenChange={setOpen} title={`Beside the bowl of ${seat}, today`}>
        <div className="flex flex-col gap-3">
          <SaidField
            label="In words"
            name={`Beside ${seat} today`}
            placeholder="60 g rye bread; 30 g cheddar"
            unread={unread}
            onSaid={(text) => {
              if (text.trim() === '') return [];
              const said = core.sayBeside(text, 'metric', core.shelf);
              setUnread(said.unread);
              if (said.unread.length === 0) take(said.sides);
              return said.unread;
            }}
          />
          <p role="status" className="text-sm text-beet">
            {unread.length > 0 && `Not understood: ${unread.map((one) => `'${one}'`).join(', ')}.`}
          </p>
          <ul className="flex flex-wrap gap-1" aria-label="Sides">
            <li>
              <Button kind="chip" onClick={() => take([])}>
                nothing
              </Button>
            </li>
            {SIDES.map(({ id, name, foods }) => (
              <li key={id}>
                <Button kind="chip" onClick={() => take(foods.map(([foodId, grams]) => ({ foodId, grams })))}>
                  {name}
                </Button>
              </li>
            ))}
          </ul>
        </div>
      </Dialog>
    </>
  );
}
