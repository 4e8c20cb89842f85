/** Estimate the bowl: its figure from the amounts, before anything is worked out. */
import { figure } from '../../vocabulary/figure.ts';
import { type Nutrient, nutrientName, nutrientUnit } from '../../vocabulary/nutrient.ts';
import { idsIn } from '../answer.ts';
import type { Chance } from '../chance.ts';
import { textOfLine } from '../facts.ts';
import { REGIME, seatBy } from '../soup.ts';
import type { Level, Made, SoupAtHand } from '../types.ts';
import { broughtBy } from './rank.ts';

const ASKED: Readonly<Record<Level, readonly Nutrient[]>> = {
  1: ['energyKcal', 'sodiumMg', 'proteinG'],
  2: ['energyKcal', 'sodiumMg', 'proteinG', 'saturatedFatG', 'fatG'],
  3: ['potassiumMg', 'availableCarbohydrateG', 'fibreG', 'calciumMg', 'saturatedFatG'],
};
/** An estimate is good within this share. */
const WITHIN: Readonly<Record<Level, number>> = { 1: 0.3, 2: 0.25, 3: 0.2 };
/** Of the bowl: figures to choose from at the first level, far enough apart to tell by eye. */
const CHOICES = [0.35, 1, 2.2, 4] as const;
/** Below these nothing can be estimated. */
const LEAST: Partial<Record<Nutrient, number>> = {
  energyKcal: 40,
  sodiumMg: 60,
  proteinG: 2,
  saturatedFatG: 1,
  fatG: 2,
  potassiumMg: 100,
  availableCarbohydrateG: 4,
  fibreG: 1.5,
  calciumMg: 30,
};
const TOLD = 3;

export function estimate(level: Level, { recipe, analysis }: SoupAtHand, chance: Chance): Made | null {
  const nutrient = chance.one(ASKED[level]);
  const { value, atLeast } = analysis.perServing[nutrient];
  // Of a figure that is not known there is no estimate that is right.
  if (atLeast || value < (LEAST[nutrient] ?? 0)) return null;
  const [name, unit] = [nutrientName(nutrient), nutrientUnit(nutrient)];
  const seat = seatBy(chance);
  const exact = `${figure(value)} ${unit}`;
  const most = recipe.lines
    .filter(({ grams, stage }) => grams && stage !== 'plate')
    .map(({ id }) => ({ id, by: broughtBy(recipe, id, nutrient, value) }))
    .sort((a, b) => b.by - a.by)
    .slice(0, TOLD);
  const because = most.map(({ id, by }) => ({ lineId: id, path: [textOfLine(recipe, id), `${figure(Math.max(0, by))} ${unit} ${name} a bowl`] }));
  const marked = (right: boolean, said: string) => ({
    right,
    because,
    explains: `${said} A bowl has ${exact} ${name}; most of it comes with ${most.map(({ id }) => `'${textOfLine(recipe, id)}'`).join(', ')}.`,
  });
  const common: Pick<Made, 'recipe' | 'topic' | 'guest'> = { recipe, topic: name, guest: { seat, needs: { regime: REGIME } } };
  if (level === 1) {
    const options = chance.mixed(CHOICES.map((share) => figure(value * share))).map((text, at) => ({ id: `o${at + 1}`, text: `${text} ${unit}` }));
    const right = options.find(({ text }) => text === exact)?.id;
    if (new Set(options.map(({ text }) => text)).size < options.length || right === undefined) return null;
    return {
      ...common,
      question: `About how much ${name} is in one bowl of this soup?`,
      by: 'one',
      options,
      mark: (answer) => {
        const ids = idsIn(answer);
        if (ids?.length !== 1 || !options.some(({ id }) => id === ids[0])) return { wanted: 'the id of one option' };
        return marked(ids[0] === right, ids[0] === right ? 'Yes.' : 'Not that.');
      },
    };
  }
  const within = WITHIN[level];
  return {
    ...common,
    question: `How much ${name} is in one bowl of this soup, in ${unit}? Within ${Math.round(within * 100)} % is good.`,
    by: 'number',
    unit,
    mark: (answer) => {
      const given = typeof answer === 'object' && answer !== null && 'value' in answer ? answer.value : answer;
      if (typeof given !== 'number' || !Number.isFinite(given) || given < 0) return { wanted: `a number of ${unit}` };
      const right = Math.abs(given - value) <= within * value;
      return marked(
        right,
        right ? 'Near enough.' : given > value ? `${figure(given)} ${unit} is too much.` : `${figure(given)} ${unit} is too little.`,
      );
    },
  };
}
