import { useEffect, useRef } from 'react';
import type { Round, RoundAsked } from '../../../core/practice/types.ts';
import { useMark, useRound } from '../../api/practice.ts';
import { dayWords } from '../../kitchen/dayWords.ts';
import { figure } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { Notice, State, Waiting } from '../../ui/state.tsx';
import { AnswerForm } from './AnswerForm.tsx';

interface Props {
  asked: RoundAsked;
  learner: string;
  onNext: () => void;
}

/** An answer in the words of its round. */
function said(answer: unknown, { options, recipe, unit }: Round): string {
  if (typeof answer === 'number') return `${answer} ${unit ?? ''}`.trim();
  const ids = Array.isArray(answer) ? answer : [answer];
  return ids.map((id) => (options ?? recipe.lines).find((one) => one.id === id)?.text ?? '').join('; ');
}

/** One round: the soup, the question, the answer, and how it is marked with the way to it. */
export function RoundCard({ asked, learner, onNext }: Props) {
  const round = useRound(asked);
  const mark = useMark();
  const next = useRef<HTMLButtonElement>(null);
  const isMarked = mark.data !== undefined;
  useEffect(() => {
    if (isMarked) next.current?.focus();
  }, [isMarked]);
  if (round.error) return <Notice tone="breaks">{round.error.message}</Notice>;
  if (!round.data) return <Waiting>Looking for a round ...</Waiting>;
  const { recipe, question, by, options } = round.data;
  // Where the lines themselves are ticked they stand once.
  const linesTicked = options === undefined && by === 'many';
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
      <section aria-label="The soup" className="rounded-xl border border-line bg-card p-4">
        <h2 className="font-title text-2xl">{recipe.title}</h2>
        <p className="text-sm text-kale-soft">{figure(recipe.servings ?? 1)} bowls</p>
        {!linesTicked && (
          <ul className="mt-2 flex flex-col gap-0.5">
            {recipe.lines.map(({ id, text }) => (
              <li key={id}>{text}</li>
            ))}
          </ul>
        )}
        <ol className="mt-3 list-decimal pl-5 text-sm">
          {recipe.steps.map(({ id, text }) => (
            <li key={id}>{text}</li>
          ))}
        </ol>
      </section>
      <section aria-label="The question" className="flex flex-col gap-3">
        <h2 className="text-xl">{question}</h2>
        {!isMarked && (
          <AnswerForm round={round.data} isPending={mark.isPending} onAnswer={(answer) => mark.mutate({ id: round.data.id, answer, learner })} />
        )}
        {mark.error && <Notice tone="breaks">{mark.error.message}</Notice>}
        <div role="status">
          {mark.data && (
            <div className="flex flex-col gap-2 rounded-xl border border-line bg-card p-4">
              <p className="flex flex-wrap items-center gap-2 text-lg">
                <State tone={mark.data.right ? 'meets' : 'check'}>{mark.data.right ? 'as the kitchen has it' : 'the kitchen has it otherwise'}</State>
                {mark.data.explains}
              </p>
              {!mark.data.right && <p className="text-sm">You said: {said(mark.variables?.answer, round.data)}.</p>}
              <ul className="flex flex-col gap-1 text-sm">
                {mark.data.because.map(({ path }) => (
                  <li key={path.join()}>{path.join(' › ')}</li>
                ))}
              </ul>
              {mark.data.due && <p className="text-sm text-kale-soft">This round comes back on {dayWords(mark.data.due)}.</p>}
            </div>
          )}
        </div>
        {isMarked && (
          <div className="flex gap-2">
            <Button kind="main" ref={next} className="min-h-11" onClick={onNext}>
              Next round
            </Button>
            {!mark.data?.right && (
              <Button className="min-h-11" onClick={() => mark.reset()}>
                Answer again
              </Button>
            )}
          </div>
        )}
      </section>
    </div>
  );
}
