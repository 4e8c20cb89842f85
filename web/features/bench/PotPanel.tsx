import { ListOrdered, Plus } from 'lucide-react';
import { memo, useEffect, useId, useMemo, useRef, useState } from 'react';
import { STIR_LINE } from '../../../core/bowl/potSize.ts';
import type { Shelf } from '../../../core/food/shelf.ts';
import { batchesOf } from '../../../core/vocabulary/blender.ts';
import { type Grams, type Line, STAGE_LABELS, STAGES, type Step } from '../../../core/vocabulary/recipe.ts';
import { FoodPicker } from '../../kitchen/FoodPicker.tsx';
import { figure } from '../../kitchen/format.ts';
import { afterPaint, useAfterPaint } from '../../kitchen/useAfterPaint.tsx';
import { Button } from '../../ui/button.tsx';
import { focusAfter } from '../../ui/focus.ts';
import { State } from '../../ui/state.tsx';
import { say } from '../../ui/toast.ts';
import { Word } from '../help/Word.tsx';
import { FromTheCold } from '../preparations/FromTheCold.tsx';
import { TakePreparation } from '../preparations/TakePreparation.tsx';
import { useFolded } from './folded.ts';
import { PotSection } from './PotSection.tsx';
import { type Brim, brimOf, mlByStage, potLayers } from './potLayers.ts';
import { linesOfStep, StepWalk } from './StepWalk.tsx';
import { useBench } from './store.ts';
import { type BenchView, limitMarks, lineName, type Mark } from './view.ts';

interface Props {
  view: BenchView;
  show: 'grams' | 'kitchen';
  /** The line whose amount is being edited, from the keyboard or the mouse. */
  editing: string | null;
  onEdit: (lineId: string | null) => void;
  onMethod: () => void;
}

/** The pot: its section, and its lines by stage with amounts to edit in place. */
export const PotPanel = memo(function PotPanel({ view, show, editing, onEdit, onMethod }: Props) {
  const { recipe, core, replaced } = view;
  const later = useAfterPaint(view);
  const overLimit = useMemo(() => limitMarks(later), [later]);
  const [stepInHand, setStepInHand] = useState<string | null>(null);
  const step = recipe.steps.find(({ id }) => id === stepInHand);
  const inStep = useMemo(() => (step ? linesOfStep(step) : undefined), [step]);
  const stages = STAGES.filter((stage) => recipe.lines.some((line) => line.stage === stage) || replaced.some((line) => line.stage === stage));
  const { folded } = useFolded();
  return (
    <section aria-label="Pot" className="flex min-h-0 flex-col rounded-xl border border-line bg-card lg:contain-strict">
      <h2 className="sr-only">Pot</h2>
      {!folded && <PotDrawn view={view} step={step} inStep={inStep} onStep={setStepInHand} />}
      <div className="relative min-h-0 flex-1 overflow-auto pb-2">
        {stages.map((stage) => (
          <section key={stage} aria-label={STAGE_LABELS[stage]}>
            <h3 className="bg-oat-deep px-3 py-0.5 text-sm tracking-wide uppercase">{STAGE_LABELS[stage]}</h3>
            <ul>
              {replaced
                .filter((line) => line.stage === stage && !recipe.lines.some(({ replaces }) => replaces === line.id))
                .map((line) => (
                  <GoneRow key={line.id} line={line} view={view} leftOut />
                ))}
              {recipe.lines
                .filter((line) => line.stage === stage)
                .map((line, _index, all) => {
                  const gone =
                    line.replaces && all.find(({ replaces }) => replaces === line.replaces)?.id === line.id
                      ? replaced.find(({ id }) => id === line.replaces)
                      : undefined;
                  return (
                    <li key={line.id}>
                      {gone && (
                        <ul>
                          <GoneRow line={gone} view={view} />
                        </ul>
                      )}
                      <LineRow
                        line={line}
                        core={core}
                        lit={inStep?.has(line.id) ?? false}
                        marks={[...(view.marks.get(line.id) ?? NO_MARKS), ...(overLimit.get(line.id) ?? NO_MARKS)]}
                        show={show}
                        editing={editing === line.id}
                        onEdit={onEdit}
                      />
                    </li>
                  );
                })}
            </ul>
          </section>
        ))}
        <FromTheCold view={view} />
        <AddLine shelf={core.shelf} onAdded={onEdit} />
        <Button kind="chip" className="mx-3 mt-1 mb-3" onClick={onMethod}>
          <ListOrdered size={14} aria-hidden /> Method, {recipe.steps.length} steps
        </Button>
        <span className="text-sm text-kale-soft">
          Amounts are <Word of="edible" />.
        </span>
      </div>
    </section>
  );
});

