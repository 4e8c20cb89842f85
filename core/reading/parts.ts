/**
 * Divided lines: '3 tablespoons oil, divided' with 'rub with 1 tablespoon of the oil' and 'heat the remaining oil' becomes
 * the line and its parts, each at its own stage. The parts add up to the line; the line itself counts nowhere.
 */
import type { Shelf } from '../food/shelf.ts';
import type { System } from '../quantity/units.ts';
import type { Grams, Line, Stage } from '../vocabulary/recipe.ts';
import { weigh } from './grams.ts';
import { readLine } from './line.ts';
import { tokensOf } from './match.ts';
import type { Mention, ReadSteps } from './steps.ts';

const REST = /\b(?:remaining|rest of|left|reserved|leftover|other half|second half)\b/i;
/** Shares of a line as steps say them; 'most of' is some four fifths (common practice, no source). */
const SHARES: readonly (readonly [said: RegExp, share: number])[] = [
  [/\b(?:three[- ]quarters?|3\/4|¾) (?:of )?(?:the|of|your)\b/i, 0.75],
  [/\b(?:two[- ]thirds?|2\/3|⅔) (?:of )?(?:the|of|your)\b/i, 2 / 3],
  [/(?:\bhalf|(?<![\d/])1\/2|½) (?:of )?(?:the|of|your)\b/i, 0.5],
  [/\b(?:(?:a|one)[- ]third|1\/3|⅓) of (?:the|your)\b/i, 1 / 3],
  [/\b(?:(?:a|one)[- ]quarter|1\/4|¼) of (?:the|your)\b/i, 0.25],
  [/\bmost of (?:the|your)\b/i, 0.8],
];
/** Put by for later, and what was put by. */
const KEEPS = /\b(?:reserv(?:e|ing)|set(?:ting)? aside|keep(?:ing)?(?: back)?|hold(?:ing)? back|sav(?:e|ing)|put by)\b/i;
const KEPT = /\b(?:reserved|kept(?: back)?|set[- ]aside|saved|held back|put by)\b/i;
const AMOUNT_AT = /(?:\d+\s+\d\/\d|\d+\/\d|\d*\s?[½¼¾⅓⅔]|\d+(?:\.\d+)?|\b(?:one|two|three|four|half an?|a)\b)\s*(?=\p{L})/giu;

const ALL_BUT = /\ball but\b|\ball except\b/i;

const MOST_MENTIONS = 8;

interface Piece {
  stage: Stage;
  stepIndex: number;
  grams: number | 'rest';
  text: string;
}

/** Grams a clause gives of a line: '1 tablespoon of the oil'. */
export function amountInClause(clause: string, line: Line, heads: ReadonlySet<string>, shelf: Shelf, system: System): number | null {
  const food = line.foodId ? shelf.food(line.foodId) : undefined;
  if (!food) return null;
  for (const found of clause.matchAll(AMOUNT_AT)) {
    const words = clause
      .slice(found.index)
      .split(/\s+/)
      .slice(0, 7)
      .join(' ')
      .replace(/\bof (?:the|your)\b/i, 'of');
    const { amount, food: named } = readLine(words);
    if (!amount.range || !amount.unit) continue;
    if (
      // '3 tablespoons of oil and the balsamic' measures the oil alone.
      !tokensOf(named.split(/\b(?:and|with|plus|in|into)\b|[,&+]/i)[0] ?? '')
        .slice(0, 4)
        .some((token) => heads.has(token))
    )
      continue;
    const weighed = weigh(amount, food, system, named);
    if (weighed) return weighed.grams.best;
  }
  return null;
}

