import type { Balance } from '../../../core/notes/balance.ts';
import { figure } from '../../kitchen/format.ts';
import type { BenchView } from '../bench/view.ts';

const LEANS: Record<Balance['leans'], string> = {
  flat: 'likely to taste flat',
  sharp: 'leans sharp',
  sweet: 'leans sweet',
  salty: 'salty',
  even: 'even',
};

export const balanceFor = ({ core, recipe, analysis }: BenchView): Balance => core.balanceOf(recipe, analysis, core.SHELF, analysis.regime);

/** Acid against sweet, and what a cook does about each; for the spoon to judge. */
export function BalanceHelp({ balance }: { balance: Balance }) {
  const { acidPercent, sugarPercent, sugarToAcid, leans, advice } = balance;
  return (
    <details>
      <summary className="text-sm underline">{LEANS[leans]}: acid, sweet, salt</summary>
      <ul className="mt-1 flex flex-col gap-1 text-sm">
        <li>
          Acid {acidPercent.toFixed(2)} %, sugar {sugarPercent.toFixed(1)} %
          {sugarToAcid === null ? '' : `: ${figure(sugarToAcid)} g of sugar to a gram of acid`}. Only acids that are poured or squeezed in and a few
          foods are counted.
        </li>
        {advice.map(({ when, text }) => (
          <li key={when} className={when === leans ? 'font-semibold' : ''}>
            {text}
          </li>
        ))}
      </ul>
    </details>
  );
}
