import { X } from 'lucide-react';
import type { Guest } from '../../../contract/types.ts';
import { LEAST_BOWLS, MOST_BOWLS } from '../../../core/group/seat.ts';
import { needRefs } from '../../../core/swap/need.ts';
import { needWords } from '../../../core/swap/needWords.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Input } from '../../ui/field.tsx';
import { NumberInput } from '../../ui/numberInput.tsx';
import { GuestDays } from './GuestDays.tsx';
import { SaidField } from './SaidField.tsx';

/** What was said and not understood. */
export interface Unread {
  needs: readonly string[];
  beside: readonly string[];
}
export const ALL_READ: Unread = { needs: [], beside: [] };

interface Props {
  guest: Guest;
  at: number;
  fault: string | null;
  unread: Unread;
  core: Kitchen;
  onChange: (to: Partial<Guest>, unread?: Unread) => void;
  onOut: () => void;
}

/** One guest, by seat: needs and sides in words, shown back as they were understood. */
export function GuestRow({ guest: { seat, needs, bowls, sides, days = [] }, at, fault, unread, core, onChange, onOut }: Props) {
  const asks = needRefs(needs).length > 0;
  const left = [...unread.needs, ...unread.beside];
  return (
    <li className="flex flex-wrap items-end gap-3 rounded-md border border-line bg-card p-2">
      <Field label="Seat">
        <Input
          className="w-20"
          aria-label={`Seat ${at + 1}`}
          aria-invalid={fault !== null}
          value={seat}
          maxLength={20}
          onChange={(event) => onChange({ seat: event.target.value })}
        />
      </Field>
      <Field label="Bowls">
        <NumberInput
          className="w-16"
          aria-label={`Bowls of ${seat}`}
          value={bowls ?? 1}
          min={LEAST_BOWLS}
          max={MOST_BOWLS}
          onValue={(value) => typeof value === 'number' && onChange({ bowls: value })}
        />
      </Field>
      <SaidField
        label="Needs, in words"
        name={`Needs of ${seat}`}
        placeholder="no milk, at most 400 mg sodium"
        className="min-w-56 flex-1"
        unread={unread.needs}
        onSaid={(text) => {
          if (text.trim() === '') {
            onChange({}, { ...unread, needs: [] });
            return [];
          }
          const said = core.sayNeeds(text, needs, core.shelf);
          onChange({ needs: said.needs }, { ...unread, needs: said.unread });
          return said.unread;
        }}
      />
      <SaidField
        label="Beside the bowl"
        name={`Beside the bowl of ${seat}`}
        placeholder="as the soup has it"
        className="min-w-44"
        unread={unread.beside}
        onSaid={(text) => {
          if (text.trim() === '') {
            onChange({}, { ...unread, beside: [] });
            return [];
          }
          const said = core.sayBeside(text, 'metric', core.shelf);
          const nothing = said.sides.length === 0 && said.unread.length > 0;
          onChange(nothing ? {} : { sides: said.sides }, { ...unread, beside: said.unread });
          return said.unread;
        }}
      />
      <Button kind="quiet" aria-label={`Leave out ${seat}`} onClick={onOut}>
        <X size={16} aria-hidden />
      </Button>
      <div className="flex basis-full flex-wrap items-baseline gap-x-4 text-sm">
        <p role="status" className={fault || left.length > 0 ? 'text-beet' : 'text-kale-soft'}>
          {fault ??
            (left.length > 0
              ? `Not understood: ${left.map((one) => `'${one}'`).join(', ')}. Say it otherwise, or take it out, and the group can be kept.`
              : asks
                ? needWords(needs)
                : 'needs nothing special')}
          {asks && (
            <>
              {' '}
              <button type="button" className="min-h-6 underline" aria-label={`Ask nothing for ${seat}`} onClick={() => onChange({ needs: {} })}>
                ask nothing
              </button>
            </>
          )}
          {sides && (
            <>
              {'; beside: '}
              {core.besideWords(sides, core.shelf)}{' '}
              <button
                type="button"
                className="min-h-6 underline"
                aria-label={`Beside ${seat} as the soup has it`}
                onClick={() => onChange({ sides: undefined })}
              >
                as the soup has it
              </button>
            </>
          )}
        </p>
        <GuestDays seat={seat} days={days} onDays={(next) => onChange({ days: next.length > 0 ? next : undefined })} />
      </div>
    </li>
  );
}
