import { useState } from 'react';
import type { ChoiceResult } from '../../../core/analysis/analysis.ts';
import { CONSEQUENCE_WEIGHT, type Doubt, type DoubtReading, type PerServing } from '../../../core/reading/doubts.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import type { Line, Recipe } from '../../../core/vocabulary/recipe.ts';
import { figure, withUnit } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { Input } from '../../ui/field.tsx';
import { State } from '../../ui/state.tsx';
import type { ReadingDesk } from './useReadingDesk.ts';

const WEIGHED = 0.01;
const SHOWN = ['energyKcal', 'saturatedFatG', 'sodiumMg', 'potassiumMg', 'carbohydrateG', 'proteinG'] as const;
const SHORT: Record<(typeof SHOWN)[number], string> = {
  energyKcal: '',
  saturatedFatG: 'saturated',
  sodiumMg: 'sodium',
  potassiumMg: 'potassium',
  carbohydrateG: 'carbohydrate',
  proteinG: 'protein',
};

/** The two figures in which the readings of a doubt lie furthest apart, measured in tenths of a day. */
function telling(readings: readonly DoubtReading[]): (typeof SHOWN)[number][] {
  const apart = (key: keyof PerServing) => {
    const values = readings.map(({ perServing }) => perServing[key] ?? 0);
    return (Math.max(...values) - Math.min(...values)) / CONSEQUENCE_WEIGHT[key];
  };
  return [...SHOWN].sort((a, b) => apart(b) - apart(a)).slice(0, 2);
}

/** What is only told: there is nothing to settle. */
const TOLD_ONLY: ReadonlySet<Doubt['code']> = new Set([
  'claim.keptOut',
  'level.keptOut',
  'label.checked',
  'time.short',
  'temperature.scale',
  'liquid.ratio',
  'step.unlisted',
]);

/** Doubts that wait for an answer. */
export const openDoubts = (desk: ReadingDesk): Doubt[] =>
  desk.doubts.filter(({ code, lineId }) => !TOLD_ONLY.has(code) && !desk.settlementOf(lineId)?.said);

/** Doubts as a worklist, by consequence. Settled ones stay in the list, ticked, and can be settled again. */
interface Props {
  desk: ReadingDesk;
  recipe: Recipe;
  /** What each alternative makes of the soup. */
  choices: readonly ChoiceResult[];
  onFindFood: (line: Line) => void;
}

export function Doubts({ desk, recipe, choices, onFindFood }: Props) {
  const lines = new Map(recipe.lines.map((line) => [line.id, line]));
  const asked = desk.doubts.filter(({ code }) => !TOLD_ONLY.has(code)).length;
  const open = openDoubts(desk).length;
  return (
    <section aria-label="Doubts" className="flex flex-col gap-2">
      <h2 className="text-lg">{asked === 0 ? 'No doubts' : `${open} of ${asked} doubts open`}</h2>
      <ul className="flex flex-col gap-2">
        {desk.doubts.map((doubt) => (
          <DoubtItem
            key={`${doubt.code}-${doubt.lineId}`}
            doubt={doubt}
            line={doubt.lineId === null ? undefined : lines.get(doubt.lineId)}
            recipe={recipe}
            choices={choices}
            desk={desk}
            onFindFood={onFindFood}
          />
        ))}
      </ul>
    </section>
  );
}

interface ItemProps {
  doubt: Doubt;
  line: Line | undefined;
  recipe: Recipe;
  choices: readonly ChoiceResult[];
  desk: ReadingDesk;
  onFindFood: (line: Line) => void;
}

