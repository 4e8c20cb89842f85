import { X } from 'lucide-react';
import { type FormEvent, lazy, Suspense, useState } from 'react';
import type { AskedOfList } from '../../../contract/types.ts';
import { useLarder, useMainFoods } from '../../api/house.ts';
import type { SoupsAsked } from '../../api/queries.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Input, Select } from '../../ui/field.tsx';
import { Notice } from '../../ui/state.tsx';
import { Tick } from '../../ui/tick.tsx';

// Comes with the first question: the words of needs are many.
const AskedWords = lazy(async () => ({ default: (await import('./AskedWords.tsx')).AskedWords }));

interface Props {
  asked: SoupsAsked;
  ask: (changes: Partial<SoupsAsked>) => void;
  /** What the kitchen made of the needs in words. */
  answer: AskedOfList | undefined;
}

/** What the list is asked: a word, a guest's needs, the food a soup is known by, what is in the larder. */
export function Filters({ asked, ask, answer }: Props) {
  const { data: mains = [] } = useMainFoods();
  const { data: larder = [] } = useLarder();
  return (
    <section aria-label="Which soups" className="flex flex-col gap-2 rounded-xl border border-line bg-card p-3">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <Field label="Search">
          <Input value={asked.q} onChange={(event) => ask({ q: event.target.value })} className="w-44" placeholder="title or food" />
        </Field>
        <AskNeeds said={asked.said} unread={answer?.unread ?? []} onSaid={(said) => ask({ said })} />
        <Field label="Main food">
          <Select value={asked.main} onChange={(event) => ask({ main: event.target.value })} className="max-w-48">
            <option value="">any</option>
            {mains.map(({ foodId, name, soups }) => (
              <option key={foodId} value={foodId}>
                {name} ({soups})
              </option>
            ))}
          </Select>
        </Field>
        <div className="flex flex-wrap gap-x-4">
          {(larder.length > 0 || asked.larder) && (
            <Tick checked={asked.larder} onChange={(on) => ask({ larder: on })}>
              uses the larder
            </Tick>
          )}
          <Tick checked={asked.archived} onChange={(archived) => ask({ archived })}>
            archived
          </Tick>
        </div>
      </div>
      {asked.said !== '' && answer && (
        <div role="status" className="flex flex-col gap-1">
          {answer.unread.length > 0 ? (
            <Notice tone="check">
              Not understood: {answer.unread.map((phrase) => `'${phrase}'`).join(', ')}. Nothing is listed until it is said otherwise or taken out, so
              that no soup looks as if it did. What speaks of one soup (smooth, same body, keep, half the fat) is asked on its bench.
            </Notice>
          ) : (
            <Suspense>
              <AskedWords answer={answer} />
            </Suspense>
          )}
          {answer.understood.length > 0 && (
            <ul aria-label="Understood" className="list-disc pl-5 text-sm">
              {answer.understood.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </ul>
          )}
          {answer.unread.length === 0 && (
            <div className="flex flex-wrap items-center gap-x-4 text-sm text-kale-soft">
              <Tick checked={asked.checks} onChange={(checks) => ask({ checks })}>
                also versions where a label or an unknown figure still has to be checked
              </Tick>
              <span>By today's foods and labels, in the bowl. Read the labels before serving.</span>
            </div>
          )}
        </div>
      )}
    </section>
  );
}

function AskNeeds({ said, unread, onSaid }: { said: string; unread: readonly string[]; onSaid: (said: string) => void }) {
  const [text, setText] = useState(said);
  // A view that is opened, or gone back to, says something else. Not in an effect, which would come after what is typed.
  const [known, setKnown] = useState(said);
  if (known !== said) {
    setKnown(said);
    setText(said);
  }
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onSaid(text.trim());
  };
  return (
    <form onSubmit={submit} className="flex min-w-72 flex-1 items-end gap-1">
      <Field label="Which soups do for" className="min-w-0 flex-1">
        <Input
          value={text}
          onChange={(event) => setText(event.target.value)}
          aria-invalid={unread.length > 0}
          placeholder="no milk, at most 400 mg sodium"
          maxLength={900}
        />
      </Field>
      <Button type="submit" disabled={text.trim() === said}>
        Ask
      </Button>
      {said !== '' && (
        <Button kind="quiet" aria-label="Clear the question" onClick={() => onSaid('')}>
          <X size={16} aria-hidden />
        </Button>
      )}
    </form>
  );
}
