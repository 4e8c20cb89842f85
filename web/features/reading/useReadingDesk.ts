/**
 * The reading desk: the pasted text, what was understood, and what the cook settled. Settlements are kept by the text
 * of their line, so that they survive another read of the same text, a reload and a lost server.
 */
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import type { Measures } from '../../../contract/types.ts';
import { type Doubt, isSettledBy } from '../../../core/reading/doubts.ts';
import type { Named } from '../../../core/reading/telling.ts';
import type { Grams, Line, Recipe, Stage } from '../../../core/vocabulary/recipe.ts';
import { useReading } from '../../api/queries.ts';

export interface Settlement {
  foodId?: string | null;
  grams?: Grams | null;
  /** Of an alternative: whether it is the one that is taken. */
  chosen?: boolean;
  /** Where it goes in, said by hand. */
  stage?: Stage;
  /** It is no ingredient: the line is left out. */
  out?: boolean;
  /** The doubt's code and what was chosen, in words. */
  said?: string;
}

interface Desk {
  text: string;
  /** Null until the cook chooses: the kitchen's own setting then. */
  measures: Measures | null;
  servings: number | null;
  settled: Record<string, Settlement>;
  /** Lines that were not understood, by their text: no ingredient, or one after all. */
  unread: Record<string, 'none' | 'line'>;
  /** Foods the text only names that were put in, by their words. */
  putIn: Record<string, string | null>;
}

const STORE = 'kind-ladle:reading:1';
const EMPTY: Desk = { text: '', measures: null, servings: null, settled: {}, unread: {}, putIn: {} };
const READ_AFTER_MS = 250;

function stored(): Desk {
  try {
    const saved = JSON.parse(localStorage.getItem(STORE) ?? 'null') as Partial<Desk> | null;
    return { ...EMPTY, ...saved };
  } catch {
    return EMPTY;
  }
}

/** Parts follow their line: a line weighed anew, or another food, divides as before. */
function withParts(lines: readonly Line[], before: readonly Line[]): Line[] {
  const parents = new Map(lines.map((line) => [line.id, line]));
  const was = new Map(before.map((line) => [line.id, line]));
  return lines.map((line) => {
    const parent = line.partOf === undefined ? undefined : parents.get(line.partOf);
    const old = parent && was.get(parent.id);
    if (!parent || !old) return line;
    const by = parent.grams && old.grams && old.grams.best > 0 ? parent.grams.best / old.grams.best : 1;
    const grams = line.grams && { best: line.grams.best * by, low: line.grams.low * by, high: line.grams.high * by };
    return { ...line, foodId: parent.foodId, grams };
  });
}

/** A line that was made of words of the text by hand. */
const extraLine = (id: string, text: string, foodId: string | null): Line => ({ id, stage: 'simmer', text, foodId, grams: null });

export const settlementKey = (line: Line): string => `${line.id} ${line.text}`;

export function useReadingDesk(usualMeasures: Measures) {
  const [desk, setDesk] = useState<Desk>(stored);
  const [asked, setAsked] = useState(desk.text);
  useEffect(() => {
    localStorage.setItem(STORE, JSON.stringify(desk));
  }, [desk]);
  useEffect(() => {
    const timer = setTimeout(() => setAsked(desk.text), READ_AFTER_MS);
    return () => clearTimeout(timer);
  }, [desk.text]);
  const measures = desk.measures ?? usualMeasures;
  const reading = useReading(useDeferredValue(asked), measures);

  const recipe = useMemo((): Recipe | null => {
    if (!reading.data || desk.text.trim() === '') return null;
    const lines = reading.data.recipe.lines.flatMap((line) => {
      const { said: _, out, ...settled } = desk.settled[settlementKey(line)] ?? {};
      return out ? [] : [{ ...line, ...settled }];
    });
    const { unread: _, ...read } = reading.data.recipe;
    const open = reading.data.unread.filter(({ text }) => desk.unread[text] === undefined).map(({ text }) => text);
    const added = [
      ...reading.data.unread.filter(({ text }) => desk.unread[text] === 'line').map(({ text, textLine }) => extraLine(`u${textLine}`, text, null)),
      ...reading.data.named.filter(({ text }) => desk.putIn[text] !== undefined).map(({ text, foodId }, at) => extraLine(`n${at}`, text, foodId)),
    ].map((line) => {
      const { said: _said, out: _out, ...settled } = desk.settled[settlementKey(line)] ?? {};
      return { ...line, ...settled };
    });
    return {
      ...read,
      ...(desk.servings === null ? {} : { servings: desk.servings }),
      ...(open.length > 0 ? { unread: open } : {}),
      lines: [...withParts(lines, reading.data.recipe.lines), ...added],
    };
  }, [reading.data, desk.settled, desk.servings, desk.text, desk.unread, desk.putIn]);

  const doubts: Doubt[] = useMemo(
    () => (desk.text.trim() === '' ? [] : (reading.data?.doubts ?? []).filter((doubt) => !(isSettledBy(doubt, 'bowls') && desk.servings !== null))),
    [reading.data, desk.servings, desk.text],
  );
  const unreadAt = (textLine: number | null): string | undefined => reading.data?.unread.find((one) => one.textLine === textLine)?.text;
  const settlementOf = (lineId: string | null): Settlement | undefined => {
    const line = reading.data?.recipe.lines.find(({ id }) => id === lineId);
    return line && desk.settled[settlementKey(line)];
  };

  return {
    desk,
    measures,
    reading,
    recipe,
    doubts,
    settlementOf,
    /** Lines of the text that still wait to be understood. */
    unread: (reading.data?.unread ?? []).filter(({ text }) => desk.unread[text] === undefined),
    account: reading.data?.account ?? [],
    named: (reading.data?.named ?? []).filter(({ text }) => desk.putIn[text] === undefined),
    /** What was said of the line a doubt is about. */
    unreadSettled: (textLine: number | null): 'none' | 'line' | undefined => {
      const text = unreadAt(textLine);
      return text === undefined ? undefined : desk.unread[text];
    },
    settleUnread: (textLine: number | null, as: 'none' | 'line') => {
      const text = unreadAt(textLine);
      if (text !== undefined) setDesk((now) => ({ ...now, unread: { ...now.unread, [text]: as } }));
    },
    putIn: ({ text, foodId }: Named) => setDesk((now) => ({ ...now, putIn: { ...now.putIn, [text]: foodId } })),
    setText: (text: string) => setDesk((now) => ({ ...now, text })),
    setMeasures: (measures: Measures) => setDesk((now) => ({ ...now, measures })),
    setServings: (servings: number | null) => setDesk((now) => ({ ...now, servings })),
    settle: (line: Line, settlement: Settlement) =>
      setDesk((now) => ({ ...now, settled: { ...now.settled, [settlementKey(line)]: { ...now.settled[settlementKey(line)], ...settlement } } })),
    clear: () => setDesk(EMPTY),
  };
}

export type ReadingDesk = ReturnType<typeof useReadingDesk>;
