/** Guests as a table of seats, bowls, needs, days and sides in words: written, and read back whole or not at all. */
import Papa from 'papaparse';
import type { Shelf } from '../food/shelf.ts';
import { guarded, unguarded } from '../formats/csv.ts';
import { isDay } from '../quantity/day.ts';
import { NUTRIENT_WORDS } from '../swap/data/needWords.ts';
import { type Need, needList } from '../swap/need.ts';
import type { Limit, Needs } from '../swap/needs.ts';
import { sayNeeds } from '../swap/sayNeeds.ts';
import { ALLERGEN_LABELS, DIET_LABELS } from '../vocabulary/allergens.ts';
import { type Nutrient, nutrientUnit } from '../vocabulary/nutrient.ts';
import { besideWords, sayBeside } from './sayBeside.ts';
import { LEAST_BOWLS, MOST_BOWLS, MOST_DAYS, MOST_GUESTS, seatFault } from './seat.ts';
import type { Guest } from './types.ts';

const COLUMNS = ['seat', 'bowls', 'needs', 'scope', 'days', 'beside'] as const;
type Column = (typeof COLUMNS)[number];
const MOST_SIGNS = 2000;
/** What a reader of bytes puts where it could not read. */
const UNREADABLE = '\ufffd';

export interface GroupTable {
  text: string;
  /** Seats whose needs no words say: their cell holds what can be said, and whoever takes the table has to be told. */
  unsaid: string[];
}

/** Columns that nobody of the table needs are not in it. */
export function groupCsv(guests: readonly Guest[], shelf: Shelf): GroupTable {
  const rows = guests.map(({ seat, bowls, needs, days = [], sides }) => ({
    seat,
    needs: sayable(needs, shelf),
    bowls: String(bowls ?? 1),
    scope: needs.scope ?? '',
    days: days.join(' '),
    beside: sides ? besideWords(sides, shelf) : '',
  }));
  const fields = COLUMNS.filter((column) => ALWAYS.includes(column) || rows.some((row) => row[column] !== ''));
  const data = rows.map((row) => fields.map((column) => guarded(row[column])));
  return {
    text: `${Papa.unparse({ fields, data }, { newline: '\n' })}\n`,
    unsaid: guests
      .filter(({ needs }, at) => !isSame(sayNeeds((rows[at] as (typeof rows)[number]).needs, {}, shelf).needs, needs))
      .map(({ seat }) => seat),
  };
}
const ALWAYS: readonly Column[] = ['seat', 'bowls', 'needs'];

export interface CsvFault {
  /** Of the table, its head being row 1. */
  row: number;
  message: string;
}

