import { Plus, X } from 'lucide-react';
import { memo } from 'react';
import { withoutNeed } from '../../../core/swap/need.ts';
import { MOST_APART, tallyOf, tallyWords } from '../../../core/swap/tally.ts';
import type { NeedVerdict } from '../../../core/swap/verdict.ts';
import { needLabel } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { focusAfter } from '../../ui/focus.ts';
import { State, type Tone } from '../../ui/state.tsx';
import { useBench } from '../bench/store.ts';
import type { BenchView } from '../bench/view.ts';
import { NeedsForm } from './NeedsForm.tsx';

const TONE: Record<string, Tone> = { meets: 'meets', likely: 'likely', cannotTell: 'check', breaks: 'breaks' };
interface Props {
  view: BenchView;
  adding: boolean;
  onAdding: (open: boolean) => void;
}

/** The needs as chips, each with its state; '+ need' opens all of them. */
export const NeedsBar = memo(function NeedsBar({ view, adding, onAdding }: Props) {
  const setNeeds = useBench((state) => state.setNeeds);
  const { needs, verdicts } = view;
  const avoided = verdicts.filter(({ need }) => need.kind === 'avoid');
  const together = avoided.length > MOST_APART;
  const single = together ? verdicts.filter(({ need }) => need.kind !== 'avoid') : verdicts;
  return (
    <section aria-label="Needs" className="flex flex-wrap items-center gap-1.5">
      <span>Needs:</span>
      <ul className="contents">
        {single.map(({ need, state }) => {
          const label = needLabel(need, needs, view);
          return (
            <Chip
              key={`${need.kind}-${need.index}`}
              label={label}
              tone={TONE[state] as Tone}
              onDrop={() => {
                setNeeds(withoutNeed(needs, need));
                focusAfter(() => document.querySelector<HTMLElement>('[aria-label="Needs"] button'));
              }}
            />
          );
        })}
        {together && (
          <Chip
            label={`avoids ${avoided.length} foods`}
            title={avoided.map(({ need }) => needLabel(need, needs, view)).join('\n')}
            tone={worst(avoided)}
            onDrop={() => setNeeds(JSON.parse(JSON.stringify({ ...needs, avoidFoods: undefined })))}
          />
        )}
      </ul>
      <Button kind="chip" onClick={() => onAdding(true)}>
        <Plus size={14} aria-hidden /> need
      </Button>
      <span className="ml-auto text-kale-soft" role="status">
        {verdicts.length === 0 ? 'nothing asked yet' : tallyWords(tallyOf(verdicts))}
      </span>
      <Dialog
        open={adding}
        onOpenChange={onAdding}
        wide
        title="What must this soup meet?"
        description="Per bowl unless you say otherwise. Limits are the dietitian's to set; the figures here are no advice."
      >
        <NeedsForm view={view} onSaid={() => onAdding(false)} />
      </Dialog>
    </section>
  );
});

const worst = (verdicts: readonly NeedVerdict[]): Tone =>
  (['breaks', 'cannotTell', 'likely', 'meets'] as const)
    .map((state) => (verdicts.some((one) => one.state === state) ? TONE[state] : undefined))
    .find(Boolean) ?? 'meets';

function Chip({ label, title, tone, onDrop }: { label: string; title?: string; tone: Tone; onDrop: () => void }) {
  return (
    <li className="inline-flex items-center rounded-md border border-line bg-card pl-1.5">
      <State tone={tone} {...(title ? { title } : {})}>
        {label}
      </State>
      <button
        type="button"
        aria-label={`Drop the need ${label}`}
        onClick={onDrop}
        className="flex size-7 items-center justify-center rounded hover:bg-oat-deep"
      >
        <X size={13} aria-hidden />
      </button>
    </li>
  );
}
