import type { ReactNode } from 'react';
import type { AllergenState } from '../../../core/allergen/board.ts';
import type { DietState } from '../../../core/allergen/diets.ts';
import type { Difference as Diff, LineChange } from '../../../core/analysis/diff.ts';
import type { NotKnown } from '../../../core/analysis/snapshot.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import { NUTRIENT_LABELS, nutrientUnit } from '../../../core/vocabulary/nutrient.ts';
import { type Line, STAGE_LABELS } from '../../../core/vocabulary/recipe.ts';
import { figure } from '../../kitchen/format.ts';

const grams = ({ grams: weight }: Line): string => (weight ? `${figure(weight.best)} g` : 'not weighed');

/** One change of a line, as it is read out. */
export function lineChangeText(change: LineChange, nameOf: (line: Line) => string): string {
  switch (change.kind) {
    case 'out':
      return `${nameOf(change.before)} ${grams(change.before)} left out`;
    case 'in':
      return `${nameOf(change.after)} ${grams(change.after)} new`;
    case 'swapped':
      return `${nameOf(change.before)} ${grams(change.before)} › ${change.after.map((line) => `${nameOf(line)} ${grams(line)}`).join(', ')}`;
    case 'amount':
      return `${nameOf(change.before)} ${grams(change.before)} › ${grams(change.after)}`;
    case 'food':
      return `${nameOf(change.before)} is now ${nameOf(change.after)}, ${grams(change.after)}`;
    case 'stage':
      return `${nameOf(change.before)} moves from ${STAGE_LABELS[change.before.stage].toLowerCase()} to ${STAGE_LABELS[change.after.stage].toLowerCase()}`;
  }
}

/** The line of the original a change is about; what is new is about itself. */
export const changedLineId = (change: LineChange): string => (change.kind === 'in' ? change.after.id : change.before.id);

export const STATE_WORDS: Record<AllergenState | DietState | NotKnown, string> = {
  contains: 'contains',
  check: 'check the label',
  mayContain: 'may contain',
  absent: 'not in the ingredients',
  fits: 'fits',
  breaks: 'does not fit',
  notKnown: 'not worked out when it was kept',
};
/** Another unit of a figure that is shown, or nothing a reader asks for. */
const SAID_OTHERWISE: ReadonlySet<string> = new Set(['energyKj', 'waterG']);

interface Props {
  difference: Diff;
  nameOf: (line: Line) => string;
  notes?: Record<string, string> | undefined;
}

/** What is different, in the order it matters: lines, allergens, steps, then the figures of a bowl. */
export function Difference({ difference, nameOf, notes }: Props) {
  const { servings, lines, steps, figures, body, allergens } = difference;
  const none = lines.length + steps.length + figures.length + allergens.length === 0 && !servings && !body;
  if (none) return <p className="text-kale-soft">Nothing is different.</p>;
  return (
    <div className="flex flex-col gap-2 text-sm">
      <Part title="Lines">
        {servings && (
          <li>
            {figure(servings.before)} bowls › {figure(servings.after)} bowls
          </li>
        )}
        {lines.map((change) => (
          <li key={`${change.kind}-${changedLineId(change)}`}>
            {lineChangeText(change, nameOf)}
            {notes && Object.hasOwn(notes, changedLineId(change)) && <span className="text-squash"> ({notes[changedLineId(change)]})</span>}
          </li>
        ))}
      </Part>
      <Part title="Allergens">
        {allergens.map(({ id, before, after }) => (
          <li key={id}>
            {ALLERGEN_LABELS[id]}: {STATE_WORDS[before]} › {STATE_WORDS[after]}
          </li>
        ))}
      </Part>
      <Part title="Steps">
        {steps.map((change) =>
          change.kind === 'changed' ? (
            <li key={change.before.id}>
              <s className="text-kale-soft">{change.before.text}</s> {change.after.text}
            </li>
          ) : (
            <li key={change.kind === 'in' ? change.after.id : change.before.id}>
              {change.kind === 'in' ? `New: ${change.after.text}` : `Gone: ${change.before.text}`}
            </li>
          ),
        )}
      </Part>
      <Part title="One bowl">
        {body && (
          <li>
            Body {body.before.toFixed(2)} › {body.after.toFixed(2)}
          </li>
        )}
        {figures
          .filter(({ nutrient }) => !SAID_OTHERWISE.has(nutrient))
          .map(({ nutrient, before, after, atLeast }) => (
            <li key={nutrient}>
              {NUTRIENT_LABELS[nutrient]} {figure(before)} › {figure(after)} {nutrientUnit(nutrient)}
              {atLeast && <span className="text-mustard"> at least</span>}
            </li>
          ))}
      </Part>
    </div>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  const shown = (Array.isArray(children) ? children : [children]).flat().filter(Boolean);
  if (shown.length === 0) return null;
  return (
    <section aria-label={title}>
      <h3>{title}</h3>
      <ul className={title === 'One bowl' ? 'columns-2 gap-6' : ''}>{children}</ul>
    </section>
  );
}
