/**
 * What a log of measured temperatures says by a regime's rule of cooling. Only readings pass, and a doubt is no pass. Between two
 * readings a straight line is drawn. The clock starts at the last fall through the hot limit, or at the start for food made cold.
 */
import type { CoolingStage, Keeping } from '../regime/types.ts';
import type { Point } from './slab.ts';

export type Verdict = 'passes' | 'fails' | 'open';

export interface JudgedStage {
  /** C. */
  from: number;
  to: number;
  withinMin: number;
  /** Null while it is not over, or where its start was not seen. */
  tookMin: number | null;
  verdict: Verdict;
}

export interface Judged {
  verdict: Verdict;
  stages: JudgedStage[];
  /** What the cook has to know of the log itself. */
  remarks: string[];
  /** When the clock started, minutes of the log; null where it has not, or nobody saw it. */
  clock: number | null;
}

/** A reading lower than both beside it by so much, C, is a probe out of the soup. */
const SPIKE_C = 8;
/** A last reading that fell so fast, C a minute and in all, has to be read again. */
const TOO_FAST = 3;
const TOO_FAR = 15;
/** Warmer than this and below the hot limit, food was not made cold from what stood at room temperature. */
const ROOM_C = 30;
/** After it was cold, warm again by so much is told. */
const WARM_AGAIN_C = 3;

/** Readings by time, those that no soup can show left out and told. */
function credible(readings: readonly Point[], hot: number): { log: Point[]; remarks: string[] } {
  const sorted = [...readings].sort((a, b) => a.minutes - b.minutes);
  const remarks: string[] = [];
  const log = sorted.filter(({ minutes, celsius }, at) => {
    const before = sorted[at - 1];
    const after = sorted[at + 1];
    if (!before) return true;
    const fell = before.celsius - celsius;
    const isFast = fell > TOO_FAR && fell > TOO_FAST * (minutes - before.minutes);
    // Cold between two warm ones, and nobody heated it through the hot limit: the probe was in the air.
    const isDip = after !== undefined && celsius + SPIKE_C < Math.min(before.celsius, after.celsius);
    const isSpike = isDip && (isFast || (after.celsius < hot && after.celsius <= before.celsius + WARM_AGAIN_C));
    if (isSpike) remarks.push(`${words(celsius)} at ${words(minutes)} min looks like a probe out of the soup: it is not counted.`);
    else if (!after && isFast) remarks.push(`${words(celsius)} at ${words(minutes)} min fell faster than soup can: read it again.`);
    return !isSpike && (after !== undefined || !isFast);
  });
  return { log, remarks };
}

const words = (value: number): string => String(Number(value.toFixed(1)));

/** When the line between two readings goes through a temperature. */
const between = (a: Point, b: Point, celsius: number): number =>
  a.celsius === b.celsius ? b.minutes : a.minutes + ((a.celsius - celsius) / (a.celsius - b.celsius)) * (b.minutes - a.minutes);

/** The first fall to a temperature; null where there is none. */
function firstFall(log: readonly Point[], to: number): number | null {
  const at = log.findIndex(({ celsius }) => celsius <= to);
  if (at < 0) return null;
  const before = log[at - 1];
  return before ? between(before, log[at] as Point, to) : (log[at] as Point).minutes;
}

/** The fall to a temperature after which it stays there; null where it has not. */
function lastFall(log: readonly Point[], to: number): number | null {
  const above = log.findLastIndex(({ celsius }) => celsius > to);
  if (above === log.length - 1) return null;
  return above < 0 ? (log[0]?.minutes ?? null) : between(log[above] as Point, log[above + 1] as Point, to);
}

/** One cooling: from a fall through the hot limit to where it is heated again, or to the end of the log. */
interface Cooling {
  /** Minutes when it fell through the hot limit; null where nobody saw it. */
  start: number | null;
  /** Its readings, from the last one before the start. */
  log: Point[];
  /** How hot it was made after it; null at the end of the log. */
  reheatedTo: number | null;
}

