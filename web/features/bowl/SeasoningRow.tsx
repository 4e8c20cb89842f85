import { useMemo } from 'react';
import { useSettings } from '../../api/queries.ts';
import { figure } from '../../kitchen/format.ts';
import { afterPaint } from '../../kitchen/useAfterPaint.tsx';
import { Button } from '../../ui/button.tsx';
import { useBench } from '../bench/store.ts';
import type { BenchView } from '../bench/view.ts';

/** Salt that is only 'to taste': what the house would put in, under the limit that is set, and what a bowl has then. Taken with one press. */
export const SeasoningRow = afterPaint(function SeasoningRow({ view: { core, recipe, analysis, needs } }: { view: BenchView }) {
  const band = useSettings().data?.saltBand ?? 'common';
  const weighLine = useBench((state) => state.weighLine);
  const most = needs.limits?.find(({ nutrient, per, max }) => nutrient === 'sodiumMg' && per === 'serving' && max !== undefined)?.max;
  const now = analysis.perServing.sodiumMg.value;
  const seasoning = useMemo(
    () => core.seasoningOf(recipe, analysis, core.shelf, band, most === undefined ? undefined : most - now),
    [core, recipe, analysis, band, most, now],
  );
  if (!seasoning) return null;
  const { grams, words, lineIds, sodiumMg } = seasoning;
  return (
    <>
      <dt className="text-kale-soft">as salted</dt>
      <dd>
        {grams.best === 0 ? (
          <>
            no salt needed{most === undefined ? '' : ', or none left under the limit'}: about {figure(now)} mg sodium a bowl
          </>
        ) : (
          <>
            about {figure(now + sodiumMg)} mg sodium a bowl, with {words} of salt
          </>
        )}{' '}
        <Button kind="chip" onClick={() => weighLine(lineIds[0] as string, grams.best, grams)}>
          {grams.best === 0 ? 'Leave it unsalted' : 'Salt it so'}
        </Button>
      </dd>
    </>
  );
});
