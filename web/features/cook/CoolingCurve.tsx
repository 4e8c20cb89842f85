import type { JudgedStage } from '../../../core/plan/coolingLog.ts';
import type { Point } from '../../../core/plan/slab.ts';
import { figure } from '../../kitchen/format.ts';

const WIDTH = 640;
const HEIGHT = 200;
const LEFT = 34;
const FLOOR = HEIGHT - 22;
const HOT_C = 70;
const EVERY_H = 60;

interface Props {
  readings: readonly Point[];
  predicted: readonly Point[];
  stages: readonly JudgedStage[];
}

/** Readings as dots joined by lines, the estimate dashed, the corners that the rule sets as flags. Readable without colour. */
export function CoolingCurve({ readings, predicted, stages }: Props) {
  const clock = readings.find(({ celsius }) => stages[0] !== undefined && celsius <= stages[0].from)?.minutes ?? 0;
  let before = clock;
  const corners = stages.map(({ from, to, withinMin }) => {
    const by = (from === stages[0]?.from ? clock : before) + withinMin;
    before = by;
    return { by, to };
  });
  const farthest = Math.max(
    360,
    ...corners.map(({ by }) => by),
    ...readings.map(({ minutes }) => minutes),
    ...predicted.map(({ minutes }) => minutes),
  );
  // Room for the words of the last corner.
  const end = Math.min(800, farthest * 1.14);
  const x = (minutes: number) => LEFT + ((WIDTH - LEFT - 6) * minutes) / end;
  const y = (celsius: number) => FLOOR - ((FLOOR - 8) * Math.min(HOT_C, Math.max(0, celsius))) / HOT_C;
  const path = (points: readonly Point[]) =>
    points
      .filter(({ minutes }) => minutes <= end)
      .map(({ minutes, celsius }, at) => `${at === 0 ? 'M' : 'L'}${x(minutes).toFixed(1)} ${y(celsius).toFixed(1)}`)
      .join(' ');
  const last = readings.at(-1);
  const comes = predicted.at(-1);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full max-w-3xl"
      role="img"
      aria-label={`Cooling: ${last ? `${readings.length} readings, the last ${figure(last.celsius)} °C after ${figure(last.minutes)} minutes` : 'no reading yet'}${comes ? `; by the estimate ${figure(comes.celsius)} °C after ${figure(comes.minutes)} minutes` : ''}`}
    >
      {[0, 20, 40, 60].map((celsius) => (
        <g key={celsius}>
          <line x1={LEFT} x2={WIDTH} y1={y(celsius)} y2={y(celsius)} className="stroke-line" strokeWidth={1} />
          <text x={LEFT - 6} y={y(celsius) + 4} textAnchor="end" className="fill-kale text-[12px]">
            {celsius}
          </text>
        </g>
      ))}
      {Array.from({ length: Math.floor(end / EVERY_H) + 1 }, (_, hour) => (
        <text key={`h${hour.toString()}`} x={x(hour * EVERY_H)} y={HEIGHT - 6} textAnchor="middle" className="fill-kale text-[12px]">
          {hour} h
        </text>
      ))}
      {corners.map(({ by, to }) => (
        <g key={`${by} ${to}`}>
          <path d={`M${x(by)} ${y(HOT_C)} V${y(to)} H${x(by) + 40}`} className="fill-none stroke-beet" strokeWidth={1.5} />
          <text x={x(by) + 4} y={y(to) - 4} className="fill-beet text-[12px]">
            {to} °C by here
          </text>
        </g>
      ))}
      <path d={path(predicted)} className="fill-none stroke-kale-soft" strokeWidth={2} strokeDasharray="6 5" />
      <path d={path(readings)} className="fill-none stroke-kale" strokeWidth={2.5} />
      {readings
        .filter(({ minutes }) => minutes <= end)
        .map(({ minutes, celsius }) => (
          <circle key={`${minutes} ${celsius}`} cx={x(minutes)} cy={y(celsius)} r={4} className="fill-kale" />
        ))}
    </svg>
  );
}