function coolings(log: readonly Point[], hot: number): Cooling[] {
  const found: Cooling[] = [];
  let from = 0;
  while (from < log.length) {
    const first = log.findIndex(({ celsius }, at) => at >= from && celsius < hot);
    if (first < 0) {
      // Every reading is hot; one of exactly the limit is where the clock stands ready.
      const last = log.at(-1) as Point;
      if (from === 0 || last.celsius === hot) found.push({ start: last.celsius === hot ? last.minutes : null, log: [last], reheatedTo: null });
      break;
    }
    const next = log.findIndex(({ celsius }, at) => at > first && celsius >= hot);
    const before = log[first - 1];
    const end = next < 0 ? log.length : next;
    const start = before ? between(before, log[first] as Point, hot) : null;
    const cold = log.findIndex(({ celsius }, at) => at >= (next < 0 ? log.length : next) && celsius < hot);
    const hotSpell = next < 0 ? [] : log.slice(next, cold < 0 ? log.length : cold);
    found.push({
      start,
      log: [...(before ? [before] : []), ...log.slice(first, end)],
      reheatedTo: next < 0 ? null : Math.max(...hotSpell.map(({ celsius }) => celsius)),
    });
    if (next < 0) break;
    from = next;
  }
  return found;
}

/** The stages of one cooling. */
function stagesOf({ start, log }: Cooling, stages: readonly CoolingStage[]): JudgedStage[] {
  const coldest = stages.at(-1) as CoolingStage;
  const done = firstFall(log, coldest.toC);
  // What happens after it was cold is the fridge's, not the cooling's.
  const last = (log.at(-1) as Point).minutes;
  const window =
    done === null ? log : log.filter(({ minutes }, at) => minutes <= done || log[at - 1] === undefined || (log[at - 1] as Point).minutes < done);
  const hot = (stages[0] as CoolingStage).fromC;
  // Nobody saw it fall through the hot limit: it did so before the first reading, and every time is at least what is seen.
  const clock = start ?? (log[0] as Point).minutes;
  let before: number | null = clock;
  return stages.map(({ fromC, toC, withinMin }): JudgedStage => {
    const began = fromC === hot ? clock : before;
    const ended = began === null ? null : toC === coldest.toC ? done : lastFall(window, toC);
    before = ended;
    if (began === null) return { from: fromC, to: toC, withinMin, tookMin: null, verdict: 'open' };
    const late = (ended ?? last) - began > withinMin + EXACT;
    const verdict: Verdict = late ? 'fails' : ended === null || start === null ? 'open' : 'passes';
    return { from: fromC, to: toC, withinMin, tookMin: ended === null || start === null ? null : ended - began, verdict };
  });
}
/** Minutes that only arithmetic makes. */
const EXACT = 1e-6;

const worst = (verdicts: readonly Verdict[]): Verdict =>
  verdicts.includes('fails') ? 'fails' : verdicts.length > 0 && verdicts.every((one) => one === 'passes') ? 'passes' : 'open';

/** A single hot reading between two of food that was cooling: heated through for a moment, or the probe at the wall of the pot. */
const loneHot = (log: readonly Point[], hot: number): Point[] =>
  log.filter(
    ({ celsius }, at) =>
      celsius >= hot && at > 0 && at < log.length - 1 && (log[at - 1] as Point).celsius < hot && (log[at + 1] as Point).celsius < hot,
  );

/** `from`: the temperature it was made at, C, where the log does not begin with it. */
export function judgeLog(readings: readonly Point[], keeping: Keeping, from?: number): Judged {
  const judged = judgeAsRead(readings, keeping, from);
  const [first] = keeping.cooling;
  const sorted = [...readings].sort((a, b) => a.minutes - b.minutes);
  const lone = first ? loneHot(sorted, first.fromC) : [];
  if (judged.verdict !== 'passes' || lone.length === 0) return judged;
  // It passes only if that one reading is believed: then it has to be seen twice.
  const without = judgeAsRead(
    sorted.filter((point) => !lone.includes(point)),
    keeping,
    from,
  );
  if (without.verdict === 'passes') return judged;
  const at = lone.map(({ minutes, celsius }) => `${words(celsius)} at ${words(minutes)} min`).join(', ');
  return {
    ...judged,
    verdict: 'open',
    remarks: [
      ...judged.remarks,
      `Heated through, or the probe at the wall? One reading (${at}) does not tell, and without it the cooling was too slow.`,
    ],
  };
}

