import { Plus, X } from 'lucide-react';
import { memo, useState } from 'react';
import { ALLERGEN_LABELS, ALLERGENS, type AllergenId, DIET_LABELS, DIETS, type DietId } from '../../../core/allergen/ids.ts';
import { NUTRIENT_LABELS, type Nutrient, nutrientUnit } from '../../../core/nutrient.ts';
import { PRESETS, withPreset } from '../../../core/swap/data/presets.ts';
import type { Limit, Needs } from '../../../core/swap/needs.ts';
import type { NeedVerdict } from '../../../core/swap/verdict.ts';
import { needLabel, withoutNeed } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Field, Input, Select } from '../../ui/field.tsx';
import { State, type Tone } from '../../ui/state.tsx';
import { useBench } from '../bench/store.ts';
import type { BenchView } from '../bench/view.ts';

const TONE: Record<string, Tone> = { meets: 'meets', likely: 'likely', cannotTell: 'check', breaks: 'breaks' };

/** The needs as chips, each with its state; '+ need' adds one. */
export const NeedsBar = memo(function NeedsBar({ view, adding, onAdding }: { view: BenchView; adding: boolean; onAdding: (open: boolean) => void }) {
  const setNeeds = useBench((state) => state.setNeeds);
  const { needs, verdicts } = view;
  return (
    <section aria-label="Needs" className="flex flex-wrap items-center gap-1.5">
      <span>Needs:</span>
      <ul className="contents">
        {verdicts.map(({ need, state }) => (
          <li key={`${need.kind}-${need.index}`} className="inline-flex items-center rounded-md border border-line bg-card pl-1.5">
            <State tone={TONE[state] as Tone}>{needLabel(need, needs)}</State>
            <button
              type="button"
              aria-label={`Drop the need ${needLabel(need, needs)}`}
              onClick={() => setNeeds(withoutNeed(needs, need))}
              className="flex size-7 items-center justify-center rounded hover:bg-oat-deep"
            >
              <X size={13} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <Button kind="chip" onClick={() => onAdding(true)}>
        <Plus size={14} aria-hidden /> need
      </Button>
      <span className="ml-auto text-kale-soft" role="status">
        {countWords(verdicts)}
      </span>
      <Dialog
        open={adding}
        onOpenChange={onAdding}
        title="What must this soup meet?"
        description="Per bowl unless you say otherwise. Limits are the dietitian's to set; the figures here are no advice."
      >
        <AddNeed needs={needs} onAdd={setNeeds} />
      </Dialog>
    </section>
  );
});

/** What is met is counted; what only a label can tell is counted apart. */
function countWords(verdicts: readonly NeedVerdict[]): string {
  if (verdicts.length === 0) return 'nothing asked yet';
  const met = verdicts.filter(({ state }) => state === 'meets' || state === 'likely').length;
  const open = verdicts.filter(({ state }) => state === 'cannotTell').length;
  return `${met} of ${verdicts.length} met${open > 0 ? `, ${open} to check` : ''}`;
}

const LIMITED: readonly Nutrient[] = [
  'sodiumMg',
  'saturatedFatG',
  'fatG',
  'potassiumMg',
  'phosphorusMg',
  'proteinG',
  'energyKcal',
  'carbohydrateG',
  'availableCarbohydrateG',
  'sugarsG',
  'fibreG',
  'calciumMg',
  'cholesterolMg',
  'ironMg',
  'vitaminKUg',
  'saltG',
];

function AddNeed({ needs, onAdd }: { needs: Needs; onAdd: (needs: Needs) => void }) {
  const [caution, setCaution] = useState('');
  const [limit, setLimit] = useState({
    nutrient: 'saturatedFatG' as Nutrient,
    bound: 'max' as 'max' | 'min',
    value: '',
    per: 'serving' as Limit['per'],
  });
  const value = Number(limit.value.replace(',', '.'));
  const valid = limit.value.trim() !== '' && Number.isFinite(value) && value >= 0;
  const toggle = <T extends string>(list: readonly T[] | undefined, id: T): T[] =>
    list?.includes(id) ? list.filter((one) => one !== id) : [...(list ?? []), id];
  const addLimit = () => {
    const rest = (needs.limits ?? []).filter(({ nutrient, per }) => nutrient !== limit.nutrient || per !== limit.per);
    const before = needs.limits?.find(({ nutrient, per }) => nutrient === limit.nutrient && per === limit.per);
    onAdd({ ...needs, limits: [...rest, { nutrient: limit.nutrient, per: limit.per, ...before, [limit.bound]: value }] });
    setLimit({ ...limit, value: '' });
  };
  return (
    <div className="flex flex-col gap-4">
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (valid) addLimit();
        }}
      >
        <Field label="Limit">
          <Select value={limit.nutrient} onChange={(event) => setLimit({ ...limit, nutrient: event.target.value as Nutrient })}>
            {LIMITED.map((key) => (
              <option key={key} value={key}>
                {NUTRIENT_LABELS[key]}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Bound">
          <Select value={limit.bound} onChange={(event) => setLimit({ ...limit, bound: event.target.value as 'max' })}>
            <option value="max">at most</option>
            <option value="min">at least</option>
          </Select>
        </Field>
        <Field label={nutrientUnit(limit.nutrient)}>
          <Input className="w-20" inputMode="decimal" value={limit.value} onChange={(event) => setLimit({ ...limit, value: event.target.value })} />
        </Field>
        <Field label="Per">
          <Select value={limit.per} onChange={(event) => setLimit({ ...limit, per: event.target.value as Limit['per'] })}>
            <option value="serving">bowl</option>
            <option value="100g">100 g</option>
          </Select>
        </Field>
        <Button type="submit" kind="main" disabled={!valid}>
          Add limit
        </Button>
      </form>
      <fieldset>
        <legend className="text-sm text-kale-soft">Start from (common practice, to be changed line by line)</legend>
        <div className="flex flex-wrap gap-1">
          {PRESETS.map((preset) => (
            <Button
              key={preset.id}
              kind="chip"
              onClick={() => {
                onAdd(withPreset(needs, preset));
                setCaution(preset.caution);
              }}
            >
              {preset.name}
            </Button>
          ))}
        </div>
        <p role="status" className="mt-1 text-sm text-mustard">
          {caution}
        </p>
      </fieldset>
      <fieldset>
        <legend className="text-sm text-kale-soft">No</legend>
        <div className="flex flex-wrap gap-1">
          {ALLERGENS.map((id: AllergenId) => (
            <Button
              key={id}
              kind="chip"
              aria-pressed={needs.allergens?.includes(id) ?? false}
              className="aria-pressed:border-kale aria-pressed:bg-kale aria-pressed:text-white"
              onClick={() => onAdd({ ...needs, allergens: toggle(needs.allergens, id) })}
            >
              {ALLERGEN_LABELS[id]}
            </Button>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend className="text-sm text-kale-soft">Diet</legend>
        <div className="flex flex-wrap gap-1">
          {DIETS.map((id: DietId) => (
            <Button
              key={id}
              kind="chip"
              aria-pressed={needs.diets?.includes(id) ?? false}
              className="aria-pressed:border-kale aria-pressed:bg-kale aria-pressed:text-white"
              onClick={() => onAdd({ ...needs, diets: toggle(needs.diets, id) })}
            >
              {DIET_LABELS[id]}
            </Button>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend className="text-sm text-kale-soft">Texture</legend>
        <div className="flex flex-wrap gap-1">
          <Button
            kind="chip"
            aria-pressed={needs.body === 'same'}
            className="aria-pressed:border-kale aria-pressed:bg-kale aria-pressed:text-white"
            onClick={() => onAdd(needs.body === 'same' ? withoutNeed(needs, { kind: 'body' }) : { ...needs, body: 'same' })}
          >
            same body
          </Button>
          <Button
            kind="chip"
            aria-pressed={needs.smooth ?? false}
            className="aria-pressed:border-kale aria-pressed:bg-kale aria-pressed:text-white"
            onClick={() => onAdd(needs.smooth ? withoutNeed(needs, { kind: 'smooth' }) : { ...needs, smooth: true })}
          >
            smooth
          </Button>
        </div>
      </fieldset>
    </div>
  );
}
