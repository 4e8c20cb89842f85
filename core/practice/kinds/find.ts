/** Find what breaks the need: every line, the ones that hide it too. */
import { SHELF } from '../../food/shelf.ts';
import { idsIn, isSame } from '../answer.ts';
import type { Chance } from '../chance.ts';
import { type Concerned, concerns, lineOf, linesIn, needOf, reasonOf, textOfLine, wordOf } from '../facts.ts';
import { REGIME, seatBy } from '../soup.ts';
import type { Level, Made, Reason, SoupAtHand } from '../types.ts';

/** A line hides it where its own words do not say it: anchovy in a brown sauce. */
const hides = (soup: SoupAtHand, { about, breaks, checks }: Concerned): boolean =>
  [...breaks, ...checks].some(
    ({ lineId }) =>
      !textOfLine(soup.recipe, lineId)
        .toLowerCase()
        .includes(wordOf(about).split(' ')[0] as string),
  ) && about.kind === 'allergen';

/** Needs that can be asked at a level without doubt about which lines are meant. */
function askable(level: Level, soup: SoupAtHand): Concerned[] {
  const beside = new Set(soup.recipe.lines.filter(({ stage }) => stage === 'plate').map(({ id }) => id));
  return concerns(soup).filter((one) => {
    const lines = [...one.breaks, ...one.checks].map(({ lineId }) => lineId);
    if (one.breaks.length === 0 || one.others.length > 0 || lines.some((id) => beside.has(id))) return false;
    if (level === 1) return one.checks.length === 0 && one.about.kind === 'allergen';
    if (level === 2) return one.checks.length === 0 && (one.about.kind === 'diet' || hides(soup, one));
    return one.checks.length > 0;
  });
}

const isWithin = (one: Concerned, other: Concerned): boolean => {
  const lines = linesIn([...other.breaks, ...other.checks]);
  return linesIn([...one.breaks, ...one.checks]).every((id) => lines.includes(id));
};

export function find(level: Level, soup: SoupAtHand, chance: Chance): Made | null {
  const { recipe } = soup;
  const all = askable(level, soup);
  if (all.length === 0) return null;
  const first = chance.one(all);
  // The second is of other lines too: milk, and then no milk as a diet, would be one question.
  const second = level === 3 ? chance.mixed(all).find((one) => !isWithin(one, first) && !isWithin(first, one)) : undefined;
  const chosen = second ? [first, second] : [first];
  const wanted = linesIn(chosen.flatMap(({ breaks, checks }) => [...breaks, ...checks]));
  if (wanted.length === 0 || wanted.length >= recipe.lines.length) return null;
  const seat = seatBy(chance);
  const words = chosen.map(({ about }) => needOf(about)).join(' and ');
  const allergens = chosen.flatMap(({ about }) => (about.kind === 'allergen' ? [about.id] : []));
  const diets = chosen.flatMap(({ about }) => (about.kind === 'diet' ? [about.id] : []));
  return {
    recipe,
    topic: chosen.map(({ about }) => wordOf(about)).join(', '),
    guest: { seat, needs: { regime: REGIME, ...(allergens.length > 0 ? { allergens } : {}), ...(diets.length > 0 ? { diets } : {}) } },
    question:
      level === 3
        ? `Guest ${seat} ${words}. Which lines break that, or can only be told from their label?`
        : `Guest ${seat} ${words}. Which lines break that?`,
    by: 'many',
    mark: (answer) => {
      const ids = idsIn(answer);
      if (!ids) return { wanted: 'a list of line ids' };
      const missed = wanted.filter((id) => !ids.includes(id));
      const extra = ids.filter((id) => !wanted.includes(id));
      const right = isSame(ids, wanted);
      const why = (id: string): Reason[] =>
        chosen.flatMap(({ breaks, checks }) => [...breaks, ...checks].filter(({ lineId }) => lineId === id).map((one) => reasonOf(recipe, one)));
      const innocent = (id: string): Reason => {
        const line = lineOf(recipe, id);
        const food = line && SHELF.food(line.foodId ?? '');
        return {
          lineId: id,
          path: [
            line?.text ?? id,
            food?.name ?? 'no food of ours',
            `nothing in it ${level === 3 ? 'breaks that or needs its label' : 'breaks that'}`,
          ],
        };
      };
      const because = right ? wanted.flatMap(why) : [...missed.flatMap(why), ...extra.map(innocent)];
      const named = (list: readonly string[]) => list.map((id) => `'${textOfLine(recipe, id)}'`).join(', ');
      return {
        right,
        because,
        explains: right
          ? `All found: ${named(wanted)}.`
          : [missed.length > 0 ? `Not found: ${named(missed)}.` : '', extra.length > 0 ? `Not one of them: ${named(extra)}.` : '']
              .filter(Boolean)
              .join(' '),
      };
    },
  };
}