function judgeAsRead(readings: readonly Point[], { cooling: stages, coolingOfColdFood, reheat }: Keeping, from?: number): Judged {
  const [first] = stages;
  const { log, remarks } = credible(readings, first?.fromC ?? Number.POSITIVE_INFINITY);
  const asked = (stage: CoolingStage): JudgedStage => ({
    from: stage.fromC,
    to: stage.toC,
    withinMin: stage.withinMin,
    tookMin: null,
    verdict: 'open',
  });
  if (log.length === 0 || !first) return { verdict: 'open', stages: stages.map(asked), remarks, clock: null };
  if (from !== undefined && from <= ROOM_C && log.every(({ celsius }) => celsius <= ROOM_C)) return madeCold(log, from, coolingOfColdFood, remarks);
  const known = from !== undefined && from >= first.fromC && (log[0] as Point).minutes > 0 ? [{ minutes: 0, celsius: from }, ...log] : log;
  const all = coolings(known, first.fromC);
  const now = all.at(-1) as Cooling;
  const isHot = (known.at(-1) as Point).celsius > first.fromC;
  if (isHot) remarks.push(`It is above ${first.fromC} C: the clock has not started.`);
  const judged = isHot ? stages.map(asked) : stagesOf(now, stages);
  const verdicts = judged.map(({ verdict }) => verdict);
  if (!isHot && now.start === null && !verdicts.includes('fails'))
    remarks.push(`Nobody saw it fall through ${first.fromC} C: it cannot pass. Read it from there on.`);
  const whole = Math.max(...stages.map(({ withinMin, fromC }) => withinMin + (fromC === first.fromC ? 0 : first.withinMin)));
  for (const earlier of all.slice(0, isHot ? undefined : -1)) {
    const verdict = worst(stagesOf(earlier, stages).map((stage) => stage.verdict));
    if (verdict !== 'fails') continue;
    const last = (earlier.log.at(-1) as Point).minutes;
    const inTime = earlier.start !== null && last - earlier.start <= whole;
    if (inTime && (earlier.reheatedTo ?? 0) >= reheat.celsius)
      remarks.push('A first cooling was too slow and it was heated through again: this one is judged. Not a second time.');
    else {
      verdicts.push('fails');
      remarks.push('An earlier cooling was too slow, and what was heated after it came too late or not hot enough.');
    }
  }
  const end = (known.at(-1) as Point).celsius;
  const coldest = stages.at(-1)?.toC ?? 0;
  let verdict = worst(verdicts);
  if (verdict === 'passes' && end > coldest + WARM_AGAIN_C) {
    remarks.push(`It was cold and is at ${words(end)} C again: that is no longer cooling. Find out why.`);
    if (end > first.toC) verdict = 'open';
  }
  return { verdict, stages: judged, remarks, clock: isHot ? null : now.start };
}

/** Made cold from what stood at room temperature: one stage from the start, where the regime has one. */
function madeCold(log: readonly Point[], from: number, rule: Keeping['coolingOfColdFood'], remarks: string[]): Judged {
  if (!rule) {
    remarks.push('These rules name no time for food made cold: it cannot be judged here.');
    return { verdict: 'open', stages: [], remarks, clock: null };
  }
  const start = Math.min(0, (log[0] as Point).minutes);
  const end = firstFall(log, rule.toC);
  const last = (log.at(-1) as Point).minutes;
  const late = (end ?? last) - start > rule.withinMin + EXACT;
  const verdict: Verdict = late ? 'fails' : end === null ? 'open' : 'passes';
  return {
    verdict,
    stages: [{ from, to: rule.toC, withinMin: rule.withinMin, tookMin: end === null ? null : end - start, verdict }],
    remarks,
    clock: start,
  };
}
