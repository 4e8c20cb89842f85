import { FileDown, FileUp, Plus, X } from 'lucide-react';
import { type FormEvent, useRef, useState } from 'react';
import type { GroupBody, Guest, NewGroup } from '../../../contract/types.ts';
import { LEAST_BOWLS, MOST_BOWLS, seatFault } from '../../../core/group/seat.ts';
import { needRefs } from '../../../core/swap/need.ts';
import { needWords } from '../../../core/swap/needWords.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { fileName, saveText } from '../../kitchen/textFile.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Input } from '../../ui/field.tsx';
import { NumberInput } from '../../ui/numberInput.tsx';
import { Notice } from '../../ui/state.tsx';
import { say } from '../../ui/toast.ts';

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
  unread: readonly string[];
}

/** Faults of a table that are told at once. */
const MOST_TOLD = 10;
/** A table of guests is some kilobytes. */
const MOST_BYTES = 2_000_000;

const rowsOf = (guests: readonly Guest[]): readonly Row[] => guests.map((guest, key) => ({ key, guest, unread: [] }));

/** Who eats, by seat: needs in words, shown back as they were understood. Nothing by which somebody could be known. */
export function GroupForm({ group, core, saving, onSave }: Props) {
  const [name, setName] = useState(group?.name ?? '');
  const [rows, setRows] = useState(() => rowsOf(group?.guests ?? [{ seat: 'A1', needs: {} }]));
  const guests = rows.map(({ guest }) => guest);
  const change = (key: number, to: Partial<Guest>, unread?: readonly string[]) =>
    setRows((now) => now.map((row) => (row.key === key ? { key, guest: { ...row.guest, ...to }, unread: unread ?? row.unread } : row)));
  const faults = guests.map(
    ({ seat }, at) => seatFault(seat) ?? (guests.findIndex((one) => one.seat === seat) < at ? 'this seat stands twice' : null),
  );
  // A need that was not understood must not be lost on keeping: it is written anew, or taken out, first.
  const ready = name.trim() !== '' && rows.length > 0 && faults.every((fault) => fault === null) && rows.every(({ unread }) => unread.length === 0);
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
    if (ready) onSave({ name: name.trim(), guests });
  };
  return (
    <form aria-label="Group" className="flex flex-col gap-3" onSubmit={submit}>
      <Field label="Name of the group">
        <Input className="max-w-80" value={name} maxLength={200} onChange={(event) => setName(event.target.value)} />
      </Field>
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
            setRows([...rows, { key: Math.max(-1, ...rows.map(({ key }) => key)) + 1, guest: { seat: nextSeat(guests), needs: {} }, unread: [] }])
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
          {faultsOfTable.length > MOST_TOLD ? `. And ${faultsOfTable.length - MOST_TOLD} more` : ''}. Its columns are seat, bowls and needs.
        </Notice>
      )}
      <p className="text-sm text-kale-soft">
        Seats, never names: no birth dates, no record numbers, no illnesses. What a guest needs is written as a need.
      </p>
    </form>
  );
}

interface RowProps {
  guest: Guest;
  at: number;
  fault: string | null;
  unread: readonly string[];
  core: Kitchen;
  onChange: (to: Partial<Guest>, unread?: readonly string[]) => void;
  onOut: () => void;
}

function GuestRow({ guest: { seat, needs, bowls }, at, fault, unread, core, onChange, onOut }: RowProps) {
  const [said, setSaid] = useState('');
  const refs = needRefs(needs);
  const take = () => {
    if (said.trim() === '') {
      if (unread.length > 0) onChange({}, []);
      return;
    }
    const { needs: next, unread: left } = core.sayNeeds(said, needs, core.shelf);
    onChange({ needs: next }, left);
    setSaid(left.join(', '));
  };
  return (
    <li className="flex flex-wrap items-end gap-3 rounded-md border border-line bg-card p-2">
      <Field label="Seat">
        <Input
          className="w-20"
          aria-label={`Seat ${at + 1}`}
          aria-invalid={fault !== null}
          value={seat}
          maxLength={20}
          onChange={(event) => onChange({ seat: event.target.value })}
        />
      </Field>
      <Field label="Bowls">
        <NumberInput
          className="w-16"
          aria-label={`Bowls of ${seat}`}
          value={bowls ?? 1}
          min={LEAST_BOWLS}
          max={MOST_BOWLS}
          onValue={(value) => typeof value === 'number' && onChange({ bowls: value })}
        />
      </Field>
      <Field label="Needs, in words" className="min-w-56 flex-1">
        <Input
          aria-label={`Needs of ${seat}`}
          aria-invalid={unread.length > 0}
          placeholder="no milk, at most 400 mg sodium"
          value={said}
          onChange={(event) => setSaid(event.target.value)}
          onBlur={take}
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return;
            event.preventDefault();
            take();
          }}
        />
      </Field>
      <Button kind="quiet" aria-label={`Leave out ${seat}`} onClick={onOut}>
        <X size={16} aria-hidden />
      </Button>
      <p role="status" className={`basis-full text-sm ${fault || unread.length > 0 ? 'text-beet' : 'text-kale-soft'}`}>
        {fault ??
          (unread.length > 0
            ? `Not understood: ${unread.map((one) => `'${one}'`).join(', ')}. Say it otherwise, or take it out, and the group can be kept.`
            : refs.length === 0
              ? 'needs nothing special'
              : needWords(needs))}
        {refs.length > 0 && (
          <>
            {' '}
            <button type="button" className="min-h-6 underline" aria-label={`Ask nothing for ${seat}`} onClick={() => onChange({ needs: {} })}>
              ask nothing
            </button>
          </>
        )}
      </p>
    </li>
  );
}