interface DrawnProps {
  view: BenchView;
  step: Step | undefined;
  /** The lines the step in hand speaks of. */
  inStep: ReadonlySet<string> | undefined;
  onStep: (stepId: string | null) => void;
}

/** The pot from the side, in words, and its steps one by one. */
const PotDrawn = afterPaint(function PotDrawn({ view, step, inStep, onStep }: DrawnProps) {
  const { recipe, core, analysis } = view;
  const layers = useMemo(() => potLayers(recipe, core), [recipe, core]);
  const brim = useMemo(() => brimOf(recipe, analysis.potMl), [recipe, analysis]);
  const lit = useMemo(() => inStep && mlByStage(recipe, core, inStep), [recipe, core, inStep]);
  const toppings = recipe.lines.filter(({ stage }) => stage === 'bowl').length;
  return (
    <div className="shrink-0 border-b border-line px-3 pt-1">
      <PotSection layers={layers} body={analysis.body.index} word={analysis.body.word} toppings={toppings} brim={brim} lit={lit} />
      <PotWords view={view} brim={brim} />
      <StepWalk steps={recipe.steps} inHand={step} onTake={onStep} />
    </div>
  );
});

/** What is in it, how full that makes the pot or which pot it wants, and how often a jug is filled. */
function PotWords({ view: { analysis, needs, recipe, core }, brim }: { view: BenchView; brim: Brim }) {
  const { potMl } = analysis;
  const batches = needs.blender ? batchesOf(needs.blender, potMl) : 1;
  const putIn = [...mlByStage(recipe, core).values()].reduce((sum, ml) => sum + ml, 0);
  const full = putIn / brim.ml;
  const pot = brim.known
    ? `; ${figure(full * 100)} % of the pot's ${figure(brim.ml / 1000)} litres at its fullest`
    : `, in a pot of ${figure(brim.ml / 1000)} or more`;
  return (
    <p className="pb-0.5 text-center text-sm text-kale-soft">
      {figure(potMl / 1000)} litres{pot}
      {batches > 1 && `; blended in ${batches} jugs`}
      {brim.known && full > STIR_LINE && (
        <>
          {' '}
          <State tone={full > 1 ? 'breaks' : 'check'}>{full > 1 ? 'more than it holds' : 'no room to stir'}</State>
        </>
      )}
    </p>
  );
}

const NO_MARKS: readonly Mark[] = [];

/** A new line goes in at the stage of the line in hand, and is weighed at once. */
const AddLine = memo(function AddLine({ shelf, onAdded }: { shelf: Shelf; onAdded: (lineId: string) => void }) {
  const [open, setOpen] = useState(false);
  const [taking, setTaking] = useState(false);
  const addLine = useBench((state) => state.addLine);
  const stage = useBench(({ recipe, selected }) => recipe.lines.find(({ id }) => id === selected)?.stage ?? 'simmer');
  return (
    <p className="px-3 pt-2">
      <Button kind="chip" onClick={() => setOpen(true)}>
        <Plus size={14} aria-hidden /> line
      </Button>
      <FoodPicker
        line={open ? `A new line, ${STAGE_LABELS[stage].toLowerCase()}` : null}
        query=""
        onClose={() => setOpen(false)}
        onPick={({ id }) => {
          setOpen(false);
          const name = shelf.food(id)?.name ?? id;
          onAdded(addLine({ stage, text: name, foodId: id, grams: null }));
        }}
      />{' '}
      <Button kind="chip" onClick={() => setTaking(true)}>
        <Plus size={14} aria-hidden /> from a preparation
      </Button>
      <TakePreparation
        open={taking}
        onClose={() => setTaking(false)}
        onTake={({ id, name, recipe, yieldGrams }) => {
          setTaking(false);
          const line = { stage, text: name, foodId: null, grams: null, preparationId: id };
          const added = addLine(line, { id, name, lines: recipe.lines, steps: recipe.steps, ...(yieldGrams === undefined ? {} : { yieldGrams }) });
          // The box for its grams takes the focus once the dialog has given it back.
          setTimeout(() => onAdded(added));
        }}
      />
    </p>
  );
});

const nameOf = (line: Line, { core }: BenchView): string => lineName(core)(line);

