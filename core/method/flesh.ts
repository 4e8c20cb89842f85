/**
 * What is done to flesh is not done to what stands in its place: tofu has no skin and no bones, nobody waits until its juices run clear, and it
 * is crumbled where chicken is pulled apart. Common practice, no source.
 */
import type { Shelf } from '../food/shelf.ts';
import type { Category } from '../vocabulary/category.ts';
import type { Exchange } from './entry.ts';
import { FLESH } from './mention.ts';
import { tidied } from './text.ts';

const CRUMBLES = /^(?:tofu-firm|tofu-smoked|tempeh|seitan)$/;

const COOKED_THROUGH: ReadonlySet<Category> = new Set<Category>([...FLESH, 'egg']);

/** How what stands in its place is taken apart; null where it is small already. */
type Apart = 'shred' | 'flake' | 'crumble' | null;

/** The way of an exchange that takes flesh out, by what comes; undefined where flesh of the same kind, or nothing, comes. */
function apartOf({ line, lines }: Exchange, shelf: Shelf): Apart | undefined {
  const kindOf = (foodId: string | null) => shelf.food(foodId ?? '')?.category;
  const was = kindOf(line.foodId);
  const kinds = lines.map(({ foodId }) => kindOf(foodId));
  if (was === undefined || !FLESH.has(was) || lines.length === 0 || kinds.includes(was)) return undefined;
  if (lines.some(({ foodId }) => CRUMBLES.test(foodId ?? ''))) return 'crumble';
  if (kinds.includes('fish')) return 'flake';
  return kinds.some((kind) => kind === 'meat' || kind === 'poultry') ? 'shred' : null;
}

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
/** A word in the letters it stands in for. */
const cased = (like: string, word: string): string => (/^\p{Lu}/u.test(like) ? word.charAt(0).toUpperCase() + word.slice(1) : word);

const SKIN_AND_BONES = '(?:(?:skins?|bones?) and (?:skins?|bones?)|skins?|bones?|shells?)';
const OFF = new RegExp(
  String.raw`(?:,\s*(?:and\s+)?|\s+and\s+|(?<=^|[.;]\s*))(?:discard|remove|throw away|pull off|take off|peel off|peel away)\w*(?:\s+(?:its|their))?\s+(?:the\s+)?${SKIN_AND_BONES}(?=\s*(?:[.,;]|and\b|$))`,
  'gi',
);
/** A sausage is broken up as it browns, and what is fried crisp is fat. */
const BROKEN_UP = /,\s+(?:breaking|crumbling)\s+(?:it|them)\s+(?:up|apart)[^.;,]*|,?\s+until\s+(?:(?:it|they)\s+(?:is|are)\s+)?crisp(?:y)?\b/gi;
const READY = '(?:tender and cooked through|cooked through|cooked|done|no longer pink|opaque)';

/**
 * The text after flesh was exchanged for `names`, which stand in it. Only where `alone`, with no other flesh in the pot, are 'it', 'the meat'
 * and a wait without a subject told of what was exchanged: of two kinds in a step the one that stays is still cooked through, skinned and boned.
 */
