import type { ReactNode } from 'react';
import type { AllergenState, AllergenVerdict } from '../../../core/allergen/board.ts';
import type { DietState } from '../../../core/allergen/diets.ts';
import type { SheetRow } from '../../../core/sheet/figures.ts';
import type { SheetIngredient } from '../../../core/sheet/ingredients.ts';
import type { Sheet } from '../../../core/sheet/sheet.ts';
import type { Answer } from '../../../core/sheet/textClaims.ts';
import { ALLERGEN_LABELS, DIET_LABELS } from '../../../core/vocabulary/allergens.ts';
import { nutrientName } from '../../../core/vocabulary/nutrient.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { capitalised, figure } from '../../kitchen/format.ts';
import { Unfinished } from './Unfinished.tsx';

const whole = (value: number): string => String(Math.round(value));

interface Props {
  sheet: Sheet;
  recipe: Recipe;
  regimeName: string;
  /** What this is a sheet of: version, day and reason. */
  kept: string;
  needs: { name: string; state: string }[];
  /** What changed against the original, in a few words each. */
  changes: string[];
}

/** The serving sheet as it is read, signed and printed: one page. */
export function SheetPage({ sheet, recipe, regimeName, kept, needs, changes }: Props) {
  const { title, bowls, bowlMl, bowlGrams, incomplete, claims, textClaims, cautions, labelsToCheck, provenance, meal, words } = sheet;
  const borne = claims.filter(({ supported }) => supported === 'yes');
  return (
    <article className="sheet flex flex-col gap-3 rounded-xl border border-line bg-card p-5" aria-label={`Serving sheet of ${title}`}>
      <Unfinished incomplete={incomplete} />
      <header className="grid gap-x-6 border-b-2 border-kale pb-2 sm:grid-cols-[minmax(0,1fr)_auto]">
        <div>
          <h2 className="font-title text-2xl">{title}</h2>
          <p className="text-sm">{kept}</p>
        </div>
        <p className="sm:text-right">
          one bowl {figure(bowlMl)} ml, {figure(bowlGrams)} g · {figure(bowls)} bowls
          <br />
          <span className="text-sm">{regimeName} rules</span>
        </p>
      </header>
      <div className="sheet-columns grid gap-x-6 gap-y-3 md:grid-cols-2">
        <div className="flex min-w-0 flex-col gap-3 wrap-anywhere">
          <Allergens sheet={sheet} recipe={recipe} />
          <Part title="Ingredients, heaviest first">
            <p>
              <Ingredients rows={sheet.ingredients.filter(({ where }) => where === undefined)} />
            </p>
            {(['bowl', 'plate'] as const).map((where) => {
              const rows = sheet.ingredients.filter((row) => row.where === where);
              return rows.length === 0 ? null : (
                <p key={where}>
                  {where === 'bowl' ? 'On the bowl: ' : 'Beside it: '}
                  <Ingredients rows={rows} />
                </p>
              );
            })}
          </Part>
          {needs.length > 0 && (
            <Part title="What was asked">
              <ul>
                {needs.map(({ name, state }) => (
                  <li key={name}>
                    {name}: <strong>{state}</strong>
                  </li>
                ))}
              </ul>
            </Part>
          )}
          {changes.length > 0 && (
            <Part title="Against the original">
              <ul>
                {changes.map((words) => (
                  <li key={words}>{words}</li>
                ))}
              </ul>
            </Part>
          )}
          {labelsToCheck.length > 0 && (
            <Part title="Labels to check before it is served">
              <ul>
                {labelsToCheck.map(({ foodId, name, lookFor }) => (
                  <li key={foodId ?? name}>
                    <span aria-hidden>☐ </span>
                    {name}: {lookFor.map(({ label }) => label).join(', ')}
                  </li>
                ))}
              </ul>
            </Part>
          )}
        </div>
        <div className="flex min-w-0 flex-col gap-3 wrap-anywhere">
          <Figures sheet={sheet} />
          <Part title="Claims the figures would support">
            <p>
              {borne.length > 0
                ? `${borne.map(({ words: said }) => said).join(', ')}. Have it confirmed before it is printed anywhere.`
                : incomplete.length > 0
                  ? 'Nothing is told while it is unfinished.'
                  : 'No content claim of these rules.'}
            </p>
            {textClaims.length > 0 && (
              <ul className="mt-1">
                {textClaims.map(({ words: said, answer, message }) => (
                  <li key={said}>
                    The text says '{said}': <strong>{ANSWERS[answer]}</strong>. {message}
                  </li>
                ))}
              </ul>
            )}
          </Part>
          <Part title="Does it make a meal?">
            <p>
              {meal.groups.length > 0
                ? capitalised(meal.groups.map(groupWords).join(', '))
                : incomplete.length > 0
                  ? 'What it holds of vegetables, pulses, fruit, milk or grain is not known'
                  : 'No vegetables, pulses, fruit, milk or grain to speak of'}
              .
            </p>
            {meal.lacks.length > 0 && <p>It lacks: {meal.lacks.map(({ message }) => message).join('; ')}.</p>}
            {meal.sides.map(({ id, name, plate, atLeast }) => (
              <p key={id}>
                With {name}: {atLeast && 'at least '}
                {whole(plate.energyKcal)} kcal, protein {whole(plate.proteinG)} g, fibre {whole(plate.fibreG)} g, sodium {whole(plate.sodiumMg)} mg.
              </p>
            ))}
          </Part>
        </div>
      </div>
      {cautions.length > 0 && (
        <Part title="Cautions">
          <ul className="sheet-cautions md:columns-2 md:gap-6">
            {cautions.map(({ code, severity, message }) => (
              <li key={code} className={severity === 'danger' ? 'font-semibold' : ''}>
                {severity === 'danger' && 'Danger: '}
                {message}
              </li>
            ))}
          </ul>
        </Part>
      )}
      <footer className="border-t border-line pt-2 text-sm">
        <p>
          {words.join(' ')} The figures rest on {restsOn(provenance)}. Estimates from tables, for a label or a diet to be confirmed; local codes and
          licensed practice decide.
        </p>
        <p className="mt-3 flex flex-wrap gap-x-8">
          <span>Signed ______________________</span>
          <span>on ______________</span>
        </p>
      </footer>
    </article>
  );
}

