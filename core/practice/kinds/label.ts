/** Read a label: which packs have to be read, and what one of them says. */
import { readIngredients } from '../../food/ingredients.ts';
import { ALLERGEN_LABELS, type AllergenId, SINGLE_TREE_NUTS } from '../../vocabulary/allergens.ts';
import { idsIn, isSame } from '../answer.ts';
import type { Chance } from '../chance.ts';
import { PACKS } from '../data/packs.ts';
import { concerns, linesIn, needOf, reasonOf, textOfLine, wordOf } from '../facts.ts';
import { REGIME, seatBy } from '../soup.ts';
import type { Level, Made, Reason, SoupAtHand } from '../types.ts';

export const label = (level: Level, soup: SoupAtHand, chance: Chance): Made | null =>
  level === 1 ? packsToRead(soup, chance) : packRead(level, soup, chance);

/** Which lines only a pack can tell: nothing in the soup breaks the need for certain, so that there is one answer. */
function packsToRead(soup: SoupAtHand, chance: Chance): Made | null {
  const { recipe } = soup;
  const all = concerns(soup).filter(
    ({ about, breaks, checks, others }) =>
      about.kind === 'allergen' && breaks.length === 0 && others.length === 0 && checks.length > 0 && linesIn(checks).length < recipe.lines.length,
  );
  if (all.length === 0) return null;
  const { about, checks } = chance.one(all);
  if (about.kind !== 'allergen') return null;
  const seat = seatBy(chance);
  const wanted = linesIn(checks);
  return {
    recipe,
    topic: wordOf(about),
    guest: { seat, needs: { regime: REGIME, allergens: [about.id] } },
    question: `Guest ${seat} ${needOf(about)}. Of which lines must the pack be read before this soup is served?`,
    by: 'many',
    mark: (answer) => {
      const ids = idsIn(answer);
      if (!ids) return { wanted: 'a list of line ids' };
      const right = isSame(ids, wanted);
      const extra = ids.filter((id) => !wanted.includes(id));
      const because: Reason[] = [
        ...checks.filter(({ lineId }) => right || !ids.includes(lineId)).map((one) => reasonOf(recipe, one)),
        ...(right ? [] : extra.map((id) => ({ lineId: id, path: [textOfLine(recipe, id), `no make of it is known to hold ${wordOf(about)}`] }))),
      ];
      return {
        right,
        because,
        explains: `Read the pack of ${wanted.map((id) => `'${textOfLine(recipe, id)}'`).join(', ')}: makes differ. The kitchen cannot tell from the name alone.`,
      };
    },
  };
}

/** Allergens a class is asked about. */
const ASKED: readonly AllergenId[] = [
  'milk',
  'egg',
  'fish',
  'crustacean',
  'treeNut',
  'peanut',
  'wheat',
  'gluten',
  'soy',
  'sesame',
  'celery',
  'mustard',
  'sulphite',
];
const SHOWN = 5;

/** What a pack holds; at the third level, what it warns of too. */
function packRead(level: Level, { recipe }: SoupAtHand, chance: Chance): Made | null {
  const fitting = recipe.lines.flatMap((line) =>
    PACKS.filter(({ of }) => of.test(line.text)).map((pack) => ({ line, pack, read: readIngredients(pack.ingredients) })),
  );
  const all = fitting.filter(({ read }) => (level === 3 ? read.mayContain.length > 0 : read.contains.length > 0));
  if (all.length === 0) return null;
  const { line, pack, read } = chance.one(all);
  const held = new Map(read.contains.map(({ allergen, via }) => [allergen, via.join(', ')]));
  const warned = new Map(read.mayContain.map(({ allergen, why }) => [allergen, why]));
  const open = new Set(read.checks.map(({ allergen }) => allergen));
  // A single nut says that there are tree nuts; what the pack leaves open is not asked.
  for (const [allergen, via] of [...held]) if (SINGLE_TREE_NUTS.includes(allergen)) held.set('treeNut', via);
  for (const [allergen, why] of [...warned]) if (SINGLE_TREE_NUTS.includes(allergen) && !held.has('treeNut')) warned.set('treeNut', why);
  const askable = ASKED.filter((id) => !open.has(id) && (level === 3 || !warned.has(id)));
  const isIn = (id: AllergenId) => held.has(id) || (level === 3 && warned.has(id));
  const inIt = chance.some(askable.filter(isIn), 3);
  const notInIt = chance.some(
    askable.filter((id) => !isIn(id)),
    SHOWN - inIt.length,
  );
  if (inIt.length === 0 || notInIt.length < 2 || (level === 3 && !inIt.some((id) => warned.has(id)))) return null;
  const asked = chance.mixed([...inIt, ...notInIt]);
  const seat = seatBy(chance);
  const names = asked.map((id) => ALLERGEN_LABELS[id].toLowerCase());
  return {
    recipe,
    topic: `the pack of ${pack.name}`,
    guest: { seat, needs: { regime: REGIME, allergens: asked } },
    question: `Guest ${seat} may not have ${names.slice(0, -1).join(', ')} or ${names.at(-1)}. The pack of the ${pack.name} in '${line.text}' says: “${pack.ingredients}” ${
      level === 3 ? 'Which of these does it hold or warn of?' : 'Which of these does it hold?'
    }`,
    by: 'many',
    options: asked.map((id) => ({ id, text: ALLERGEN_LABELS[id] })),
    mark: (answer) => {
      const ids = idsIn(answer);
      if (!ids || ids.some((id) => !(asked as readonly string[]).includes(id))) return { wanted: 'a list of allergen ids of those asked about' };
      const right = isSame(ids, inIt);
      const why = (id: AllergenId): Reason => ({
        lineId: line.id,
        path: [pack.name, held.get(id) ?? warned.get(id) ?? 'not named on the pack', ALLERGEN_LABELS[id].toLowerCase()],
      });
      const wrong = (ids as AllergenId[]).filter((id) => !inIt.includes(id));
      return {
        right,
        because: [...inIt.filter((id) => right || !ids.includes(id)), ...(right ? [] : wrong)].map(why),
        explains: `The pack ${level === 3 ? 'holds or warns of' : 'holds'} ${inIt.map((id) => `${ALLERGEN_LABELS[id].toLowerCase()} (${held.get(id) ?? warned.get(id)})`).join(', ')}.`,
      };
    },
  };
}
