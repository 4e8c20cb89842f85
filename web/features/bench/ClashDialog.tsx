import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import type { Autosave } from './autosave.ts';

/** Two people changed the same places. Mine are on the bench; theirs can be taken instead, and undo brings mine back. */
export function ClashDialog({ autosave }: { autosave: Autosave }) {
  const { clash, settle } = autosave;
  return (
    <Dialog
      open={clash !== null}
      onOpenChange={(open) => !open && settle('mine')}
      title="Someone saved in between"
      description="Everything else is joined. These places were changed on both sides; nothing is lost: undo brings back what is not taken."
    >
      <table className="w-full text-left">
        <thead>
          <tr>
            <th scope="col">Where</th>
            <th scope="col">Mine</th>
            <th scope="col">Theirs</th>
          </tr>
        </thead>
        <tbody>
          {clash?.conflicts.map(({ what, mine, theirs }) => (
            <tr key={what} className="border-t border-line align-top">
              <th scope="row" className="pr-2 font-normal">
                {what}
              </th>
              <td className="pr-2">{mine}</td>
              <td>{theirs}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-3 flex gap-2">
        <Button kind="main" onClick={() => settle('mine')}>
          Keep mine
        </Button>
        <Button onClick={() => settle('theirs')}>Take theirs</Button>
      </div>
    </Dialog>
  );
}
