import { ArrowDown, ArrowUp } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import type { Round } from '../../../core/practice/types.ts';
import { Button } from '../../ui/button.tsx';
import { Field } from '../../ui/field.tsx';
import { NumberInput, type Typed } from '../../ui/numberInput.tsx';

interface Props {
  round: Round;
  isPending: boolean;
  onAnswer: (answer: unknown) => void;
}

/** What can be ticked where a round has no options of its own: the lines of its soup. */
const thingsOf = ({ options, recipe }: Round): readonly { id: string; text: string }[] => options ?? recipe.lines;

/** The answer to a round, by hand or by keyboard alone: ticks, one of a few, an order, a number. */
export function AnswerForm({ round, isPending, onAnswer }: Props) {
  const things = thingsOf(round);
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const [order, setOrder] = useState<readonly string[]>(() => things.map(({ id }) => id));
  const [number, setNumber] = useState<Typed>(null);
  const { by } = round;
  const isReady = by === 'order' || (by === 'number' ? typeof number === 'number' : ticked.length > 0);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!isReady) return;
    onAnswer(by === 'order' ? order : by === 'number' ? number : by === 'one' ? ticked[0] : ticked);
  };
  const move = (at: number, by: -1 | 1) => {
    const next = [...order];
    [next[at], next[at + by]] = [next[at + by] as string, next[at] as string];
    setOrder(next);
  };
  return (
    <form onSubmit={submit} className="flex flex-col gap-3">
      {(by === 'many' || by === 'one') && (
        <fieldset className="flex flex-col gap-1">
          <legend className="text-sm text-kale-soft">{by === 'many' ? 'Tick every one' : 'Choose one'}</legend>
          {things.map(({ id, text }) => (
            <label
              key={id}
              className="flex min-h-11 items-center gap-3 rounded-md border border-line bg-card px-3 py-1.5 has-checked:border-kale has-checked:bg-oat-deep"
            >
              <input
                type={by === 'many' ? 'checkbox' : 'radio'}
                name="answer"
                className="size-5 shrink-0"
                checked={ticked.includes(id)}
                onChange={(event) => setTicked(by === 'one' ? [id] : event.target.checked ? [...ticked, id] : ticked.filter((one) => one !== id))}
              />
              {text}
            </label>
          ))}
        </fieldset>
      )}
      {by === 'order' && (
        <ol className="flex flex-col gap-1" aria-label="Your order, the most first">
          {order.map((id, at) => {
            const text = things.find((one) => one.id === id)?.text ?? id;
            return (
              <li key={id} className="flex min-h-11 items-center gap-2 rounded-md border border-line bg-card px-3">
                <span className="w-5 tabular-nums text-kale-soft">{at + 1}</span>
                <span className="mr-auto">{text}</span>
                <Button type="button" className="size-11" aria-label={`${text}: up`} disabled={at === 0} onClick={() => move(at, -1)}>
                  <ArrowUp size={18} aria-hidden />
                </Button>
                <Button type="button" className="size-11" aria-label={`${text}: down`} disabled={at === order.length - 1} onClick={() => move(at, 1)}>
                  <ArrowDown size={18} aria-hidden />
                </Button>
              </li>
            );
          })}
        </ol>
      )}
      {by === 'number' && (
        <Field label={`Your estimate, ${round.unit ?? ''}`}>
          <NumberInput min={0} max={100_000} value={number} onValue={setNumber} className="min-h-11 w-40" />
        </Field>
      )}
      <div>
        <Button kind="main" type="submit" className="min-h-11" disabled={!isReady || isPending}>
          Mark it
        </Button>
      </div>
    </form>
  );
}
