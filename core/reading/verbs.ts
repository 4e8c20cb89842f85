/**
 * The verbs of the kitchen, one row each, and what a clause that begins with one does. Common practice, no source: gathered from how
 * recipes are written. What heat a verb stands for is in METHODS.
 */
import type { Method, Stage } from '../vocabulary/recipe.ts';

/**
 * tells: a line that begins so is a step and no ingredient; adds: something goes into the pot; ends: the list of what is added is over;
 * prepares: something is done to a food before it goes anywhere; mixes: foods are brought together outside the pot; opens: what follows
 * may name a food that no line lists.
 */
export type VerbDoes = 'tells' | 'adds' | 'ends' | 'prepares' | 'mixes' | 'opens';

const VERBS: Readonly<Record<string, string>> = {
  add: 'tells adds opens',

  simmer: 'tells',
  boil: 'tells',
  blend: 'tells opens',
  puree: 'tells',
  purée: 'tells',
  liquidise: 'tells',
  liquidize: 'tells',
  blitz: 'tells',
  whizz: 'tells',
  stir: 'tells adds opens',
  cook: 'tells ends',
  heat: 'tells ends opens',
  sweat: 'tells opens',
  soften: 'tells',
  melt: 'tells opens',
  roast: 'tells',
  bake: 'tells',
  fry: 'tells opens',
  serve: 'tells ends opens',
  season: 'tells ends opens',
  pour: 'tells adds opens',
  bring: 'tells ends',
  whisk: 'tells adds opens',
  place: 'tells adds',
  put: 'tells adds',
  cover: 'tells ends',
  remove: 'tells ends',
  return: 'tells adds',
  warm: 'tells',
  mix: 'tells adds mixes',
  sauté: 'tells',
  saute: 'tells',
  sautee: 'tells',
  crisp: 'tells',
  soak: 'tells prepares',
  drain: 'tells prepares',
  poach: 'tells',
  swirl: 'tells opens',
  make: 'tells',
  preheat: 'tells',
  turn: 'tells ends',
  cut: 'tells prepares',
  chop: 'tells prepares',
  peel: 'tells prepares',
  rub: 'tells',
  scoop: 'tells adds',
  transfer: 'tells adds',
  reduce: 'tells ends',
  tip: 'tells adds opens',
  toss: 'tells',
  combine: 'tells adds mixes',
  let: 'tells ends',
  leave: 'tells ends',
  cool: 'tells',
  strain: 'tells',
  sieve: 'tells',
  discard: 'tells ends',
  taste: 'tells ends',
  ladle: 'tells',
  garnish: 'tells opens',
  pass: 'opens',
  offer: 'opens',
  scatter: 'tells opens',
  sprinkle: 'tells opens',
  top: 'tells opens',
  squeeze: 'tells adds',
  process: 'tells',
  zap: 'tells',
  pulse: 'tells',
  whirl: 'tells',
  finish: 'tells opens',
  steam: 'tells',
  brown: 'tells',
  toast: 'tells prepares',
  rinse: 'tells prepares',
  trim: 'tells prepares',
  wash: 'tells prepares',
  slice: 'tells prepares',
  mash: 'tells',
  thin: 'tells',
  spoon: 'tells',
  divide: 'tells',
  set: 'tells ends',
  chill: 'tells',
  skim: 'tells ends',
  fold: 'tells',
  dissolve: 'tells',
  beat: 'tells mixes',
  temper: 'tells',
  deglaze: 'tells',
  drizzle: 'tells opens',
  grill: 'tells',
  broil: 'tells',
  griddle: 'tells',
  char: 'tells',
  sear: 'tells',
  blanch: 'tells',
  microwave: 'tells',
  caramelise: 'tells',
  caramelize: 'tells',
  crush: 'tells',
  shred: 'tells',
  halve: 'tells',
  spread: 'tells',
  lay: 'tells',
  arrange: 'tells',
  brush: 'tells',
  dip: 'tells',
  steep: 'tells',
  infuse: 'tells',
  marinate: 'tells',
  reheat: 'tells',
  refrigerate: 'tells',
  freeze: 'tells',
  uncover: 'tells',
  allow: 'tells',
  continue: 'tells',
  start: 'tells',
  begin: 'tells',
  prepare: 'tells',
  scrape: 'adds',
  slide: 'adds',
  drop: 'adds',
  crumble: 'adds',
  throw: 'adds',
  lower: 'ends',
  keep: 'ends',
  until: 'ends',
  take: 'ends',
  dice: 'tells prepares',
  core: 'prepares',
  deseed: 'tells prepares',
  grate: 'tells prepares',
  'whisk together': 'mixes',
  'stir together': 'mixes',
  whip: 'mixes',
};

/** Words that stand before a verb. */
const BEFORE = ['gently', 'slowly', 'meanwhile', 'once', 'when', 'then', 'now', 'next', 'working'] as const;

/** Every verb that does this, as alternatives of a pattern. */
export const verbsThat = (does: VerbDoes): string =>
  Object.entries(VERBS)
    .filter(([, row]) => row.split(' ').includes(does))
    .map(([verb]) => verb)
    .join('|');

