import { Printer } from 'lucide-react';
import { Suspense, useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { REGIMES } from '../../core/regime/regime.ts';
import { sheetOf } from '../../core/sheet/sheet.ts';
import { lineName } from '../features/bench/view.ts';
import { ChooseVersion } from '../features/sheet/ChooseVersion.tsx';
import { SheetPage } from '../features/sheet/SheetPage.tsx';
import { type Chosen, changeWords, keptWords, useChosenVersion } from '../features/sheet/useChosenVersion.ts';
import { needLabel } from '../kitchen/format.ts';
import { useKitchen } from '../kitchen/kitchen.ts';
import { Button } from '../ui/button.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Notice, Waiting } from '../ui/state.tsx';

const NEED_STATES: Readonly<Record<string, string>> = {
  meets: 'met',
  likely: 'likely met',
  cannotTell: 'to be checked',
  breaks: 'not met',
};

/** The serving sheet of a version. */
export function SheetScreen() {
  const { id = '' } = useParams();
  const chosen = useChosenVersion(id);
  if (chosen === null) return <Waiting>Fetching the sheet ...</Waiting>;
  if (chosen instanceof Error)
    return (
      <div className="p-6">
        <Notice tone="breaks">{chosen.message}</Notice>
      </div>
    );
  return (
    <div className="mx-auto flex w-full max-w-5xl flex-col gap-3 p-6 max-sm:p-3 print:max-w-none print:p-0">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <ScreenTitle>{`${chosen.soup.title}: serving sheet`}</ScreenTitle>
        <h1 className="font-title text-3xl print:sr-only">Serving sheet</h1>
        <Link className="underline print:hidden" to={`/soups/${id}/bench`}>
          back to the bench
        </Link>
        <Link className="underline print:hidden" to={`/soups/${id}/print${chosen.version ? '' : '?v=draft'}`}>
          other forms
        </Link>
        <span className="ml-auto flex flex-wrap items-center gap-2 print:hidden">
          <ChooseVersion chosen={chosen} />
          <Button kind="main" onClick={() => window.print()}>
            <Printer size={16} aria-hidden /> Print
          </Button>
        </span>
      </div>
      <Suspense fallback={<p role="status">Fetching the foods ...</p>}>
        <ServingSheet chosen={chosen} />
      </Suspense>
    </div>
  );
}

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
