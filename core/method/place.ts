/** The work that comes with what is put in, each piece where it belongs, and the lines in the step that puts them in. */
import type { Shelf } from '../food/shelf.ts';
import { isOf } from '../vocabulary/category.ts';
import type { Line, Step } from '../vocabulary/recipe.ts';
import type { Drafts } from './drafts.ts';
import { type Entry, type Exchange, entryBy, isGentle, isTasting, speaksOf, type Work } from './entry.ts';

const BLENDS = /\b(?:blend|blitz|whizz|process|pur[eé]e|liquidi[sz]e)\w*/i;
const SIMMERS = /\b(?:simmer|boil|bring|cook)\w*/i;
const PREPARES = /^(?:Soak|Chill|Cut|Toast|Take|Roast|Press|Strain|Drain)\b/i;

export interface Placing {
  exchange: Exchange;
  entry: Entry;
  /** How the steps call what is used before it is blended in. */
  back: string | null;
  /** After which step comes what had a place of its own; -1 where nothing spoke of it. */
  first: number;
  /** Its foods are in some sentence already. */
  entered: boolean;
  drafts: Drafts;
  /** Work that is told already: two swaps soak their mushrooms once. */
  said: Set<string>;
  /** The foods of lines in words, each once. */
  each: (lines: readonly Line[]) => string;
  shelf: Shelf;
}

export function placeWorks(placing: Placing): void {
  const { exchange, drafts, entry, each, said, shelf } = placing;
  const { lines, works } = exchange;
  let { entered } = placing;
  for (const written of works) {
    const work = drafts.isCold ? { ...written, text: asOfCold(written.text) } : written;
    const by = entryBy(work);
    const known = said.has(work.text);
    if (known && by === null) continue;
    said.add(work.text);
    entered = placeWork(work, by, known, placing) || entered;
  }
  // Whatever found no sentence goes in with the liquid, or before serving.
  if (entered || lines.length === 0) return;
  const isPoured = entry === 'pour' || isOf(shelf.food(lines[0]?.foodId ?? '')?.category, 'solid');
  drafts.say(isPoured && drafts.poured >= 0 ? drafts.poured : Math.max(0, drafts.beforeServing), `Add ${each(lines)}.`, idsOf(lines), SIMMERS);
}

/** Nothing is warm, and nothing boils. */
const asOfCold = (text: string): string =>
  text
    .replace(/^Temper the (.+?) with hot soup and/, 'Whisk the $1 with a ladle of the soup and')
    .replace(/\b(?:warm|hot) soup\b/, 'the soup')
    .replace(/ off the boil\b/, '');

const idsOf = (lines: readonly Line[]): string[] => lines.map(({ id }) => id);

/** Puts a piece of work where it belongs; true where it puts the lines in. */
function placeWork(work: Work, by: Entry | null, known: boolean, placing: Placing): boolean {
  const { exchange, entry, first, drafts } = placing;
  const { line, lines, works } = exchange;
  const { firstBlend, lastBlend, poured, beforeServing } = drafts;
  const ids = idsOf(lines);
  const step = (text: string, stage: Line['stage'], uses: string[]): Step => ({
    id: drafts.fresh(`swap-${line.id}-${works.indexOf(work) + 1}`),
    stage,
    text,
    handsOn: work.when !== 'before',
    ...(uses.length > 0 ? { uses } : {}),
  });
  const served: Line['stage'] = line.stage === 'bowl' ? 'bowl' : 'finish';
  if (isTasting(work)) {
    drafts.close(step(work.text, 'finish', []));
    return false;
  }
  if (by === 'made' && entry === 'made') {
    // Made ready before the step it goes into, and counted there.
    drafts.insert(Math.max(-1, first - 1), step(withRest(work.text, placing), 'blend', []));
    return true;
  }
  if (known && by !== null && by === entry && entry !== 'pot' && drafts.join(work.text, ids, restOf(work.text, placing))) return true;
  if (by !== null && by === entry)
    switch (entry) {
      case 'pot':
        intoPot(work, known, step, placing);
        return true;
      case 'early':
        drafts.insert(firstBlend > 0 ? firstBlend - 1 : -1, step(returned(work.text, placing), 'simmer', ids));
        return true;
      case 'slake':
        drafts.insert(lastBlend >= 0 ? lastBlend : Math.max(0, poured), step(withRest(work.text, placing), 'finish', ids), true);
        return true;
      case 'blend':
        drafts.insert(firstBlend > 0 ? firstBlend - 1 : beforeServing, step(withRest(work.text, placing), 'blend', ids));
        return true;
      case 'base':
        drafts.open(step(withRest(work.text, placing), 'base', ids));
        return true;
      case 'own':
        // Cream that went into the pot early goes in late: what replaces it must not boil.
        drafts.insert(
          isGentle(work) && first >= 0 && first <= poured ? Math.max(lastBlend, beforeServing) : first >= 0 ? first : beforeServing,
          step(withRest(work.text, placing), served, ids),
        );
        return true;
    }
  if (known && by === 'base') return false;
  if (by === 'base' || work.when === 'before' || PREPARES.test(work.text))
    drafts.open(step(entry === 'ready' && by === 'base' ? withRest(work.text, placing) : work.text, 'base', []));
  else if (work.when === 'blend') drafts.insert(firstBlend >= 0 ? firstBlend : beforeServing, step(work.text, 'blend', []));
  else drafts.insert(beforeServing, step(work.text, served, []));
  return false;
}

