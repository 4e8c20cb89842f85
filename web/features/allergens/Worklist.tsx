import { ClipboardCopy, FileDown } from 'lucide-react';
import { useState } from 'react';
import type { WorklistItem } from '../../../core/allergen/worklist.ts';
import type { Analysis } from '../../../core/analysis/analysis.ts';
import type { RegimeId } from '../../../core/regime/regime.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { copyText, fileName, saveText } from '../../kitchen/textFile.ts';
import { Button } from '../../ui/button.tsx';
import { State } from '../../ui/state.tsx';
import { say } from '../../ui/toast.ts';
import { LabelReadDialog } from './LabelReadDialog.tsx';

/** What to look up on which pack before this soup is served. */
export function Worklist({ recipe, analysis, regime, core }: { recipe: Recipe; analysis: Analysis; regime: RegimeId; core: Kitchen }) {
  const [reading, setReading] = useState<WorklistItem | null>(null);
  const items = core.labelWorklist(recipe, regime, core.shelf, analysis.diets);
  const open = items.filter(({ lookFor, foodId }) => lookFor.length > 0 || foodId === null).length;
  const text = () => core.worklistText(recipe.title, items);
  return (
    <section aria-label="Labels to check" className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="mr-auto text-lg">{open === 0 ? 'No label left to check' : open === 1 ? 'One label to check' : `${open} labels to check`}</h2>
        <Button
          onClick={async () =>
            say((await copyText(text())) ? 'The labels to check are on the clipboard.' : 'The browser does not let us copy; save it instead.')
          }
        >
          <ClipboardCopy size={15} aria-hidden /> Copy as text
        </Button>
        <Button onClick={() => saveText(fileName(`labels ${recipe.title}`, 'txt'), text())}>
          <FileDown size={15} aria-hidden /> Save to print
        </Button>
      </div>
      <ul className="flex flex-col gap-2">
        {items.map((item) => (
          <li key={item.foodId ?? item.lineIds[0]} className="rounded-lg border border-line bg-card p-2.5">
            <div className="flex flex-wrap items-baseline gap-2">
              <State tone={item.foodId === null ? 'breaks' : item.lookFor.length > 0 ? 'check' : 'meets'}>
                {item.foodId === null ? 'no food' : item.lookFor.length > 0 ? 'look up' : 'read'}
              </State>
              <h3 className="font-semibold">{item.name}</h3>
              {item.foodId !== null && (
                <Button kind="chip" className="ml-auto" onClick={() => setReading(item)} aria-label={`Label of ${item.name}`}>
                  {item.pin ? 'Read it again' : 'I have read the label'}
                </Button>
              )}
            </div>
            {item.usual && <p className="text-sm text-kale-soft">usually {item.usual}</p>}
            {item.foodId === null && <p className="mt-1 text-sm">Choose its food first: until then everything of it has to be looked up.</p>}
            {item.pin && (
              <p className="mt-1 text-sm">
                {item.pin.product ? `${item.pin.product}: ` : ''}read on {item.pin.readOn},{' '}
                {item.pin.expired ? 'look again now' : `look again on ${item.pin.lookAgainOn}`}.{' '}
                {core.answersOf(item.pin).length > 0 && `It said: ${core.answersOf(item.pin).join('; ')}.`}
              </p>
            )}
            {item.lookFor.length > 0 && (
              <ul className="mt-1 grid gap-x-4 text-sm sm:grid-cols-2">
                {item.lookFor.map((one) => (
                  <li key={`${one.kind}-${one.id}`}>
                    <strong className="font-semibold">{one.label}</strong>
                    {one.kind === 'allergen' && one.declared ? ` (${regime.toUpperCase()} rules: on the label)` : ''}: {one.why}
                  </li>
                ))}
              </ul>
            )}
          </li>
        ))}
      </ul>
      <p className="text-sm text-kale-soft">Read the label each time: makers change what is in a pack. Nothing here says that anything is absent.</p>
      <LabelReadDialog item={reading} core={core} onClose={() => setReading(null)} />
    </section>
  );
}
