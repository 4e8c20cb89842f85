import { type FormEvent, useMemo, useState } from 'react';
import type { OwnFoodBody } from '../../../contract/types.ts';
import type { LabelForm as Form, LabelEntry, LabelKey } from '../../../core/food/label.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import { CATEGORIES, type Category } from '../../../core/vocabulary/category.ts';
import { NUTRIENT_LABELS, nutrientName, nutrientUnit } from '../../../core/vocabulary/nutrient.ts';
import { figure } from '../../kitchen/format.ts';
import { useKitchen, useSaveOwnFood } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Field, Input, Select } from '../../ui/field.tsx';
import { NumberInput } from '../../ui/numberInput.tsx';
import { Notice } from '../../ui/state.tsx';

/** In the order of each form's panel. */
const PRINTED: Record<Form, readonly LabelKey[]> = {
  us: [
    'energyKcal',
    'fatG',
    'saturatedFatG',
    'transFatG',
    'cholesterolMg',
    'sodiumMg',
    'carbohydrateG',
    'fibreG',
    'sugarsG',
    'addedSugarsG',
    'proteinG',
    'vitaminDUg',
    'calciumMg',
    'ironMg',
    'potassiumMg',
    'phosphorusMg',
  ],
  eu: ['energyKcal', 'fatG', 'saturatedFatG', 'carbohydrateG', 'sugarsG', 'fibreG', 'proteinG', 'saltG', 'potassiumMg', 'calciumMg', 'phosphorusMg'],
};

const labelOf = (key: LabelKey, form: Form): string =>
  key === 'carbohydrateG' ? (form === 'eu' ? 'Carbohydrate (available)' : 'Carbohydrate, total') : NUTRIENT_LABELS[key];

const EMPTY = (date: string): LabelEntry => ({
  name: '',
  aliases: [],
  category: 'sauce',
  form: 'us',
  perGrams: 30,
  figures: {},
  ingredients: null,
  date,
});

interface Props {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** The food to change; a new one without it. */
  own?: OwnFoodBody | undefined;
  onSaved: (food: OwnFoodBody) => void;
}

/** A food from its package: what is printed, as it is printed. */
export function LabelForm({ open, onOpenChange, own, onSaved }: Props) {
  return (
    <Dialog
      wide
      open={open}
      onOpenChange={onOpenChange}
      title={own ? `The label of ${own.entry.name}` : 'A food from its package'}
      description="Copy what is printed. What is left empty is unknown, and a soup with it says 'at least'."
    >
      {open && <FormBody own={own} onSaved={onSaved} />}
    </Dialog>
  );
}

