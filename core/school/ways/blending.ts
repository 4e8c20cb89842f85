/** How a soup is blended. What was taken out before, bay and stems, is taken out still. */

import { blendedShare } from '../../texture/blended.ts';
import type { Step } from '../../vocabulary/recipe.ts';
import { fresh } from '../turn.ts';
import { type Answer, none, now, type Soup, way } from '../types.ts';

const BLENDS = /\b(?:blend|blitz|pur[eé]e|liquidi[sz]e|whizz|process)\w*/i;
const SIEVES = /\b(?:siev|strain|pass (?:it|the soup|everything)?\s*through)\w*/i;
const STICK = /\b(?:stick|hand|immersion)[- ]blend\w*|\bin the pot\b/i;
const JAR = /\bjar|\bblender\b|\bjug|\bliquidi[sz]er\b|\bbatches\b/i;
const COOLS = /\bcool\w*/i;
const APART = /\b(?:lift|drain|strain|scoop)\b[^.]*\b(?:solids|vegetables)\b/i;

const TEXTS: Readonly<Record<string, readonly { text: string; method: Step['method']; minutes: Step['minutes']; handsOn?: boolean }[]>> = {
  stick: [
    {
      text: 'Off the heat, blend in the pot with a stick blender, its head under the surface, until smooth.',
      method: 'blend',
      minutes: { min: 3, max: 4 },
    },
  ],
  'jar-hot': [
    {
      text: 'Blend hot in a jar filled to half at most, the vent open under a folded cloth, starting slow; pour it back into the pot.',
      method: 'blend',
      minutes: undefined,
    },
  ],
  'jar-cooled': [
    { text: 'Take the pot off the heat and let it cool 30 minutes with the lid off.', method: 'none', minutes: { min: 30, max: 30 }, handsOn: false },
    { text: 'Blend in a jar until smooth and pour it back into the pot.', method: 'blend', minutes: undefined },
    { text: 'Warm right through again.', method: 'simmer', minutes: { min: 5, max: 5 } },
  ],
  apart: [
    {
      text: 'Lift out the solids and blend them in a jar, filled to half, vent open, with just enough of the liquid, until quite smooth; stir the rest of the liquid back by degrees until it is as thick as wanted.',
      method: 'blend',
      minutes: undefined,
    },
  ],
  cold: [
    {
      text: 'Spread the soup in shallow trays and cool it to the rule of the house; keep it in the fridge until it is cold.',
      method: 'none',
      minutes: { min: 120, max: 120 },
      handsOn: false,
    },
    { text: 'Blend it cold in a jar until smooth.', method: 'blend', minutes: undefined },
    { text: 'Heat right through, stirring.', method: 'simmer', minutes: { min: 10, max: 10 } },
  ],
  half: [{ text: 'Blend half of the soup and stir it back into the rest.', method: 'blend', minutes: { min: 3, max: 4 } }],
};

function schoolOf({ recipe, parts, hasJar }: Soup): string {
  const text = parts.blends.map((step) => step.text).join(' ');
  const at = recipe.steps.findIndex(({ id }) => id === parts.blends[0]?.id);
  const before = recipe.steps
    .slice(Math.max(0, at - 1), at + 1)
    .map((step) => step.text)
    .join(' ');
  if (
    SIEVES.test(
      recipe.steps
        .slice(at, at + 2)
        .map((step) => step.text)
        .join(' '),
    )
  )
    return 'sieve';
  if (blendedShare(recipe) < 1) return 'half';
  if (APART.test(text)) return 'apart';
  if (STICK.test(text)) return 'stick';
  if (JAR.test(text)) return COOLS.test(before) ? 'jar-cooled' : 'jar-hot';
  return hasJar ? (COOLS.test(before) ? 'jar-cooled' : 'jar-hot') : 'stick';
}

export function blending(school: string, soup: Soup): Answer {
  const { recipe, parts } = soup;
  const [first] = parts.blends;
  if (!first) return none(recipe.steps.length === 0 ? 'It has no steps that could be done otherwise.' : 'It is not blended.');
  if (schoolOf(soup) === school) return now;
  const ids = new Set(parts.blends.map(({ id }) => id));
  const uses = [...new Set(parts.blends.flatMap((step) => step.uses ?? []))];
  const sentences = parts.blends.flatMap(({ text }) => text.split(/(?<=[.!;])\s+/));
  const spoken = sentences.filter((one) => !BLENDS.test(one) && !SIEVES.test(one) && !COOLS.test(one));
  const blender = sentences.findIndex((one) => BLENDS.test(one));
  const before = spoken.filter((one) => sentences.indexOf(one) < blender);
  const after = spoken.filter((one) => sentences.indexOf(one) > blender);
  const rows =
    school === 'sieve'
      ? [
          {
            text: `${sentences.filter((one) => BLENDS.test(one)).join(' ')} Pass it through a fine sieve.`,
            method: 'blend' as const,
            minutes: { min: 8, max: 10 },
          },
        ]
      : TEXTS[school];
  if (!rows) return none('');
  // A share is blended as long as it is said: a way to blend it all says so.
  const steps = rows.map(({ text, method, minutes, ...rest }, nth): Step => {
    const blends = method === 'blend';
    return {
      id: `way-blend-${nth + 1}`,
      stage: 'blend',
      text: [...(nth === 0 ? before : []), text, ...(nth === rows.length - 1 ? after : [])].join(' '),
      method,
      ...(minutes ? { minutes } : {}),
      ...rest,
      uses: blends ? uses : [],
    };
  });
  let placed = false;
  const next = recipe.steps.flatMap((step) => {
    if (!ids.has(step.id)) return [step];
    if (placed) return [];
    placed = true;
    return steps;
  });
  return way(fresh({ ...recipe, steps: next }), `${rows.map(({ text }) => text).join(' ')}`);
}