function GoneRow({ line, view, leftOut = false }: { line: Line; view: BenchView; leftOut?: boolean }) {
  const putBack = useBench((state) => state.putBack);
  return (
    <li className="flex min-h-7 items-center gap-2 px-3 text-kale-soft">
      <s className="min-w-0 flex-1 truncate">
        <span className="sr-only">taken out: </span>
        {nameOf(line, view)} {line.grams ? `${figure(line.grams.best)} g` : ''}
      </s>
      {leftOut && <span className="text-sm">left out</span>}
      <Button
        kind="quiet"
        className="text-sm underline"
        onClick={() =>
          putBack(
            line,
            view.original.recipe.lines.map(({ id }) => id),
            view.core.shelf,
          )
        }
        aria-label={`Put back ${nameOf(line, view)}`}
      >
        put back
      </Button>
    </li>
  );
}

interface RowProps {
  line: Line;
  core: BenchView['core'];
  marks: readonly Mark[];
  show: 'grams' | 'kitchen';
  editing: boolean;
  /** The step in hand speaks of it. */
  lit: boolean;
  onEdit: (lineId: string | null) => void;
}

/** Letters of marks that leave room for the name beside them; more go below it. */
const MOST_BESIDE = 16;
const MOST_MARKS = 3;

const Marks = ({ marks }: { marks: readonly Mark[] }) =>
  marks.slice(0, MOST_MARKS).map(({ tone, text }) => (
    <State key={text} tone={tone}>
      {text}
    </State>
  ));

/** Only the row that changed is painted again. */
const LineRow = memo(Row, (a, b) => {
  const sameMarks =
    a.marks.length === b.marks.length && a.marks.every(({ text, tone }, at) => text === b.marks[at]?.text && tone === b.marks[at]?.tone);
  return (
    a.line === b.line && a.core === b.core && a.show === b.show && a.lit === b.lit && a.editing === b.editing && a.onEdit === b.onEdit && sameMarks
  );
});

function Row({ line, core, marks, show, editing, lit, onEdit }: RowProps) {
  const selected = useBench((state) => state.selected === line.id);
  const select = useBench((state) => state.select);
  const takeOption = useBench((state) => state.takeOption);
  const whole = useBench(({ recipe }) => recipe.lines.some(({ partOf }) => partOf === line.id));
  const row = useRef<HTMLDivElement>(null);
  const wasEditing = useRef(false);
  useEffect(() => {
    if (wasEditing.current && !editing) focusAfter(() => row.current?.querySelector<HTMLElement>('[data-amount]'));
    wasEditing.current = editing;
  }, [editing]);
  useEffect(() => {
    if (selected) row.current?.scrollIntoView({ block: 'nearest' });
  }, [selected]);
  const name = lineName(core)(line);
  const below = marks.reduce((sum, { text }) => sum + text.length, 0) > MOST_BESIDE;
  return (
    <div
      ref={row}
      data-line={line.id}
      className={`flex min-h-8 flex-wrap items-center gap-x-1.5 border-l-4 px-2 ${selected ? 'border-squash bg-squash-pale' : lit ? 'border-kale bg-oat-deep' : 'border-transparent hover:bg-oat'}`}
    >
      <button
        type="button"
        aria-pressed={selected}
        title={line.text}
        onClick={() => select(line.id)}
        className="min-h-7 min-w-0 flex-1 truncate text-left"
      >
        {line.replaces && (
          <span aria-hidden className="mr-1 text-squash">
            ▸
          </span>
        )}
        {line.foodId === null ? <State tone="breaks">no food: {name}</State> : name}
        {lit && <span className="sr-only"> (in this step)</span>}
        {whole && <span className="text-sm text-kale-soft"> (divided, counted in its parts)</span>}
        {line.partOf && <span className="text-sm text-kale-soft"> (part)</span>}
        {line.eaten && line.eaten !== 'all' && (
          <span className="text-sm text-kale-soft"> ({line.eaten === 'removed' ? 'taken out' : line.eaten})</span>
        )}
      </button>
      {!below && <Marks marks={marks} />}
      {line.choiceOf !== undefined &&
        (line.chosen ? (
          <span className="text-sm text-kale-soft">taken</span>
        ) : (
          <Button kind="chip" className="text-sm" onClick={() => takeOption(line.id)} aria-label={`Take ${name} instead`}>
            or: take
          </Button>
        ))}
      {editing ? (
        <AmountEditor line={line} core={core} show={show} name={name} onDone={() => onEdit(null)} />
      ) : (
        <button
          type="button"
          data-amount=""
          onClick={() => {
            select(line.id);
            onEdit(line.id);
          }}
          aria-label={`Amount of ${name}: ${line.grams ? `${figure(line.grams.best)} grams` : 'not weighed'}. Edit`}
          className="min-h-7 rounded px-1.5 whitespace-nowrap underline decoration-dotted underline-offset-4 hover:bg-oat-deep"
        >
          {line.grams ? amountText(line, core, show) : <State tone="check">weigh it</State>}
        </button>
      )}
      {below && (
        <span className="flex basis-full flex-wrap gap-1 pb-1">
          <Marks marks={marks} />
        </span>
      )}
    </div>
  );
}