/** The lines with parts put behind those that the steps divide. `list.step` is a total that the steps do not keep to. */
export function divide(
  lines: readonly Line[],
  { mentions, heads, steps }: ReadSteps,
  shelf: Shelf,
  system: System,
): { lines: Line[]; unequal: { line: Line; listed: number; used: number }[] } {
  const unequal: { line: Line; listed: number; used: number }[] = [];
  const out: Line[] = [];
  const byLine = new Map<string, Mention[]>();
  for (const mention of mentions) {
    const own = byLine.get(mention.lineId);
    if (own) own.push(mention);
    else byLine.set(mention.lineId, [mention]);
  }
  const twice = new Set(lines.map(({ foodId }) => foodId).filter((foodId, at, all) => foodId !== null && all.indexOf(foodId) !== at));
  for (const line of lines) {
    out.push(line);
    // Of two lines of one food no one can say which a step means.
    if (twice.has(line.foodId)) continue;
    const own = byLine.get(line.id) ?? [];
    // Steps that speak of a line this often speak of many lines by one word.
    if (own.length > MOST_MENTIONS) continue;
    const total = line.grams?.best ?? 0;
    if (own.length === 0 || total === 0 || line.choiceOf) continue;
    const pieces = piecesOf(own, line, heads.get(line.id) ?? new Set(), shelf, system);
    const given = pieces.reduce((sum, { grams }) => sum + (grams === 'rest' ? 0 : grams), 0);
    const open = pieces.some(({ grams }) => grams === 'rest');
    if (pieces.length > 0 && !open && Math.abs(given - total) > 0.1 * total && (given > total || pieces.length > 1))
      unequal.push({ line, listed: total, used: given });
    if (pieces.length < 2 || given > total * 1.005 || (!open && Math.abs(given - total) > 0.005 * total)) continue;
    if (new Set(pieces.map(({ stage }) => stage)).size < 2) continue;
    const rest = total - given;
    const rests = pieces.filter(({ grams }) => grams === 'rest').length;
    const parts = pieces.map((piece, index): Line => {
      const grams = piece.grams === 'rest' ? rest / rests : piece.grams;
      return {
        id: `${line.id}p${index + 1}`,
        stage: piece.stage,
        text: piece.text,
        foodId: line.foodId,
        grams: scaled(line.grams as Grams, grams / total),
        partOf: line.id,
      };
    });
    out.push(...parts);
    for (const [index, piece] of pieces.entries()) {
      const uses = steps[piece.stepIndex]?.uses;
      const at = uses?.indexOf(line.id) ?? -1;
      const { id } = parts[index] as Line;
      // Two parts may go in at one step.
      if (uses && at >= 0) uses[at] = id;
      else uses?.push(id);
    }
  }
  return { lines: out, unequal };
}

const scaled = (grams: Grams, by: number): Grams => {
  const round = (value: number) => Number((value * by).toPrecision(6));
  return { best: round(grams.best), low: round(grams.low), high: round(grams.high) };
};

/** Of a clause that speaks of several things, the words about this one: 'the rest of the cream and two thirds of the cheese'. */
function aboutIt(clause: string, heads: ReadonlySet<string>): string {
  const own = clause.split(/\s*,\s*|\s+(?:and|plus)\s+(?=\S)/i).filter((part) => tokensOf(part).some((token) => heads.has(token)));
  return own.length > 0 ? own.join(' and ') : clause;
}

function piecesOf(mentions: readonly Mention[], line: Line, heads: ReadonlySet<string>, shelf: Shelf, system: System): Piece[] {
  const total = line.grams?.best ?? 0;
  const name = shelf.food(line.foodId ?? '')?.name ?? line.text;
  const pieces: Piece[] = [];
  let kept: Piece | null = null;
  for (const { stage, stepIndex, clause } of mentions) {
    const words = aboutIt(clause, heads);
    const share = SHARES.find(([said]) => said.test(words))?.[1];
    const given = amountInClause(words, line, heads, shelf, system) ?? (share === undefined ? null : total * share);
    // 'All but three tablespoons of the cream' is the rest of it.
    const grams = given !== null && ALL_BUT.test(words) && given < total ? total - given : given;
    if (kept && KEPT.test(words) && !KEEPS.test(words)) {
      // 'Top with the reserved cream': what was put by goes in here.
      Object.assign(kept, { stage, stepIndex });
      kept = null;
    } else if (grams !== null) {
      const piece: Piece = { stage, stepIndex, grams, text: `${name}, part: ${clause}`.slice(0, 120) };
      if (KEEPS.test(clause)) kept = piece;
      pieces.push(piece);
    } else if (REST.test(words)) pieces.push({ stage, stepIndex, grams: 'rest', text: `${name}, the rest` });
  }
  // 'Half the cream ... half the cream' is all of it; one mention alone divides nothing.
  return pieces.length > 1 || pieces.every(({ grams }) => grams !== 'rest') ? pieces : [];
}