const groupWords = ({ group, grams, portions, atLeast }: Sheet['meal']['groups'][number]): string =>
  grams < 1
    ? `${group}, not known how much`
    : `${group} ${atLeast ? 'at least ' : ''}${whole(grams)} g (${figure(portions)} ${portions === 1 ? 'portion' : 'portions'}${atLeast ? ' or more' : ''})`;

const ANSWERS: Record<Answer, string> = { yes: 'borne out', no: 'not borne out', cannotTell: 'cannot be told', notSayable: 'not to be said' };

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title} className="break-inside-avoid text-sm">
      <h3 className="text-base">{title}</h3>
      {children}
    </section>
  );
}

const STATES: readonly (readonly [AllergenState, string])[] = [
  ['contains', 'Contains'],
  ['check', 'Check the label for'],
  ['mayContain', 'May contain'],
];

/** Allergens as words and weight, what is on the plate apart, each with the line it comes from. */
function Allergens({ sheet: { allergens, diets, regime }, recipe }: { sheet: Sheet; recipe: Recipe }) {
  const words = new Map(recipe.lines.map(({ id, text }) => [id, text]));
  const via = ({ because, state }: AllergenVerdict) => {
    const first = because.find((one) => one.state === state);
    return first ? (first.path.length > 0 ? first.path.join(' › ') : (words.get(first.lineId) ?? '')) : '';
  };
  const onPlate = allergens.filter(({ scopes }) => scopes.bowl !== 'contains' && scopes.plate === 'contains');
  const fits = diets.filter(({ scopes }) => scopes.bowl === 'fits').map(({ id }) => DIET_LABELS[id]);
  const ofDiet = (state: DietState) => diets.filter(({ scopes }) => scopes.bowl === state).map(({ id }) => DIET_LABELS[id]);
  return (
    <Part title="Allergens in the bowl, by the ingredients">
      {STATES.map(([state, said]) => {
        const rows = allergens.filter((one) => one.scopes.bowl === state);
        const causes = [...new Set(rows.map(via))].map((cause) => ({ cause, from: rows.filter((row) => via(row) === cause) }));
        return rows.length === 0 ? null : (
          <p key={state}>
            {said}:{' '}
            {causes.map(({ cause, from }, at) => (
              <span key={cause}>
                {at > 0 && '; '}
                <AllergenNames rows={from.filter(({ declared }) => declared)} loud={state === 'contains'} />
                {from.some(({ declared }) => !declared) && (
                  <>
                    {from.some(({ declared }) => declared) && ', and '}
                    <AllergenNames rows={from.filter(({ declared }) => !declared)} loud={state === 'contains'} />
                    <span className="text-kale-soft">, not asked for by {regime.toUpperCase()} rules</span>
                  </>
                )}
                {cause && <span className="text-kale-soft"> ({cause})</span>}
              </span>
            ))}
            .
          </p>
        );
      })}
      {onPlate.length > 0 && <p>Beside the bowl, on the plate: {onPlate.map(({ id }) => ALLERGEN_LABELS[id]).join(', ')}.</p>}
      <p className="text-kale-soft">What is not named is not in the ingredients as they are known: no statement about traces. Read every pack.</p>
      <p>
        Diets, by the ingredients. {fits.length > 0 ? `Fit: ${fits.join(', ')}. ` : 'None fits. '}
        {ofDiet('check').length > 0 && `To check: ${ofDiet('check').join(', ')}. `}
        {ofDiet('breaks').length > 0 && `Does not fit: ${ofDiet('breaks').join(', ')}.`}
      </p>
    </Part>
  );
}

