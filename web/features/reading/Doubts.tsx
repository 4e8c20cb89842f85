import { type RefObject, useEffect, useRef, useState } from 'react';
import type { ChoiceResult } from '../../../core/analysis/analysis.ts';
import { CONSEQUENCE_WEIGHT, DOUBTS, type Doubt, type DoubtReading, isOnlyTold, isSettledBy, type PerServing } from '../../../core/reading/doubts.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import { type Line, type Recipe, STAGE_LABELS, STAGES } from '../../../core/vocabulary/recipe.ts';
import { figure, withUnit } from '../../kitchen/format.ts';
import { pressed, useLetter, useLetterKeys } from '../../kitchen/letterKeys.ts';
import { Button } from '../../ui/button.tsx';
import { NumberInput, type Typed } from '../../ui/numberInput.tsx';
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

const TONE_WORDS = { breaks: 'no food', check: 'ask', plain: 'told' } as const;

/** The two figures in which the readings of a doubt lie furthest apart, measured in tenths of a day. */
function telling(readings: readonly DoubtReading[]): (typeof SHOWN)[number][] {
  const apart = (key: keyof PerServing) => {
    const values = readings.map(({ perServing }) => perServing[key] ?? 0);
    return (Math.max(...values) - Math.min(...values)) / CONSEQUENCE_WEIGHT[key];
  };
  return [...SHOWN].sort((a, b) => apart(b) - apart(a)).slice(0, 2);
}

/** Doubts that wait for an answer. */
export const openDoubts = (desk: ReadingDesk): Doubt[] => desk.doubts.filter((doubt) => !isOnlyTold(doubt) && saidOf(desk, doubt) === undefined);

const UNREAD_SAID = { none: 'no ingredient', line: 'an ingredient; find its food below' } as const;
/** What was answered to a doubt, in words. */
function saidOf(desk: ReadingDesk, { code, lineId, textLine }: Doubt): string | undefined {
  if (code !== 'text.unread') return desk.settlementOf(lineId)?.said;
  const as = desk.unreadSettled(textLine);
  return as && UNREAD_SAID[as];
}

interface Props {
  desk: ReadingDesk;
  recipe: Recipe;
  /** What each alternative makes of the soup. */
  choices: readonly ChoiceResult[];
  onFindFood: (line: Line) => void;
  /** Told the line of the text that the doubt in hand is about. */
  onLook: (textLine: number | null) => void;
}

/** The doubts of one line of the text; those of no line stand each by itself. */
interface Card {
  key: string;
  textLine: number | null;
  doubts: Doubt[];
}

/** One card a line of the text, in the order of the first doubt of each. */
function cardsOf(doubts: readonly Doubt[]): Card[] {
  const cards = new Map<string, Card>();
  for (const doubt of doubts) {
    const key = doubt.textLine === null ? `${doubt.code}-${doubt.lineId}` : `line ${doubt.textLine}`;
    const card = cards.get(key);
    if (card) card.doubts.push(doubt);
    else cards.set(key, { key, textLine: doubt.textLine, doubts: [doubt] });
  }
  return [...cards.values()];
}

