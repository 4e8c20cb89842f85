import type { Analysis } from '../../../core/analysis/analysis.ts';
import type { Shelf } from '../../../core/food/shelf.ts';
import type { RegimeId } from '../../../core/regime/regime.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { useKitchenSoon } from '../../kitchen/kitchen.ts';
import { copyText, fileName, saveText } from '../../kitchen/textFile.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { say } from '../../ui/toast.ts';

interface Props {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  title: string;
  recipe: Recipe;
  analysis: Analysis;
  regime: RegimeId;
}

const FILES = [
  ['json', 'json', 'application/json', 'Our own JSON', 'everything: lines, grams with their intervals, steps'],
  ['csv', 'csv', 'text/csv', 'CSV', 'lines and steps for a spreadsheet; reads back whole'],
  ['markdown', 'md', 'text/markdown', 'Markdown', 'to read and to paste: foods, edible grams, steps'],
  ['jsonLd', 'jsonld', 'application/ld+json', 'schema.org JSON-LD', 'for other programs: foods, edible grams, steps'],
] as const;

/** The soup out of here, in open formats. */
export function ExportDialog({ open, onOpenChange, title, recipe, analysis, regime }: Props) {
  const named = { ...recipe, title };
  const kitchen = useKitchenSoon();
  const written = async () => {
    const { toCsv, toJson, toJsonLd, toMarkdown, sheetText } = await import('../../kitchen/exportBundle.ts');
    const shelf = kitchen?.shelf as Shelf;
    return {
      json: () => toJson(named),
      csv: () => toCsv(named),
      markdown: () => toMarkdown(named, shelf),
      jsonLd: () => toJsonLd(named, shelf),
      sheet: () => sheetText(named, analysis, regime, shelf),
    };
  };
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title="Export"
      description="Each of these is read again by 'Read a recipe'; the sheet is for people."
    >
      <ul className="flex flex-col gap-2">
        <li className="flex items-center gap-3">
          <Button
            className="w-48 shrink-0"
            onClick={async () =>
              say(
                (await copyText((await written()).sheet())) ? 'The sheet is on the clipboard.' : 'The browser does not let us copy; save it instead.',
              )
            }
          >
            Copy the sheet as text
          </Button>
          <Button className="shrink-0" onClick={async () => saveText(fileName(title, 'txt'), (await written()).sheet())}>
            Save it
          </Button>
          <span className="text-sm text-kale-soft">allergens, amounts, steps, cautions, one bowl, labels to check</span>
        </li>
        {FILES.map(([format, ending, type, label, what]) => (
          <li key={format} className="flex items-center gap-3">
            <Button className="w-48 shrink-0" onClick={async () => saveText(fileName(title, ending), (await written())[format](), type)}>
              {label}
            </Button>
            <span className="text-sm text-kale-soft">{what}</span>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
