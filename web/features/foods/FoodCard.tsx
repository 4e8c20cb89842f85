import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { OwnFoodBody } from '../../../contract/types.ts';
import type { FoodRecord, RecordFigure } from '../../../core/analysis/foodRecord.ts';
import { ALLERGEN_LABELS, DIET_LABELS } from '../../../core/vocabulary/allergens.ts';
import type { Food } from '../../../core/vocabulary/food.ts';
import { NUTRIENT_LABELS, NUTRIENTS, type Nutrient, nutrientName, nutrientUnit } from '../../../core/vocabulary/nutrient.ts';
import { useFoodUses } from '../../api/queries.ts';
import { capitalised, figure, SOURCE_WORDS } from '../../kitchen/format.ts';
import { useKitchen, useSaveOwnFood } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Chart } from '../../ui/chart.tsx';
import { State } from '../../ui/state.tsx';
import { Table, type TableColumn } from '../../ui/table.tsx';
import { LabelForm } from './LabelForm.tsx';

const FLAG_WORDS: Record<Food['flags'][number], string> = {
  potassiumChloride: 'often made with potassium chloride',
  phosphate: 'often made with phosphate additives',
  enriched: 'enriched, in some countries',
  fortified: 'often fortified: ask which make',
  drained: 'named drained: draining it again takes nothing',
  rawKidneyBean: 'poisonous raw: soak, throw the water away, boil hard',
  acidic: 'sour: it splits milk and slows softening',
  splitsWhenBoiled: 'splits when boiled: add it off the boil',
};

/** The same where the pack itself names it. */
const LABEL_WORDS: Partial<Record<Food['flags'][number], string>> = {
  potassiumChloride: 'made with potassium chloride',
  phosphate: 'made with phosphate additives',
};

/** One food: figures per 100 g with their interval, the other table beside them, and everything the kitchen needs to know. */
export function FoodCard({ food, own }: { food: Food; own?: OwnFoodBody | undefined }) {
  const { shelf, foodRecord } = useKitchen();
  const record = useMemo(() => foodRecord(food, shelf), [foodRecord, food, shelf]);
  const unknown = NUTRIENTS.filter((key) => record.per100g[key] === undefined);
  return (
    <article aria-label={record.name} className="min-h-0 overflow-auto rounded-xl border border-line bg-card p-4">
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="mr-auto font-title text-2xl">{record.name}</h2>
        {own && <OwnFoodButtons own={own} />}
      </div>
      {own?.retired && <p className="font-semibold text-beet">Retired: no longer offered. Soups that have it still know it.</p>}
      <p className="text-kale-soft">
        {capitalised(SOURCE_WORDS[record.source.kind])}: {record.source.ref}. {record.category.replaceAll('-', ' ')}, {record.state}.
      </p>
      {record.usual && <p className="text-sm">Usually made of {record.usual}.</p>}
      {record.aliases.length > 0 && <p className="text-sm">Also written: {record.aliases.join(', ')}.</p>}
      {record.tables && (
        <p className="mt-1 text-sm">
          Two tables have it. This one is used because {record.tables.reason}; the other is {record.tables.other.ref}. Where they differ by more than
          twice, the one worse for a limit decides.
        </p>
      )}
      <div className="mt-3 grid items-start gap-4 xl:grid-cols-[minmax(0,1fr)_18rem]">
        <FigureTable record={record} />
        <div className="flex flex-col gap-3">
          <Composition record={record} ashG={food.ashG} />
          <Holds record={record} />
          <Portions record={record} />
          <Uses food={food} />
          {unknown.length > 0 && (
            <section aria-label="Not known">
              <h3>Not known</h3>
              <p className="text-sm text-kale-soft">
                {unknown.map((key) => nutrientName(key)).join(', ')}. A soup with this food says 'at least' for them.
              </p>
            </section>
          )}
        </div>
      </div>
    </article>
  );
}

type Figured = readonly [Nutrient, RecordFigure];

