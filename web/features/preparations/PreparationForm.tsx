import { type FormEvent, useId, useMemo, useState } from 'react';
import type { PreparationBody } from '../../../contract/types.ts';
import { ALLERGEN_LABELS, type AllergenId } from '../../../core/vocabulary/allergens.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { useSavePreparation } from '../../api/preparations.ts';
import { useReading } from '../../api/queries.ts';
import { figure } from '../../kitchen/format.ts';
import { useKitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { BOX, Field, Input } from '../../ui/field.tsx';
import { NumberInput } from '../../ui/numberInput.tsx';
import { Notice } from '../../ui/state.tsx';
import { useSettled } from './useSettled.ts';

interface Props {
  /** What is kept; nothing for a new one. */
  kept: PreparationBody | undefined;
  onSaved: (saved: PreparationBody) => void;
  onForget: (kept: PreparationBody) => void;
}

/** A recipe as lines of text: what it is made of, then how. */
const textOf = ({ lines, steps }: Recipe): string =>
  [...lines.map(({ text }) => text), ...(steps.length > 0 ? ['', ...steps.map(({ text }) => text)] : [])].join('\n');
/** Headed, so that every line above the gap is read as an ingredient. */
const headed = (name: string, text: string): string => {
  const [lines = '', ...steps] = text.split(/\n\s*\n/);
  return `${name || 'Preparation'}\nServes 1\n\nIngredients\n${lines}${steps.length > 0 ? `\n\nMethod\n${steps.join('\n')}` : ''}`;
};

/** One preparation: its name, what it is made of, what it comes to, and what 100 g of it hold. */
export function PreparationForm({ kept, onSaved, onForget }: Props) {
  const first = kept ? textOf(kept.recipe) : '';
  const [name, setName] = useState(kept?.name ?? '');
  const [text, setText] = useState(first);
  const [yieldGrams, setYield] = useState(kept?.yieldGrams);
  const [doseGrams, setDose] = useState(kept?.doseGrams);
  const [keepDays, setKeep] = useState(kept?.keepDays);
  const settled = useSettled(text);
  const changed = kept === undefined || text !== first;
  const reading = useReading(changed && settled.trim() !== '' ? headed(name, settled) : '', 'auto');
  const recipe = changed ? reading.data?.recipe : kept?.recipe;
  const save = useSavePreparation();
  const help = useId();
  const ready = name.trim() !== '' && recipe !== undefined && recipe.lines.length > 0 && settled === text && !reading.isFetching;

  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!ready || !recipe) return;
    const { lines, steps } = recipe;
    save.mutate(
      {
        kept,
        preparation: {
          name: name.trim(),
          recipe: { title: name.trim(), servings: 1, lines, steps },
          ...(yieldGrams === undefined ? {} : { yieldGrams }),
          ...(doseGrams === undefined ? {} : { doseGrams }),
          ...(keepDays === undefined ? {} : { keepDays }),
        },
      },
      { onSuccess: onSaved },
    );
  };
  return (
    <form
      onSubmit={submit}
      aria-label={kept ? kept.name : 'A new preparation'}
      className="flex flex-col gap-3 rounded-xl border border-line bg-card p-4"
    >
      <Field label="Name">
        <Input required value={name} maxLength={200} placeholder="House vegetable stock" onChange={(event) => setName(event.target.value)} />
      </Field>
      <Field label="What it is made of, a line each; an empty line, then how it is made">
        <textarea
          className={BOX}
          required
          rows={9}
          value={text}
          aria-describedby={help}
          placeholder={'200 g celery, strained out\n200 g onion\n2.5 litres water\n\nSimmer 45 minutes without a lid and strain.'}
          onChange={(event) => setText(event.target.value)}
        />
      </Field>
      <p id={help} className="text-sm text-kale-soft">
        Soups that already use it keep their own copy: changing it here changes none of them.
      </p>
      <div className="flex flex-wrap gap-4">
        <Field label="Yield, g (weighed)">
          <NumberInput late className="w-32" value={yieldGrams} min={1} max={1e7} onValue={(value) => setYield(value ?? undefined)} />
        </Field>
        <Field label="Grams a bowl takes">
          <NumberInput late className="w-32" value={doseGrams} min={0.1} max={1e6} onValue={(value) => setDose(value ?? undefined)} />
        </Field>
        <Field label="Keeps chilled, days">
          <NumberInput late className="w-32" value={keepDays} min={1} max={365} onValue={(value) => setKeep(value ?? undefined)} />
        </Field>
      </div>
      {recipe && recipe.lines.length > 0 && <Worked name={name} recipe={recipe} yieldGrams={yieldGrams} />}
      {reading.isError && <Notice tone="breaks">{reading.error.message}</Notice>}
      {save.isError && <Notice tone="breaks">{save.error.message}</Notice>}
      <div className="flex gap-2">
        <Button kind="main" type="submit" disabled={!ready || save.isPending}>
          {kept ? 'Save the change' : 'Keep it'}
        </Button>
        {kept && <Button onClick={() => onForget(kept)}>Forget it</Button>}
      </div>
    </form>
  );
}

/** What was understood of it, and what 100 g hold. */
function Worked({ name, recipe, yieldGrams }: { name: string; recipe: Recipe; yieldGrams: number | undefined }) {
  const { preparedFood, shelf } = useKitchen();
  const food = useMemo(
    () => preparedFood({ id: 'shown', name: name.trim() || 'It', lines: recipe.lines, steps: recipe.steps, yieldGrams }, shelf),
    [preparedFood, shelf, name, recipe, yieldGrams],
  );
  const named = (ids: readonly AllergenId[]): string => [...new Set(ids)].map((id) => ALLERGEN_LABELS[id]).join(', ');
  const contains = named(food.contains.map(({ allergen }) => allergen));
  const checks = named(food.checks.map(({ allergen }) => allergen));
  const sure = (key: 'proteinG' | 'fatG' | 'carbohydrateG' | 'sodiumMg', unit: string) =>
    `${food.atLeast?.has(key) ? 'at least ' : ''}${figure(food.per100g[key] ?? 0)} ${unit}`;
  return (
    <section aria-label="What was understood" className="border-t border-line pt-3">
      <ul className="grid gap-x-6 sm:grid-cols-2">
        {recipe.lines.map((line) => (
          <li key={line.id} className="flex justify-between gap-2 border-b border-line">
            <span className={line.foodId === null ? 'text-beet' : ''}>
              {line.foodId === null ? `${line.text} (no food)` : (shelf.food(line.foodId)?.name ?? line.text)}
            </span>
            <span className="shrink-0">
              {line.grams ? `${figure(line.grams.best)} g` : 'not weighed'}
              {line.eaten && line.eaten !== 'all' ? `, ${line.eaten}` : ''}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2">
        100 g: protein {sure('proteinG', 'g')}, fat {sure('fatG', 'g')}, carbohydrate {sure('carbohydrateG', 'g')}, sodium {sure('sodiumMg', 'mg')}.
        {yieldGrams === undefined
          ? ' What it comes to is worked out from what steams away; weigh it once.'
          : ' What it comes to was weighed, and the figures go by it.'}
      </p>
      {contains !== '' && <p>Contains {contains}.</p>}
      {checks !== '' && <p className="text-mustard">Check: {checks}.</p>}
    </section>
  );
}
