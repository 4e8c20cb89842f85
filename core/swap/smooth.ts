/** Smooth, judged from the structure of the method: no piece goes in after the last blending, and everything is blended. */
import type { Shelf } from '../food/shelf.ts';
import { mentionsOf, spokenOf } from '../method/mention.ts';
import { listed } from '../method/text.ts';
import { blendedShare } from '../texture/blended.ts';
import { type Blender, blenderRow } from '../vocabulary/blender.ts';
import { type Category, isOf } from '../vocabulary/category.ts';
import { countedLines, type Line, type Recipe, type Step } from '../vocabulary/recipe.ts';

/** Solid by their kind, and yet as smooth as they are. */
const SMOOTH_FOODS = /(?:^|-)(?:butter|puree|hummus|tahini|paste)$|^(?:hummus|tahini|pumpkin-canned|tomato-puree|tomato-juice|instant-mash)$/;

/** In pieces, though their kind is smooth. */
const PIECES = /^(?:tofu-firm|halloumi|feta|queso-fresco|egg-boiled|tempeh|plant-meat)/;

/** True of food that stays in pieces, skins or fibres until it is blended; food that is not known may. */
export const isInPieces = (foodId: string | null, category: Category | undefined): boolean =>
  category === undefined || PIECES.test(foodId ?? '') || (isOf(category, 'solid') && !SMOOTH_FOODS.test(foodId ?? ''));

/** Cut, grated or crumbled on top, whatever it is: an egg that is whisked in is smooth, a chopped one is not. */
const CUT =
  /\b(?:chopped|diced|sliced|crumbled|shredded|grated|flaked|cubed|halved|quartered|cubes|slivers|shavings|hard[- ]?boiled|boiled eggs?|popcorn)\b/i;
export const isPieceOnTop = ({ foodId, stage, text }: Line, category: Category | undefined, steps: readonly Step[]): boolean =>
  isInPieces(foodId, category) || (stage === 'bowl' && CUT.test(text)) || (category === 'egg' && steps.some((step) => WHOLE_EGG.test(step.text)));
/** An egg that stays one: poached, boiled, fried, or laid on top. */
const WHOLE_EGG =
  /\b(?:poach|soft[- ]boil|hard[- ]boil|fry)\w*\b[^.;,]{0,30}\beggs?\b|\b(?:poached|fried|boiled) eggs?\b|\beggs?\b[^.;]{0,20}\bon top\b|\btop\w*\b[^.;]{0,20}\bwith an? (?:\w+ )?egg\b/i;

/** Whether a line reaches the bowl after the last blending: a topping, or what is stirred back in. */
export function entersAfterBlending(line: Line, { steps, lines }: Recipe, shelf: Shelf): boolean {
  const { id, stage, eaten } = line;
  if (eaten === 'removed' || stage === 'plate') return false;
  if (stage === 'bowl') return true;
  const lastBlend = steps.findLastIndex(({ method }) => method === 'blend');
  const used = steps.flatMap(({ uses }, at) => (uses?.includes(id) ? [at] : []));
  if (used.length === 0) return stage === 'finish' && steps.length > 0;
  if (lastBlend < 0) return false;
  const after = used.some((at) => at > lastBlend);
  if (after && (stage === 'finish' || used.every((at) => at > lastBlend))) return true;
  // A part goes in where it goes in, whatever is said of the others.
  if (line.partOf !== undefined) return after;
  // 'Blend the soup. Return the shredded chicken.'
  const spoken = spokenOf(line, shelf);
  const said = sentencesAfterBlending(steps, lastBlend).filter((sentence) => STIRS_IN.test(sentence) && mentionsOf(sentence, spoken, []).length > 0);
  if (said.length === 0) return false;
  // 'Green onions' on top are not the onion that was fried.
  const rivals = lines.filter((other) => other.id !== id && other.foodId !== line.foodId).map((other) => spokenOf(other, shelf));
  return said.some((sentence) => mentionsOf(sentence, spoken, [], rivals).length > 0);
}

const BLENDS = /\b(?:blend|blitz|pur[e\u00e9]e|liquidi[sz]e|mash|whizz|sieve|strain)\w*/i;
const STIRS_IN =
  /\b(?:returns?|stir|add|top(?:ped|ping)?|scatter\w*|garnish\w*|sprinkl\w*|fold|put|tip|finish\w*|drop|crumbl\w*|drizzl\w*|spoon|serv\w+ (?:it |hot |cold )?with)\b/i;
