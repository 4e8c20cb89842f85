/** Cooling, as it is asked: what the log says, how it will go on, what to do. The model warns; only readings pass. */
import { coolingWords, REGIMES, type RegimeId, reheatWords } from '../regime/regime.ts';
import { type JudgedStage, judgeLog, type Verdict } from './coolingLog.ts';
import { type Container, curve, minutesTo, type Point } from './slab.ts';

export interface CoolingRequest {
  regime: RegimeId;
  readings: readonly Point[];
  container?: Container | undefined;
  /** What it was made at, C, where the log does not begin with it. */
  from?: number | undefined;
}

export interface CoolingReply {
  verdict: Verdict;
  stages: JudgedStage[];
  /** From the last reading on, in this container. */
  predicted?: Point[];
  advice: string[];
  source: string;
}

/** A stage that the estimate brings in with less to spare than this share of its time is called close. */
const CLOSE = 0.85;
const minutes = (value: number): string => (value >= 120 ? `${Number((value / 60).toFixed(1))} h` : `${Math.round(value)} min`);

export function coolingOf({ regime, readings, container, from }: CoolingRequest): CoolingReply {
  const rules = REGIMES[regime];
  const { keeping } = rules;
  const judged = judgeLog(readings, keeping, from);
  const advice = [...judged.remarks];
  if (keeping.cooling.length === 0) advice.push('This regime has no minutes of its own for cooling: your national code decides.');
  if (judged.verdict === 'fails')
    advice.push(
      `Too slow: heat it through to ${reheatWords(rules)} at once and cool it again faster, if your local code allows that and it can still be done in time; else throw it away.`,
    );
  if (judged.verdict === 'open' && keeping.cooling.length > 0 && readings.length > 0 && !judged.stages.some(({ verdict }) => verdict === 'passes'))
    advice.push(`Go on reading: ${coolingWords(rules)}.`);
  const last = [...readings].sort((a, b) => a.minutes - b.minutes).at(-1) ?? (from === undefined ? undefined : { minutes: 0, celsius: from });
  if (!container || !last) return { verdict: judged.verdict, stages: judged.stages, advice, source: keeping.source };
  const before = judged.clock === null ? 0 : Math.max(0, last.minutes - judged.clock);
  const predicted = curve(container, last.celsius, keeping.coldHoldC, last.minutes, before);
  if (judged.verdict === 'open') advice.push(...warnings(judged.stages, container, last, judged.clock, before));
  return { verdict: judged.verdict, stages: judged.stages, predicted, advice, source: keeping.source };
}

/** What the estimate says of the stages that are still open. */
function warnings(stages: readonly JudgedStage[], container: Container, last: Point, clock: number | null, before: number): string[] {
  const [first] = stages;
  if (!first) return [];
  // Above the hot limit the clock starts when it falls through.
  const toHot = last.celsius > first.from ? (minutesTo(container, last.celsius, first.from, before) ?? 0) : 0;
  const start = clock ?? last.minutes + toHot;
  let began = start;
  const said: string[] = [];
  for (const { from, to, withinMin, tookMin, verdict } of stages) {
    const counts = from === first.from ? start : began;
    const left = minutesTo(container, last.celsius, to, before);
    began = tookMin === null ? last.minutes + (left ?? Number.POSITIVE_INFINITY) : counts + tookMin;
    if (verdict !== 'open') continue;
    const will = began - counts;
    if (will > withinMin)
      said.push(
        left === null
          ? `In this air it never gets to ${to} C: use ice, or colder air.`
          : `By the estimate it takes ${minutes(will)} from ${from} to ${to} C, and ${minutes(withinMin)} are allowed: ${faster(container)}.`,
      );
    else if (will > withinMin * CLOSE)
      said.push(`By the estimate it takes ${minutes(will)} of ${minutes(withinMin)} from ${from} to ${to} C: close. Better ${faster(container)}.`);
  }
  return said.slice(0, 1);
}

/** What makes this one cool faster, the easiest first. */
function faster({ depthCm, covered, air }: Container): string {
  return [
    ...(covered ? ['leave the lid off until it is cold'] : []),
    ...(depthCm > 3 ? ['divide it into shallow trays, 3 cm deep or less'] : []),
    ...(air === 'still' ? ['put it in moving air'] : []),
    ...(air === 'iceBath' ? [] : ['stir it in an ice bath, or hold back part of the water and add it as ice']),
  ].join('; ');
}
