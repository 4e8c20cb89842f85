import type { NutrientFigure } from '../../../core/analysis/analysis.ts';
import type { Limit } from '../../../core/swap/needs.ts';
import type { NeedVerdict } from '../../../core/swap/verdict.ts';
import { NUTRIENT_LABELS, type Nutrient } from '../../../core/vocabulary/nutrient.ts';
import { figure, withUnit } from '../../kitchen/format.ts';
import { State, type Tone } from '../../ui/state.tsx';

const WIDTH = 300;
const HEIGHT = 20;
const TONE: Record<NeedVerdict['state'], Tone> = { meets: 'meets', likely: 'likely', cannotTell: 'check', breaks: 'breaks' };

interface Props {
  nutrient: Nutrient;
  original: NutrientFigure;
  now: NutrientFigure;
  limit?: Limit | undefined;
  verdict?: NeedVerdict | undefined;
}

const chanceWords = (chance: number): string => (chance > 0.99 ? 'over 99 %' : chance < 0.01 ? 'under 1 %' : `${Math.round(chance * 100)} %`);
const STATE_WORDS: Record<NeedVerdict['state'], string> = { meets: 'meets', likely: 'likely meets', cannotTell: 'cannot tell', breaks: 'breaks' };

/** A bar from the original to now; the limit is a notch, the interval a shadow. Words say the same. */
export function LimitRail({ nutrient, original, now, limit, verdict }: Props) {
  const bounds = [limit?.max, limit?.min].filter((bound) => bound !== undefined);
  const most = Math.max(original.value, now.high, ...bounds, 1e-6) * 1.08;
  // Whole units: what moves by less cannot be seen, and is not painted again.
  const x = (value: number) => Math.round(2 + (Math.min(value, most) / most) * (WIDTH - 4));
  const changed = figure(now.value) !== figure(original.value) && Math.abs(now.value - original.value) > original.value * 0.01;
  const words = [limit?.min === undefined ? '' : `from ${figure(limit.min)}`, limit?.max === undefined ? '' : `to ${figure(limit.max)}`]
    .filter(Boolean)
    .join(' ');
  return (
    <div className="py-0.5">
      <div className="flex items-baseline gap-1.5">
        <span className="min-w-0 flex-1 truncate">
          {NUTRIENT_LABELS[nutrient]}
          {limit?.per === '100g' && ' per 100 g'}
        </span>
        <span className="whitespace-nowrap">
          {changed && (
            <span className="text-kale-soft">
              {figure(original.value)} <span aria-hidden>›</span>
              <span className="sr-only">to</span>{' '}
            </span>
          )}
          <strong className={changed ? 'text-squash' : ''}>
            {now.atLeast && 'at least '}
            {withUnit(nutrient, now.value)}
          </strong>
        </span>
      </div>
      <div className="flex items-center gap-2">
        <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="h-4 min-w-0 flex-1" aria-hidden>
          <line x1={2} x2={WIDTH - 2} y1={10} y2={10} className="stroke-line" strokeWidth={2} />
          <rect x={x(now.low)} width={Math.max(1, x(now.high) - x(now.low))} y={3.5} height={13} rx={3} className="fill-kale/15" />
          <rect
            x={Math.min(x(original.value), x(now.value))}
            width={Math.max(0.5, Math.abs(x(now.value) - x(original.value)))}
            y={8}
            height={4}
            className="fill-squash/60"
          />
          <circle cx={x(original.value)} cy={10} r={3} className="fill-card stroke-kale-soft" strokeWidth={1.5} />
          <circle cx={x(now.value)} cy={10} r={4.2} className="fill-squash" />
          {limit?.max !== undefined && (
            <path d={`M${x(limit.max)} 1 v18 m0 -18 l-4 0 m4 18 l-4 0`} className="fill-none stroke-kale" strokeWidth={2} />
          )}
          {limit?.min !== undefined && (
            <path d={`M${x(limit.min)} 1 v18 m0 -18 l4 0 m-4 18 l4 0`} className="fill-none stroke-kale" strokeWidth={2} />
          )}
        </svg>
        <span className="shrink-0 text-[13px] text-kale-soft">
          {figure(now.low)} to {figure(now.high)}
        </span>
      </div>
      {now.cautious && (limit || now.cautious.high > 2 * now.cautious.low) && (
        <p className="text-sm text-kale-soft">
          two tables: {figure(now.cautious.low)} or {figure(now.cautious.high)}
          {limit && ', the worse one decides'}
        </p>
      )}
      {limit && (
        <div className="flex items-baseline justify-between gap-2 text-sm">
          <span className="text-kale-soft">limit {words}</span>
          {verdict && (
            <State tone={TONE[verdict.state]}>
              {STATE_WORDS[verdict.state]}
              {verdict.chance !== undefined && verdict.state !== 'meets' && `, chance ${chanceWords(verdict.chance)}`}
            </State>
          )}
        </div>
      )}
    </div>
  );
}