/** What is done to a bowl that is ready: a soup that is to be blended is blended before. */
const TOPS = /\b(?:top(?:ped)?|scatter|garnish|sprinkle|crumble|serve) (?:\w+ )*?(?:with|over|on)\b|\b(?:scatter|sprinkle|crumble)\b|\bon top\b/i;

const sentencesOf = (text: string): string[] => text.slice(0, MOST_READ).split(/(?<=[.;!])\s+/);

function sentencesAfterBlending(steps: readonly Step[], lastBlend: number): string[] {
  const own = sentencesOf(steps[lastBlend]?.text ?? '');
  const after = own.findLastIndex((sentence) => BLENDS.test(sentence));
  return [...own.slice(after + 1), ...steps.slice(lastBlend + 1).flatMap(({ text }) => sentencesOf(text))];
}
/** No step needs more of it read. */
const MOST_READ = 2000;

/** Seeds that no blade makes an end of (common practice, no source). */
const SEEDS = /^(?:tomato|tomato-plum|tomatoes-canned|tomatoes-canned-no-salt|chilli-red|chilli-green|jalapeno|cranberries|poblano|tomatillo)$/;
const hasSeeds = ({ lines }: Recipe): boolean =>
  lines.some(({ foodId, eaten, stage }) => eaten !== 'removed' && stage !== 'plate' && SEEDS.test(foodId ?? ''));

/** Without a sieve nothing this kitchen blends is smooth. */
export const blendsNothingSmooth = (blender: Blender | undefined): boolean =>
  blender?.sieve === false && blenderRow(blender.kind).smooth !== 'sieveSeeds';
/** Without a sieve the seeds of this food stay in the soup. */
export const leavesSeeds = (foodId: string, blender: Blender | undefined): boolean => blender?.sieve === false && SEEDS.test(foodId);

/** Whether what the kitchen blends with makes this soup smooth at all. */
const canBeSmooth = (recipe: Recipe, blender: Blender | undefined): boolean =>
  !blendsNothingSmooth(blender) && (blender?.sieve !== false || !hasSeeds(recipe));

/** Smooth: everything is blended, nothing with pieces goes in after it, and the kitchen can. */
export function isSmooth(recipe: Recipe, shelf: Shelf, blender?: Blender): boolean {
  const pieces = (line: Line) => isPieceOnTop(line, shelf.food(line.foodId ?? '')?.category, recipe.steps);
  return (
    canBeSmooth(recipe, blender) &&
    blendedShare(recipe) === 1 &&
    !countedLines(recipe).some((line) => pieces(line) && entersAfterBlending(line, recipe, shelf))
  );
}

/** A share of the pot, put where it is blended. */
const APART = /\b(?:half|third|quarter|some|part|portion|cups?|ladles?(?:ful)?s?)\b.*\b(?:blender|processor|jug|bowl|pan|pot)\b/i;

/** 'Blend all of it until smooth, then sieve.', as the kitchen does it; `with_` is blended in with it. */
function wholeSaid(recipe: Recipe, blender: Blender | undefined, with_ = ''): string {
  const way = blender && blenderRow(blender.kind).smooth;
  if (way === 'mashes') return `Mash all of it${with_} and press it through a fine sieve.`;
  return way === 'sieveSeeds' && !hasSeeds(recipe)
    ? `Blend all of it${with_} until quite smooth.`
    : `Blend all of it${with_} until smooth, then sieve.`;
}

/** The soup that is blended in part or not at all, blended whole and sieved; the other sentences of its steps stay. */
export function blendedWhole(recipe: Recipe, shelf: Shelf, blender?: Blender): Recipe {
  if (recipe.steps.some((step, at) => step.method === 'blend' && !thickensOnly(step, at, recipe)))
    return {
      ...recipe,
      steps: recipe.steps.map((step) => (step.method === 'blend' ? { ...step, text: wholeIn(step, recipe, shelf, blender) } : step)),
    };
  const ids = new Set(recipe.steps.map(({ id }) => id));
  let id = 'smooth';
  while (ids.has(id)) id = `${id}'`;
  const blend: Step = { id, stage: 'blend', text: wholeSaid(recipe, blender), method: 'blend', handsOn: true };
  // 'Sit the fish on top' of what is yet to simmer serves nothing.
  const lastCooked = recipe.steps.findLastIndex(({ method }) => method === 'simmer' || method === 'boil' || method === 'pressure');
  const served = recipe.steps.findIndex(
    (step, at) => at >= lastCooked && (step.stage === 'bowl' || step.stage === 'plate' || topsAt(sentencesOf(step.text)) >= 0),
  );
  const step = recipe.steps[served];
  if (!step) return { ...recipe, steps: [...recipe.steps, blend] };
  return { ...recipe, steps: recipe.steps.toSpliced(served, 1, ...blendedBeforeTopped(step, blend, recipe, shelf)) };
}

