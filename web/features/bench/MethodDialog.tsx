import { Plus, Trash2 } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import type { Recipe, Step } from '../../../core/vocabulary/recipe.ts';
import { STAGE_LABELS } from '../../../core/vocabulary/recipe.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { useBench } from './store.ts';
import type { BenchView } from './view.ts';

interface Props {
  view: BenchView;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** The method as it stands, to read aloud and to write in one's own words. */
export function MethodDialog({ view, open, onOpenChange }: Props) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Method" wide>
      {open && <Steps view={view} />}
    </Dialog>
  );
}

function Steps({ view: { recipe, core } }: { view: BenchView }) {
  const [adding, setAdding] = useState(false);
  const put = (next: Recipe) => useBench.getState().putRecipe(next, useBench.getState().selected);
  const { shelf } = core;
  return (
    <div className="flex flex-col gap-3">
      <p className="text-sm text-kale-soft">
        Words of your own are read anew: minutes, lid and what goes in. Undo takes every change back. Steps change nothing of the lines.
      </p>
      {recipe.steps.length === 0 && <p>This soup has no steps yet.</p>}
      <ol className="flex flex-col gap-2">
        {recipe.steps.map((step, at) => (
          <OneStep
            // Words that came from elsewhere, an undo say, are shown anew.
            key={`${step.id} ${step.text}`}
            step={step}
            number={at + 1}
            onWords={(text) => put(core.rewordStep(recipe, step.id, text, shelf))}
            onOut={() => put(core.withoutStep(recipe, step.id))}
          />
        ))}
      </ol>
      {adding ? (
        <NewStep
          onAdd={(text) => {
            put(core.addStep(recipe, null, text, shelf));
            setAdding(false);
          }}
        />
      ) : (
        <Button className="self-start" onClick={() => setAdding(true)}>
          <Plus size={16} aria-hidden /> step
        </Button>
      )}
    </div>
  );
}

const BOX = 'w-full rounded-md border border-kale-soft bg-white px-2 py-1';
const rowsFor = (text: string): number => Math.min(8, Math.max(2, Math.ceil(text.length / 80)));

function OneStep({ step, number, onWords, onOut }: { step: Step; number: number; onWords: (text: string) => void; onOut: () => void }) {
  const [text, setText] = useState(step.text);
  const { minutes } = step;
  return (
    <li className="flex gap-2">
      <span className="w-6 shrink-0 pt-1 text-right font-semibold">{number}</span>
      <div className="min-w-0 flex-1">
        <textarea
          aria-label={`Step ${number}`}
          className={BOX}
          rows={rowsFor(text)}
          maxLength={2000}
          value={text}
          onChange={(event) => setText(event.target.value)}
          onBlur={() => (text.trim() === '' ? setText(step.text) : text.trim() !== step.text && onWords(text))}
        />
        <p className="text-sm text-kale-soft">
          {[...new Set([STAGE_LABELS[step.stage].toLowerCase(), step.method].filter(Boolean))].join(' · ')}
          {minutes && ` · ${minutes.min === minutes.max ? minutes.min : `${minutes.min} to ${minutes.max}`} minutes`}
          {step.lid && ` · lid ${step.lid}`}
        </p>
      </div>
      <button
        type="button"
        aria-label={`Leave out step ${number}`}
        className="inline-flex size-7 shrink-0 items-center justify-center rounded-md hover:bg-oat-deep"
        onClick={onOut}
      >
        <Trash2 size={16} aria-hidden />
      </button>
    </li>
  );
}

function NewStep({ onAdd }: { onAdd: (text: string) => void }) {
  const [text, setText] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onAdd(text);
  };
  return (
    <form onSubmit={submit} className="flex flex-col gap-2">
      <textarea
        aria-label="New step"
        autoFocus
        className={BOX}
        rows={2}
        maxLength={2000}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Button kind="main" type="submit" className="self-start" disabled={text.trim() === ''}>
        Add it at the end
      </Button>
    </form>
  );
}