const ADVERB = String.raw`^(?:(?:then|now|next|gradually|slowly|gently|finally|carefully|meanwhile|and|i|we|you|i'm|i'll|we'll|just|going to|gonna|when \w+,?|once \w+,?)\s+)*`;
/** A clause by which something goes into the pot. */
export const ADDS = new RegExp(String.raw`${ADVERB}(?:${verbsThat('adds')})(?:s|ed|d|ing|red|ring|ting|ping|ming)?\b`, 'i');
/** A clause that begins with a verb of its own ends the list of what is added. */
export const ENDS = new RegExp(String.raw`^(?:${verbsThat('ends')})\b`, 'i');
/** What is done to a food before it goes anywhere. */
export const PREPARES = new RegExp(
  String.raw`^(?:(?:roughly|finely|coarsely|thinly|then)\s+)*(?:${verbsThat('prepares')})\b(?!.*\b(?:pot|pan|oven)\b)`,
  'i',
);
export const MIXES = new RegExp(String.raw`^(?:${verbsThat('mixes')})\b`, 'i');
/** Time that goes by with nothing done: no method's minutes. */
export const WAITS =
  /\b(?:chill\w*|cool\w*|rest(?:ing)?|stand(?:ing)?|refrigerat\w*|fridge|freez\w*|overnight|marinat\w*|soak\w*|drink (?:in|up|the))\b/i;

/** What a line that tells what to do may begin with. */
export const TELLING = `${verbsThat('tells')}|${BEFORE.join('|')}`;

export interface MethodRow {
  method: Method;
  /** How it is said; the first row that is found in a clause counts. */
  said: RegExp;
  /** Where the pot is then. */
  stage?: Stage;
  /** Goes on by itself. */
  unattended?: true;
}

/** Methods by heat, and the blender. */
export const METHODS: readonly MethodRow[] = [
  {
    method: 'blend',
    said: /\bthrough (?:the|a|your) (?:\w+ )?(?:mouli|moulin|food mill|vegetable mill|passe-vite)\b|(?<!\b(?:tomato(?:es)?|squash|pumpkin|apple|a|of|the|fruit|smooth|thick) )(?<![\p{L}-])(?:(?:stick-)?blend(?:ed|ing|s)?(?!\s+in\s+(?!an?\b|the\b|your\b|batches|small|two|three|portions|turns))|pur[eé]e[ds]?(?! of)|pur[eé]eing|liquidi[sz](?:e|ed|ing)|blitz(?:ed|ing)?|whizz?(?:ed|ing)?|whirl(?:ed|ing)?|zap(?:ped)?|blast(?:ed)?|pulse[ds]?(?! and)|process(?:ed|ing)?|(?<!with a stick )blender(?! jar)|food processor|thermomix|(?:full|high|top) speed)(?![\p{L}-])(?!\s+with\s+a\s+fork)/iu,
    stage: 'blend',
  },
  {
    method: 'pressure',
    said: /\bpressure\b(?!\s+(?:cooker\b|drop|release))|\bpressure[- ]cook\b|\b(?:in|into) the pressure cooker\b/i,
    stage: 'simmer',
    unattended: true,
  },
  {
    method: 'simmer',
    said: /\b(?:simmer(?:ed|ing|s)?|cook(?:ed|ing)? (?:very )?gently|bubbl(?:e|es|ing)|stew(?:ed)?|slow cooker|(?:cook )?on (?:low|high) for|until (?:it |the soup )?(?:is |has )?(?:thick(?:ens|ened)?))\b/i,
    stage: 'simmer',
    unattended: true,
  },
  {
    method: 'boil',
    said: /(?<!\b(?:off|without|never|not|do not|don't) (?:the |let it |letting it )?)\b(?:boil(?:ed|ing|s)?(?! (?:water|stock|eggs?)\b)|poach(?:ed|ing)?|microwave[ds]?)\b/i,
    stage: 'simmer',
    unattended: true,
  },
  {
    method: 'steam',
    said: /\bsteam\b(?!(?:[- ]jacketed)? (?:kettle|pan|oven))(?!.*\bin (?:the |some |hot )?(?:butter|oil|fat|ghee|margarine)\b)/i,
    stage: 'simmer',
    unattended: true,
  },
  {
    method: 'roast',
    said: /\b(?:roast(?:ing)?)\b|(?<!\b(?:the|a|an|hot|your|overhead) )\b(?:grill|broil)\b(?! pan)/i,
    stage: 'base',
    unattended: true,
  },
  { method: 'bake', said: /\bbake\b/i, stage: 'base', unattended: true },
  {
    method: 'sweat',
    said: /(?<![\p{L}])(?:sweat(?:ed|ing)?|steam(?:ed)? (?:\w+ ){0,3}in (?:the |some |hot )?(?:butter|oil|fat|ghee|margarine)|soften(?:ed|ing)?|saut[eé](?:e|ed|eed|ing|eing)?|roux|foam up|(?:go(?:es)?|get|until|till|is|are) (?:\w+ )?soft(?: and)?)(?![\p{L}])/iu,
    stage: 'base',
  },
  {
    method: 'brown',
    said: /\b(?<!\bcolou?r and )(?:brown(?:ed)?|colour)\b(?!\s+(?:sugar|rice|bread|onion|mushroom|chicken|crab|stock|butter|meat|lentil|loaf))/i,
    stage: 'base',
  },
  { method: 'fry', said: /\b(?:fry|fried|frying|(?<!chilli |chili )crisp(?! bread)|deglaze)\b/i, stage: 'base' },
  {
    method: 'soak',
    said: /\bsoak\b|\bpour\b.*\b(?:boiling|hot|warm) water over\b.*\b(?:forget|leave|stand|soften)\b/i,
    stage: 'base',
    unattended: true,
  },
];

export const methodRow = (method: Method): MethodRow | undefined => METHODS.find((row) => row.method === method);
