/**
 * What the steps say: stage, method, minutes, lid, when it is done, which lines each uses, and what is taken out.
 * A step is read clause by clause, since 'blend until smooth, stir in the cream' changes stage on the way.
 */
import type { Shelf } from '../food/shelf.ts';
import type { Category } from '../food/types.ts';
import { readRange } from '../quantity/amount.ts';
import type { Eaten, Line, Method, Stage, Step } from '../recipe.ts';
import { tokensOf } from './match.ts';
import type { TextLine } from './sections.ts';

const METHOD_WORDS: readonly (readonly [Method, RegExp])[] = [
  ['blend', /\b(blend|pur[eé]e|liquidi[sz]e|blitz|whizz?|process until|blender)\b/i],
  ['pressure', /\bpressure\b/i],
  ['simmer', /\b(simmer|cook gently|bubble)\b/i],
  ['boil', /(?<!\b(?:off|without|never|not|do not) (?:the )?)\b(boil|poach)\b/i],
  ['steam', /\bsteam\b/i],
  ['roast', /\broast\b/i],
  ['bake', /\bbake\b/i],
  ['sweat', /\b(sweat|soften|saut[eé])\b/i],
  ['brown', /\bbrown\b/i],
  ['fry', /\b(fry|crisp)\b/i],
  ['soak', /\bsoak\b/i],
];
const UNATTENDED: ReadonlySet<Method> = new Set(['simmer', 'boil', 'soak', 'roast', 'bake', 'pressure', 'steam']);
const STAGE_OF: Partial<Record<Method, Stage>> = {
  simmer: 'simmer',
  boil: 'simmer',
  steam: 'simmer',
  pressure: 'simmer',
  blend: 'blend',
  roast: 'base',
  bake: 'base',
  sweat: 'base',
  brown: 'base',
  fry: 'base',
  soak: 'base',
};
const SERVE = /\b(serve|garnish|top with|swirl|scatter|sprinkle|spoon over|ladle)\b/i;
const TAKE_OUT = /\b(take out|remove|discard|fish out|lift out)\b/i;
const POUR_OFF = /\b(pour|drain|spoon) off\b.*\bfat\b/i;
const STRAIN = /\b(strain|sieve)\b.*\b(bones?|solids)\b|\bstrain out\b/i;
const ORDER: Readonly<Record<Stage, number>> = { base: 0, simmer: 1, blend: 2, finish: 3, bowl: 4, plate: 5 };

export interface ReadSteps {
  steps: Step[];
  stages: Map<string, Stage>;
  eaten: Map<string, Eaten>;
}

/** `names` gives, per line id, the words by which the steps may speak of it. */
export function readSteps(texts: readonly TextLine[], lines: readonly Line[], shelf: Shelf): ReadSteps {
  const heads = new Map(lines.map((line) => [line.id, headWords(line, shelf)]));
  const stages = new Map<string, Stage>();
  const eaten = new Map<string, Eaten>();
  let now: Stage = 'base';
  const steps = texts
    .flatMap(({ text }) => segmentsOf(text))
    .map((text, index): Step => {
      const uses: string[] = [];
      let method: Method | undefined;
      let stage: Stage | null = null;
      const clauses = clausesOf(text);
      // 'Add the stock and simmer': the stock goes in at the simmer.
      const coming = ADDS.test(clauses[0] ?? '') ? clauses.map(methodOf).find(Boolean) : undefined;
      if (coming && coming !== 'blend') now = nextStage(now, coming, '');
      for (const clause of clauses) {
        const found = methodOf(clause);
        const mentioned = linesIn(clause, heads);
        if (TAKE_OUT.test(clause)) for (const id of mentioned) eaten.set(id, 'removed');
        if (POUR_OFF.test(clause)) for (const id of [...uses, ...mentioned]) if (isFatty(lines, id, shelf)) eaten.set(id, 'rendered');
        if (STRAIN.test(clause)) for (const id of mentioned) eaten.set(id, 'strained');
        now = nextStage(now, found, clause);
        method ??= found;
        if (found || mentioned.length > 0) stage ??= now;
        for (const id of mentioned) {
          if (!stages.has(id)) stages.set(id, now);
          if (!uses.includes(id)) uses.push(id);
        }
      }
      const minutes = minutesIn(text);
      const doneWhen = /\buntil\s+([^.,;]+)/i.exec(text)?.[1]?.trim();
      const lid = lidIn(text);
      return {
        id: `s${index + 1}`,
        stage: stage ?? now,
        text,
        ...(method ? { method } : {}),
        ...(minutes ? { minutes } : {}),
        handsOn: !method || !UNATTENDED.has(method),
        ...(lid ? { lid } : {}),
        ...(uses.length > 0 ? { uses } : {}),
        ...(doneWhen ? { doneWhen } : {}),
      };
    });
  return { steps, stages, eaten };
}

function nextStage(now: Stage, method: Method | undefined, clause: string): Stage {
  if (SERVE.test(clause)) return 'bowl';
  const stage = method ? STAGE_OF[method] : undefined;
  if (now === 'blend' && !stage) return 'finish';
  if (!stage) return now;
  if (ORDER[now] <= ORDER.simmer) return stage;
  return ORDER[stage] >= ORDER[now] ? stage : now === 'finish' || now === 'bowl' ? now : now === 'blend' && stage === 'simmer' ? 'finish' : now;
}

