import { useState } from 'react';
import type { Container, ContainerKind } from '../../../core/plan/containers.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Tick } from '../../ui/tick.tsx';

const WORDS: Readonly<Record<ContainerKind, string>> = { bowl: 'Bowl', jug: 'Jug', dish: 'Small dish', apart: 'Apart, raw' };

/** What was weighed out, in this browser: a page that is loaded again knows it. */
function useKeptTicks(key: string | null): [ReadonlySet<number>, (number: number, on: boolean) => void] {
  const [ticked, setTicked] = useState<ReadonlySet<number>>(() => new Set(key === null ? [] : readTicks(key)));
  const tick = (number: number, on: boolean) => {
    const next = new Set(ticked);
    if (on) next.add(number);
    else next.delete(number);
    setTicked(next);
    if (key !== null) localStorage.setItem(key, JSON.stringify([...next]));
  };
  return [ticked, tick];
}

function readTicks(key: string): number[] {
  try {
    const read: unknown = JSON.parse(localStorage.getItem(key) ?? '[]');
    return Array.isArray(read) ? read.filter((one) => typeof one === 'number') : [];
  } catch {
    return [];
  }
}

interface Props {
  recipe: Recipe;
  core: Kitchen;
  /** Where the ticks are kept; on paper there are none. */
  keptAs?: string;
}

/** Each thing in the container it goes in from, by the moment it goes in. */
export function WeighOut({ recipe, core, keptAs }: Props) {
  const containers = core.containersOf(recipe, core.shelf);
  const [ticked, tick] = useKeptTicks(keptAs ?? null);
  const slow = core.slowPotOf(recipe, core.shelf);
  const slowest = slow && core.slowestWords(slow);
  const moments = [...new Set(containers.map(({ stepId }) => stepId))];
  const stepAt = (id: string) => recipe.steps.findIndex((step) => step.id === id);
  return (
    <>
      {slowest && <p className="mb-2">{slowest}</p>}
      <ol className="flex flex-col gap-2" aria-label="Weighed out">
        {moments.map((stepId) => (
          <li key={stepId ?? 'untold'} className="break-inside-avoid">
            <p className="text-sm text-kale-soft">
              {stepId === null ? 'No step tells when' : `Step ${stepAt(stepId) + 1}: ${short(recipe.steps[stepAt(stepId)]?.text ?? '')}`}
            </p>
            <ul className="flex flex-col">
              {containers
                .filter((one) => one.stepId === stepId)
                .map((one) => (
                  <li key={one.number} className="flex items-center border-t border-line/60 py-0.5">
                    {keptAs === undefined ? (
                      <span>
                        <span aria-hidden>☐ </span>
                        <Contents container={one} core={core} />
                      </span>
                    ) : (
                      <Tick large checked={ticked.has(one.number)} onChange={(on) => tick(one.number, on)}>
                        <Contents container={one} core={core} />
                      </Tick>
                    )}
                  </li>
                ))}
            </ul>
          </li>
        ))}
      </ol>
    </>
  );
}

function Contents({ container: { number, kind, items }, core }: { container: Container; core: Kitchen }) {
  const words = items.map(({ name, grams, measure, prep, share }) => {
    const part = share === undefined ? '' : `, ${core.shareWords(share) ?? `${Math.round(share * 100)} %`} of it`;
    return `${grams === null ? 'no weight said:' : core.formatGrams(grams)} ${name}${measure ? ` (${measure})` : ''}${part}${prep ? `, ${prep}` : ''}`;
  });
  return (
    <span>
      <strong>
        {WORDS[kind]} {number}:
      </strong>{' '}
      {words.join('; ')}
    </span>
  );
}

const short = (text: string): string => (text.length > 70 ? `${text.slice(0, 68).trimEnd()} ...` : text);