export function withoutFlesh(text: string, exchange: Exchange, names: string, alone: boolean, shelf: Shelf): string {
  const apart = apartOf(exchange, shelf);
  if (apart === undefined) return text;
  const own = escaped(names);
  const isFlesh = exchange.lines.some(({ foodId }) => FLESH.has(shelf.food(foodId ?? '')?.category ?? 'water'));
  let other = text;
  if (alone) other = other.replace(OFF, '').replace(BROKEN_UP, '');
  // Raw fish, shellfish, meat or egg in its place is cooked through as well.
  if (!exchange.lines.some(({ foodId }) => COOKED_THROUGH.has(shelf.food(foodId ?? '')?.category ?? 'meat'))) {
    other = other.replace(waitFor(alone ? `it|they|the\\s+(?:meat|flesh|fish)|${own}` : own), '');
    if (alone) other = other.replace(WAIT, '');
  }
  other = other.replace(flakes(own), (_, lead: string) => (isFlesh ? `${lead} ${names} is cooked through` : ''));
  if (!isFlesh || apart === 'shred') other = other.replace(peeled(own), '');
  if (apart === null) {
    const cut = new RegExp(
      String.raw`\b(?:slice|chop|dice|cut(?:\s+up)?)\s+${own}[^,.;]*?(?:,\s*(?:and\s+|then\s+)?|\s+and\s+)(\w+)\s+(?:it|them)\b`,
      'gi',
    );
    other = other.replace(cut, (all: string, verb: string) => `${cased(all, verb)} ${names}`);
  }
  other = other.replace(takenApart(alone ? `it|them|the\\s+(?:meat|flesh|fish)|${own}` : own), (...found: unknown[]) => {
    const [all, lead, _skin, verb, what] = found as [string, string, string | undefined, string, string | undefined];
    const [at, whole] = found.slice(-2) as [number, string];
    // 'Pull' and 'pick' are done to other things too.
    if (what === undefined && (!alone || !/shred|flake/i.test(verb))) return all;
    if (apart === null) return lead === '' ? all : '';
    const isLast = /^\s*(?:[.;]|$)/.test(whole.slice(at + all.length));
    return `${isLast && lead.startsWith(',') ? ' and ' : lead}${cased(verb, apart)}${objectOf(what, names, apart)}`;
  });
  return other === text ? text : tidied(other);
}

/** 'Peel and devein the prawns.' */
const peeled = (what: string): RegExp =>
  new RegExp(
    String.raw`(?<=^|[.;]\s)(?:peel|shell|devein|skin|(?:de)?bone|shuck|scrub)(?:(?:,|\s+and)\s+(?:peel|shell|devein|skin|(?:de)?bone|debeard))*\s+(?:${what})\s*[.;]\s*`,
    'gi',
  );

/** 'And the fish flakes easily'. `what` is a pattern of its names. */
const flakes = (what: string): RegExp =>
  new RegExp(String.raw`((?:,\s*|\s+)(?:and|until|till))\s+(?:${what})\s+flakes(?:\s+(?:easily|apart))*(?:\s+with\s+a\s+fork)?`, 'gi');

/** 'Until the chicken is cooked through'. `what` is a pattern of its names. */
const waitFor = (what: string): RegExp =>
  new RegExp(
    String.raw`,?\s+(?:and\s+)?until\s+(?:the\s+juices\s+of\s+(?:${what})\s+run\s+clear|(?:${what})\s+(?:(?:is|are)\s+(?:just\s+)?${READY}|turns?\s+(?:just\s+)?(?:pink|opaque)|reach(?:es)?\s+(?:an\s+internal\s+temperature\s+of\s+)?\d+\s*(?:°|º|degrees)?\s*[FC]?))(?:\s+and\s+(?:curled|firm))?`,
    'gi',
  );
/** The same without a subject. */
const WAIT = /,?\s+until\s+(?:the\s+juices\s+run\s+clear|(?:just\s+)?(?:no longer pink|cooked through))\b/gi;

/** 'Skin, bone and flake the fish off its bones with two forks'. `what` is a pattern of its names. */
const takenApart = (what: string): RegExp =>
  new RegExp(
    String.raw`(,\s*(?:and\s+|then\s+)?|\s+and\s+(?:then\s+)?|(?<=^|[.;]\s*))((?:skin|(?:de)?bone)(?:,\s*|\s+and\s+)(?:(?:de)?bone\s+and\s+|(?:de)?bone,\s*)?)?(shred|flake|pull|pick)\b(?:\s+(${what}))?((?:\s+(?:apart|into\s+(?:\w+\s+){0,2}(?:pieces|shreds|flakes|chunks|strips)|(?:off|from)\s+(?:the|its|their)\s+bones?))*)((?:\s+(?:with|using)\s+(?:two\s+|your\s+|a\s+)?(?:forks?|fingers|hands))?)(?=\s*(?:[.,;]|and\b|$))`,
    'gi',
  );

/** What is taken apart, in the words for what stands there now. */
function objectOf(what: string | undefined, names: string, apart: Apart): string {
  if (what === undefined) return '';
  if (what.toLowerCase() === names.toLowerCase()) return ` ${names}`;
  return /^them$/i.test(what) && apart !== 'crumble' ? ' them' : ' it';
}
