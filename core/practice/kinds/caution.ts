/** Put the caution where it bites: the step a caution belongs to, the caution a step needs. */
import { SHELF } from '../../food/shelf.ts';
import { CAUTIONS, type LineWhen } from '../../notes/data/cautions.ts';
import type { Note } from '../../notes/rules.ts';
import type { Recipe } from '../../vocabulary/recipe.ts';
import { idsIn, isSame } from '../answer.ts';
import type { Chance } from '../chance.ts';
import { REGIME, seatBy } from '../soup.ts';
import type { Level, Made, RoundOption, SoupAtHand } from '../types.ts';

/** A caution that bites at one step and no other. */
interface Biting {
  code: string;
  stepId: string;
  text: string;
  source: string;
}

const biting = (notes: readonly Note[]): Biting[] =>
  notes.flatMap(({ code, stepIds, message, source, severity }) =>
    stepIds?.length === 1 && severity !== 'tip' ? [{ code, stepId: stepIds[0] as string, text: message, source }] : [],
  );

/** Cautions about a food at a step: where the food is not in the pot they cannot be meant. Those with figures of a regime or a bowl are not asked. */
const ABOUT_FOODS = CAUTIONS.filter(
  ({ line, methods, step, message, severity }) => line && (methods || step) && !message.includes('{') && severity !== 'tip',
);

/** Whether any line comes near what the caution is about; where one does, its caution could be meant and is no wrong answer. */
const isMet = ({ foods, categories, flags, origins, contains, text }: LineWhen, recipe: Recipe): boolean =>
  recipe.lines.some((line) => {
    const food = SHELF.food(line.foodId ?? '');
    return (
      food !== undefined &&
      ((foods?.includes(food.id) ?? false) ||
        (categories?.includes(food.category) ?? false) ||
        (flags?.some((flag) => food.flags.includes(flag)) ?? false) ||
        (origins?.some((origin) => food.origins.includes(origin)) ?? false) ||
        (contains?.some((id) => food.contains.some(({ allergen }) => allergen === id)) ?? false) ||
        (text?.test(line.text) ?? false))
    );
  });

const COMMONEST = 'blend.hot';

export function caution(level: Level, { recipe, analysis }: SoupAtHand, chance: Chance): Made | null {
  const all = biting(analysis.notes);
  if (all.length === 0 || recipe.steps.length < 3) return null;
  if (all.every(({ code }) => code === COMMONEST) && chance.below(6) > 0) return null;
  const seat = seatBy(chance);
  // Nearly every soup is blended hot: what else there is comes up more often.
  const rare = all.filter(({ code }) => code !== COMMONEST);
  const pick = () => chance.one(rare.length > 0 && chance.below(6) > 0 ? rare : all);
  const stepText = (id: string) => recipe.steps.find((step) => step.id === id)?.text ?? id;
  const stepNumber = (id: string) => recipe.steps.findIndex((step) => step.id === id) + 1;
  const reason = ({ stepId, text, source }: Biting) => ({ path: [`Step ${stepNumber(stepId)}: ${stepText(stepId)}`, text, source] });
  const base: Pick<Made, 'recipe' | 'guest'> = { recipe, guest: { seat, needs: { regime: REGIME } } };
  const markBy =
    (options: readonly RoundOption[], rights: readonly string[], told: readonly Biting[], wanted: string): Made['mark'] =>
    (answer) => {
      const named = idsIn(byPair(answer, options));
      if (!named || named.some((id) => !options.some((option) => option.id === id))) return { wanted };
      return {
        right: isSame(named, rights),
        because: told.map(reason),
        explains: told.map(({ stepId, text }) => `At step ${stepNumber(stepId)}: ${text}`).join(' '),
      };
    };
  if (level === 1) {
    const one = pick();
    const options = recipe.steps.map(({ id, text }): RoundOption => ({ id, stepId: id, code: one.code, text }));
    return {
      ...base,
      topic: one.code,
      question: `“${one.text}” At which step does ${seat}'s cook need to hear this?`,
      by: 'one',
      options,
      mark: markBy(options, [one.stepId], [one], 'the id of one step'),
    };
  }
  const here = new Set(analysis.notes.map(({ code }) => code));
  const others = ABOUT_FOODS.filter(({ code, line }) => !here.has(code) && line && !isMet(line, recipe));
  if (level === 2) {
    const one = pick();
    if (all.filter(({ stepId }) => stepId === one.stepId).length > 1 || others.length < 3) return null;
    const options = chance
      .mixed([{ code: one.code, message: one.text }, ...chance.some(others, 3)])
      .map(({ code, message }): RoundOption => ({ id: code, code, stepId: one.stepId, text: message }));
    return {
      ...base,
      topic: one.code,
      question: `Step ${stepNumber(one.stepId)}: “${stepText(one.stepId)}” Which of these has to be said there?`,
      by: 'one',
      options,
      mark: markBy(options, [one.code], [one], 'the id of one caution'),
    };
  }
  const two = chance.some(all, 2);
  const [a, b] = two;
  if (!a || !b || a.code === b.code) return null;
  // Each of the two at its step, and at another; each other place is wrong, since a caution of these bites at one step alone.
  const elsewhere = (one: Biting) => chance.one(recipe.steps.filter(({ id }) => id !== one.stepId)).id;
  const pairs = [a, b].flatMap((one) => [
    { ...one, right: true },
    { ...one, stepId: elsewhere(one), right: false },
  ]);
  const options = chance
    .mixed(pairs)
    .map(({ code, stepId, text, right }, at) => ({ option: { id: `p${at + 1}`, code, stepId, text: `Step ${stepNumber(stepId)}: ${text}` }, right }));
  const shown = options.map(({ option }): RoundOption => option);
  return {
    ...base,
    topic: `${a.code}, ${b.code}`,
    question: 'Two of these are said at their right step. Which?',
    by: 'many',
    options: shown,
    mark: markBy(
      shown,
      options.filter(({ right }) => right).map(({ option }) => option.id),
      [a, b],
      'the ids of two of the options, or their steps and codes',
    ),
  };
}

/** 'step and code' names the option that has both. */
function byPair(answer: unknown, options: readonly RoundOption[]): unknown {
  const list = Array.isArray(answer) ? answer : [answer];
  return list.map((one: unknown) => {
    if (typeof one !== 'object' || one === null || !('stepId' in one) || !('code' in one)) return one;
    return options.find(({ stepId, code }) => stepId === one.stepId && code === one.code)?.id ?? one;
  });
}
