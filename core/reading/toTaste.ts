/** Where a text says 'to taste', what is usual is offered: the salt that brings the pot to its band, a grind of pepper, a squeeze of lemon. */
import { SALT_BAND_IDS, SALT_BANDS, saltToBand, USUAL_A_BOWL } from '../food/seasoning.ts';
import { REGIMES } from '../regime/regime.ts';
import { NUTRIENT_INDEX } from '../vocabulary/nutrient.ts';
import type { Line } from '../vocabulary/recipe.ts';
import type { Context } from './context.ts';
import { readingOf } from './doubts.ts';

/** Gives every 'to taste' doubt its proposals, once the whole pot is known. */
export function proposeSeasoning(lines: readonly Line[], { doubts, shelf, bowls }: Context): void {
  const byId = new Map(lines.map((line) => [line.id, line]));
  let pot: { grams: number; sodiumMg: number } | undefined;
  for (const doubt of doubts) {
    if (doubt.code !== 'amount.toTaste' || doubt.lineId === null) continue;
    const food = shelf.food(byId.get(doubt.lineId)?.foodId ?? '');
    if (!food) continue;
    if (food.category === 'salt') {
      pot ??= potOf(lines, shelf);
      const { grams, sodiumMg } = pot;
      if (grams === 0) continue;
      doubt.message = `${food.name} is to taste. What is weighed of the pot holds ${percent(sodiumMg, grams)} % salt; a proposal, to take, change or leave. Until then sodium is at least what is shown.`;
      doubt.readings = SALT_BAND_IDS.map((band) => {
        const proposal = saltToBand(grams, sodiumMg, band);
        return readingOf(`${SALT_BANDS[band].name}: ${proposal.words}`, food.id, proposal.grams.best, bowls, shelf);
      });
      continue;
    }
    const usual = USUAL_A_BOWL[food.category];
    if (!usual) continue;
    const [best, , high] = usual.map((one) => Number((one * bowls).toPrecision(2))) as [number, number, number];
    doubt.readings = [best, high].map((one, place) =>
      readingOf(`${place === 0 ? 'as is usual' : 'a good deal'}: ${one} g`, food.id, one, bowls, shelf),
    );
  }
}

const SODIUM_MG_A_GRAM = 393;
const percent = (sodiumMg: number, grams: number): string => ((sodiumMg / SODIUM_MG_A_GRAM / grams) * 100).toFixed(2);

/** What is weighed of the pot, and the sodium in it. */
function potOf(lines: readonly Line[], shelf: Context['shelf']): { grams: number; sodiumMg: number } {
  const parents = new Set(lines.flatMap(({ partOf }) => partOf ?? []));
  let [grams, sodiumMg] = [0, 0];
  for (const line of lines) {
    if (parents.has(line.id) || line.chosen === false || line.stage === 'bowl' || line.stage === 'plate' || line.eaten === 'removed') continue;
    const food = shelf.food(line.foodId ?? '');
    const weight = line.grams?.best ?? 0;
    grams += weight;
    if (food) sodiumMg += (weight * (shelf.figures(food, REGIMES.us).value[NUTRIENT_INDEX.sodiumMg] as number)) / 100;
  }
  return { grams, sodiumMg };
}
