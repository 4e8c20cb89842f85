/**
 * The method rewritten for what is in the pot now: plain sentences, every line entering once, no food ordered that is gone. A pure
 * function of the steps as they were written, their lines, what stands in the place of each, and the work that comes with it.
 */
import type { Shelf } from '../food/shelf.ts';
import { tokensOf } from '../reading/match.ts';
import { isOf } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Line, Step } from '../vocabulary/recipe.ts';
import { mentionsOf, type Spoken, spokenOf } from './mention.ts';
import { listed, removeAt, replaceAt, tidied } from './text.ts';

export interface Work {
  text: string;
  when: 'before' | 'blend' | 'finish';
}

/** A line of the original and what stands in its place; nothing where it is left out. */
export interface Exchange {
  line: Line;
  lines: readonly Line[];
  works: readonly Work[];
  /** Where its foods go in, when not where the old one did. */
  stage?: Line['stage'] | undefined;
}

/**
 * How what comes enters: in the place of what goes; in the place, once it is made ('the blended cashews'); with the liquid, to simmer along;
 * blended apart and added; slaked after the blender and before any cream; by a sentence of its own; first of all, in the base.
 */
type Entry = 'stead' | 'early' | 'made' | 'pot' | 'blend' | 'slake' | 'own' | 'base';

const BLENDS_APART = /^Blend\b.*\bwith (?:a ladle|plenty|some) of the (?:liquid|soup)\b/i;
const MADE_APART = /^(?:Blend|Whisk|Stir) the .+ (?:with|into) (?:their|the|its|hot|cold)\b.*\b(?:water|lemon|oil)\b/i;
const ENTERS: readonly (readonly [Entry, RegExp])[] = [
  ['early', /^Put the .+ in before blending\b/i],
  ['pot', /^Simmer the .+ in the pot\b/i],
  ['slake', /\bslake/i],
  ['blend', BLENDS_APART],
  ['made', MADE_APART],
  ['base', /^(?:Brown|Fry|Toast|Warm|Sweat)\b/i],
];
const PREPARES = /^(?:Soak|Chill|Cut|Toast|Take|Roast|Press|Strain|Drain)\b/i;

/** A food as a cook calls it: 'White beans, canned, drained' are white beans. */
export const calledInSteps = ({ name }: Pick<Food, 'name'>): string => {
  const plain = name
    .replace(/\s*\([^)]*\)/g, '')
    .replace(/,.*$/, '')
    .trim();
  return /^\p{Lu}\p{Ll}/u.test(plain) ? plain.charAt(0).toLowerCase() + plain.slice(1) : plain;
};

interface Draft {
  step: Step;
  text: string;
  uses: string[];
  /** Its own words are gone. */
  empty: boolean;
}