const FIGURES: readonly TableColumn<Figured>[] = [
  {
    head: 'nutrient',
    isHead: true,
    cell: ([key, { borrowed }]) => (
      <>
        {NUTRIENT_LABELS[key]}
        {borrowed && <span className="text-kale-soft"> (borrowed)</span>}
      </>
    ),
  },
  { head: 'value', isFigure: true, className: 'whitespace-nowrap', cell: ([key, { value }]) => `${figure(value)} ${nutrientUnit(key)}` },
  {
    head: '95 % between',
    isFigure: true,
    className: 'whitespace-nowrap text-kale-soft',
    cell: ([, { low, high }]) => (low === undefined || high === undefined ? '' : `${figure(low)} to ${figure(high)}`),
  },
];
const OTHER_TABLE: TableColumn<Figured> = {
  head: 'other table',
  isFigure: true,
  className: 'whitespace-nowrap',
  cell: ([, { other, apart }]) => (
    <>
      {other && figure(other.value)}
      {apart && <span className="text-mustard"> differs</span>}
    </>
  ),
};

const FigureTable = ({ record: { per100g, tables } }: { record: FoodRecord }) => (
  <Table
    caption="Per 100 g that is eaten, energy by the US factors"
    captionShown
    columns={tables ? [...FIGURES, OTHER_TABLE] : FIGURES}
    rows={NUTRIENTS.flatMap((key): Figured[] => (per100g[key] ? [[key, per100g[key]]] : []))}
    keyOf={([key]) => key}
    rowClass={([, { apart }]) => (apart ? 'bg-mustard-pale' : '')}
  />
);

const PARTS = [
  ['water', 'waterG', '#a9c6cf'],
  ['protein', 'proteinG', '#8d1748'],
  ['fat', 'fatG', '#c98a12'],
  ['available carbohydrate', 'availableCarbohydrateG', '#a9440f'],
  ['fibre', 'fibreG', '#23673a'],
] as const satisfies readonly (readonly [string, Nutrient, string])[];

