import type { Plan } from '../../../core/swap/plan.ts';
import type { BenchView } from '../bench/view.ts';

/** The method of a plan: words that go are struck, words that come underlined; both are said to whoever hears the page. */
export function PlanMethod({ view, plan }: { view: BenchView; plan: Plan }) {
  const edits = view.core.editsOf(view.recipe.steps, plan.recipe.steps);
  return (
    <ol className="mt-1 list-decimal pl-5 text-sm">
      {edits.map(({ stepId, words }) => (
        <li key={stepId} className="mt-0.5">
          {words.map(({ text, kind }, index) => {
            // The place of a word is all there is to tell it by.
            const key = `${stepId}-${index}`;
            if (kind === 'out')
              return (
                <del key={key} className="text-kale-soft">
                  {text}
                </del>
              );
            return kind === 'in' ? (
              <ins key={key} className="decoration-2">
                {text}
              </ins>
            ) : (
              <span key={key}>{text}</span>
            );
          })}
        </li>
      ))}
    </ol>
  );
}