function amountText(line: Line, core: BenchView['core'], show: 'grams' | 'kitchen'): string {
  const food = line.foodId === null ? undefined : core.shelf.food(line.foodId);
  const grams = line.grams?.best ?? 0;
  const text = show === 'kitchen' && food ? core.kitchenMeasure(food, grams) : core.formatGrams(grams);
  return line.perBowl ? `${text} a bowl` : text;
}

/** The measure the amount is shown in: what a bare number counts. Grams where the kitchen shows grams, or the food has no measure. */
function shownIn(text: string): string {
  const [, word = 'g'] = /\d[\d ½⅓¼⅔¾]*\s(cup|tablespoon|teaspoon|medium|clove)s?$/.exec(text) ?? [];
  return word;
}

/** The amount in place, in grams or any kitchen measure: Enter keeps it, Escape leaves it as it was. What cannot be read stays, and is said. */
function AmountEditor({
  line,
  core,
  show,
  name,
  onDone,
}: {
  line: Line;
  core: BenchView['core'];
  show: 'grams' | 'kitchen';
  name: string;
  onDone: () => void;
}) {
  const weigh = useBench((state) => state.weighLine);
  const system = useBench((state) => state.recipe.measures ?? 'metric');
  const food = line.foodId === null ? null : (core.shelf.food(line.foodId) ?? null);
  const before = line.grams?.best ?? null;
  const shown = before !== null && show === 'kitchen' && food ? core.kitchenMeasure(food, before) : null;
  const unit = shown === null ? 'g' : shownIn(shown);
  const asGrams = before === null ? '' : String(Number(before.toFixed(2)));
  const opened = unit === 'g' ? asGrams : (shown ?? '').replace(/\s*[a-z]+$/, '');
  const [text, setText] = useState(opened);
  const [fault, setFault] = useState<string | null>(null);
  const help = useId();
  const read = core.typedAmount(text, { food, system, unit });
  const put = (grams: Grams) => {
    if (grams.best !== before) weigh(line.id, grams.best, grams);
    if (before !== null && core.isLargeChange(before, grams.best))
      say(`${name}: ${core.formatGrams(before)} is now ${core.formatGrams(grams.best)}. Undo takes it back.`);
    onDone();
  };
  const finish = () => {
    if (text === opened) onDone();
    else if (read.kind === 'grams') put(read.grams);
    else setFault(read.kind === 'fault' ? read.message : 'Which of the two?');
  };
  return (
    <span className="flex flex-wrap items-center justify-end gap-1">
      <input
        autoFocus
        aria-label={unit === 'g' ? `Grams of ${name}` : `Amount of ${name} in ${unit}s, or as 250 g`}
        aria-invalid={fault !== null}
        aria-describedby={help}
        value={text}
        onFocus={(event) => event.target.select()}
        onChange={(event) => {
          setText(event.target.value);
          setFault(null);
        }}
        onBlur={(event) => {
          // One of the two readings is being chosen: nothing is decided by leaving the box for it.
          if (!(event.relatedTarget instanceof HTMLElement && event.relatedTarget.dataset.reading)) finish();
        }}
        onKeyDown={(event) => {
          // Let go of the field while the page is still laid out: to take a focused one away costs a layout of its own.
          if (event.key === 'Enter' && read.kind === 'grams') event.currentTarget.blur();
          else if (event.key === 'Enter') finish();
          if (event.key === 'Escape') onDone();
        }}
        className="w-20 rounded border border-squash bg-white px-1 text-right"
      />
      {unit}
      <span id={help} role="status" className="basis-full text-right text-sm">
        {fault ? <span className="text-beet">{fault}</span> : read.kind === 'grams' && text !== opened && read.said ? read.said : ''}
      </span>
      {read.kind === 'ask' &&
        read.readings.map(({ label, grams }) => (
          <Button key={label} kind="chip" data-reading="yes" onClick={() => put(grams)}>
            {label}
          </Button>
        ))}
    </span>
  );
}
