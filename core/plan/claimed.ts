/** What a text claims the whole takes, minutes: 'ready in 30 minutes', 'Total time: 1 hour', 'a twenty-minute soup'. */
import { minutesIn } from '../reading/clauses.ts';
import type { Recipe } from '../vocabulary/recipe.ts';

const TOTAL = [
  /\b(?:total(?: time)?|ready in|done in|on the table in|takes (?:only |just |about )?|time needed|made in|within)\b[^.;]{0,40}/i,
  /[^.;,]{0,30}\b(?:in all|altogether|all told|(?:from )?start to finish)\b[^.;]{0,30}/i,
];
/** Said as a figure of speech, a minute reader knows none of these. */
const SPOKEN: readonly (readonly [RegExp, number])[] = [
  [/\b(?:an|one) hour and a half\b/i, 90],
  [/\b(?:an|one) hour and a quarter\b/i, 75],
  [/\b(?:two|2) hours and a half\b/i, 150],
  [/\bhalf an hour\b/i, 30],
];
const HYPHENED = /\b([a-z]+|\d{1,3})[- ](minute|hour)\b/i;

export interface Claim {
  minutes: number;
  words: string;
}

const minutesSaid = (text: string): number | null => {
  const spoken = SPOKEN.find(([says]) => says.test(text));
  if (spoken) return spoken[1];
  return minutesIn(text)?.max ?? minutesIn(text.replace(HYPHENED, '$1 $2s'))?.max ?? null;
};

/** The shortest total that the title or a step claims; null where none does. A title with a time in it claims it. */
export function claimedMinutes({ title, steps }: Pick<Recipe, 'title' | 'steps'>): Claim | null {
  const claims = [title, ...steps.flatMap(({ text }) => TOTAL.flatMap((says) => says.exec(text)?.[0] ?? []))].flatMap((words): Claim[] => {
    const minutes = minutesSaid(words);
    return minutes === null ? [] : [{ minutes, words: words.trim() }];
  });
  return claims.sort((a, b) => a.minutes - b.minutes)[0] ?? null;
}
