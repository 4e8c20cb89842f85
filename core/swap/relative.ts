/**
 * Needs said against the soup as it is, or by the words of a claim: 'half the saturated fat', 'a third less energy', 'less salt', 'low fat',
 * 'lighter'. They become figures, which are shown back.
 */
import type { Criterion } from '../regime/claimRules.ts';
import { REGIMES, type RegimeId } from '../regime/regime.ts';
import { NUTRIENT_LABELS, type Nutrient, nutrientUnit } from '../vocabulary/nutrient.ts';
import { NUTRIENT_WORDS } from './data/needWords.ts';
import type { Limit } from './needs.ts';

/** What one bowl of the soup holds now. */
export type Held = (nutrient: Nutrient) => number;

export interface Understood {
  limit: Limit;
  /** What was made of the words. */
  says: string;
}

const SHARES: readonly (readonly [said: string, share: number])[] = [
  ['half', 0.5],
  ['a half', 0.5],
  ['a third', 1 / 3],
  ['one third', 1 / 3],
  ['two thirds', 2 / 3],
  ['a quarter', 0.25],
  ['one quarter', 0.25],
  ['three quarters', 0.75],
];
const SHARE = `(${SHARES.map(([said]) => said).join('|')}|\\d{1,3} ?%)`;
const OF = new RegExp(`^${SHARE} (?:of )?(?:the )?(.+)$`);
const BY = new RegExp(`^${SHARE} (less|fewer|more) (.+)$`);
const BY_TURNED = new RegExp(`^(?:reduce|cut|lower) (?:the )?(.+) by ${SHARE}$`);
const LESS = /^(?:less|fewer|reduced|lower|lower in|reduce the|cut the|cut down on) (.+)$/;
const MORE = /^(?:more|extra|increased|higher|high|high in|rich in|added) (.+)$/;
const LOW = /^(?:low|low in) (.+)$|^low-(.+)$/;
const LIGHTER = /^(?:lighter|light|less rich|fewer calories)$/;

/** 'Reduced' is 30 % less, of sodium 25 %, 'increased' 30 % more: Regulation (EC) 1924/2006, annex, from memory. */
const REDUCED = 0.3;
const REDUCED_SODIUM = 0.25;
const INCREASED = 0.3;
/** Under 1 g in 100 g is called low lactose by several authorities, from memory. */
const LOW_LACTOSE = 1;
/** The claim each 'low' goes by, in any regime. */
const LOW_CLAIMS: Partial<Record<Nutrient, readonly string[]>> = {
  sodiumMg: ['lowSodium'],
  saltG: ['lowSodium'],
  fatG: ['lowFat'],
  saturatedFatG: ['lowSaturatedFat'],
  sugarsG: ['lowSugars'],
  energyKcal: ['lowEnergy', 'lowCalorie'],
  cholesterolMg: ['lowCholesterol'],
};

const shareOf = (said: string): number => SHARES.find(([words]) => words === said)?.[1] ?? Number.parseFloat(said) / 100;
const nutrientCalled = (words: string): Nutrient | undefined => NUTRIENT_WORDS.get(words.replace(/^the /, ''));
/** Two figures, as a limit is set. */
const round = (value: number): number => Number(value.toPrecision(2));

/** Null where the words are no such need; `held` is asked only of what they name. */
export function readRelative(phrase: string, regime: RegimeId, held: Held | undefined): Understood | null {
  const low = LOW.exec(phrase);
  if (low) {
    const nutrient = nutrientCalled((low[1] ?? low[2]) as string);
    const limit = nutrient && lowLimit(nutrient, regime);
    if (limit) return { limit, says: `${phrase}: ${limitWords(limit)}, as the words are ruled` };
  }
  if (!held) return null;
  const set = (nutrient: Nutrient | undefined, times: number, end: 'min' | 'max', by: string): Understood | null => {
    if (!nutrient || !(times >= 0) || !(held(nutrient) > 0)) return null;
    const limit: Limit = { nutrient, per: 'serving', [end]: round(held(nutrient) * times) };
    return { limit, says: `${phrase}: ${limitWords(limit)}, ${by} ${figure(nutrient, held(nutrient))} now` };
  };
  if (LIGHTER.test(phrase)) return set('energyKcal', 1 - REDUCED, 'max', '30 % less than');
  const by = BY.exec(phrase) ?? turned(BY_TURNED.exec(phrase));
  if (by) {
    const [, said = '', way, words = ''] = by;
    const share = shareOf(said);
    return way === 'more'
      ? set(nutrientCalled(words), 1 + share, 'min', `${said} more than`)
      : set(nutrientCalled(words), 1 - share, 'max', `${said} less than`);
  }
  const of = OF.exec(phrase);
  if (of) return set(nutrientCalled(of[2] as string), shareOf(of[1] as string), 'max', `${of[1]} of`);
  const less = LESS.exec(phrase);
  if (less) {
    const nutrient = nutrientCalled(less[1] as string);
    const share = nutrient === 'sodiumMg' || nutrient === 'saltG' ? REDUCED_SODIUM : REDUCED;
    return set(nutrient, 1 - share, 'max', `${share * 100} % less than`);
  }
  const more = MORE.exec(phrase);
  return more ? set(nutrientCalled(more[1] as string), 1 + INCREASED, 'min', '30 % more than') : null;
}

/** 'Cut the salt by a third' is 'a third less salt'. */
const turned = (found: RegExpExecArray | null): readonly string[] | null => found && [found[0], found[2] as string, 'less', found[1] as string];

function lowLimit(nutrient: Nutrient, regime: RegimeId): Limit | null {
  if (nutrient === 'lactoseG') return { nutrient, per: '100g', max: LOW_LACTOSE };
  const rule = REGIMES[regime].claims.rules.find(({ id }) => LOW_CLAIMS[nutrient]?.includes(id));
  const criterion: Criterion | undefined = rule?.any[0]?.[0];
  if (!criterion) return null;
  const per: Limit['per'] = criterion.basis.startsWith('100') ? '100g' : 'serving';
  return nutrient === 'saltG' ? { nutrient: 'sodiumMg', per, max: criterion.limit } : { nutrient, per, max: criterion.limit };
}

const figure = (nutrient: Nutrient, value: number): string => `${Number(value.toPrecision(3))} ${nutrientUnit(nutrient)}`;
const limitWords = ({ nutrient, per, min, max }: Limit): string =>
  `${min === undefined ? 'at most' : 'at least'} ${figure(nutrient, (min ?? max) as number)} ${(NUTRIENT_LABELS[nutrient] as string).toLowerCase()} ${per === 'serving' ? 'a bowl' : 'in 100 g'}`;