function FormBody({ own, onSaved }: Pick<Props, 'own' | 'onSaved'>) {
  const core = useKitchen();
  const save = useSaveOwnFood();
  const [entry, setEntry] = useState<LabelEntry>(own?.entry ?? EMPTY(new Date().toISOString().slice(0, 10)));
  const set = (change: Partial<LabelEntry>) => setEntry((now) => ({ ...now, ...change }));
  const usable = useMemo(
    () =>
      [...new Set(core.SWAPS.flatMap(({ replaces }) => replaces))]
        .flatMap((id) => core.shelf.food(id) ?? [])
        .sort((a, b) => a.name.localeCompare(b.name, 'en')),
    [core],
  );
  const faults = core.labelFaults(entry);
  const energy = core.energyDoubt(entry);
  const read = useMemo(() => (entry.ingredients === null ? null : core.readIngredients(entry.ingredients)), [core, entry.ingredients]);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    save.mutate(
      {
        ...(own ? { id: own.id, revision: own.revision } : {}),
        retired: own?.retired ?? false,
        entry: { ...entry, name: entry.name.trim(), figures: shownFigures(entry) },
      },
      { onSuccess: onSaved },
    );
  };
  return (
    <form onSubmit={submit} className="flex flex-col gap-3">
      <div className="grid gap-2 sm:grid-cols-2">
        <Field label="Name">
          <Input required autoFocus value={entry.name} onChange={(event) => set({ name: event.target.value })} />
        </Field>
        <Field label="Other words for it, with commas">
          <Input
            defaultValue={entry.aliases.join(', ')}
            onChange={(event) =>
              set({
                aliases: event.target.value
                  .split(',')
                  .map((word) => word.trim().toLowerCase())
                  .filter(Boolean),
              })
            }
          />
        </Field>
        <Field label="Kind">
          <Select value={entry.category} onChange={(event) => set({ category: event.target.value as Category })}>
            {CATEGORIES.map((one) => (
              <option key={one} value={one}>
                {one.replaceAll('-', ' ')}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Label read on">
          <Input type="date" required value={entry.date} onChange={(event) => set({ date: event.target.value })} />
        </Field>
        <Field label="Form of the label">
          <Select
            value={entry.form}
            onChange={(event) => set({ form: event.target.value as Form, ...(event.target.value === 'eu' ? { perGrams: 100 } : {}) })}
          >
            <option value="us">US, per serving</option>
            <option value="eu">EU or UK, per 100 g</option>
          </Select>
        </Field>
        <NumberBox
          key={entry.form}
          label="Figures are for, g"
          value={entry.perGrams}
          onSet={(perGrams) => set({ perGrams: perGrams ?? 0 })}
          required
        />
        <Field label="Used like">
          <Select value={entry.like ?? ''} onChange={(event) => set({ like: event.target.value === '' ? undefined : event.target.value })}>
            <option value="">(none: it has no swaps)</option>
            {usable.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Select>
        </Field>
        <NumberBox label="Grams per millilitre, if it pours" value={entry.gramsPerMl} onSet={(gramsPerMl) => set({ gramsPerMl })} />
      </div>
      <fieldset className="grid grid-cols-2 gap-2 sm:grid-cols-4">
        <legend className="mb-1 font-semibold">Printed figures</legend>
        {PRINTED[entry.form].map((key) => (
          <NumberBox
            key={key}
            label={`${labelOf(key, entry.form)}, ${nutrientUnit(key)}`}
            value={entry.figures[key]}
            onSet={(value) => {
              const { [key]: _, ...rest } = entry.figures;
              set({ figures: value === undefined ? rest : { ...rest, [key]: value } });
            }}
          />
        ))}
      </fieldset>
      <Field label="Ingredients and warnings, as printed">
        <textarea
          rows={4}
          className="rounded-md border border-kale-soft bg-white px-2 py-1"
          value={entry.ingredients ?? ''}
          onChange={(event) => set({ ingredients: event.target.value === '' ? null : event.target.value })}
        />
      </Field>
      <p className="text-sm" role="status">
        {read === null
          ? 'Without the ingredients every allergen has to be checked.'
          : `Reads: ${read.contains.length > 0 ? `contains ${read.contains.map(({ allergen }) => ALLERGEN_LABELS[allergen]).join(', ')}` : 'no allergen by name'}${
              read.checks.length > 0 ? `; check ${read.checks.map(({ allergen }) => ALLERGEN_LABELS[allergen]).join(', ')}` : ''
            }${read.mayContain.length > 0 ? `; may contain ${read.mayContain.map(({ allergen }) => ALLERGEN_LABELS[allergen]).join(', ')}` : ''}${
              read.flags.includes('potassiumChloride') ? '; potassium chloride' : ''
            }${read.flags.includes('phosphate') ? '; phosphate additives' : ''}. It reads words and no kitchens: the pack decides.`}
      </p>
      {faults.map(({ key, message }) => (
        <Notice key={key} tone="breaks">
          {labelOf(key, entry.form)}: {message}
        </Notice>
      ))}
      {energy && (
        <Notice tone="check">
          The label prints {figure(energy.printed)} kcal; its {nutrientName('fatG')}, carbohydrate and protein come to {figure(energy.reckoned)}. Is a
          figure or the serving size copied wrong?
        </Notice>
      )}
      {save.isError && <Notice tone="breaks">{save.error.message} Nothing you typed is lost.</Notice>}
      <div className="flex justify-end">
        <Button kind="main" type="submit" disabled={entry.name.trim() === '' || entry.perGrams <= 0 || faults.length > 0 || save.isPending}>
          {own ? 'Save the label' : 'Put it on the shelf'}
        </Button>
      </div>
    </form>
  );
}

/** Only what the chosen form prints: a figure typed under the other form is no part of this label. */
const shownFigures = ({ form, figures }: LabelEntry): LabelEntry['figures'] =>
  Object.fromEntries(PRINTED[form].flatMap((key) => (figures[key] === undefined ? [] : [[key, figures[key]]])));

/** undefined where nothing is printed; not a number while it cannot be read. */
function NumberBox({
  label,
  value,
  onSet,
  required = false,
}: {
  label: string;
  value: number | undefined;
  onSet: (value: number | undefined) => void;
  required?: boolean;
}) {
  return (
    <Field label={label}>
      <NumberInput
        min={0}
        required={required}
        className="w-full"
        value={Number.isNaN(value) ? undefined : (value ?? null)}
        onValue={(next) => onSet(next === undefined ? Number.NaN : (next ?? undefined))}
      />
    </Field>
  );
}
