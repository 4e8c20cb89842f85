import { useState } from 'react';
import type { LookFor, WorklistItem } from '../../../core/allergen/worklist.ts';
import type { PinFlag, PinState } from '../../../core/food/pins.ts';
import { dayAfter } from '../../../core/quantity/day.ts';
import { ALLERGEN_LABELS, ALLERGENS, type AllergenId, DIET_LABELS, type DietId } from '../../../core/vocabulary/allergens.ts';
import { type Kitchen, useDropPin, usePins, useSavePin, useToday } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Field, Input, Select } from '../../ui/field.tsx';
import { Notice } from '../../ui/state.tsx';
import { Tick } from '../../ui/tick.tsx';
import { say } from '../../ui/toast.ts';

/** A label is worth half a year (common practice, no source). */
const WORTH_DAYS = 182;

type Answer = PinState | 'open';
const ANSWERS: Record<Answer, string> = {
  open: 'not looked up',
  contains: 'contains it',
  mayContain: 'may contain it',
  absent: 'not in the ingredients',
};

/** What the label of this kitchen's product says: each check becomes a fact until the day to look again. */
export function LabelReadDialog({ item, core, onClose }: { item: WorklistItem | null; core: Kitchen; onClose: () => void }) {
  return (
    <Dialog
      open={item !== null}
      onOpenChange={(open) => !open && onClose()}
      title={item ? `The label of ${item.name}` : ''}
      description="What this kitchen's own product says. Each answer stands until the day to look again."
      wide
    >
      {item?.foodId && <LabelRead key={item.foodId} foodId={item.foodId} core={core} onClose={onClose} />}
    </Dialog>
  );
}