/** 'Puree one can of the beans with a cup of the broth', and then it simmers: that thickens the soup, and blends none of it. */
const thickensOnly = ({ text }: Step, at: number, { steps }: Recipe): boolean =>
  FOOD_APART.test(text) && steps.slice(at + 1).some(({ method }) => method === 'simmer' || method === 'boil');
const FOOD_APART =
  /\b(?:blend|blitz|pur[e\u00e9]e|mash|process|whizz)\w*\s+(?:(?:an?|one|two|three|half|\d)\s+)?(?:cans?|tins?|cups?|half)\s+(?:of\s+)?(?:the\s+)?(?:\w+\s+)?(?:beans|chickpeas|lentils|potatoes|corn|peas)\b/i;

/** The sentence that serves, behind all that cooks; -1 where none does. */
function topsAt(sentences: readonly string[]): number {
  const cooked = sentences.findLastIndex((sentence) => COOKS_ON.test(sentence));
  return sentences.findIndex((sentence, at) => at >= cooked && TOPS.test(sentence));
}
const COOKS_ON = /\b(?:simmer|boil|cook|bubble)\w*\b/i;

/** A step whose soup is blended before anything goes on top: in two where it does both. */
function blendedBeforeTopped(step: Step, blend: Step, { lines }: Recipe, shelf: Shelf): Step[] {
  const sentences = sentencesOf(step.text);
  const at = topsAt(sentences);
  if (at <= 0) return [blend, step];
  const [before, after] = [sentences.slice(0, at).join(' '), sentences.slice(at).join(' ')];
  const speaksOf = (text: string) => (lineId: string) => {
    const line = lines.find(({ id }) => id === lineId);
    return line !== undefined && mentionsOf(text, spokenOf(line, shelf), []).length > 0;
  };
  const uses = step.uses ?? [];
  const onTop = uses.filter(speaksOf(after));
  const topped: Step = { id: `${blend.id}-top`, stage: 'bowl', text: after, handsOn: true, ...(onTop.length > 0 ? { uses: onTop } : {}) };
  const { mentions: _told, ...kept } = step;
  return [{ ...kept, text: before, uses: uses.filter((lineId) => !onTop.includes(lineId) || speaksOf(before)(lineId)) }, blend, topped];
}

const TAKES_OUT =
  /^\s*(?:then\s+)?(?:discard|remove|take out|lift out|fish out|pick out|throw away)\b[^,;]*?(?=\s*(?:[,;]|\band\b[^,;]*$|\bthen\b[^,;]*$|$))/i;

/** The step with its sentence of blending made one of the whole pot; what is blended in with it is named again. */
function wholeIn({ text, uses }: Step, recipe: Recipe, shelf: Shelf, blender: Blender | undefined): string {
  const { lines } = recipe;
  const sentences = text.split(/(?<=[.;!])\s+/).filter((sentence) => !APART.test(sentence));
  const at = sentences.findIndex((sentence) => BLENDS.test(sentence));
  if (at < 0) return [wholeSaid(recipe, blender), ...sentences].join(' ');
  const sentence = sentences[at] as string;
  const first = TAKES_OUT.exec(sentence.slice(0, BLENDS.exec(sentence)?.index))?.[0].trim();
  // What is taken out first is taken out, and never blended in.
  const with_ = lines
    .filter(({ id, eaten }) => uses?.includes(id) && eaten !== 'removed')
    .flatMap((line) => mentionsOf(sentence, spokenOf(line, shelf), [])[0] ?? []);
  const names = [...new Set(with_.sort((a, b) => a.from - b.from).map(({ from, to }) => sentence.slice(from, to)))];
  const whole = wholeSaid(recipe, blender, names.length === 0 ? '' : ` with ${listed(names)}`);
  return sentences.toSpliced(at, 1, ...(first ? [`${first}.`, whole] : [whole])).join(' ');
}
