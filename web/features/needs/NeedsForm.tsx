import type { ReactNode } from 'react';
import { withoutNeed } from '../../../core/swap/need.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import { ALLERGEN_LABELS, ALLERGENS, DIET_LABELS, DIETS } from '../../../core/vocabulary/allergens.ts';
import { Button } from '../../ui/button.tsx';
import { useBench } from '../bench/store.ts';
import type { BenchView } from '../bench/view.ts';
import { FoodLists } from './FoodLists.tsx';
import { LimitForm } from './LimitForm.tsx';
import { Presets } from './Presets.tsx';
import { SayNeeds } from './SayNeeds.tsx';
import { Weighing } from './Weighing.tsx';

/** Everything that can be asked of a soup: said in words, started from a preset, or set one by one. */
export function NeedsForm({ view, onSaid }: { view: BenchView; onSaid: () => void }) {
  const setNeeds = useBench((state) => state.setNeeds);
  const { needs } = view;
  const put = (changes: Partial<Needs>) => setNeeds(JSON.parse(JSON.stringify({ ...needs, ...changes })) as Needs);
  const toggle = <T extends string>(list: readonly T[] | undefined, id: T): T[] | undefined => {
    const next = list?.includes(id) ? list.filter((one) => one !== id) : [...(list ?? []), id];
    return next.length > 0 ? next : undefined;
  };
  return (
    <div className="flex flex-col gap-4">
      <SayNeeds view={view} onSaid={onSaid} />
      <Presets needs={needs} onNeeds={setNeeds} />
      <LimitForm needs={needs} onNeeds={setNeeds} />
      <Group legend="No">
        {ALLERGENS.map((id) => (
          <Toggle key={id} on={needs.allergens?.includes(id) ?? false} onToggle={() => put({ allergens: toggle(needs.allergens, id) })}>
            {ALLERGEN_LABELS[id]}
          </Toggle>
        ))}
      </Group>
      <Group legend="Diet">
        {DIETS.map((id) => (
          <Toggle key={id} on={needs.diets?.includes(id) ?? false} onToggle={() => put({ diets: toggle(needs.diets, id) })}>
            {DIET_LABELS[id]}
          </Toggle>
        ))}
      </Group>
      <Group legend="Texture">
        <Toggle
          on={needs.body === 'same'}
          onToggle={() => (needs.body === 'same' ? setNeeds(withoutNeed(needs, { kind: 'body' })) : put({ body: 'same' }))}
        >
          same body
        </Toggle>
        <Toggle on={needs.smooth ?? false} onToggle={() => (needs.smooth ? setNeeds(withoutNeed(needs, { kind: 'smooth' })) : put({ smooth: true }))}>
          smooth
        </Toggle>
      </Group>
      <FoodLists view={view} onNeeds={put} />
      <Weighing needs={needs} onNeeds={put} />
    </div>
  );
}

const Group = ({ legend, children }: { legend: string; children: ReactNode }) => (
  <fieldset>
    <legend className="text-sm text-kale-soft">{legend}</legend>
    <div className="flex flex-wrap gap-1">{children}</div>
  </fieldset>
);

const Toggle = ({ on, onToggle, children }: { on: boolean; onToggle: () => void; children: ReactNode }) => (
  <Button kind="chip" aria-pressed={on} className="aria-pressed:border-kale aria-pressed:bg-kale aria-pressed:text-white" onClick={onToggle}>
    {children}
  </Button>
);
