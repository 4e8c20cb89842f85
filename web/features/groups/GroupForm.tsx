import { FileDown, FileUp, Plus } from 'lucide-react';
import { type FormEvent, useRef, useState } from 'react';
import type { GroupBody, Guest, NewGroup } from '../../../contract/types.ts';
import { seatFault } from '../../../core/group/seat.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { fileName, saveText } from '../../kitchen/textFile.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Input, Select } from '../../ui/field.tsx';
import { Notice } from '../../ui/state.tsx';
import { say } from '../../ui/toast.ts';
import { ALL_READ, GuestRow, type Unread } from './GuestRow.tsx';

interface Props {
  group: GroupBody | null;
  core: Kitchen;
  saving: boolean;
  onSave: (group: NewGroup) => void;
}

/** The next seat that is free: A1, A2, ... */
function nextSeat(guests: readonly Guest[]): string {
  let number = 1;
  while (guests.some(({ seat }) => seat === `A${number}`)) number += 1;
  return `A${number}`;
}

/** A guest as it is written, with what of its needs was not understood; its key stays its own when another is left out. */
interface Row {
  key: number;
  guest: Guest;
  unread: Unread;
}

/** Faults of a table that are told at once. */
const MOST_TOLD = 10;
/** A table of guests is some kilobytes. */
const MOST_BYTES = 2_000_000;

const rowsOf = (guests: readonly Guest[]): readonly Row[] => guests.map((guest, key) => ({ key, guest, unread: ALL_READ }));

/** Who eats, by seat: needs in words, shown back as they were understood. Nothing by which somebody could be known. */
export function GroupForm({ group, core, saving, onSave }: Props) {
  const [name, setName] = useState(group?.name ?? '');
  const [rows, setRows] = useState(() => rowsOf(group?.guests ?? [{ seat: 'A1', needs: {} }]));
  const [scope, setScope] = useState(group?.scope ?? 'bowl');
  const guests = rows.map(({ guest }) => guest);
  const change = (key: number, to: Partial<Guest>, unread?: Unread) =>
    setRows((now) => now.map((row) => (row.key === key ? { key, guest: { ...row.guest, ...to }, unread: unread ?? row.unread } : row)));
  const faults = guests.map(
    ({ seat }, at) => seatFault(seat) ?? (guests.findIndex((one) => one.seat === seat) < at ? 'this seat stands twice' : null),
  );
  // A need that was not understood must not be lost on keeping: it is written anew, or taken out, first.
  const ready =
    name.trim() !== '' &&
    rows.length > 0 &&
    faults.every((fault) => fault === null) &&
    rows.every(({ unread }) => unread.needs.length + unread.beside.length === 0);
  const [faultsOfTable, setFaultsOfTable] = useState<readonly string[]>([]);
  const file = useRef<HTMLInputElement>(null);
  const take = async (table: File) => {
    if (table.size > MOST_BYTES) return setFaultsOfTable([`${table.name} is too large for a table of guests`]);
    const { guests: read, faults: wrong } = core.readGroupCsv(await table.text(), core.shelf);
    setFaultsOfTable(wrong.map(({ row, message }) => `row ${row}: ${message}`));
    if (wrong.length > 0) return;
    const before = rows;
    setRows(rowsOf(read));
    say(`${read.length} guests are read; nothing is kept yet.`, { label: 'Take back', act: () => setRows(before) });
  };
  const hand = () => {
    const { text, unsaid } = core.groupCsv(guests, core.shelf);
    saveText(fileName(name || 'group', 'csv'), text, 'text/csv');
    if (unsaid.length > 0) say(`Not all that ${unsaid.join(', ')} need can be said in a table: read it before you send it on.`);
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (ready) onSave({ name: name.trim(), guests, ...(scope === 'plate' ? { scope } : {}) });
  };
  return (
    <form aria-label="Group" className="flex flex-col gap-3" onSubmit={submit}>
      <div className="flex flex-wrap gap-3">
        <Field label="Name of the group">
          <Input className="w-80 max-w-full" value={name} maxLength={200} onChange={(event) => setName(event.target.value)} />
        </Field>
        <Field label="Needs speak of">
          <Select value={scope} onChange={(event) => setScope(event.target.value === 'plate' ? 'plate' : 'bowl')}>
            <option value="bowl">the bowl; what stands beside it is told</option>
            <option value="plate">the plate, with what stands beside the bowl</option>
          </Select>
        </Field>
      </div>
      <ul aria-label="Guests, by seat" className="flex flex-col gap-2">
        {rows.map(({ key, guest, unread }, at) => (
          <GuestRow
            key={key}
            guest={guest}
            at={at}
            fault={faults[at] ?? null}
            unread={unread}
            core={core}
            onChange={(to, left) => change(key, to, left)}
            onOut={() => setRows(rows.filter((row) => row.key !== key))}
          />
        ))}
      </ul>
      <div className="flex flex-wrap gap-2">
        <Button
          onClick={() =>
            setRows([
              ...rows,
              { key: Math.max(-1, ...rows.map(({ key }) => key)) + 1, guest: { seat: nextSeat(guests), needs: {} }, unread: ALL_READ },
            ])
          }
        >
          <Plus size={14} aria-hidden /> guest
        </Button>
        <Button type="submit" kind="main" disabled={saving || !ready}>
          Keep the group
        </Button>
        <Button className="ml-auto" onClick={() => file.current?.click()}>
          <FileUp size={14} aria-hidden /> From a table
        </Button>
        <input
          ref={file}
          type="file"
          accept=".csv,text/csv"
          aria-label="A table of guests"
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            const [chosen] = event.target.files ?? [];
            event.target.value = '';
            if (chosen) void take(chosen);
          }}
        />
        <Button disabled={!ready} onClick={hand}>
          <FileDown size={14} aria-hidden /> To a table
        </Button>
      </div>
      {faultsOfTable.length > 0 && (
        <Notice tone="breaks">
          Nothing of the table is taken. {faultsOfTable.slice(0, MOST_TOLD).join('. ')}
          {faultsOfTable.length > MOST_TOLD ? `. And ${faultsOfTable.length - MOST_TOLD} more` : ''}. Its columns are seat, bowls, needs, scope, days
          and beside.
        </Notice>
      )}
      <p className="text-sm text-kale-soft">
        Seats, never names: no birth dates, no record numbers, no illnesses. What a guest needs is written as a need.
      </p>
    </form>
  );
}
