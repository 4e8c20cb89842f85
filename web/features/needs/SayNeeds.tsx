import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Field, Input } from '../../ui/field.tsx';
import { useBench } from '../bench/store.ts';
import type { BenchView } from '../bench/view.ts';

/** Needs as they are said. What is understood is asked; what is not stays in the field, and is named. */
export function SayNeeds({ view, onSaid }: { view: BenchView; onSaid: () => void }) {
  const [text, setText] = useState('');
  const [unread, setUnread] = useState<string[]>([]);
  const [understood, setUnderstood] = useState<string[]>([]);
  const say = () => {
    const { perServing } = view.original.analysis;
    const said = view.core.sayNeeds(text, view.needs, view.core.shelf, (nutrient) => perServing[nutrient].value);
    if (said.needs !== view.needs) useBench.getState().setNeeds(said.needs);
    setUnread(said.unread);
    setUnderstood(said.understood);
    setText(said.unread.join(', '));
    // What words were taken for is shown before the form closes.
    if (said.unread.length === 0 && said.understood.length === 0) onSaid();
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() !== '') say();
      }}
    >
      <div className="flex items-end gap-2">
        <Field label="Say it" className="min-w-0 flex-1">
          <Input
            autoFocus
            value={text}
            placeholder="no milk, at most 400 mg sodium, at least 10 g protein, same body"
            aria-invalid={unread.length > 0}
            aria-describedby="say-help"
            onChange={(event) => setText(event.target.value)}
          />
        </Field>
        <Button type="submit" kind="main" disabled={text.trim() === ''}>
          Ask for it
        </Button>
      </div>
      <p id="say-help" role="status" className={`mt-1 text-sm ${unread.length > 0 ? 'text-beet' : 'text-kale-soft'}`}>
        {unread.length > 0
          ? `Not understood, and not asked: ${unread.map((phrase) => `'${phrase}'`).join(', ')}. Say it otherwise, or set it below.`
          : 'Separated by commas; Enter asks for it.'}
      </p>
      {understood.length > 0 && (
        <ul aria-label="Understood" role="status" className="mt-1 list-disc pl-5 text-sm">
          {understood.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
    </form>
  );
}
