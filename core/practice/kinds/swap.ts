/** Choose the swap and how much of it: one that keeps the guest's need and leaves the soup what it was. */
import { SHELF } from '../../food/shelf.ts';
import { type LineSwap, swapsForLine } from '../../swap/forLine.ts';
import type { Needs } from '../../swap/needs.ts';
import { figure } from '../../vocabulary/figure.ts';
import { idsIn } from '../answer.ts';
import type { Chance } from '../chance.ts';
import { type Concerned, concerns, linesIn, needOf, textOfLine, wordOf } from '../facts.ts';
import { REGIME, seatBy } from '../soup.ts';
import type { Level, Made, Reason, RoundOption, SoupAtHand } from '../types.ts';

/** Grams given freely are good within this share of the worked-out amount. */
const WITHIN = 0.25;
/** Amounts that are plainly none: so many times what it takes. */
const FAR_OFF = [0.3, 3] as const;
/** What is too much or too little must show: the body by this share of itself, or the pot by this share of its volume. */
const SHOWS_IN_BODY = 0.15;
const SHOWS_IN_POT = 0.06;
/** Of what the right swap leaves in the bowl, a limit stands this far above. */
const LIMIT_ABOVE = 1.08;
const WRONG: Readonly<Record<Level, number>> = { 1: 2, 2: 3, 3: 3 };

/** Something that breaks a need in one line alone: then one swap can mend it. */
const alone = ({ breaks, checks, others }: Concerned): boolean => linesIn(breaks).length === 1 && checks.length === 0 && others.length === 0;

export function swap(level: Level, soup: SoupAtHand, chance: Chance): Made | null {
  const { recipe, analysis } = soup;
  const all = concerns(soup).filter((one) => alone(one) && (level > 1 || one.about.kind === 'allergen'));
  if (all.length === 0) return null;
  const chosen = chance.one(all);
  const lineId = linesIn(chosen.breaks)[0] as string;
  // A second need of the same guest that the soup keeps as it is: a swap must not break it.
  const second = level === 1 ? undefined : chance.mixed(KEPT).find((id) => analysis.allergens.find((one) => one.id === id)?.because.length === 0);
  const about = chosen.about;
  const needs: Needs = {
    regime: REGIME,
    allergens: [...(about.kind === 'allergen' ? [about.id] : []), ...(second ? [second] : [])],
    ...(about.kind === 'diet' ? { diets: [about.id] } : {}),
  };
  if (level > 1 && !second) return null;
  const swaps = swapsForLine(recipe, needs, lineId, soup, SHELF).filter(isOther);
  const good = swaps.filter(({ tally }) => tally.broken === 0 && tally.toCheck === 0).slice(0, 4);
  if (good.length === 0) return null;
  const right = chance.one(good);
  if (level === 3) {
    // The tightest bowl of those that do sets a limit on salt, which the others then break or keep.
    const max = Math.ceil((right.analysis.perServing.sodiumMg.value * LIMIT_ABOVE) / 10) * 10;
    needs.limits = [{ nutrient: 'sodiumMg', per: 'serving', max }];
  }
  const judged = level === 3 ? swapsForLine(recipe, needs, lineId, soup, SHELF).filter(isOther) : swaps;
  const best = judged.find(({ change }) => change.swapId === right.change.swapId);
  if (!best || best.tally.broken > 0 || best.tally.toCheck > 0) return null;
  const breaking = chance.mixed(judged.filter(({ tally }) => tally.broken > 0)).map((one) => ({ one, share: 1 }));
  const off = chance.mixed(FAR_OFF.filter((share) => shows(best, analysis, share))).map((share) => ({ one: best, share }));
  const wrong = chance
    .mixed([...breaking.slice(0, WRONG[level] - Math.min(1, off.length)), ...off.slice(0, level === 1 ? 2 : 1)])
    .slice(0, WRONG[level]);
  if (wrong.length < 2) return null;
  const listed = chance.mixed([{ one: best, share: 1 }, ...wrong]);
  const options = listed.map(({ one, share }, at): RoundOption => {
    const foods = one.change.to.map(({ foodId, grams }) => ({ foodId, grams: rounded(grams * share) }));
    return {
      id: 'abcd'.charAt(at),
      lineId,
      swapId: one.change.swapId,
      text: foods.map(({ foodId, grams }) => `${figure(grams)} g ${SHELF.food(foodId)?.name.toLowerCase() ?? foodId}`).join(' and '),
      foods,
      grams: rounded(foods.reduce((sum, { grams }) => sum + grams, 0)),
    };
  });
  if (new Set(options.map(({ text }) => text)).size < options.length) return null;
  const rightAt = listed.findIndex(({ one, share }) => one === best && share === 1);
  const rightOption = options[rightAt] as RoundOption;
  const seat = seatBy(chance);
  const line = textOfLine(recipe, lineId);
  const limit = needs.limits?.[0]?.max;
  const words = [
    needOf(about),
    ...(second ? [`may not have ${wordOf({ kind: 'allergen', id: second })}`] : []),
    ...(limit === undefined ? [] : [`has at most ${limit} mg sodium in a bowl`]),
  ];
  const reasonFor = ({ one, share }: (typeof listed)[number]): Reason => ({
    lineId,
    path: [line, one.change.name, ...why(one, share, needs, analysis)],
  });
  return {
    recipe,
    topic: `a swap for ${wordOf(about)}`,
    guest: { seat, needs },
    question: `Guest ${seat} ${words.slice(0, -1).join(', ')}${words.length > 1 ? ' and ' : ''}${words.at(-1)}. What goes in the place of '${line}', so that the soup stays what it was?`,
    by: 'one',
    options,
    mark: (answer) => {
      const given = pickOf(answer, options);
      if (given === null) return { wanted: 'the id of one option, or a lineId, a swapId and grams' };
      const isRight = typeof given === 'number' ? given === rightAt : isGood(given, rightOption);
      const at = typeof given === 'number' ? given : options.findIndex(({ swapId }) => swapId === given.swapId);
      const chosenOne = at >= 0 ? listed[at] : undefined;
      const told = isRight || !chosenOne ? [listed[rightAt] as (typeof listed)[number]] : [chosenOne];
      return {
        right: isRight,
        because: told.map(reasonFor),
        explains:
          `${isRight ? 'Yes' : 'It was'}: ${rightOption.text}. ${best.change.note ? `${best.change.note.charAt(0).toUpperCase()}${best.change.note.slice(1)}.` : ''}`.trim(),
      };
    },
  };
}