export function rewriteMethod(steps: readonly Step[], original: readonly Line[], exchanges: readonly Exchange[], shelf: Shelf): Step[] {
  if (steps.length === 0) return [];
  const changed = new Map(exchanges.map((one) => [one.line.id, one]));
  const spoken = new Map(original.map((line) => [line.id, spokenOf(line, shelf)]));
  const staying = original.filter(({ id }) => !changed.has(id)).map(({ id }) => spoken.get(id) as Spoken);
  const isThing = (words: string): boolean => {
    const [first, second] = tokensOf(words.trim().split(/\s+/, 3).join(' '));
    return [...spoken.values()].some(
      ({ heads, own }) => (first !== undefined && (heads.has(first) || own.has(first))) || (second !== undefined && heads.has(second)),
    );
  };
  const drafts: Draft[] = steps.map((step) => ({ step, text: step.text, uses: [...(step.uses ?? [])], empty: false }));
  const before: Step[] = [];
  const ids = new Set(steps.map(({ id }) => id));
  const fresh = (base: string): string => {
    let id = base;
    while (ids.has(id)) id = `${id}'`;
    ids.add(id);
    return id;
  };
  const said = new Set<string>();
  /** Steps put in after a draft, by its index; -1 is before all. */
  const after = new Map<number, Step[]>();
  // A slurry is stirred in and simmered before anything that must not boil.
  const insert = (at: number, step: Step, ahead = false) => {
    const there = after.get(at) ?? [];
    after.set(at, ahead ? [step, ...there] : [...there, step]);
  };
  const named = (line: Line): string => (line.foodId ? calledInSteps(shelf.food(line.foodId) ?? { name: line.text }) : line.text);
  const categoryOf = ({ foodId }: Line) => shelf.food(foodId ?? '')?.category;

  for (const exchange of exchanges) {
    const { line, lines, works } = exchange;
    const own = spoken.get(line.id) ?? UNSPOKEN;
    const first = drafts.findIndex(({ uses }) => uses.includes(line.id));
    const entry = entryOf(exchange);
    const inPlace = entry === 'stead' || entry === 'made';
    // What is blended with its water and its lemon goes in as one thing; what its own work puts into the pot is not put in again.
    const main = lines.find((one) => isMade(one, works) && categoryOf(one) !== 'water') ?? lines[0];
    const put = lines.filter((one) => !works.some(({ text }) => /\binto the pot\b/i.test(text) && speaksOf(text, one)) || lines.length === 1);
    const same = sameFood(exchange);
    const names = entry === 'made' && main ? `the blended ${named(main)}` : listed((put.length > 0 ? put : lines).map((one) => `the ${named(one)}`));
    let placed = false;
    let early = false;
    drafts.forEach((draft, at) => {
      const whole = draft.text;
      const was = (id: string) => mentionsOf(whole, spoken.get(id) as Spoken, []).length > 0;
      const spans = mentionsOf(draft.text, own, staying);
      // A sentence that went from the front of its step leaves what follows it behind.
      if (at === first && spans[0] && spans[0].from < whole.length * EARLY && !inPlace) early = true;
      const used = draft.uses.includes(line.id);
      if (used) {
        draft.uses = draft.uses.flatMap((id) => (id !== line.id ? [id] : inPlace ? lines.map((one) => one.id) : []));
        if (
          spans.length === 0 &&
          inPlace &&
          lines.length > 0 &&
          !placed &&
          first === at &&
          !/\b(?:everything|all|rest|vegetables|ingredients)\b/i.test(draft.text)
        ) {
          draft.text = tidied(`${draft.text.replace(/\s*$/, '')} ${`Add ${names}.`}`);
          placed = true;
        }
      }
      for (const [nth, span] of [...spans.entries()].reverse()) {
        if (inPlace && lines.length > 0) {
          // Of the same food, hands need the new weight once, where it goes in.
          const weighed = same && at === first && nth === 0;
          draft.text = same && !weighed ? draft.text : replaceAt(draft.text, span, weighed ? `${grams(lines)} g ${named(line)}` : names);
          placed = true;
        } else draft.text = removeAt(draft.text, span, isThing);
      }
      if (spans.length > 0 && inPlace) draft.text = heated(draft.text, line, lines, categoryOf, names);
      // What a sentence took along when it went is put in by one of its own.
      if (spans.length > 0 && !(inPlace && lines.length > 0)) {
        const orphans = draft.uses.filter((id) => spoken.has(id) && was(id) && mentionsOf(draft.text, spoken.get(id) as Spoken, []).length === 0);
        const ours = orphans.flatMap((id) => original.find((one) => one.id === id && !changed.has(id)) ?? []);
        if (ours.length > 0)
          draft.text = tidied(
            `${draft.text.replace(/[.\s]*$/, draft.text.trim() === '' ? '' : '.')} Add ${listed(ours.map((one) => `the ${named(one)}`))}.`,
          );
      }
      if (draft.text === '' || /^[\s.,;]*$/.test(draft.text)) draft.empty = true;
      if (used && first === at && draft.empty) draft.uses = draft.uses.filter((id) => id !== line.id);
    });
    placeWorks({ exchange, entry, first: early && first >= 0 ? first - 1 : first, drafts, before, insert, fresh, said, named, categoryOf });
  }
  const out: Step[] = [...before, ...(after.get(-1) ?? [])];
  drafts.forEach(({ step, text, uses, empty }, at) => {
    if (!empty) {
      const { uses: _, ...rest } = step;
      out.push({ ...rest, text: capital(text.trim()), ...(uses.length > 0 || step.uses ? { uses: [...new Set(uses)] } : {}) });
    }
    out.push(...(after.get(at) ?? []));
  });
  return out;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** What is added goes by no name in the steps. */
const UNSPOKEN: Spoken = { heads: new Set(), own: new Set(), last: new Set() };

/** The first part of a step's text. */
const EARLY = 0.4;

function entryOf({ works, lines }: Exchange): Entry {
  if (lines.length === 0) return 'stead';
  for (const { text } of works) {
    const found = ENTERS.find(([, said]) => said.test(text));
    if (found) return found[0];
  }
  return works.some(({ text, when }) => when === 'finish' && !/^Taste\b/i.test(text)) ? 'own' : 'stead';
}

/** Less or more of what was there, treated as it was. */
const sameFood = ({ line, lines }: Exchange): boolean => lines.length === 1 && lines[0]?.foodId === line.foodId && !lines[0]?.eaten;
const grams = ([line]: readonly Line[]): number => Number((line?.grams?.best ?? 0).toPrecision(3));

const isMade = (line: Line, works: readonly Work[]): boolean => works.some(({ text, when }) => when !== 'before' && speaksOf(text, line));
const speaksOf = (text: string, { foodId, text: own }: Line): boolean => {
  const words = new Set(tokensOf(text));
  return tokensOf((foodId ?? own).replace(/-/g, ' ')).some((token) => token.length > 2 && words.has(token));
};

/** 'Melt the oil' is 'heat the oil'; a spice and an oil are warmed and not fried crisp. */
function heated(text: string, line: Line, lines: readonly Line[], categoryOf: (line: Line) => string | undefined, names: string): string {
  const kinds = lines.map(categoryOf);
  let out = text;
  if (categoryOf(line) === 'fat' && lines.some(({ foodId }) => /oil/.test(foodId ?? '')))
    out = out
      .replace(/\b([Mm])elt(?=\s+the\b)/, (_, letter: string) => (letter === 'M' ? 'Heat' : 'heat'))
      .replace(/\buntil (?:it )?(?:foam\w*|foaming|melted|it has melted)\b/gi, 'until hot');
  const dry = kinds.length > 0 && kinds.every((kind) => kind === 'fat' || kind === 'spice' || kind === 'herb' || kind === 'salt' || kind === 'sauce');
  if (dry && (categoryOf(line) === 'meat' || categoryOf(line) === 'fish')) {
    const clause = new RegExp(
      String.raw`\b(?:fry|brown|cook|crisp|render|grill|sizzle)\s+${names.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}[^.;,]*`,
      'i',
    );
    out = out.replace(clause, (all) => `${/^\p{Lu}/u.test(all) ? 'Warm' : 'warm'} ${names} for a minute`);
  }
  return out;
}

interface Placing {
  exchange: Exchange;
  entry: Entry;
  /** The first step that used the old line. */
  first: number;
  drafts: Draft[];
  before: Step[];
  insert: (at: number, step: Step, ahead?: boolean) => void;
  fresh: (id: string) => string;
  said: Set<string>;
  named: (line: Line) => string;
  categoryOf: (line: Line) => Food['category'] | undefined;
}

/** The work of an exchange, each piece where it belongs, and its lines in the step that puts them in. */
function placeWorks({ exchange: { line, lines, works }, entry, first, drafts, before, insert, fresh, said, named, categoryOf }: Placing): void {
  const lastBlend = drafts.findLastIndex(({ step }) => step.method === 'blend' || step.stage === 'blend');
  const firstBlend = drafts.findIndex(({ step }) => step.method === 'blend' || step.stage === 'blend');
  const poured = drafts.findIndex(
    ({ step, uses }) => step.method === 'simmer' || step.method === 'boil' || (step.stage === 'simmer' && uses.length > 0),
  );
  const served = drafts.findIndex(({ step }) => step.stage === 'bowl' || step.stage === 'plate');
  const beforeServing = served < 0 ? drafts.length - 1 : served - 1;
  const ids = lines.map(({ id }) => id);
  const rest = (work: string): Line[] => lines.filter((one) => !speaksOf(work, one));
  const withRest = (text: string): string => {
    const left = rest(text).filter((one) => !(categoryOf(one) === 'water' && /\bwater\b/i.test(text)));
    return left.length === 0 ? text : `${text.replace(/\.\s*$/, '')}, with ${listed(left.map((one) => `the ${named(one)}`))}.`;
  };
  let entered = entry === 'stead' || entry === 'made';
  for (const work of works) {
    const known = said.has(work.text);
    const own = ENTERS.some(([, pattern]) => pattern.test(work.text)) || (work.when === 'finish' && !/^Taste\b/i.test(work.text));
    if (known && !own) continue;
    said.add(work.text);
    const step = (text: string, stage: Line['stage'], uses: string[]): Step => ({
      id: fresh(`swap-${line.id}-${works.indexOf(work) + 1}`),
      stage,
      text,
      handsOn: work.when !== 'before',
      ...(uses.length > 0 ? { uses } : {}),
    });
    if (entry === 'pot' && /^Simmer the .+ in the pot\b/i.test(work.text) && poured < 0) {
      // Nothing simmers in a cold soup: it is boiled by itself and goes into the blender.
      const what = listed(lines.filter((one) => categoryOf(one) !== 'water').map((one) => `the ${named(one)}`));
      before.push(
        step(`Boil ${what} in plenty of water ${/\buntil [^,.]*/i.exec(work.text)?.[0] ?? 'until soft'}, drain and let it cool.`, 'base', []),
      );
      const draft = drafts[Math.max(0, firstBlend)] as Draft;
      draft.text = tidied(`${draft.text.replace(/[.\s]*$/, '.')} Blend ${what} in with it.`);
      draft.uses.push(...ids);
      entered = true;
    } else if (entry === 'pot' && /^Simmer the .+ in the pot\b/i.test(work.text)) {
      // It cooks with the rest: a sentence of the step that simmers.
      const draft = drafts[poured] as Draft;
      const what = listed(lines.map((one) => `the ${named(one)}`));
      const many = lines.length > 1 || /[^su]s$/.test(what);
      const until = /\buntil [^,.]*(?:, \d[^,.]*minutes)?/i.exec(work.text)?.[0] ?? 'until soft';
      draft.text = tidied(
        `${draft.text.replace(/[.\s]*$/, '.')} ${what.charAt(0).toUpperCase()}${what.slice(1)} ${many ? 'go' : 'goes'} in with it and ${many ? 'cook' : 'cooks'} ${until}.`,
      );
      draft.uses.push(...ids);
      entered = true;
    } else if (entry === 'early' && /\bin before blending\b/i.test(work.text)) {
      insert(firstBlend > 0 ? firstBlend - 1 : -1, step(work.text, 'simmer', ids));
      entered = true;
    } else if (entry === 'slake' && /\bslake/i.test(work.text)) {
      insert(lastBlend >= 0 ? lastBlend : Math.max(0, poured), step(withRest(work.text), 'finish', ids), true);
      entered = true;
    } else if (entry === 'blend' && BLENDS_APART.test(work.text)) {
      insert(firstBlend > 0 ? firstBlend - 1 : beforeServing, step(withRest(work.text), 'blend', ids));
      entered = true;
    } else if (entry === 'made' && MADE_APART.test(work.text)) {
      // Made ready before the step it goes into, and counted there.
      insert(Math.max(-1, first - 1), step(withRest(work.text), 'blend', []));
    } else if (entry === 'base' && /^(?:Brown|Fry|Toast|Warm|Sweat)\b/i.test(work.text)) {
      before.push(step(withRest(work.text), 'base', ids));
      entered = true;
    } else if (entry === 'own' && work.when === 'finish' && !/^Taste\b/i.test(work.text)) {
      insert(first >= 0 ? first : beforeServing, step(withRest(work.text), line.stage === 'bowl' ? 'bowl' : 'finish', ids));
      entered = true;
    } else if (work.when === 'before' || PREPARES.test(work.text)) before.push(step(work.text, 'base', []));
    else if (work.when === 'blend') insert(firstBlend >= 0 ? firstBlend : beforeServing, step(work.text, 'blend', []));
    else insert(beforeServing, step(work.text, line.stage === 'bowl' ? 'bowl' : 'finish', []));
  }
  // Whatever found no sentence goes in with the liquid, or before serving.
  if (!entered && ids.length > 0) {
    const at = isOf(categoryOf(lines[0] as Line), 'solid') && poured >= 0 ? poured : Math.max(0, beforeServing);
    const draft = drafts[at] as Draft;
    draft.text = tidied(`${draft.text.replace(/[.\s]*$/, '.')} Add ${listed(lines.map((one) => `the ${named(one)}`))}.`);
    draft.uses.push(...ids);
    draft.empty = false;
  }
}
