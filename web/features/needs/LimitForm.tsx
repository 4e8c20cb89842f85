import { useState } from 'react';
import type { Limit, Needs } from '../../../core/swap/needs.ts';
import { NUTRIENT_LABELS, type Nutrient, nutrientsBy, nutrientUnit } from '../../../core/vocabulary/nutrient.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Select } from '../../ui/field.tsx';
import { NumberInput, type Typed } from '../../ui/numberInput.tsx';

const LIMITED = nutrientsBy('limit');

/** One limit with its least, its most or both. A limit on the same figure takes the place of the one before. */
export function LimitForm({ needs, onNeeds }: { needs: Needs; onNeeds: (needs: Needs) => void }) {
  const [nutrient, setNutrient] = useState<Nutrient>('sodiumMg');
  const [per, setPer] = useState<Limit['per']>('serving');
  const [min, setMin] = useState<Typed>(null);
  const [max, setMax] = useState<Typed>(null);
  const crossed = typeof min === 'number' && typeof max === 'number' && min > max;
  const valid = !crossed && min !== undefined && max !== undefined && (min !== null || max !== null);
  const add = () => {
    const rest = (needs.limits ?? []).filter((limit) => limit.nutrient !== nutrient || limit.per !== per);
    onNeeds({
      ...needs,
      limits: [...rest, { nutrient, per, ...(typeof min === 'number' ? { min } : {}), ...(typeof max === 'number' ? { max } : {}) }],
    });
    setMin(null);
    setMax(null);
  };
  const unit = nutrientUnit(nutrient);
  return (
    <form
      className="flex flex-wrap items-start gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (valid) add();
      }}
    >
      <Field label="Limit">
        <Select value={nutrient} onChange={(event) => setNutrient(event.target.value as Nutrient)}>
          {LIMITED.map((key) => (
            <option key={key} value={key}>
              {NUTRIENT_LABELS[key]}
            </option>
          ))}
        </Select>
      </Field>
      <Field label={`At least, ${unit}`}>
        <NumberInput className="w-20" min={0} value={min} onValue={setMin} />
      </Field>
      <Field label={`At most, ${unit}`}>
        <NumberInput className="w-20" min={0} value={max} onValue={setMax} />
      </Field>
      <Field label="Per">
        <Select value={per} onChange={(event) => setPer(event.target.value as Limit['per'])}>
          <option value="serving">bowl</option>
          <option value="100g">100 g</option>
        </Select>
      </Field>
      <Button type="submit" kind="main" className="mt-5.5" disabled={!valid}>
        Add limit
      </Button>
      {crossed && (
        <p role="status" className="w-full text-sm text-beet">
          The least is above the most: swap them, or leave one out.
        </p>
      )}
    </form>
  );
}
