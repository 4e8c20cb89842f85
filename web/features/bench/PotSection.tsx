import { memo } from 'react';
import { STIR_LINE } from '../../../core/bowl/potSize.ts';
import type { Stage } from '../../../core/vocabulary/recipe.ts';
import type { Brim, Entries } from './potLayers.ts';

const WIDTH = 380;
const HEIGHT = 100;
const RIM = 14;
const FLOOR = HEIGHT - 8;
const LEFT = 40;
const RIGHT = 214;
const WORDS = RIGHT + 34;
/** Between two lines of words. */
const LEADING = 14;

interface Props {
  layers: Entries;
  body: number;
  word: string;
  toppings: number;
  brim: Brim;
  /** Millilitres by stage that the step in hand puts in. */
  lit?: ReadonlyMap<Stage, number> | undefined;
}

/** Where each layer's words stand: beside its middle, moved up as far as the words below them ask. */
function wordsAt(middles: readonly number[]): number[] {
  let below = HEIGHT + LEADING - 4;
  return middles.map((middle) => {
    below = Math.min(middle + 4, below - LEADING);
    return below;
  });
}

/** A side view of the pot, to scale against its brim: a layer a stage as it is put in; the closer the strokes, the more body. */
export const PotSection = memo(function PotSection({ layers, body, word, toppings, brim, lit }: Props) {
  const perMl = (FLOOR - RIM) / (brim.ml || 1);
  let top = FLOOR;
  const bands = layers.map((layer) => {
    const height = perMl * layer.ml;
    top -= height;
    return { ...layer, y: top, height };
  });
  const surface = Math.max(RIM, top);
  const stirLine = FLOOR - (FLOOR - RIM) * STIR_LINE;
  const strokes = Math.round(2 + body * 14);
  const labels = wordsAt(bands.map(({ y, height }) => (Math.max(RIM, y) + Math.min(FLOOR, y + height)) / 2));
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full"
      role="img"
      aria-label={`The pot from the side: ${layers.map(({ label, ml }) => `${label} ${Math.round(ml)} ml`).join(', ')}; body ${word}${toppings > 0 ? `; ${toppings} in the bowl` : ''}`}
    >
      <clipPath id="pot-inside">
        <path d={`M${LEFT} ${RIM} H${RIGHT} V${FLOOR - 12} q0 12 -12 12 H${LEFT + 12} q-12 0 -12 -12 Z`} />
      </clipPath>
      <g clipPath="url(#pot-inside)">
        <rect x={LEFT} y={RIM} width={RIGHT - LEFT} height={HEIGHT} className="fill-card" />
        {bands.map(({ stage, y, height, fill }) => (
          <rect key={stage} x={LEFT} y={y} width={RIGHT - LEFT} height={height + 0.5} className={fill} />
        ))}
        {bands.map(({ stage, y, height, ml }) => {
          const share = Math.min(1, (lit?.get(stage) ?? 0) / (ml || 1));
          return share > 0 && <rect key={stage} x={LEFT} y={y} width={RIGHT - LEFT} height={Math.max(3, height * share)} className="fill-squash" />;
        })}
        {Array.from({ length: strokes }, (_, index) => {
          const x = LEFT + ((index + 0.5) * (RIGHT - LEFT)) / strokes;
          return (
            <path
              key={x}
              d={`M${x} ${surface + 4} q4 ${(HEIGHT - surface) / 4} 0 ${(HEIGHT - surface) / 2} t0 ${(HEIGHT - surface) / 2}`}
              className="fill-none stroke-kale/25"
              strokeWidth={1.6}
            />
          );
        })}
        {bands.slice(0, -1).map(({ stage, y }) => (
          <line key={stage} x1={LEFT} x2={RIGHT} y1={y} y2={y} className="stroke-card" strokeWidth={1.5} />
        ))}
      </g>
      <line x1={LEFT + 3} x2={RIGHT - 3} y1={stirLine} y2={stirLine} className="stroke-kale" strokeDasharray="4 4" strokeWidth={1} />
      <path
        d={`M${LEFT} ${RIM} V${FLOOR - 12} q0 12 12 12 H${RIGHT - 12} q12 0 12 -12 V${RIM}`}
        className="fill-none stroke-kale"
        strokeWidth={3}
        strokeLinecap="round"
      />
      <path d={`M${LEFT - 16} ${RIM + 14} h14 M${RIGHT + 2} ${RIM + 14} h14`} className="stroke-kale" strokeWidth={5} strokeLinecap="round" />
      {bands.map(({ stage, label, ml, y, height }, at) => (
        <g key={stage}>
          <path
            d={`M${RIGHT + 2} ${(Math.max(RIM, y) + Math.min(FLOOR, y + height)) / 2} L${WORDS - 4} ${(labels[at] as number) - 4}`}
            className="stroke-kale-soft"
            strokeWidth={1}
          />
          <text x={WORDS} y={labels[at]} className="fill-kale text-[12px]">
            {label} {Math.round(ml)} ml
          </text>
        </g>
      ))}
      <text x={LEFT + 12} y={FLOOR - 8} className="fill-kale stroke-card text-[13px] font-semibold [paint-order:stroke]" strokeWidth={3}>
        {word}
      </text>
      {toppings > 0 && (
        <g>
          {Array.from({ length: Math.min(toppings, 5) }, (_, index) => (
            <circle key={`t${index.toString()}`} cx={(LEFT + RIGHT) / 2 - 16 + index * 10} cy={RIM - 4} r={3.4} className="fill-squash" />
          ))}
        </g>
      )}
    </svg>
  );
});