/** Something else in the place of the line: less of it, or another make of it, is no question. */
const isOther = ({ change: { from, to } }: LineSwap): boolean =>
  to.length > 0 && to.every(({ foodId, grams }) => grams > 0 && rootOf(foodId) !== rootOf(from?.foodId ?? ''));
const rootOf = (foodId: string): string => foodId.split('-')[0] as string;

const KEPT = ['soy', 'treeNut', 'sesame', 'mustard', 'egg', 'celery'] as const;
const rounded = (grams: number): number => (grams >= 20 ? Math.round(grams) : Number(grams.toFixed(1)));

/** Whether so many times the amount would show in the pot: in its body, or in how full it is. */
function shows({ change, analysis: after }: LineSwap, before: SoupAtHand['analysis'], share: number): boolean {
  const grams = change.to.reduce((sum, one) => sum + one.grams, 0);
  const by = Math.abs(share - 1) * grams;
  // Thickeners show in the body by what they give, all else in how full the pot is.
  const bodyOfSwap = Math.abs(after.body.index - before.body.index) / Math.max(before.body.index, 0.05);
  return by / before.potMl > SHOWS_IN_POT || (bodyOfSwap * Math.abs(share - 1) > SHOWS_IN_BODY && by > 5);
}

/** What is wrong with it, or what is right. */
function why({ meets, analysis, change }: LineSwap, share: number, needs: Needs, before: SoupAtHand['analysis']): string[] {
  if (share !== 1)
    return [
      `${share < 1 ? 'far too little' : 'far too much'}: it takes about ${figure(change.to.reduce((sum, { grams }) => sum + grams, 0))} g`,
      `the body was ${before.body.word}`,
    ];
  const broken = meets.filter(({ state }) => state === 'breaks').map(({ need }) => need);
  if (broken.length === 0) return ['keeps every need', `the body stays ${analysis.body.word}`];
  return broken.flatMap(({ kind, id }): string[] => {
    if (kind === 'limit') return [`${figure(analysis.perServing.sodiumMg.value)} mg sodium in a bowl, at most ${needs.limits?.[0]?.max} is wanted`];
    const because = [...analysis.allergens, ...analysis.diets].find((one) => one.id === id)?.because[0];
    return because ? [...because.path] : [`breaks ${id ?? kind}`];
  });
}

interface Free {
  swapId: string;
  grams: number;
}

/** Which option, or what is said freely; null where it is neither. */
function pickOf(answer: unknown, options: readonly RoundOption[]): number | Free | null {
  const one = Array.isArray(answer) && answer.length === 1 ? answer[0] : answer;
  if (typeof one === 'object' && one !== null && 'swapId' in one && 'grams' in one && typeof one.swapId === 'string' && typeof one.grams === 'number')
    return { swapId: one.swapId, grams: one.grams };
  const ids = idsIn(one);
  const at = ids?.length === 1 ? options.findIndex(({ id }) => id === ids[0]) : -1;
  return at < 0 ? null : at;
}

const isGood = ({ swapId, grams }: Free, right: RoundOption): boolean =>
  swapId === right.swapId && Math.abs(grams - (right.grams ?? 0)) <= WITHIN * (right.grams ?? 0);