function LabelRead({ foodId, core, onClose }: { foodId: string; core: Kitchen; onClose: () => void }) {
  const pins = usePins();
  const save = useSavePin();
  const drop = useDropPin();
  const kept = pins.data?.find((pin) => pin.foodId === foodId);
  // The questions are those of the food as every kitchen knows it, not as this one has pinned it.
  const questions = core.questionsOf(foodId, core.shelf);
  const today = useToday();
  const [product, setProduct] = useState(kept?.product ?? '');
  const [readOn, setReadOn] = useState(today);
  const [lookAgainOn, setLookAgainOn] = useState(dayAfter(today, WORTH_DAYS));
  const [answers, setAnswers] = useState<Partial<Record<AllergenId, Answer>>>(() =>
    Object.fromEntries((kept?.allergens ?? []).map(({ allergen, state }) => [allergen, state])),
  );
  const [diets, setDiets] = useState<ReadonlySet<DietId>>(new Set(kept?.diets ?? []));
  const [flags, setFlags] = useState<Partial<Record<PinFlag, boolean>>>(() =>
    Object.fromEntries((kept?.flags ?? []).map(({ flag, present }) => [flag, present])),
  );
  const asked = questions.flatMap((one) => (one.kind === 'allergen' ? [one.id] : []));
  const further = (Object.keys(answers) as AllergenId[]).filter((id) => !asked.includes(id));
  const of = (kind: LookFor['kind']) => questions.filter((one) => one.kind === kind);
  // The answers are those of one product: another pack is asked anew.
  const anotherPack = () => {
    if (!kept?.product || product.trim() === kept.product || product.trim() === '') return;
    setAnswers({});
    setDiets(new Set());
    setFlags({});
    say(`Another pack than ${kept.product}: its answers are asked anew.`);
  };
  const submit = () =>
    save.mutate(
      {
        foodId,
        allergens: Object.entries(answers).flatMap(([allergen, state]) =>
          state === 'open' ? [] : [{ allergen: allergen as AllergenId, state: state as PinState }],
        ),
        diets: [...diets],
        flags: (Object.entries(flags) as [PinFlag, boolean][]).map(([flag, present]) => ({ flag, present })),
        readOn,
        lookAgainOn,
        product: product.trim(),
        revision: kept?.revision ?? 0,
      },
      { onSuccess: onClose },
    );
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        submit();
      }}
    >
      <div className="flex flex-wrap gap-3">
        <Field label="Product, as you call it" className="flex-1">
          <Input
            required
            pattern=".*\S.*"
            value={product}
            maxLength={200}
            onChange={(event) => setProduct(event.target.value)}
            onBlur={anotherPack}
          />
        </Field>
        <Field label="Read on">
          <Input type="date" required value={readOn} onChange={(event) => setReadOn(event.target.value)} />
        </Field>
        <Field label="Look again on">
          <Input type="date" required value={lookAgainOn} min={readOn} onChange={(event) => setLookAgainOn(event.target.value)} />
        </Field>
      </div>
      <fieldset className="flex flex-col gap-1">
        <legend className="mb-1">The ingredients list says</legend>
        {[...asked, ...further].map((id) => (
          <AnswerRow key={id} id={id} answer={answers[id] ?? 'open'} onAnswer={(answer) => setAnswers({ ...answers, [id]: answer })} />
        ))}
        <Select
          aria-label="Another allergen the label names"
          value=""
          onChange={(event) => event.target.value && setAnswers({ ...answers, [event.target.value]: 'contains' })}
          className="self-start"
        >
          <option value="">another allergen it names ...</option>
          {ALLERGENS.filter((id) => !asked.includes(id) && !(id in answers)).map((id) => (
            <option key={id} value={id}>
              {ALLERGEN_LABELS[id]}
            </option>
          ))}
        </Select>
      </fieldset>
      {(of('additive').length > 0 || of('diet').length > 0) && (
        <fieldset className="flex flex-wrap gap-x-5 gap-y-1">
          <legend className="mb-1">It also says</legend>
          {of('additive').map((one) => (
            <Field key={one.id} label={one.label}>
              <Select
                value={flags[one.id as PinFlag] === undefined ? '' : flags[one.id as PinFlag] ? 'yes' : 'no'}
                onChange={(event) => {
                  const { [one.id as PinFlag]: _, ...rest } = flags;
                  setFlags(event.target.value === '' ? rest : { ...rest, [one.id]: event.target.value === 'yes' });
                }}
              >
                <option value="">not looked up</option>
                <option value="yes">holds it</option>
                <option value="no">not in the ingredients</option>
              </Select>
            </Field>
          ))}
          {of('diet').map((one) => (
            <Tick
              key={one.id}
              checked={diets.has(one.id as DietId)}
              onChange={(fits) => {
                const next = new Set(diets);
                if (fits) next.add(one.id as DietId);
                else next.delete(one.id as DietId);
                setDiets(next);
              }}
            >
              fits '{DIET_LABELS[one.id as DietId]}' by its label
            </Tick>
          ))}
        </fieldset>
      )}
      {save.error && <Notice tone="breaks">{save.error.message}</Notice>}
      <div className="flex justify-end gap-2">
        {kept && (
          <Button className="mr-auto" onClick={() => drop.mutate(foodId, { onSuccess: onClose })}>
            Forget this label
          </Button>
        )}
        <Button onClick={onClose}>Cancel</Button>
        <Button kind="main" type="submit" disabled={save.isPending}>
          Keep this answer until {lookAgainOn}
        </Button>
      </div>
    </form>
  );
}

const AnswerRow = ({ id, answer, onAnswer }: { id: AllergenId; answer: Answer; onAnswer: (answer: Answer) => void }) => (
  <div className="flex items-center gap-3">
    <span className="w-32" aria-hidden>
      {ALLERGEN_LABELS[id]}
    </span>
    <Select aria-label={ALLERGEN_LABELS[id]} value={answer} onChange={(event) => onAnswer(event.target.value as Answer)}>
      {(Object.keys(ANSWERS) as Answer[]).map((one) => (
        <option key={one} value={one}>
          {ANSWERS[one]}
        </option>
      ))}
    </Select>
  </div>
);
