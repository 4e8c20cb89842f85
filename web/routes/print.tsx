import { useEffect, useMemo, useState } from 'react';
import { REGIMES, reheatWords } from '../../core/regime/regime.ts';
import { sheetOf } from '../../core/sheet/sheet.ts';
import { lineChangeText } from '../features/bench/Difference.tsx';
import { lineName } from '../features/bench/view.ts';
import {
  BowlCards,
  FreezerLabels,
  Handout,
  LABEL_GRIDS,
  type LabelGrid,
  LabelsToCheck,
  type Paper,
  Shopping,
  WeighOutList,
} from '../features/sheet/Forms.tsx';
import { PaperFrame } from '../features/sheet/PaperFrame.tsx';
import { ServingSheet } from '../features/sheet/ServingSheet.tsx';
import { type Chosen, keptWords } from '../features/sheet/useChosenVersion.ts';
import { useKitchen, useToday } from '../kitchen/kitchen.ts';
import { Field, Input, Select } from '../ui/field.tsx';
import { Tick } from '../ui/tick.tsx';

const FORMS = {
  sheet: 'Serving sheet',
  handout: 'Class handout',
  cards: 'Bowl cards',
  labels: 'Freezer labels',
  weigh: 'Weigh-out list',
  shopping: 'Shopping list',
  check: 'Labels to check',
} as const;
type Form = keyof typeof FORMS;
const ORDER = Object.keys(FORMS) as Form[];

interface Choice {
  forms: Form[];
  large: boolean;
  cards: number;
  grid: LabelGrid;
}
const FIRST: Choice = { forms: ['sheet'], large: false, cards: 4, grid: '2 by 7' };
const KEY = 'kind-ladle.print';

/** What was printed last time is offered again; what is not understood is forgotten. */
function remembered(): Choice {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Choice>;
    return {
      forms: ORDER.filter((form) => kept.forms?.includes(form) ?? FIRST.forms.includes(form)),
      large: kept.large === true,
      cards: CARDS.find((count) => count === kept.cards) ?? FIRST.cards,
      grid: kept.grid && Object.hasOwn(LABEL_GRIDS, kept.grid) ? kept.grid : FIRST.grid,
    };
  } catch {
    return FIRST;
  }
}
const CARDS = [2, 4, 6, 8] as const;

/** What to print, in one place, with a preview of the pages as they come. */
export function PrintScreen() {
  const [choice, setChoice] = useState(remembered);
  const today = useToday();
  const [madeOn, setMadeOn] = useState(today);
  const change = (part: Partial<Choice>) => {
    const next = { ...choice, ...part };
    setChoice(next);
    localStorage.setItem(KEY, JSON.stringify(next));
  };
  const { forms, large, cards, grid } = choice;
  return (
    <PaperFrame
      heading="On paper"
      printable={forms.length > 0}
      choices={
        <div className="flex flex-wrap items-end gap-x-5 gap-y-2 rounded-xl border border-line bg-card p-3 print:hidden">
          <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
            <legend className="text-sm text-kale-soft">What to print</legend>
            {ORDER.map((form) => (
              <Tick
                key={form}
                checked={forms.includes(form)}
                onChange={(wanted) => change({ forms: ORDER.filter((one) => (one === form ? wanted : forms.includes(one))) })}
              >
                {FORMS[form]}
              </Tick>
            ))}
          </fieldset>
          {forms.includes('handout') && (
            <Tick checked={large} onChange={(next) => change({ large: next })}>
              Handout in large print, 18 pt
            </Tick>
          )}
          {forms.includes('cards') && (
            <Field label="Cards">
              <Select value={cards} onChange={(event) => change({ cards: Number(event.target.value) })}>
                {CARDS.map((count) => (
                  <option key={count} value={count}>
                    {count}
                  </option>
                ))}
              </Select>
            </Field>
          )}
          {forms.includes('labels') && (
            <>
              <Field label="Labels on a sheet">
                <Select value={grid} onChange={(event) => change({ grid: event.target.value as LabelGrid })}>
                  {Object.keys(LABEL_GRIDS).map((one) => (
                    <option key={one} value={one}>
                      {one}
                    </option>
                  ))}
                </Select>
              </Field>
              <Field label="Made on (empty to write it)">
                <Input type="date" value={madeOn} onChange={(event) => setMadeOn(event.target.value)} />
              </Field>
            </>
          )}
        </div>
      }
    >
      {(chosen) => (forms.length === 0 ? <p>Choose what to print.</p> : <Pages chosen={chosen} choice={choice} madeOn={madeOn} />)}
    </PaperFrame>
  );
}

function Pages({ chosen, choice, madeOn }: { chosen: Chosen; choice: Choice; madeOn: string }) {
  const core = useKitchen();
  const { soup, recipe, needs, version, original, regime } = chosen;
  const { title } = soup;
  const paper = useMemo((): Paper => {
    const sheet = sheetOf({ recipe: { ...recipe, title }, needs, regime, original: original?.recipe }, core.shelf);
    const swapped = (sheet.change?.lines ?? []).filter(({ kind }) => kind === 'swapped' || kind === 'in' || kind === 'food');
    return {
      sheet,
      analysis: core.analyse(recipe, { ...needs, regime }, core.shelf),
      needs,
      recipe,
      core,
      kept: keptWords(version),
      swapped: swapped.map((change) => lineChangeText(change, lineName(core))),
      keeping: `Thaw in the fridge; reheat to ${reheatWords(REGIMES[regime])}. The local code decides.`,
    };
  }, [recipe, title, needs, regime, original, version, core]);
  useMarginBoxes(title, version ? `version ${version.number}, ${version.name}` : 'draft', version?.createdAt);
  const { forms, large, cards, grid } = choice;
  return (
    <>
      {forms.includes('sheet') && (
        <div className="paper-of-sheet">
          <ServingSheet chosen={chosen} />
        </div>
      )}
      {forms.includes('handout') && <Handout paper={paper} large={large} />}
      {forms.includes('cards') && <BowlCards paper={paper} count={cards} />}
      {forms.includes('labels') && <FreezerLabels paper={paper} grid={grid} madeOn={madeOn} />}
      {forms.includes('weigh') && <WeighOutList paper={paper} />}
      {forms.includes('shopping') && <Shopping paper={paper} />}
      {forms.includes('check') && <LabelsToCheck paper={paper} />}
    </>
  );
}

/** Soup, version and day at the foot of every page, and its number of how many. A sheet of styles of its own, since the page allows none inline. */
function useMarginBoxes(title: string, version: string, createdAt: string | undefined): void {
  useEffect(() => {
    const day = new Date(createdAt ?? Date.now()).toLocaleDateString(undefined, { dateStyle: 'medium' });
    const words = JSON.stringify(`${title}, ${version}, ${day}`);
    const styles = new CSSStyleSheet();
    styles.replaceSync(
      `@page { margin-bottom: 15mm; @bottom-left { content: ${words}; font-size: 9pt; } @bottom-right { content: counter(page) " of " counter(pages); font-size: 9pt; } }`,
    );
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, styles];
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((one) => one !== styles);
    };
  }, [title, version, createdAt]);
}
