/**
 * Steps in which a cooked soup waits: set aside, left to stand, kept on low. The clock of what waits off the heat runs from the end of the last
 * step that heated it, until it is heated again or served.
 */
import { REGIMES, type RegimeId, reheatWords } from '../regime/regime.ts';
import type { Method, Recipe, Step } from '../vocabulary/recipe.ts';

const HEATS: ReadonlySet<Method> = new Set<Method>(['sweat', 'brown', 'roast', 'bake', 'fry', 'boil', 'simmer', 'steam', 'pressure']);
const OFF =
  /\b(?:set|put|leave|left|keep)\b[^.;]{0,40}\b(?:aside|to one side|to stand|to rest|to infuse|to settle)\b|\b(?:stand|rest|leave)\b (?:it |the soup )?for\b|\bleave (?:it|the soup|the pot)\b/i;
const LOW = /\b(?:keep|hold|leave)\b[^.;]{0,40}\b(?:on (?:a |the )?low(?:est)?|over (?:a )?low|warm|hot)\b|\bbain[- ]marie\b/i;
const AGAIN = /\bre-?(?:warm|heat)\w*|\b(?:warm|heat)\b(?: it| the soup)? (?:through|again|up)\b|\bback to (?:the |a )?(?:boil|simmer|heat)\b/i;

export interface Hold {
  stepId: string;
  /** 'off': off the heat, its clock runs. 'low': kept hot, and measured. */
  kind: 'off' | 'low';
  /** The last step that heated it; its end is heat-off. */
  heatedBy: string;
  /** The step that heats it again; null where it is served so. */
  until: string | null;
}

const heats = ({ method }: Step): boolean => method !== undefined && HEATS.has(method);

/** Every wait of the soup itself, in the order of its steps. What waits before anything was heated is no wait of a soup. */
export function holdsOf({ steps }: Pick<Recipe, 'steps'>): Hold[] {
  return steps.flatMap((step, at): Hold[] => {
    const kind = LOW.test(step.text) ? 'low' : OFF.test(step.text) && !heats(step) ? 'off' : null;
    const before = steps.slice(0, at).findLast(heats);
    if (!kind || !before) return [];
    const again = steps.slice(at + 1).find((one) => heats(one) || AGAIN.test(one.text));
    return [{ stepId: step.id, kind, heatedBy: before.id, until: again?.id ?? null }];
  });
}

/** Where a regime names no first stage of cooling, what is common, minutes (common practice, no source). */
const USUAL_MIN = 120;

/** Minutes a cooked soup may wait off the heat before it has to be hot again or well on its way down. */
export const mayWaitMin = (regime: RegimeId): number => REGIMES[regime].keeping.cooling[0]?.withinMin ?? USUAL_MIN;

/** What a wait of so many minutes asks for. */
export function holdWords({ kind, until }: Pick<Hold, 'kind' | 'until'>, minutes: number, regime: RegimeId): { isLong: boolean; message: string } {
  const { keeping } = REGIMES[regime];
  const most = mayWaitMin(regime);
  if (kind === 'low')
    return {
      isLong: false,
      message: `Kept on low for ${minutes} minutes: at ${keeping.hotHoldC} C or more in its middle, measured and written down.`,
    };
  const isLong = minutes > most;
  const end = until === null ? 'until it is served' : 'until it is heated again';
  return {
    isLong,
    message: isLong
      ? `Off the heat for ${minutes} minutes ${end}, longer than ${most}: hold it at ${keeping.hotHoldC} C or more, or chill it and heat it to ${reheatWords(REGIMES[regime])}. The local code decides.`
      : `Off the heat for ${minutes} minutes ${end}; by ${most} it has to be hot again or on its way down. A thermometer decides, not the clock.`,
  };
}

export interface Waiting extends Hold {
  /** Milliseconds of the clock: heat-off. */
  since: number;
}

/** The wait a cook stands in at a step, by the hours at which steps were done; null where none runs. */
export function waitingAt(recipe: Pick<Recipe, 'steps'>, at: number, doneAt: ReadonlyMap<string, number>): Waiting | null {
  const placeOf = (id: string) => recipe.steps.findIndex((step) => step.id === id);
  for (const hold of holdsOf(recipe).toReversed()) {
    const since = doneAt.get(hold.heatedBy);
    const end = hold.until === null ? recipe.steps.length : placeOf(hold.until);
    const isOver = hold.until !== null && doneAt.has(hold.until);
    if (since !== undefined && placeOf(hold.stepId) <= at && at <= end && !isOver) return { ...hold, since };
  }
  return null;
}