function DoubtItem({ doubt, line, recipe, choices, desk, onFindFood }: ItemProps) {
  const settled = desk.settlementOf(doubt.lineId);
  const keys = doubt.readings ? telling(doubt.readings) : [];
  const wantsFood =
    doubt.code === 'food.unmatched' || doubt.code === 'food.modified' || doubt.code === 'food.slip' || doubt.code === 'food.ambiguous';
  return (
    <li className="rounded-lg border border-line bg-card p-2.5">
      <div className="flex items-baseline gap-2">
        <State tone={settled?.said ? 'meets' : doubt.code === 'food.unmatched' ? 'breaks' : TOLD_ONLY.has(doubt.code) ? 'plain' : 'check'}>
          {settled?.said ? 'settled' : doubt.code === 'food.unmatched' ? 'no food' : TOLD_ONLY.has(doubt.code) ? 'told' : 'ask'}
        </State>
        <p>
          {doubt.message}
          {settled?.said && <span className="text-leaf"> Now: {settled.said}.</span>}
        </p>
      </div>
      <div className="mt-1.5 flex flex-wrap gap-1.5">
        {line &&
          doubt.readings?.map((reading) => (
            <Button
              key={reading.label + reading.grams}
              kind="chip"
              className="flex-col items-start! gap-0! leading-tight"
              aria-pressed={settled?.said === reading.label}
              onClick={() => settleReading(desk, line, reading, recipe)}
            >
              <span>
                {reading.label}: {figure(reading.grams)} g
              </span>
              <span className="text-sm text-kale-soft">
                {keys.map((key) => `${withUnit(key, reading.perServing[key] ?? 0)} ${SHORT[key]}`.trim()).join(', ')} a bowl
              </span>
              {doubt.code === 'choice' && <span className="text-sm">{ownAllergens(reading, line, recipe, choices)}</span>}
            </Button>
          ))}
        {line && wantsFood && <Button onClick={() => onFindFood(line)}>Find the food</Button>}
        {line && (doubt.code.startsWith('amount') || (wantsFood && line.foodId !== null && line.grams === null)) && (
          <GramsEntry onGive={(grams) => desk.settle(line, { grams: weighed(grams), said: `${figure(grams)} g` })} label={line.text} />
        )}
        {doubt.code.startsWith('servings') && <BowlsEntry desk={desk} />}
      </div>
    </li>
  );
}

const weighed = (best: number) => ({ best, low: best * (1 - WEIGHED), high: best * (1 + WEIGHED) });

function settleReading(desk: ReadingDesk, line: Line, { label, grams, foodId }: DoubtReading, recipe: Recipe): void {
  const options = line.choiceOf === undefined ? [] : recipe.lines.filter(({ choiceOf }) => choiceOf === line.choiceOf);
  const taken = options.find((option) => option.foodId === foodId);
  if (taken && options.length > 1) {
    // A choice keeps its alternatives side by side; one of them is taken.
    for (const option of options) desk.settle(option, { chosen: option === taken, ...(option === line ? { said: label } : {}) });
    return;
  }
  desk.settle(line, { grams: weighed(grams), ...(foodId === undefined ? {} : { foodId }), said: label });
}

function GramsEntry({ onGive, label }: { onGive: (grams: number) => void; label: string }) {
  const [text, setText] = useState('');
  const grams = Number(text.replace(',', '.'));
  const valid = text !== '' && Number.isFinite(grams) && grams >= 0;
  return (
    <form
      className="flex gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        if (valid) onGive(grams);
      }}
    >
      <Input
        className="w-20"
        inputMode="decimal"
        aria-label={`Grams of ${label}`}
        placeholder="grams"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Button type="submit" disabled={!valid}>
        Weigh
      </Button>
    </form>
  );
}

function BowlsEntry({ desk }: { desk: ReadingDesk }) {
  const [text, setText] = useState('');
  const bowls = Number(text);
  const valid = Number.isFinite(bowls) && bowls > 0;
  return (
    <form
      className="flex gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        if (valid) desk.setServings(bowls);
      }}
    >
      <Input
        className="w-20"
        inputMode="decimal"
        aria-label="Number of bowls"
        placeholder="bowls"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Button type="submit" disabled={!valid}>
        Set
      </Button>
    </form>
  );
}

/** What an alternative has and another of the same choice has not: 'contains milk; check celery'. */
function ownAllergens({ foodId }: DoubtReading, line: Line, recipe: Recipe, choices: readonly ChoiceResult[]): string {
  const options = choices.filter(({ choiceOf }) => choiceOf === line.choiceOf);
  const mine = options.find(({ lineId }) => recipe.lines.find(({ id }) => id === lineId)?.foodId === foodId);
  if (!mine) return '';
  const told = mine.allergens.filter(
    ({ id, state }) => state !== 'absent' && options.some((other) => other.allergens.find((one) => one.id === id)?.state !== state),
  );
  return told.length === 0
    ? 'no allergen more in the soup'
    : told.map(({ id, state }) => `${state === 'mayContain' ? 'may contain' : state} ${ALLERGEN_LABELS[id]}`).join('; ');
}