/** Doubts as a worklist, by consequence. A settled one shrinks to a line, and can be opened and settled again. */
export function Doubts({ desk, recipe, choices, onFindFood, onLook }: Props) {
  const lines = new Map(recipe.lines.map((line) => [line.id, line]));
  const rows = desk.desk.text.split('\n');
  const asked = desk.doubts.filter((doubt) => !isOnlyTold(doubt)).length;
  const open = openDoubts(desk).length;
  const list = useRef<HTMLElement>(null);
  useDoubtKeys(list);
  const { mode } = useLetterKeys();
  return (
    <section ref={list} aria-label="Doubts" className="flex flex-col gap-2">
      <h2 className="text-lg">{asked === 0 ? 'No doubts' : `${open} of ${asked} doubts open`}</h2>
      {open > 0 && mode !== 'off' && (
        <p className="text-sm text-kale-soft">
          Outside the text, {pressed(mode, 'd')} goes to the next open one, and {pressed(mode, '1')} to 9 answer it.
        </p>
      )}
      <ul className="flex flex-col gap-2">
        {cardsOf(desk.doubts).map(({ key, textLine, doubts }) => (
          <li key={key} data-text-line={textLine ?? undefined} className="flex flex-col gap-2 rounded-lg border border-line bg-card p-2.5">
            <LineText text={textLine === null ? '' : (rows[textLine] ?? '').trim()} doubts={doubts} />
            {doubts.map((doubt) => (
              <DoubtItem
                key={`${doubt.code}-${doubt.lineId}`}
                doubt={doubt}
                line={doubt.lineId === null ? undefined : lines.get(doubt.lineId)}
                recipe={recipe}
                choices={choices}
                desk={desk}
                onFindFood={onFindFood}
                onLook={() => onLook(textLine)}
              />
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The line as it was written, where no doubt of it says so itself; of a long one, its beginning. */
function LineText({ text, doubts }: { text: string; doubts: readonly Doubt[] }) {
  if (text === '' || doubts.some(({ message }) => message.includes(text))) return null;
  return <p className="truncate text-sm text-kale-soft">{text}</p>;
}

/** An open doubt's answers, in their order. */
const answersIn = (doubt: Element): HTMLButtonElement[] => [...doubt.querySelectorAll<HTMLButtonElement>('[data-answer]')];

/** The next open doubt after the one with the focus, else the first. */
function nextOpen(list: HTMLElement | null): Element | undefined {
  const open = [...(list?.querySelectorAll('[data-open]') ?? [])];
  const here = document.activeElement;
  const follows = (doubt: Element) => here !== null && (here.compareDocumentPosition(doubt) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0;
  return open.find((doubt) => follows(doubt) && list?.contains(here)) ?? open[0];
}

const focusIn = (doubt: Element | undefined): void => doubt?.querySelector<HTMLElement>('button, input')?.focus();

/** d goes to the next open doubt; 1 to 9 give the answer of that number to the one with the focus. */
function useDoubtKeys(list: RefObject<HTMLElement | null>): void {
  useLetter('d', () => focusIn(nextOpen(list.current)));
  useLetter('1,2,3,4,5,6,7,8,9', ({ code }) => {
    const doubt = document.activeElement?.closest('[data-doubt]');
    if (doubt && list.current?.contains(doubt)) answersIn(doubt)[Number(code.slice(-1)) - 1]?.click();
  });
}

interface ItemProps {
  doubt: Doubt;
  line: Line | undefined;
  recipe: Recipe;
  choices: readonly ChoiceResult[];
  desk: ReadingDesk;
  onFindFood: (line: Line) => void;
  onLook: () => void;
}

function DoubtItem({ doubt, line, recipe, choices, desk, onFindFood, onLook }: ItemProps) {
  const settled = { said: saidOf(desk, doubt) };
  const [reopened, setReopened] = useState(false);
  const item = useRef<HTMLDivElement>(null);
  const isSettled = settled.said !== undefined;
  useEffect(() => {
    if (!isSettled) return;
    setReopened(false);
    // Its buttons are gone: what is still open has the focus next.
    requestAnimationFrame(() => {
      if (document.activeElement === document.body) focusIn(nextOpen(item.current?.closest('section') ?? null));
    });
  }, [isSettled]);
  if (isSettled && !reopened)
    return (
      <div ref={item} data-doubt className="flex flex-wrap items-center gap-2 text-sm">
        <State tone="meets">settled</State>
        <span className="min-w-0 flex-1">
          {line ? `${line.text}: ` : ''}
          {settled.said}
        </span>
        <Button kind="chip" aria-label={`Settle anew: ${doubt.message}`} onClick={() => setReopened(true)}>
          Change
        </Button>
      </div>
    );
  const keys = doubt.readings ? telling(doubt.readings) : [];
  const wantsFood = isSettledBy(doubt, 'food');
  // A food that is not known cannot be weighed; one that is has its grams asked only while it has none.
  const wantsGrams = isSettledBy(doubt, 'grams') && (!wantsFood || (line?.foodId !== null && line?.grams === null));
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: only the text beside it follows what has the focus or is pressed
    <div ref={item} data-doubt data-open={isSettled || isOnlyTold(doubt) ? undefined : ''} onFocus={onLook} onPointerDown={onLook}>
      <div className="flex items-baseline gap-2">
        <State tone={settled.said ? 'meets' : DOUBTS[doubt.code].tone}>{settled.said ? 'settled' : TONE_WORDS[DOUBTS[doubt.code].tone]}</State>
        <p>
          {doubt.message}
          {settled.said && <span className="text-leaf"> Now: {settled.said}.</span>}
        </p>
      </div>
      <div className="mt-1.5 flex flex-wrap gap-1.5">
        {line &&
          doubt.readings?.map((reading) => (
            <Button
              key={reading.label + reading.grams}
              kind="chip"
              data-answer
              className="flex-col items-start! gap-0! leading-tight"
              aria-pressed={settled.said === reading.label}
              onClick={(event) => {
                const list = event.currentTarget.closest('section');
                settleReading(desk, line, reading, recipe);
                // An answer leads on to what is still open.
                requestAnimationFrame(() => focusIn(nextOpen(list)));
              }}
            >
              <span>
                {reading.label}
                {!/\d\s?g\b|^none\b|: none\b/.test(reading.label) && `: ${figure(reading.grams)} g`}
              </span>
              <span className="text-sm text-kale-soft">
                {keys.map((key) => `${withUnit(key, reading.perServing[key] ?? 0)} ${SHORT[key]}`.trim()).join(', ')} a bowl
              </span>
              {doubt.code === 'choice' && <span className="text-sm">{ownAllergens(reading, line, recipe, choices)}</span>}
            </Button>
          ))}
        {doubt.code === 'text.unread' && (
          <>
            <Button
              kind="chip"
              data-answer
              aria-pressed={desk.unreadSettled(doubt.textLine) === 'none'}
              onClick={() => desk.settleUnread(doubt.textLine, 'none')}
            >
              No ingredient
            </Button>
            <Button
              kind="chip"
              data-answer
              aria-pressed={desk.unreadSettled(doubt.textLine) === 'line'}
              onClick={() => desk.settleUnread(doubt.textLine, 'line')}
            >
              An ingredient
            </Button>
          </>
        )}
        {doubt.code === 'food.unmatched' && line && (
          <Button kind="chip" onClick={() => desk.settle(line, { out: true, said: 'left out' })}>
            No ingredient
          </Button>
        )}
        {line && isSettledBy(doubt, 'place') && <PlaceEntry line={line} desk={desk} />}
        {line && wantsFood && <Button onClick={() => onFindFood(line)}>Find the food</Button>}
        {line && wantsGrams && (
          <GramsEntry onGive={(grams) => desk.settle(line, { grams: weighed(grams), said: `${figure(grams)} g` })} label={line.text} />
        )}
        {isSettledBy(doubt, 'bowls') && <BowlsEntry desk={desk} />}
      </div>
    </div>
  );
}

/** Where a line goes in, or that it is not in the soup. */
const PlaceEntry = ({ line, desk }: { line: Line; desk: ReadingDesk }) => (
  <fieldset className="flex flex-wrap items-center gap-1.5">
    <legend className="sr-only">Where {line.text} goes in</legend>
    {STAGES.map((stage) => (
      <Button
        key={stage}
        kind="chip"
        data-answer
        aria-pressed={desk.settlementOf(line.id)?.stage === stage}
        onClick={() => desk.settle(line, { stage, said: STAGE_LABELS[stage].toLowerCase() })}
      >
        {STAGE_LABELS[stage]}
      </Button>
    ))}
    <Button kind="chip" data-answer onClick={() => desk.settle(line, { out: true, said: 'left out' })}>
      Take it out
    </Button>
  </fieldset>
);

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

const GramsEntry = ({ onGive, label }: { onGive: (grams: number) => void; label: string }) => (
  <FigureEntry name={`Grams of ${label}`} unit="grams" verb="Weigh" min={0} onGive={onGive} />
);

const BowlsEntry = ({ desk }: { desk: ReadingDesk }) => (
  <FigureEntry name="Number of bowls" unit="bowls" verb="Set" min={0.1} onGive={desk.setServings} />
);

interface FigureEntryProps {
  name: string;
  unit: string;
  verb: string;
  min: number;
  onGive: (figure: number) => void;
}

function FigureEntry({ name, unit, verb, min, onGive }: FigureEntryProps) {
  const [value, setValue] = useState<Typed>(null);
  return (
    <form
      className="flex gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        if (typeof value === 'number') onGive(value);
      }}
    >
      <NumberInput className="w-20" aria-label={name} placeholder={unit} min={min} value={value} onValue={setValue} />
      <Button type="submit" disabled={typeof value !== 'number'}>
        {verb}
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