const AllergenNames = ({ rows, loud }: { rows: readonly AllergenVerdict[]; loud: boolean }) =>
  rows.map(({ id }, at) => (
    <span key={id}>
      {at > 0 && ', '}
      <strong className={loud ? 'font-extrabold uppercase' : ''}>{ALLERGEN_LABELS[id]}</strong>
    </span>
  ));

function Ingredients({ rows }: { rows: readonly SheetIngredient[] }) {
  return rows.map(({ text, grams, allergens, checks, usual }, at) => (
    <span key={text}>
      {at > 0 && ', '}
      <span className={allergens.length > 0 ? 'font-semibold' : ''}>{text}</span>
      {grams === null && ' (amount not known)'}
      {(usual || allergens.length > 0 || checks.length > 0) && (
        <span className="text-kale-soft">
          {' ['}
          {allergens.length > 0 && <strong className="text-kale uppercase">{allergens.map((id) => ALLERGEN_LABELS[id]).join(', ')}</strong>}
          {allergens.length > 0 && (checks.length > 0 || usual) && '; '}
          {checks.length > 0 && `label: ${checks.map((id) => ALLERGEN_LABELS[id]).join(', ')}`}
          {checks.length > 0 && usual && '; '}
          {usual && `usually ${usual}`}
          {']'}
        </span>
      )}
    </span>
  ));
}

/** Rows of which nothing is known on either side are named in one line, and not shown as figures. */
function Figures({ sheet: { figures, energyShares } }: { sheet: Sheet }) {
  const unknown = ({ perServing, per100g }: SheetRow) => perServing.text === 'not known' && per100g.text === 'not known';
  const shown = figures.filter((row) => !unknown(row) && !row.minor);
  const open = figures.filter((row) => unknown(row) && row.declared);
  const percent = shown.some(({ percentDaily }) => percentDaily !== undefined);
  return (
    <section aria-label="Figures" className="break-inside-avoid text-sm">
      <table className="w-full">
        <caption className="sr-only">Figures of one bowl and of 100 g</caption>
        <thead>
          <tr className="text-left">
            <th scope="col">
              <span className="sr-only">Figure</span>
            </th>
            <th scope="col" className="pl-2 text-right">
              one bowl
            </th>
            <th scope="col" className="pl-2 text-right font-normal text-kale-soft">
              unrounded range
            </th>
            <th scope="col" className="pl-2 text-right">
              100 g
            </th>
            {percent && (
              <th scope="col" className="pl-2 text-right">
                % of a day
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {shown.map(({ nutrient, label, countedOtherwise, perServing, per100g, percentDaily }) => (
            <tr key={nutrient} className="border-t border-line/60">
              <th scope="row" className="text-left font-normal">
                {label}
              </th>
              <td className="pl-2 text-right whitespace-nowrap">{perServing.text}</td>
              <td className="pl-2 text-right whitespace-nowrap text-kale-soft">
                {perServing.atLeast || countedOtherwise ? '' : `${figure(perServing.low)} to ${figure(perServing.high)}`}
              </td>
              <td className="pl-2 text-right whitespace-nowrap">{per100g.text}</td>
              {percent && <td className="pl-2 text-right">{percentDaily === undefined ? '' : `${percentDaily} %`}</td>}
            </tr>
          ))}
        </tbody>
      </table>
      {open.length > 0 && <p className="text-kale-soft">Not known: {open.map(({ nutrient }) => nutrientName(nutrient)).join(', ')}.</p>}
      {!figures.some(({ nutrient, perServing }) => nutrient === 'energyKcal' && perServing.atLeast) && (
        <p>
          Energy from{' '}
          {(Object.entries(energyShares) as [string, number][])
            .filter(([, share]) => share >= 0.005)
            .map(([name, share]) => `${name} ${whole(100 * share)} %`)
            .join(', ')}
          .
        </p>
      )}
    </section>
  );
}

function restsOn({ measured, recalled, label, imported }: Sheet['provenance']): string {
  const parts = [
    [measured, 'measured tables'],
    [recalled, 'tables from memory'],
    [label, 'labels'],
    [imported, 'imported tables'],
  ] as const;
  const said = parts.filter(([share]) => share >= 0.005).map(([share, name]) => `${name} ${whole(100 * share)} %`);
  return said.length > 0 ? said.join(', ') : 'nothing that is known';
}
