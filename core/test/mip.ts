/** The model handed whole to HiGHS as a mixed-integer programme: a second opinion on the search, and its yardstick for speed. */
import loadHighs from 'highs';
import type { Model } from '../swap/model.ts';

const highs = await loadHighs({});

const num = (x: number) => (Math.abs(x) < 1e-12 ? '0' : x.toFixed(10));
const term = (x: number, name: string) => `${x < 0 ? '-' : '+'} ${num(Math.abs(x))} ${name}`;

/** The programme in the LP format of HiGHS. A slot's options are binaries; the amounts of an option are nothing unless it is chosen. */
export function programmeOf({ slots, terms, rows, base, original }: Model): string {
  const dot = (coefficients: Float64Array, traits: Float64Array) => coefficients.reduce((sum, c, t) => sum + c * (traits[t] as number), 0);
  /** A linear function of the traits over all variables. */
  const linear = (of: (traits: Float64Array) => number, sign = 1) =>
    slots
      .flatMap(({ options }, s) =>
        options.flatMap(({ fixed, parts }, o) => [
          term(sign * of(fixed), `y${s}_${o}`),
          ...parts.map(({ perGram }, p) => term(sign * of(perGram), `x${s}_${o}_${p}`)),
        ]),
      )
      .join(' ');
  const objective: string[] = [];
  const constraints: string[] = [];
  const binaries: string[] = [];
  rows.forEach(({ coefficients, bound }) => {
    constraints.push(`${linear((traits) => dot(coefficients, traits))} <= ${num(bound - dot(coefficients, base))}`);
  });
  terms.forEach(({ at, weight, side }, i) => {
    objective.push(`t${i}`);
    const off = weight * ((original[at] as number) - (base[at] as number));
    for (const sign of side === 'more' ? [1] : side === 'less' ? [-1] : [1, -1])
      constraints.push(`${linear((traits) => weight * (traits[at] as number), sign)} - t${i} <= ${num(sign * off)}`);
  });
  slots.forEach(({ options }, s) => {
    constraints.push(`${options.map((_, o) => `y${s}_${o}`).join(' + ')} = 1`);
    options.forEach(({ parts, cost }, o) => {
      const chosen = `y${s}_${o}`;
      binaries.push(chosen);
      objective.push(`${num(cost)} ${chosen}`);
      parts.forEach(({ least, most, usual, pull }, p) => {
        const grams = `x${s}_${o}_${p}`;
        constraints.push(`${grams} ${term(-most, chosen)} <= 0`, `${grams} ${term(-least, chosen)} >= 0`);
        if (usual === null) return;
        objective.push(`u${s}_${o}_${p}`);
        for (const sign of [1, -1]) constraints.push(`${term(sign * pull, grams)} ${term(-sign * pull * usual, chosen)} - u${s}_${o}_${p} <= 0`);
      });
    });
  });
  return `Minimize\n obj: ${objective.join(' + ')}\nSubject To\n${constraints.map((line, i) => ` c${i}: ${line}`).join('\n')}\nBinary\n ${binaries.join('\n ')}\nEnd`;
}

/** What HiGHS comes to, at most `seconds` of its own. */
export const bestByHighs = (model: Model, seconds: number) =>
  highs.solve(programmeOf(model), { mip_rel_gap: 1e-9, mip_abs_gap: 1e-9, time_limit: seconds });

/** The least objective by HiGHS; null when nothing keeps the rows. */
export function leastByHighs(model: Model): number | null {
  const solution = bestByHighs(model, 600);
  if (solution.Status === 'Optimal') return solution.ObjectiveValue;
  if (solution.Status === 'Infeasible') return null;
  throw new RangeError(`HiGHS says ${solution.Status}`);
}
