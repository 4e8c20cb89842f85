/** Versions side by side as rows: figures, body, work, cost, allergens and claims; what differs first. */
import type { VersionBody } from '../../../contract/types.ts';
import { NOT_KNOWN } from '../../../core/analysis/snapshot.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import { NUTRIENT_LABELS, type Nutrient, nutrientUnit } from '../../../core/vocabulary/nutrient.ts';
import { figure } from '../../kitchen/format.ts';

export interface CompareCell {
  text: string;
  /** The interval, and how far it lies from the first column. */
  aside: string;
  /** As a picture shows it; none where it is no figure or was not worked out. */
  value: number | null;
  differs: boolean;
}

export interface CompareRow {
  key: string;
  label: string;
  unit: string;
  cells: CompareCell[];
  /** Some column differs from the first. */
  differs: boolean;
}

/** A figure that moves by less than this share of itself is the same to a kitchen (judgement, no source). */
const SAME = 0.02;

export function compareRows(columns: readonly VersionBody[], nutrients: readonly Nutrient[]): CompareRow[] {
  const [first] = columns;
  if (!first) return [];
  const rows = [
    ...nutrients.map((key) => nutrientRow(key, columns, first)),
    numberRow(
      'body',
      'Body',
      '',
      columns,
      ({ analysis }) => analysis.body.index,
      ({ analysis }) => `${analysis.body.word} (${analysis.body.index.toFixed(2)})`,
    ),
    numberRow(
      'salt',
      'Salt',
      '%',
      columns,
      ({ analysis }) => analysis.saltPercent,
      ({ analysis }) => `${analysis.saltPercent.toFixed(2)} %`,
    ),
    numberRow(
      'bowl',
      'One bowl',
      'ml',
      columns,
      ({ analysis }) => analysis.servingMl,
      ({ analysis }) => `${figure(analysis.servingMl)} ml`,
    ),
    numberRow('work', 'Minutes the steps state', 'min', columns, minutesOf, (version) =>
      minutesOf(version) > 0 ? `${figure(minutesOf(version))} min` : 'none stated',
    ),
    ...costRow(columns),
    textRow('contains', 'Contains', columns, (version) => states(version, 'contains')),
    textRow('check', 'Check the label', columns, (version) => states(version, 'check')),
    ...(columns.some((version) => states(version, NOT_KNOWN) !== 'none')
      ? [textRow('notKnown', 'Not worked out when kept', columns, (version) => states(version, NOT_KNOWN))]
      : []),
    textRow('claims', 'The figures would support', columns, claimsOf),
  ];
  return [...rows.filter(({ differs }) => differs), ...rows.filter(({ differs }) => !differs)];
}

function nutrientRow(key: Nutrient, columns: readonly VersionBody[], first: VersionBody): CompareRow {
  const { value: before, atLeast: open, notKnown: unlike } = first.analysis.perServing[key];
  const cells = columns.map((version): CompareCell => {
    const { value, low, high, atLeast, notKnown } = version.analysis.perServing[key];
    if (notKnown) return { text: 'not worked out when this was kept', aside: '', value: null, differs: false };
    const differs = version !== first && !unlike && Math.abs(value - before) > Math.max(before * SAME, 1e-6);
    // A share of a lower bound would read as the share of the whole.
    const by = differs && before > 0 && !open ? `, ${value > before ? '+' : '−'}${Math.round((Math.abs(value - before) / before) * 100)} %` : '';
    if (atLeast) return { text: `at least ${figure(value)}`, aside: '', value, differs };
    return { text: figure(value), aside: `${figure(low)} to ${figure(high)}${by}`, value, differs };
  });
  return {
    key,
    label: `${NUTRIENT_LABELS[key]}, ${nutrientUnit(key)}`,
    unit: nutrientUnit(key),
    cells,
    differs: cells.some(({ differs }) => differs),
  };
}

function numberRow(
  key: string,
  label: string,
  unit: string,
  columns: readonly VersionBody[],
  amountOf: (version: VersionBody) => number,
  textOf: (version: VersionBody) => string,
): CompareRow {
  const before = amountOf(columns[0] as VersionBody);
  const cells = columns.map((version): CompareCell => {
    const value = amountOf(version);
    return { text: textOf(version), aside: '', value, differs: Math.abs(value - before) > Math.max(Math.abs(before) * SAME, 1e-6) };
  });
  return { key, label, unit, cells, differs: cells.some(({ differs }) => differs) };
}

function textRow(key: string, label: string, columns: readonly VersionBody[], textOf: (version: VersionBody) => string): CompareRow {
  const before = textOf(columns[0] as VersionBody);
  const cells = columns.map((version): CompareCell => {
    const text = textOf(version);
    return { text, aside: '', value: null, differs: text !== before };
  });
  return { key, label, unit: '', cells, differs: cells.some(({ differs }) => differs) };
}

/** Only where every version was kept with prices, and in one currency. */
function costRow(columns: readonly VersionBody[]): CompareRow[] {
  const costs = columns.map(({ analysis }) => analysis.cost);
  const currency = costs[0]?.currency;
  if (costs.some((cost) => !cost || cost.currency !== currency)) return [];
  return [
    numberRow(
      'cost',
      'Cost of one bowl',
      currency ?? '',
      columns,
      ({ analysis }) => analysis.cost?.value ?? 0,
      ({ analysis }) => `${(analysis.cost?.value ?? 0).toFixed(2)} ${currency}`,
    ),
  ];
}

const minutesOf = ({ recipe }: VersionBody): number =>
  recipe.steps.reduce((sum, { minutes }) => sum + (minutes ? (minutes.min + minutes.max) / 2 : 0), 0);

const states = ({ analysis }: VersionBody, state: string): string =>
  analysis.allergens
    .filter((one) => one.state === state)
    .map(({ id }) => ALLERGEN_LABELS[id])
    .join(', ') || 'none';

const claimsOf = ({ analysis }: VersionBody): string =>
  analysis.claims
    .filter(({ supported }) => supported === 'yes')
    .map(({ words }) => words)
    .join(', ') || 'no claim';

/** What a picture of a row says: how it goes from the first to the last, and where it is least and most. */
export function sentenceOf({ label, cells, unit }: CompareRow, names: readonly string[]): string {
  const known = cells.flatMap(({ value }, at) => (value === null ? [] : [{ value, name: names[at] as string }]));
  const [first] = known;
  const last = known.at(-1);
  if (!first || !last || known.length < 2) return `${label}: not worked out in enough versions to compare.`;
  const by = first.value > 0 ? Math.round((100 * (last.value - first.value)) / first.value) : null;
  const way = by === null || Math.abs(by) <= 100 * SAME ? 'stays as it is' : by > 0 ? `rises by ${by} %` : `falls by ${-by} %`;
  const least = known.reduce((a, b) => (b.value < a.value ? b : a));
  const most = known.reduce((a, b) => (b.value > a.value ? b : a));
  const ends =
    known.length > 2 && most.value > least.value * (1 + SAME)
      ? ` Least in ${least.name} (${figure(least.value)} ${unit}), most in ${most.name} (${figure(most.value)} ${unit}).`
      : '';
  return `${label}: from ${figure(first.value)} to ${figure(last.value)}, it ${way}.${ends}`.replace(/ \)/g, ')');
}

/** The table as rows of words, the head first: for the clipboard and a spreadsheet. */
export const asTable = (rows: readonly CompareRow[], names: readonly string[]): string[][] => [
  ['One bowl', ...names],
  ...rows.map(({ label, cells }) => [label, ...cells.map(({ text }) => text)]),
];
