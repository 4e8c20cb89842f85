import { useState } from 'react';
import { seatFault } from '../../../core/group/seat.ts';
import { askedBy, idOf, MOST_SEED } from '../../../core/practice/seeds.ts';
import { type Kind, LEVELS, type Level, ROUND_KINDS } from '../../../core/practice/types.ts';
import { useLearner } from '../../api/practice.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Input, Select } from '../../ui/field.tsx';
import { NumberInput } from '../../ui/numberInput.tsx';
import { Notice } from '../../ui/state.tsx';
import { useAddress } from '../../ui/useAddress.ts';
import { RoundCard } from './RoundCard.tsx';
import { KIND_WORDS, LEVEL_WORDS } from './words.ts';

const KEPT = 'kind-ladle.learner';

/** Rounds one after another: the kind, the level and the class's number live in the address, so that a class gets the same. */
export function PracticePanel() {
  const [params, put] = useAddress();
  const kind = ROUND_KINDS.find((one) => one === params.get('kind')) ?? 'find';
  const level = (LEVELS.find((one) => String(one) === params.get('level')) ?? 1) as Level;
  const [begun] = useState(() => 1 + Math.floor(Math.random() * 9000));
  const asked = Number(params.get('seed'));
  const seed = params.has('seed') && Number.isInteger(asked) && asked >= 0 && asked <= MOST_SEED ? asked : begun;
  const [code, setCode] = useState(() => localStorage.getItem(KEPT) ?? '');
  const fault = code === '' ? null : seatFault(code);
  const learner = fault === null ? code : '';
  const progress = useLearner(learner);
  const go = (next: { kind?: Kind; level?: Level; seed?: number }) =>
    put((now) => {
      now.set('kind', next.kind ?? kind);
      now.set('level', String(next.level ?? level));
      now.set('seed', String(next.seed ?? seed));
    });
  const due = progress.data?.due.filter((one) => one.due <= (progress.data?.today ?? '')) ?? [];
  const waiting = due.find(({ round }) => round !== idOf({ kind, level, seed }));
  return (
    <div className="flex flex-col gap-4">
      <div className="flex flex-wrap items-end gap-3">
        <Field label="What to practise">
          <Select value={kind} onChange={(event) => go({ kind: event.target.value as Kind })}>
            {ROUND_KINDS.map((one) => (
              <option key={one} value={one}>
                {KIND_WORDS[one]}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Level">
          <Select value={level} onChange={(event) => go({ level: Number(event.target.value) as Level })}>
            {LEVELS.map((one) => (
              <option key={one} value={one}>
                {one}, {LEVEL_WORDS[one]}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Round number (a class uses the same)">
          <NumberInput
            late
            min={0}
            max={MOST_SEED}
            value={seed}
            onValue={(value) => typeof value === 'number' && go({ seed: Math.round(value) })}
            className="w-32"
          />
        </Field>
        <Field label="Your code (left empty, nothing is kept)">
          <Input
            value={code}
            placeholder="L1"
            aria-invalid={fault !== null}
            aria-describedby={fault === null ? undefined : 'learner-fault'}
            onChange={(event) => {
              setCode(event.target.value.trim());
              localStorage.setItem(KEPT, event.target.value.trim());
            }}
            className="w-28"
          />
        </Field>
      </div>
      {fault !== null && (
        <div id="learner-fault">
          <Notice tone="check">{fault}. Until then nothing is kept.</Notice>
        </div>
      )}
      {waiting && (
        <p className="flex flex-wrap items-center gap-2">
          {due.length === 1 ? 'One round' : `${due.length} rounds`} to see again today.
          <Button
            kind="chip"
            onClick={() => {
              const back = askedBy(waiting.round);
              if (back) go(back);
            }}
          >
            Take the next of them
          </Button>
        </p>
      )}
      <RoundCard key={`${kind} ${level} ${seed}`} asked={{ kind, level, seed }} learner={learner} onNext={() => go({ seed: seed + 1 })} />
    </div>
  );
}
