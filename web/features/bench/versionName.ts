/** What a version is called when it is kept: the need's own name only where it is met, so that 'no milk' never holds milk. */

import type { NeedRef } from '../../../core/swap/needs.ts';
import { tallyOf } from '../../../core/swap/tally.ts';
import type { NeedVerdict } from '../../../core/swap/verdict.ts';
import { needLabel } from '../../kitchen/format.ts';
import { type BenchView, lineName } from './view.ts';

type Named = Pick<BenchView, 'verdicts' | 'needs' | 'recipe' | 'original' | 'analysis' | 'core'>;

const MOST_NAMED = 3;
const bad = { broken: ['contains', 'breaks'], toCheck: ['check', 'mayContain'] } as const;

/** The lines that decide a need of allergens or diets in one way; none for a figure, which is of the whole pot. */
function linesOf({ need }: NeedVerdict, how: keyof typeof bad, view: Named): string[] {
  const verdict = [...view.analysis.allergens, ...view.analysis.diets].find(({ id }) => id === need.id);
  const ids = (verdict?.because ?? []).filter(({ state }) => (bad[how] as readonly string[]).includes(state)).map(({ lineId }) => lineId);
  const names = view.recipe.lines.filter(({ id }) => ids.includes(id)).map((line) => lineName(view.core)(line).split(',')[0]?.toLowerCase() ?? '');
  return [...new Set(names)];
}

/** 'no milk: double cream'; just the need where no line decides it. */
function told(verdict: NeedVerdict, how: keyof typeof bad, view: Named): string {
  const label = needLabel(verdict.need as NeedRef, view.needs, view);
  const lines = linesOf(verdict, how, view);
  return lines.length > 0 ? `${label} (${lines.join(', ')})` : label;
}

/** Needs that are not met, and needs that only a label can tell, each with the lines that decide it. */
export function openNeeds(view: Named): { broken: string[]; toCheck: string[] } {
  const of = (state: NeedVerdict['state'], how: keyof typeof bad) =>
    view.verdicts.filter((one) => one.state === state).map((one) => told(one, how, view));
  return { broken: of('breaks', 'broken'), toCheck: of('cannotTell', 'toCheck') };
}

export function suggestedName(view: Named): string {
  const { verdicts, needs } = view;
  if (verdicts.length === 0) return 'New version';
  const names = verdicts
    .slice(0, MOST_NAMED)
    .map(({ need }) => needLabel(need, needs, view))
    .join(', ');
  const { broken, toCheck } = tallyOf(verdicts);
  if (broken + toCheck === 0) return names;
  const first = verdicts.find(({ state }) => state === (broken > 0 ? 'breaks' : 'cannotTell')) as NeedVerdict;
  const lines = linesOf(first, broken > 0 ? 'broken' : 'toCheck', view).slice(0, 2);
  const parts = [broken > 0 ? `${broken} broken` : '', toCheck > 0 ? `${toCheck} to check` : ''].filter(Boolean).join(', ');
  return `for: ${names} (${parts}${lines.length > 0 ? `: ${lines.join(', ')}` : ''})`;
}
