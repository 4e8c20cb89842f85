/**
 * Cautions as data: when they are shown, how loudly, what they say and why it is so. They defer to the local food code
 * and to licensed practice; none of them says that a soup is safe.
 */

import { coolingWords, REGIMES, type RegimeId, reheatWords } from '../regime/regime.ts';
import { linesByTest, register } from './conditions.ts';
import { CAUTIONS, type Caution } from './data/cautions.ts';
import type { Note, NoteContext, NoteRule } from './note.ts';
import { NOTE_RULES } from './ownRules.ts';
import { stepsWhere } from './steps.ts';

export type { Note, NoteContext, NoteRule } from './note.ts';

/** A row of the data as a rule. */
function ruleOf({ code, severity, message, source, line, also, methods, step, unless, concerns = [], over, potMl }: Caution): NoteRule {
  const first = line && register(line);
  const second = also && register(also);
  const done = methods && stepsWhere(({ method }) => method !== undefined && methods.includes(method));
  const said = step && stepsWhere(({ text }) => step.test(text));
  const denied = unless && stepsWhere(({ text }) => unless.test(text));
  return {
    code,
    severity,
    message,
    source,
    concerns: [
      ...concerns,
      ...(line?.contains ?? []),
      ...(over ? [over[0]] : []),
      ...(line?.origins?.includes('alcohol') ? (['noAlcohol'] as const) : []),
    ],
    needs: first,
    when: (context, met) => {
      const lineIds = first === undefined ? [] : (met.get(first) ?? []);
      if (first !== undefined && lineIds.length === 0) return null;
      const others = second === undefined ? [] : (met.get(second) ?? []).filter((id) => !lineIds.includes(id));
      if (second !== undefined && others.length === 0) return null;
      if (potMl !== undefined && context.bowl.potMl < potMl) return null;
      const { steps } = context.recipe;
      if (denied && denied(steps).length > 0) return null;
      const stepIds: string[] = [];
      if (done) {
        stepIds.push(...done(steps));
        if (stepIds.length === 0) return null;
      }
      if (said) {
        const ids = said(steps);
        if (ids.length === 0) return null;
        stepIds.push(...ids.filter((id) => !stepIds.includes(id)));
      }
      let what: string | undefined;
      if (over) {
        const value = context.perBowl(over[0]);
        if (value < over[1]) return null;
        what = String(Math.round(value));
      }
      return { lineIds: [...lineIds, ...others], ...(stepIds.length > 0 ? { stepIds } : {}), ...(what === undefined ? {} : { what }) };
    },
  };
}

/** Every rule: those of the data, and those that look at more than lines, steps and figures. */
export const ALL_RULES: readonly NoteRule[] = [...NOTE_RULES, ...CAUTIONS.map(ruleOf)];

/** Places in ALL_RULES of the rules that can be told of any soup, and of those that need lines of a condition. */
const OF_ANY_SOUP = ALL_RULES.flatMap(({ needs }, at) => (needs === undefined ? [at] : []));
const BY_CONDITION = new Map<number, number[]>();
ALL_RULES.forEach(({ needs }, at) => {
  if (needs !== undefined) BY_CONDITION.set(needs, [...(BY_CONDITION.get(needs) ?? []), at]);
});

/** Few rules have their foods in the pot: the others are not asked. In the order of ALL_RULES. */
function rulesOf(met: ReadonlyMap<number, string[]>): number[] {
  const places = [...OF_ANY_SOUP];
  for (const condition of met.keys()) places.push(...(BY_CONDITION.get(condition) ?? []));
  return places.sort((a, b) => a - b);
}

const NO_DAYS = 'no number of days is set here, and 2 to 3 are common';

type Words = Readonly<Record<string, string | number>>;

/** What messages leave open, as each regime fills it. */
const WORDS_OF = Object.fromEntries(
  Object.values(REGIMES).map((regime) => {
    const { hotHoldC, coldHoldC, core, keptDays } = regime.keeping;
    const cooling = coolingWords(regime);
    const words: Words = {
      hot: hotHoldC,
      cold: coldHoldC,
      reheat: reheatWords(regime),
      cooling: cooling ? `goes ${cooling}` : 'cools as fast as the national code says',
      days: keptDays ?? NO_DAYS,
      ...core,
    };
    return [regime.id, words];
  }),
) as Readonly<Record<RegimeId, Words>>;

const OWN = '{what}';

/** The messages of all rules with the figures of a regime; a message's own figure is still open. */
const MESSAGES_OF: ReadonlyMap<RegimeId, ReadonlyMap<string, string>> = new Map(
  (Object.keys(WORDS_OF) as RegimeId[]).map((id) => [
    id,
    new Map(ALL_RULES.map(({ message }) => [message, message.replace(/\{(\w+)\}/g, (hole, name: string) => String(WORDS_OF[id][name] ?? hole))])),
  ]),
);

/** A message with its figures: its own, and those of the regime. */
function filled(message: string, what: string, id: RegimeId): string {
  const said = MESSAGES_OF.get(id)?.get(message) ?? message;
  return said.includes(OWN) ? said.replaceAll(OWN, () => what) : said;
}

/** The notes of a soup, dangers first. */
export function notesFor(context: NoteContext): Note[] {
  const order = { danger: 0, caution: 1, tip: 2 } as const;
  const met = linesByTest(context.lines, context.bowl.servings);
  const notes: Note[] = [];
  for (const at of rulesOf(met)) {
    const rule = ALL_RULES[at] as NoteRule;
    const found = rule.when(context, met);
    if (!found) continue;
    notes.push({
      code: rule.code,
      severity: rule.severity,
      message: filled(rule.message, found.what ?? '', context.regime),
      ...(found.what === undefined ? {} : { params: { what: found.what } }),
      lineIds: found.lineIds ?? [],
      ...(found.stepIds ? { stepIds: found.stepIds } : {}),
      source: rule.source,
    });
  }
  return notes.sort((a, b) => order[a.severity] - order[b.severity]);
}
