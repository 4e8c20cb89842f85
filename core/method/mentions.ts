/** The steps with where each speaks of its lines, and what share of a line the words put in. */
import type { Shelf } from '../food/shelf.ts';
import type { Line, Mention, Step } from '../vocabulary/recipe.ts';
import { mentionsOf, type Spoken, spokenOf } from './mention.ts';

/** 'Half the stock', 'the remaining cream': the rest is what earlier words left. Half-and-half is a cream. */
const HALF = /^(?:the )?(?:other )?(?:half|1\/2|½)(?![\p{L}\d])(?![- ](?:and|&)[- ]half)/iu;
const REST = /\b(?:rest|remaining|remainder)\b/i;

export function withMentions(steps: readonly Step[], lines: readonly Line[], shelf: Shelf): Step[] {
  const spoken = new Map<string, Spoken>();
  const wordsFor = (line: Line): Spoken => {
    const known = spoken.get(line.id) ?? spokenOf(line, shelf);
    spoken.set(line.id, known);
    return known;
  };
  const byId = new Map(lines.map((line) => [line.id, line]));
  const entered = new Map<string, number>();
  return steps.map((step) => {
    const own = (step.uses ?? []).flatMap((id) => byId.get(id) ?? []);
    const mentions = own
      .flatMap((line): Mention[] => {
        const others = own.filter((one) => one !== line).map(wordsFor);
        return mentionsOf(step.text, wordsFor(line), others).map(({ from, to }) => {
          const said = step.text.slice(from, to);
          const before = entered.get(line.id) ?? 0;
          const share = HALF.test(said) ? 0.5 : REST.test(said) && before > 0 && before < 1 ? 1 - before : undefined;
          if (share !== undefined) entered.set(line.id, before + share);
          return { from, to, lineId: line.id, ...(share === undefined ? {} : { share }) };
        });
      })
      .sort((a, b) => a.from - b.from);
    const { mentions: _, ...rest } = step;
    return mentions.length > 0 ? { ...rest, mentions } : rest;
  });
}