/** Either every row is a guest, or none is taken and each fault names its row. */
export function readGroupCsv(text: string, shelf: Shelf): { guests: Guest[]; faults: CsvFault[] } {
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: false });
  const none = (row: number, message: string) => ({ guests: [], faults: [{ row, message }] });
  const rows = data.map((cells, at) => ({ row: at + 1, cells })).filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  const [head, ...body] = rows;
  if (!head) return none(1, 'the table is empty');
  const names = head.cells.map((name) => name.trim().toLowerCase());
  const strange = names.find((name) => !COLUMNS.some((column) => column === name));
  if (strange !== undefined || !names.includes('seat') || new Set(names).size < names.length)
    return none(
      head.row,
      `its columns are to be 'seat', and if wanted 'bowls', 'needs', 'scope', 'days' and 'beside'${strange === undefined ? '' : `; '${shortened(strange)}' is not taken: seats stand for guests, and nothing else is kept of them`}`,
    );
  const beyond = body[MOST_GUESTS];
  if (beyond) return none(beyond.row, `${body.length} guests; a group has ${MOST_GUESTS} at most`);
  const faults: CsvFault[] = [];
  const taken = new Map<string, number>();
  const guests = body.map(({ row, cells }): Guest => {
    const fault = (message: string) => faults.push({ row, message });
    const cell = (column: Column) => unguarded(cells[names.indexOf(column)] ?? '').trim();
    if (cells.length > names.length) fault('it has more cells than the head');
    if (cells.some((one) => one.includes(UNREADABLE))) fault('a sign of it could not be read: save the table as UTF-8');
    if (cells.some((one) => one.length > MOST_SIGNS)) {
      fault('a cell of it is too long');
      return { seat: '', needs: {} };
    }
    const seat = cell('seat');
    const wrong = seatFault(seat);
    if (wrong) fault(`'${shortened(seat)}' is no seat: ${wrong}`);
    else if (taken.has(seat)) fault(`seat ${seat} stands in row ${taken.get(seat)} too`);
    taken.set(seat, row);
    const bowls = cell('bowls') === '' ? 1 : Number(cell('bowls').replace(',', '.'));
    if (!(bowls >= LEAST_BOWLS && bowls <= MOST_BOWLS)) fault(`'${shortened(cell('bowls'))}' is no number of bowls`);
    const { needs, unread } = sayNeeds(cell('needs'), {}, shelf);
    if (unread.length > 0) fault(`not understood: ${unread.map((words) => `'${shortened(words)}'`).join(', ')}`);
    const scope = cell('scope').toLowerCase();
    if (!['', 'bowl', 'plate'].includes(scope)) fault(`'${shortened(scope)}' is no scope: bowl or plate`);
    const days = cell('days')
      .split(/[\s;,]+/)
      .filter(Boolean);
    const noDay = days.find((day) => !isDay(day));
    if (noDay !== undefined) fault(`'${shortened(noDay)}' is no day of the calendar, as 2027-03-08`);
    if (days.length > MOST_DAYS) fault(`${days.length} days; a guest has ${MOST_DAYS} at most`);
    const beside = cell('beside') === '' ? null : sayBeside(cell('beside'), 'metric', shelf);
    if (beside && beside.unread.length > 0)
      fault(`not understood as something beside the bowl: ${beside.unread.map((words) => `'${shortened(words)}'`).join(', ')}`);
    return {
      seat,
      needs: { ...needs, ...(scope === 'plate' ? { scope } : {}) },
      ...(bowls === 1 ? {} : { bowls }),
      ...(days.length > 0 ? { days } : {}),
      ...(beside ? { sides: beside.sides } : {}),
    };
  });
  return { guests: faults.length > 0 ? [] : guests, faults };
}

const shortened = (text: string): string => (text.length > 40 ? `${text.slice(0, 40)} ...` : text);

/** The needs in words that read back as the same needs, as far as there are such words. */
const sayable = (needs: Needs, shelf: Shelf): string =>
  needList(needs)
    .flatMap((need) => wordsOf(need, shelf))
    .join('; ');

function wordsOf(need: Need, shelf: Shelf): string[] {
  const foodName = (id: string) => (shelf.food(id)?.name ?? id).toLowerCase();
  switch (need.kind) {
    case 'allergen':
      return [`no ${ALLERGEN_LABELS[need.id]}`];
    case 'diet':
      return [DIET_LABELS[need.id]];
    case 'limit':
      return limitWords(need.limit);
    case 'body':
      return need.body === 'same' ? ['same body'] : [];
    case 'smooth':
      return ['smooth'];
    case 'keepFood':
      return [`keep ${foodName(need.foodId)}`];
    case 'avoid':
      return [`no ${foodName(need.foodId)}`];
    case 'keepLine':
      return [];
  }
}

/** The first word each nutrient is asked by. */
const NUTRIENT_WORD = new Map<Nutrient, string>([...NUTRIENT_WORDS].reverse().map(([word, nutrient]) => [nutrient, word]));

function limitWords({ nutrient, per, min, max }: Limit): string[] {
  const word = NUTRIENT_WORD.get(nutrient);
  if (word === undefined) return [];
  const bound = (words: string, value: number) => `${words} ${value} ${nutrientUnit(nutrient)} ${word}${per === '100g' ? ' per 100 g' : ''}`;
  return [...(min === undefined ? [] : [bound('at least', min)]), ...(max === undefined ? [] : [bound('at most', max)])];
}

/** The same needs, in whatever order they are listed. */
function isSame(one: Needs, other: Needs): boolean {
  const keys = (needs: Needs) =>
    needList(needs)
      .map((need) => JSON.stringify(need, Object.keys({ ...need, ...('limit' in need ? need.limit : {}) }).sort()))
      .sort()
      .join('\n');
  return keys(one) === keys(other);
}
