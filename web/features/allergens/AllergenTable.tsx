import type { AllergenState } from '../../../core/allergen/board.ts';
import type { DietState } from '../../../core/allergen/diets.ts';
import type { FewestChanges } from '../../../core/allergen/findings.ts';
import type { Analysis } from '../../../core/analysis/analysis.ts';
import { ALLERGEN_LABELS, DIET_LABELS } from '../../../core/vocabulary/allergens.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { openToAll } from '../../kitchen/openToAll.ts';
import { State, type Tone } from '../../ui/state.tsx';

const SCOPES = ['pot', 'bowl', 'plate'] as const;
const SAID: Record<AllergenState | DietState, readonly [tone: Tone, words: string]> = {
  contains: ['breaks', 'contains'],
  check: ['check', 'check'],
  mayContain: ['check', 'may contain'],
  absent: ['plain', 'not shown'],
  breaks: ['breaks', 'breaks'],
  fits: ['meets', 'fits'],
};
const RANK: readonly (AllergenState | DietState)[] = ['contains', 'breaks', 'check', 'mayContain', 'absent', 'fits'];

/** Every allergen the ingredients show or leave open, in pot, bowl and plate, with the lines that decide it; then the diets. */
export function AllergenTable({ analysis, recipe }: { analysis: Analysis; recipe: Recipe }) {
  const words = new Map(recipe.lines.map(({ id, text }) => [id, text]));
  const unmatched = new Set(openToAll(analysis));
  const shown = analysis.allergens
    .filter(({ scopes, because }) => scopes.plate !== 'absent' && because.some(({ lineId }) => !unmatched.has(lineId)))
    .sort((a, b) => RANK.indexOf(a.scopes.plate) - RANK.indexOf(b.scopes.plate) || Number(b.declared) - Number(a.declared));
  const absent = analysis.allergens.filter(({ id }) => !shown.some((one) => one.id === id));
  return (
    <section aria-label="Allergens" className="flex flex-col gap-3">
      {unmatched.size > 0 && (
        <p>
          <State tone="check">check everything</State> {unmatched.size === 1 ? 'One line has' : `${unmatched.size} lines have`} no food: until it has,
          every allergen of it is open, those not named below too.
        </p>
      )}
      <Scoped
        caption="Allergens by the ingredients"
        rows={shown.map(({ id, declared, scopes, because, fewestChanges }) => ({
          id,
          label: ALLERGEN_LABELS[id],
          aside: declared
            ? `must be on the label by ${analysis.regime.toUpperCase()} rules`
            : `${analysis.regime.toUpperCase()} rules do not ask for it on labels`,
          scopes,
          paths: because.filter(({ lineId }) => !unmatched.has(lineId)).map(({ path }) => path),
          fewest: fewestChanges.bowl,
        }))}
        words={words}
      />
      <p className="text-sm text-kale-soft">
        Not in the ingredients as they are known: {absent.map(({ id }) => ALLERGEN_LABELS[id]).join(', ')}. That is no statement about traces; read
        every pack.
      </p>
      <Scoped
        caption="Diets"
        rows={[...analysis.diets]
          .sort((a, b) => RANK.indexOf(a.state) - RANK.indexOf(b.state))
          .map(({ id, scopes, because, fewestChanges }) => ({
            id,
            label: DIET_LABELS[id],
            aside: '',
            scopes,
            paths: because.map(({ path }) => path),
            fewest: fewestChanges.bowl,
          }))}
        words={words}
      />
    </section>
  );
}

interface Row {
  id: string;
  label: string;
  aside: string;
  scopes: Record<(typeof SCOPES)[number], AllergenState | DietState>;
  paths: (readonly string[])[];
  fewest: FewestChanges;
}

function Scoped({ caption, rows, words }: { caption: string; rows: Row[]; words: ReadonlyMap<string, string> }) {
  return (
    <table className="w-full border-collapse rounded-lg bg-card">
      <caption className="pb-1 text-left text-lg">{caption}</caption>
      <thead>
        <tr className="text-left text-sm text-kale-soft">
          {['', 'pot', 'bowl', 'plate', 'by what', 'to change'].map((head, index) => (
            <th key={head} scope="col" className={`px-2 py-1 font-normal ${index > 3 ? 'max-sm:hidden' : ''}`}>
              {head || <span className="sr-only">{caption}</span>}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ id, label, aside, scopes, paths, fewest }) => {
          const why = [...new Set(paths.map((path) => path.join(' › ')))].join('; ');
          const change = changesWords(fewest, words);
          return (
            <tr key={id} className="border-t border-line align-top">
              <th scope="row" className="px-2 py-1 text-left font-semibold">
                {label} {aside && <span className="text-sm font-normal text-kale-soft">{aside}</span>}
                <span className="block text-sm font-normal sm:hidden">
                  {why}
                  {change && <span className="block text-kale-soft">to change, {change}</span>}
                </span>
              </th>
              {SCOPES.map((scope, index) => (
                <td key={scope} className="px-2 py-1">
                  {/* A scope that says what the one before it said repeats nothing. */}
                  {index > 0 && scopes[scope] === scopes[SCOPES[index - 1] as 'pot'] ? (
                    <span className="text-kale-soft" title={SAID[scopes[scope]][1]}>
                      <span aria-hidden>=</span>
                      <span className="sr-only">{SAID[scopes[scope]][1]}</span>
                    </span>
                  ) : (
                    <State tone={SAID[scopes[scope]][0]}>{SAID[scopes[scope]][1]}</State>
                  )}
                </td>
              ))}
              <td className="px-2 py-1 text-sm max-sm:hidden">{why}</td>
              <td className="px-2 py-1 text-sm max-sm:hidden">{change}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** 'one line: 1 l chicken stock'. */
function changesWords({ count, lineIds }: FewestChanges, words: ReadonlyMap<string, string>): string {
  if (count === null) return 'a line without a food first';
  if (count === 0) return '';
  const named = [...new Set(lineIds.map((id) => words.get(id) ?? id))];
  return `${count === 1 ? 'one line' : `${count} lines`}: ${named.join('; ')}`;
}
