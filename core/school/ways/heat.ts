/** Lid and peel: what heat does to the water, and when the skin comes off. */
import type { Line, Recipe, Step } from '../../vocabulary/recipe.ts';
import { fresh, namesOf, stepsWith, turned } from '../turn.ts';
import { type Answer, none, now, type Soup, way } from '../types.ts';
import { withSentence } from './words.ts';

const SAYS_LID = /[^.;]*\b(?:lid|cover(?:ed)?|uncovered)\b[^.;]*[.;]?/gi;

export function lid(school: string, { recipe, parts }: Soup): Answer {
  const { simmer } = parts;
  if (!simmer) return none('No step of it simmers.');
  const wanted = school === 'on' ? 'on' : 'off';
  if (simmer.lid === wanted) return now;
  const clause = / (?:with the lid (?:on|off)|under a lid|covered|uncovered|with the lid ajar|half covered)\b/gi;
  const text = simmer.text.replace(clause, '');
  const bare: Step = { ...simmer, text: SAYS_LID.test(text) ? text.replace(SAYS_LID, '').trim() || text : text };
  const step: Step = { ...withSentence(bare, wanted === 'on' ? 'Keep the lid on.' : 'Leave the lid off.', []), lid: wanted };
  return way(fresh({ ...recipe, steps: stepsWith(recipe.steps, simmer, [step]) }), wanted === 'on' ? 'Simmered under a lid.' : 'Simmered open.');
}

/** What is roasted in its skin as well as peeled. */
const SKINNED = /^(?:butternut|pumpkin|acorn|winter-squash|beetroot|red-pepper|bell-pepper|aubergine|eggplant)/;
const PEELED = /\bpeel/i;
const SCOOPED = /\b(?:scoop|skins? (?:slip|off)|in (?:its|their) skins?|peel (?:it|them) (?:when|once))/i;

export function peel(school: string, { recipe, parts, shelf }: Soup): Answer {
  const { main, simmer } = parts;
  if (!main || !SKINNED.test(main.food.id)) return none('Its main vegetable is not one that is peeled after roasting.');
  if (!simmer) return none('No step of it simmers.');
  const own = recipe.steps.find((step) => step.uses?.includes(main.line.id));
  const after = SCOOPED.test(recipe.steps.map(({ text }) => text).join(' '));
  if ((school === 'after') === after) return after || PEELED.test(main.line.text) || own?.method !== 'roast' ? now : none('');
  const name = namesOf([main], shelf);
  const cut = (words: string): Line[] => recipe.lines.map((line) => (line.id === main.line.id ? { ...line, prep: words } : line));
  if (school === 'first') {
    const steps = recipe.steps.map((step) =>
      SCOOPED.test(step.text) && step.id === own?.id
        ? { ...step, text: `Peel and dice ${name}.`, method: 'none' as const, minutes: { min: 8, max: 10 }, handsOn: true }
        : step,
    );
    return way(fresh({ ...recipe, lines: cut('peeled, diced'), steps }), `Peeled and diced raw: ${name}.`);
  }
  const roast: Step = {
    id: 'way-peel',
    stage: 'base',
    text: `Heat the oven to 220 C. Halve ${name}, cut side down on a tray, and roast 40 to 45 minutes, until soft; scoop the flesh out of the skin when it can be held.`,
    method: 'roast',
    minutes: { min: 40, max: 45 },
    handsOn: false,
    uses: [main.line.id],
  };
  const steps = turned(recipe, { gone: [main.line.id] }, shelf).steps.map((step) =>
    step.id === simmer.id ? withSentence(step, `Add ${name}.`, [], 'before') : step,
  );
  const next: Recipe = { ...recipe, lines: cut('halved'), steps: [roast, ...steps] };
  return way(fresh(next), `Roasted in halves in the skin, then scooped: ${name}.`);
}
