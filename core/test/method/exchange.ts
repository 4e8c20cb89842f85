/** What a swap puts in the place of a line, at the amounts a cook would take without reckoning. */
import type { Exchange } from '../../method/entry.ts';
import type { Swap } from '../../swap/data/swap.ts';
import type { Line } from '../../vocabulary/recipe.ts';

/** `weighed` is what is put in where it is only less or more of the same. */
export function exchangeOf(line: Line, { parts, stage, steps }: Swap, weighed?: number): Exchange {
  const grams = line.grams?.best ?? 0;
  const lines = parts.flatMap(({ foods, usual, least, most, eaten }, part) =>
    foods.map(([foodId, share], at): Line => {
      const best = weighed ?? (usual ?? (least + most) / 2) * grams * share;
      return {
        id: `${line.id}.${part}${at}`,
        stage: stage ?? line.stage,
        text: foodId,
        foodId,
        grams: { best, low: best, high: best },
        replaces: line.id,
        ...(eaten ? { eaten: eaten.how } : {}),
      };
    }),
  );
  return { line, lines, works: steps };
}
