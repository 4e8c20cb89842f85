import { useMemo } from 'react';
import { REGIMES } from '../../../core/regime/regime.ts';
import { sheetOf } from '../../../core/sheet/sheet.ts';
import { needLabel } from '../../kitchen/format.ts';
import { useKitchen } from '../../kitchen/kitchen.ts';
import { Notice } from '../../ui/state.tsx';
import { lineName } from '../bench/view.ts';
import { SheetPage } from './SheetPage.tsx';
import { type Chosen, changeWords, keptWords } from './useChosenVersion.ts';

const NEED_STATES: Readonly<Record<string, string>> = {
  meets: 'met',
  likely: 'likely met',
  cannotTell: 'to be checked',
  breaks: 'not met',
};

/** The sheet as it is worked out today. */
export function ServingSheet({ chosen: { soup, recipe, needs, version, original, regime } }: { chosen: Chosen }) {
  const core = useKitchen();
  const { title } = soup;
  const sheet = useMemo(
    () => sheetOf({ recipe: { ...recipe, title }, needs, regime, original: original?.recipe }, core.shelf),
    [recipe, title, needs, regime, original, core.shelf],
  );
  const names = { recipe, original: { recipe: original?.recipe ?? recipe }, core };
  return (
    <>
      {version?.numbersChanged && (
        <Notice tone="check">
          Food rows, labels or rules have changed since this version was kept: the sheet shows it as it is worked out today.
        </Notice>
      )}
      <SheetPage
        sheet={sheet}
        recipe={recipe}
        regimeName={REGIMES[regime].name}
        kept={keptWords(version)}
        needs={sheet.needs.map(({ need, state }) => ({ name: needLabel(need, needs, names), state: NEED_STATES[state] ?? state }))}
        changes={sheet.change ? changeWords(sheet.change, lineName(core)) : []}
      />
    </>
  );
}
