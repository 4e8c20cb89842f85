import { memo } from 'react';
import type { Entries } from './potLayers.ts';

const WIDTH = 380;
const HEIGHT = 92;
const RIM = 14;
const LEFT = 46;
const RIGHT = WIDTH - 46;

/** A side view of the pot: a layer a stage, as high as its share of the volume; the closer the strokes, the more body. */
export const PotSection = memo(function PotSection({
  layers,
  body,
  word,
  toppings,
}: {
  layers: Entries;
  body: number;
  word: string;
  toppings: number;
}) {
  const total = layers.reduce((sum, { ml }) => sum + ml, 0) || 1;
  const depth = HEIGHT - RIM - 10;
  let top = HEIGHT - 8;
  const bands = layers.map(({ stage, label, ml, fill }) => {
    const height = (depth * ml) / total;
    top -= height;
    return { stage, label, ml, fill, y: top, height };
  });
  const strokes = Math.round(2 + body * 22);
  const surface = top;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full"
      role="img"
      aria-label={`The pot from the side: ${layers.map(({ label, ml }) => `${label} ${Math.round(ml)} ml`).join(', ')}; body ${word}${toppings > 0 ? `; ${toppings} in the bowl` : ''}`}
    >
      <clipPath id="pot-inside">
        <path d={`M${LEFT} ${RIM} H${RIGHT} V${HEIGHT - 20} q0 12 -12 12 H${LEFT + 12} q-12 0 -12 -12 Z`} />
      </clipPath>
      <g clipPath="url(#pot-inside)">
        <rect x={LEFT} y={RIM} width={RIGHT - LEFT} height={HEIGHT} className="fill-card" />
        {bands.map(({ stage, y, height, fill }) => (
          <rect key={stage} x={LEFT} y={y} width={RIGHT - LEFT} height={height + 0.5} className={fill} />
        ))}
        {Array.from({ length: strokes }, (_, index) => {
          const x = LEFT + ((index + 0.5) * (RIGHT - LEFT)) / strokes;
          return (
            <path
              key={x}
              d={`M${x} ${surface + 6} q4 ${(HEIGHT - surface) / 4} 0 ${(HEIGHT - surface) / 2} t0 ${(HEIGHT - surface) / 2}`}
              className="fill-none stroke-kale/25"
              strokeWidth={1.6}
            />
          );
        })}
        {bands.slice(0, -1).map(({ stage, y }) => (
          <line key={stage} x1={LEFT} x2={RIGHT} y1={y} y2={y} className="stroke-card" strokeWidth={1.5} />
        ))}
      </g>
      <path
        d={`M${LEFT} ${RIM} V${HEIGHT - 20} q0 12 12 12 H${RIGHT - 12} q12 0 12 -12 V${RIM}`}
        className="fill-none stroke-kale"
        strokeWidth={3}
        strokeLinecap="round"
      />
      <path d={`M${LEFT - 16} ${RIM + 14} h14 M${RIGHT + 2} ${RIM + 14} h14`} className="stroke-kale" strokeWidth={5} strokeLinecap="round" />
      {bands
        .filter(({ height }) => height > 11)
        .map(({ stage, label, ml, y, height }) => (
          <text key={stage} x={LEFT + 10} y={y + height / 2 + 4} className="fill-kale text-[11px]">
            {label} {Math.round(ml)} ml
          </text>
        ))}
      <text x={RIGHT - 8} y={HEIGHT - 16} textAnchor="end" className="fill-kale text-[12px] font-semibold">
        {word}
      </text>
      {toppings > 0 && (
        <g>
          {Array.from({ length: Math.min(toppings, 5) }, (_, index) => (
            <circle key={`t${index.toString()}`} cx={WIDTH / 2 - 16 + index * 10} cy={RIM - 4} r={3.4} className="fill-squash" />
          ))}
        </g>
      )}
    </svg>
  );
});
