/** Drawn bowls, off the interface thread. */
import { chanceWithin, type DrawRequest, drawBowls, type Spread, spreadOf } from '../../core/bowl/draws.ts';

export interface DrawsAsked extends DrawRequest {
  id: number;
  /** Bounds of each nutrient asked, in the same order; none where nothing is asked of it. */
  bounds: readonly { min?: number | undefined; max?: number | undefined }[];
}

export interface DrawsReply {
  id: number;
  spreads: Spread[];
  chances: number[];
  /** Share of the draws in which every bound holds. */
  together: number;
}

self.onmessage = ({ data: { id, bounds, ...request } }: MessageEvent<DrawsAsked>) => {
  const draws = drawBowls(request);
  const within = (x: number, at: number) => x >= (bounds[at]?.min ?? Number.NEGATIVE_INFINITY) && x <= (bounds[at]?.max ?? Number.POSITIVE_INFINITY);
  let together = 0;
  for (let draw = 0; draw < request.draws; draw += 1) if (draws.every((values, at) => within(values[draw] as number, at))) together += 1;
  const reply: DrawsReply = {
    id,
    spreads: draws.map((values) => spreadOf(values)),
    chances: draws.map((values, at) =>
      chanceWithin(values, { min: bounds[at]?.min ?? Number.NEGATIVE_INFINITY, max: bounds[at]?.max ?? Number.POSITIVE_INFINITY }),
    ),
    together: together / request.draws,
  };
  self.postMessage(reply);
};