function Composition({ record: { per100g }, ashG }: { record: FoodRecord; ashG: number | undefined }) {
  const option = useMemo(() => {
    const parts = PARTS.map(([name, key, color]) => ({ name, value: per100g[key]?.value ?? 0, color }));
    const rest = Math.max(0, ashG ?? 100 - parts.reduce((sum, { value }) => sum + value, 0));
    return {
      grid: { left: 0, right: 0, top: 0, bottom: 0 },
      xAxis: { type: 'value', show: false, max: 100 },
      yAxis: { type: 'category', show: false, data: [''] },
      series: [...parts, { name: 'ash and the rest', value: rest, color: '#4b5c50' }].map(({ name, value, color }) => ({
        type: 'bar',
        stack: 'whole',
        name,
        data: [value],
        itemStyle: { color, borderColor: '#fdfaf3', borderWidth: 1 },
        silent: true,
      })),
    };
  }, [per100g, ashG]);
  const words = PARTS.map(([name, key]) => `${name} ${per100g[key] ? `${figure(per100g[key].value)} g` : 'unknown'}`);
  return (
    <section aria-label="Composition">
      <h3>Made of</h3>
      <Chart option={option} height={28} label={`Of 100 g: ${words.join(', ')}`} />
      <ul className="mt-1 flex flex-wrap gap-x-3 text-sm">
        {PARTS.map(([name, key, color]) => (
          <li key={key} className="flex items-center gap-1">
            <svg width="10" height="10" aria-hidden>
              <rect width="10" height="10" rx="2" fill={color} />
            </svg>
            {name} {per100g[key] ? figure(per100g[key].value) : '?'}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Holds({ record: { source, contains, checks, mayContain, dietChecks, flags, roles } }: { record: FoodRecord }) {
  const labels = ALLERGEN_LABELS as Record<string, string>;
  const diets = DIET_LABELS as Record<string, string>;
  return (
    <section aria-label="Allergens and cautions">
      <h3>Holds</h3>
      <ul className="flex flex-wrap gap-1">
        {[...new Set(contains)].map((id) => (
          <li key={id}>
            <State tone="breaks">contains {labels[id]}</State>
          </li>
        ))}
      </ul>
      {contains.length === 0 && <p className="text-sm">No allergen in the food itself. That is no statement about traces: read the pack.</p>}
      <ul className="mt-1 text-sm">
        {checks.map(({ allergen, why }) => (
          <li key={allergen}>
            <strong>check {labels[allergen]}:</strong> {why}
          </li>
        ))}
        {mayContain.map(({ allergen, why }) => (
          <li key={allergen}>
            <strong>may contain {labels[allergen]}:</strong> {why}
          </li>
        ))}
        {dietChecks.map(({ diet, why }) => (
          <li key={diet}>
            <strong>check {diets[diet]}:</strong> {why}
          </li>
        ))}
        {flags.map((flag) => (
          <li key={flag}>{(source.kind === 'label' && LABEL_WORDS[flag]) || FLAG_WORDS[flag]}</li>
        ))}
        {roles.length > 0 && <li className="text-kale-soft">In a pot it gives: {roles.join(', ')}.</li>}
      </ul>
    </section>
  );
}

function Portions({ record: { portions, edibleShare, densityGPerMl } }: { record: FoodRecord }) {
  return (
    <section aria-label="Portions">
      <h3>Portions</h3>
      <ul className="text-sm">
        {portions.map(({ measure, grams, low, high, source }) => (
          <li key={measure} title={source}>
            {measure}: {figure(grams)} g{' '}
            <span className="text-kale-soft">
              ({figure(low)} to {figure(high)})
            </span>
          </li>
        ))}
        {portions.length === 0 && <li className="text-kale-soft">No household measure is known: weigh it.</li>}
        <li>
          {edibleShare < 1 && `${Math.round(edibleShare * 100)} % of what is bought is eaten. `}
          {densityGPerMl !== undefined && `${densityGPerMl.toFixed(2)} g a millilitre.`}
        </li>
      </ul>
    </section>
  );
}

/** What the kitchen can do with a food of its own. */
function OwnFoodButtons({ own }: { own: OwnFoodBody }) {
  const [editing, setEditing] = useState(false);
  const save = useSaveOwnFood();
  return (
    <>
      <Button onClick={() => setEditing(true)}>Edit the label</Button>
      <Button disabled={save.isPending} onClick={() => save.mutate({ ...own, retired: !own.retired })}>
        {own.retired ? 'Offer it again' : 'Retire'}
      </Button>
      {save.isError && <p className="text-sm text-beet">{save.error.message}</p>}
      <LabelForm own={own} open={editing} onOpenChange={setEditing} onSaved={() => setEditing(false)} />
    </>
  );
}

/** In which soups it stands, and which swaps know it. */
function Uses({ food: { id, like } }: { food: Food }) {
  const { SWAPS } = useKitchen();
  const uses = useFoodUses(id);
  const replaced = SWAPS.filter(({ replaces }) => replaces.includes(id) || (like !== undefined && replaces.includes(like)));
  const brought = SWAPS.filter(({ parts }) => parts.some(({ foods }) => foods.some(([foodId]) => foodId === id)));
  return (
    <section aria-label="Where it is used">
      <h3>Used</h3>
      <ul className="text-sm">
        {uses.data?.map((soup) => (
          <li key={soup.id}>
            <Link className="underline" to={`/soups/${soup.id}/bench`}>
              {soup.title}
            </Link>
            {soup.versions.length > 0 && <span className="text-kale-soft"> ({soup.versions.join(', ')})</span>}
          </li>
        ))}
        {uses.data?.length === 0 && <li className="text-kale-soft">In none of this kitchen's soups.</li>}
        <li className="text-kale-soft">
          Swaps that take its place: {replaced.length}; that bring it in: {brought.length}.
        </li>
      </ul>
    </section>
  );
}
