import { useMemo } from 'react';
import type { Balance } from '../../../core/taste/balance.ts';
import { figure } from '../../kitchen/format.ts';
import { afterPaint } from '../../kitchen/useAfterPaint.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import type { BenchView } from '../bench/view.ts';

const LEANS: Record<Balance['leans'], string> = {
  flat: 'likely to taste flat',
  sharp: 'leans sharp',
  sweet: 'leans sweet',
  salty: 'salty',
  even: 'even',
  unknown: 'cannot be told, something is not known',
};

/** Acid against sweet, and what a cook does about each; for the spoon to judge. */
export const BalanceHelp = afterPaint(function BalanceHelp({ view: { core, recipe, analysis } }: { view: BenchView }) {
  const balance = useMemo(() => core.balanceOf(recipe, analysis, core.shelf, analysis.regime), [core, recipe, analysis]);
  const { acidPercent, sugarPercent, sugarToAcid, atLeast, leans, advice } = balance;
  return (
    <Disclosure summary={`taste: ${LEANS[leans]}; acid, sweet, salt`}>
      <ul className="mt-1 flex flex-col gap-1 text-sm">
        <li>
          Acid {acidPercent.toFixed(2)} %, sugar {atLeast && 'at least '}
          {sugarPercent.toFixed(1)} %{sugarToAcid === null || atLeast ? '' : `: ${figure(sugarToAcid)} g of sugar to a gram of acid`}. Only acids that
          are poured or squeezed in and a few foods are counted.
        </li>
        {advice.map(({ when, text }) => (
          <li key={when} className={when === leans ? 'font-semibold' : ''}>
            {text}
          </li>
        ))}
      </ul>
    </Disclosure>
  );
});
