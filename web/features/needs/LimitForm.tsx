import { useState } from 'react';
import type { Limit, Needs } from '../../../core/swap/needs.ts';
import { NUTRIENT_LABELS, type Nutrient, nutrientsBy, nutrientUnit } from '../../../core/vocabulary/nutrient.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Input, Select } from '../../ui/field.tsx';

const LIMITED = nutrientsBy('limit');

const numberIn = (text: string): number | undefined => {
  const value = Number(text.replace(',', '.'));
  return text.trim() !== '' && Number.isFinite(value) && value >= 0 ? value : undefined;
};

/** One limit with its least, its most or both. A limit on the same figure takes the place of the one before. */
export function LimitForm({ needs, onNeeds }: { needs: Needs; onNeeds: (needs: Needs) => void }) {
  const [nutrient, setNutrient] = useState<Nutrient>('sodiumMg');
  const [per, setPer] = useState<Limit['per']>('serving');
  const [least, setLeast] = useState('');
  const [most, setMost] = useState('');
  const min = numberIn(least);
  const max = numberIn(most);
  const crossed = min !== undefined && max !== undefined && min > max;
  const valid =
    !crossed &&
    (min !== undefined || max !== undefined) &&
    (least.trim() === '') === (min === undefined) &&
    (most.trim() === '') === (max === undefined);
  const add = () => {
    const rest = (needs.limits ?? []).filter((limit) => limit.nutrient !== nutrient || limit.per !== per);
    onNeeds({ ...needs, limits: [...rest, { nutrient, per, ...(min === undefined ? {} : { min }), ...(max === undefined ? {} : { max }) }] });
    setLeast('');
    setMost('');
  };
  const unit = nutrientUnit(nutrient);
  return (
    <form
      className="flex flex-wrap items-end gap-2"
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
        <Input className="w-20" inputMode="decimal" value={least} onChange={(event) => setLeast(event.target.value)} />
      </Field>
      <Field label={`At most, ${unit}`}>
        <Input className="w-20" inputMode="decimal" value={most} onChange={(event) => setMost(event.target.value)} />
      </Field>
      <Field label="Per">
        <Select value={per} onChange={(event) => setPer(event.target.value as Limit['per'])}>
          <option value="serving">bowl</option>
          <option value="100g">100 g</option>
        </Select>
      </Field>
      <Button type="submit" kind="main" disabled={!valid}>
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
