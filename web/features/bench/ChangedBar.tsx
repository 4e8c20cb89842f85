import { memo, useState } from 'react';
import { ALLERGEN_LABELS, DIET_LABELS } from '../../../core/vocabulary/allergens.ts';
import type { Line } from '../../../core/vocabulary/recipe.ts';
import { needLabel } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { ChangesDialog } from './ChangesDialog.tsx';
import type { BenchView } from './view.ts';
import { foodName } from './words.ts';

/** One line on what is different from the original, and which need it answers. */
export const ChangedBar = memo(function ChangedBar({ view }: { view: BenchView }) {
  const [open, setOpen] = useState(false);
  const { recipe, replaced, original, core } = view;
  const reweighed = recipe.lines.filter((line) => {
    const before = original.recipe.lines.find(({ id }) => id === line.id);
    return before && before.grams?.best !== line.grams?.best;
  });
  const texts = [
    ...replaced.map((line) => {
      const now = recipe.lines.filter(({ replaces }) => replaces === line.id).map(({ foodId }) => foodName(foodId ?? '', core));
      const why = reasons(view, line);
      return `${line.foodId ? foodName(line.foodId, core) : line.text} out${why ? ` (${why})` : ''}, ${now.length > 0 ? `${now.join(' and ')} in` : 'nothing in'}`;
    }),
    ...reweighed.map(
      (line) => `${line.foodId ? foodName(line.foodId, core) : line.text} now ${line.grams ? core.formatGrams(line.grams.best) : 'not weighed'}`,
    ),
  ];
  return (
    <div className="flex shrink-0 items-center gap-2 border-t border-line px-4 py-1">
      <p className="min-w-0 flex-1 truncate" title={texts.join('; ')}>
        <span className="text-kale-soft">What changed and why: </span>
        {texts.length > 0 ? texts.join('; ') : 'nothing yet, this is the original'}
      </p>
      {texts.length > 0 && (
        <Button kind="chip" onClick={() => setOpen(true)}>
          Notes and difference
        </Button>
      )}
      <ChangesDialog view={view} open={open} onOpenChange={setOpen} />
    </div>
  );
});

function reasons({ needs, original }: BenchView, line: Line): string {
  // A label that is to be checked forces nothing; what is in it does.
  const touches = (because: { lineId: string; state: string }[] | undefined) =>
    because?.some(({ lineId, state }) => lineId === line.id && (state === 'contains' || state === 'breaks')) ?? false;
  const named = [
    ...(needs.allergens ?? [])
      .filter((id) => touches(original.analysis.allergens.find((one) => one.id === id)?.because))
      .map((id) => ALLERGEN_LABELS[id]),
    ...(needs.diets ?? []).filter((id) => touches(original.analysis.diets.find((one) => one.id === id)?.because)).map((id) => DIET_LABELS[id]),
  ];
  return (
    named.length > 0 ? named : (needs.limits ?? []).map(({ nutrient }, index) => needLabel({ kind: 'limit', id: nutrient, index }, needs))
  ).join(', ');
}