const methodOf = (clause: string): Method | undefined => METHOD_WORDS.find(([, pattern]) => pattern.test(clause))?.[0];

const BREAK =
  /[.;,]\s+|\s+(?:and then|then)\s+|\s+and\s+(?=(?:simmer|boil|blend|pur[eé]e|stir|add|serve|return|season|top|swirl|sieve|cook|whisk|pour)\b)/gi;
const clausesOf = (text: string): string[] => text.split(BREAK).filter(Boolean);

const ADDS = /^(?:add|pour|whisk in|stir in|tip|return|put)\b/i;

/** A written step as one or more steps of one method each: 'Simmer 20 minutes. Blend.' is two. */
function segmentsOf(text: string): string[] {
  const starts = [0, ...[...text.matchAll(BREAK)].map((found) => found.index + found[0].length)];
  const segments: string[] = [];
  let begin = 0;
  let method: Method | undefined;
  // Where 'add the stock' began, when a method follows it: what is added goes with what is done to it next.
  let adding: number | null = null;
  starts.forEach((start, index) => {
    const clause = text.slice(start, starts[index + 1] ?? text.length);
    const found = methodOf(clause);
    if (found && method && found !== method) {
      segments.push(text.slice(begin, adding ?? start));
      begin = adding ?? start;
    }
    if (found) adding = null;
    else if (method && ADDS.test(clause)) adding ??= start;
    method = found ?? method;
  });
  segments.push(text.slice(begin));
  return segments
    .map((segment) =>
      capitalised(
        segment
          .trim()
          .replace(/(?:[,;]|\band(?: then)?|\bthen)$/i, '')
          .trim(),
      ),
    )
    .filter(Boolean);
}

const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Last words of a line's food and of the line itself: 'double cream' is spoken of as 'the cream'. */
function headWords(line: Line, shelf: Shelf): ReadonlySet<string> {
  const food = line.foodId === null ? undefined : shelf.food(line.foodId);
  const words = new Set<string>();
  const own = tokensOf(line.text.replace(/[,(;].*$/, ''));
  for (const alias of [...(food?.aliases ?? []), food?.name.replace(/,.*$/, '') ?? '']) {
    const tokens = tokensOf(alias);
    const last = tokens.at(-1);
    if (last && own.includes(last)) words.add(last);
    if (tokens.length > 1 && tokens[0] && own.includes(tokens[0])) words.add(tokens[0]);
  }
  for (const word of CALLED[food?.category ?? 'water'] ?? []) words.add(word);
  if (food && tokensOf(food.name).includes('cheese')) words.add('cheese');
  if (food && (food.category === 'salt' || food.id.endsWith('pepper'))) words.add('season');
  if (words.size === 0) for (const token of own.slice(-2)) words.add(token);
  for (const vague of VAGUE) words.delete(vague);
  return words;
}

/** What the steps call a whole kind of food. */
const CALLED: Partial<Record<Category, readonly string[]>> = { broth: ['stock', 'broth', 'bouillon'], pulse: ['bean'], bread: ['bread'] };
const VAGUE = new Set([
  'fresh',
  'white',
  'red',
  'green',
  'dried',
  'dry',
  'canned',
  'ground',
  'raw',
  'whole',
  'sweet',
  'black',
  'hot',
  'cold',
  'double',
  'single',
  'heavy',
  'light',
  'unsalted',
  'salted',
  'large',
  'small',
  'medium',
  'frozen',
  'extra',
  'plain',
  'smoked',
  'cooked',
  'free',
]);

function linesIn(clause: string, heads: ReadonlyMap<string, ReadonlySet<string>>): string[] {
  const tokens = tokensOf(clause).flatMap((token) => token.split('-'));
  return [...heads].filter(([, words]) => tokens.some((token) => words.has(token))).map(([id]) => id);
}

const isFatty = (lines: readonly Line[], id: string, shelf: Shelf): boolean => {
  const foodId = lines.find((line) => line.id === id)?.foodId;
  const food = foodId ? shelf.food(foodId) : undefined;
  return food?.origins.includes('meat') === true && (food.per100g.fatG ?? 0) > 10;
};

const MINUTES =
  /((?:\d+\s?[½¼¾]|\d+(?:[.,]\d+)?|[½¼¾]|\d+\s+\d\/\d|an?|one|two|three|half an)\s*(?:(?:-|–|to)\s*\d+(?:[.,]\d+)?\s*)?)\s*(hours?|hrs?|h|minutes?|mins?|min)\b/gi;

/** All the minutes a step states, added up. */
export function minutesIn(text: string): { min: number; max: number } | null {
  const found: { min: number; max: number }[] = [];
  for (const [, number, unit] of text.matchAll(MINUTES)) {
    const range = readRange((number as string).trim())?.range;
    if (!range) continue;
    const factor = (unit as string).toLowerCase().startsWith('h') ? 60 : 1;
    found.push({ min: range.min * factor, max: range.max * factor });
  }
  return found.length > 0 ? found.reduce((sum, one) => ({ min: sum.min + one.min, max: sum.max + one.max })) : null;
}

function lidIn(text: string): 'on' | 'ajar' | 'off' | null {
  if (/\b(lid ajar|partly covered|partially covered|half[- ]covered)\b/i.test(text)) return 'ajar';
  if (/\b(uncovered|without a lid|lid off)\b/i.test(text)) return 'off';
  return /\b(lid on|covered|cover|with the lid|under a lid|put the lid)\b/i.test(text) ? 'on' : null;
}