/** What was fried and lifted out comes back. */
const returned = (text: string, { back }: Placing): string =>
  back === null ? text : text.replace(/^Put the .+? in before/, `Return ${back} to the pot before`).replace(/ and cook (?:it|them) through/, '');

/** The lines a piece of work does not speak of. */
function restOf(text: string, { exchange: { lines }, each }: Placing): string {
  const left = lines.filter((one) => !speaksOf(text, one) && !(one.foodId === 'water' && /\bwater\b/i.test(text)));
  return left.length === 0 ? '' : each(left);
}
function withRest(text: string, placing: Placing): string {
  const rest = restOf(text, placing);
  return rest === '' ? text : `${text.replace(/\.\s*$/, '')}, with ${rest}.`;
}

/** A slow piece lengthens the simmer it is put into. */
function lengthen(drafts: Drafts, at: number, until: string): void {
  const draft = drafts.list[at];
  const most = Math.max(...[...until.matchAll(/\d+/g)].map(([minutes]) => Number(minutes)), 0);
  const said = draft && /\b(\d+)(?:\s*(?:to|-|–)\s*(\d+))?\s+min(?:ute)?s?\b/i.exec(draft.text);
  if (!draft || !said || Number(said[2] ?? said[1]) >= most) return;
  draft.text = draft.text.replace(said[0], `${most} minutes`);
  if (draft.step.minutes) draft.step = { ...draft.step, minutes: { min: most, max: most } };
}

/** It cooks with the rest: a sentence of the step that simmers. */
function intoPot({ text }: Work, known: boolean, step: (text: string, stage: 'base', uses: string[]) => Step, placing: Placing): void {
  const { exchange, drafts, each } = placing;
  const { lines } = exchange;
  const { poured, firstBlend } = drafts;
  const until = /\buntil [^,.]*(?:, \d[^,.]*minutes)?/i.exec(text)?.[0] ?? 'until soft';
  if (poured >= 0) {
    const what = each(lines);
    const many = lines.length > 1 || /[^su]s$/.test(what);
    const cooks = `${what.charAt(0).toUpperCase()}${what.slice(1)} ${many ? 'go' : 'goes'} in with it and ${many ? 'cook' : 'cooks'} ${until}.`;
    // The second to go in so is of the same food: what it brings beside it is all there is to add.
    const others = lines.filter((one) => !speaksOf(text, one) && one.foodId !== 'water');
    lengthen(drafts, poured, until);
    drafts.say(poured, known ? (others.length > 0 ? `Add ${each(others)}.` : '') : cooks, idsOf(lines), SIMMERS);
    return;
  }
  // Nothing simmers in a cold soup: it is boiled by itself and goes into the blender.
  const what = each(lines.filter(({ foodId }) => foodId !== 'water'));
  drafts.open(step(`Boil ${what} in plenty of water ${until.replace(/,.*$/, '')}, drain and let it cool.`, 'base', []));
  drafts.say(Math.max(0, firstBlend), `Blend ${what} in with it.`, idsOf(lines), BLENDS);
}
