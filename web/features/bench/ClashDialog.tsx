import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Table, type TableColumn } from '../../ui/table.tsx';
import type { Autosave } from './autosave.ts';

type Conflict = NonNullable<Autosave['clash']>['conflicts'][number];

const COLUMNS: readonly TableColumn<Conflict>[] = [
  { head: 'Where', isHead: true, className: 'pr-2', cell: ({ what }) => what },
  { head: 'Mine', className: 'pr-2', cell: ({ mine }) => mine },
  { head: 'Theirs', cell: ({ theirs }) => theirs },
];

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
      <Table caption="Places changed on both sides" className="w-full" columns={COLUMNS} rows={clash?.conflicts ?? []} keyOf={({ what }) => what} />
      <div className="mt-3 flex gap-2">
        <Button kind="main" onClick={() => settle('mine')}>
          Keep mine
        </Button>
        <Button onClick={() => settle('theirs')}>Take theirs</Button>
      </div>
    </Dialog>
  );
}
