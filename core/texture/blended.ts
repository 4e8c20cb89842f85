/** How much of the pot goes through the blender, as the words of its steps have it. */
import type { Recipe, Step } from '../vocabulary/recipe.ts';

/** Shares as they are said; some cups of a pot are about a third of it (common practice, no source). */
const SHARES: readonly (readonly [said: string, share: number])[] = [
  [String.raw`three[- ]quarters?|3\/4|¾|most\s+of`, 0.75],
  [String.raw`two[- ]thirds?|2\/3|⅔`, 0.67],
  [String.raw`half|1\/2|½`, 0.5],
  [String.raw`(?:a|one)[- ]third|1\/3|⅓`, 0.33],
  [String.raw`(?:a|one)[- ]quarter|1\/4(?!\s*cup)|¼(?!\s*cup)`, 0.25],
  [
    String.raw`(?:some|part|a\s+(?:portion|few\s+(?:cups|ladles\w*))|(?:a|one|two|three|[1-4])\s+(?:cups?|cans?|tins?|ladles?|ladlefuls?)|a\s+couple\s+of\s+(?:cups|ladles\w*))(?=\s+of\s+(?:it|(?:the|this)\s+(?:soup|chowder|pot|mixture|vegetables|potatoes|beans|chickpeas|lentils|corn)))`,
    0.33,
  ],
];
/** Said of the blending itself: 'partially puree', 'blend roughly'. */
const NOT_WHOLLY: readonly (readonly [RegExp, share: number])[] = [
  [/\b(?:partially|partly|in part)\b/i, 0.5],
  [/\b(?:roughly|coarsely|chunkily|until (?:chunky|coarse)|some texture)\b/i, 0.7],
];
/** 'Blend half' and 'blend half of the soup'; never half full, half a minute, half the cream, half-and-half. */
const OF_POT = String.raw`(?=\s*(?:[.,;!]|$|\s(?:of\s+)?(?:it|them|this|that|(?:the\s+|this\s+)?(?:soup|chowder|bisque|pot(?:tage)?|mixture|batch|broth|stew|contents|vegetables|veg|potato(?:es)?|beans|chickpeas|lentils|corn|peas|mushrooms|solids|pan|lot|whole|everything)\b)|\s+(?:in|until|with|and|to|into|using|through)\b))`;
const NOT_POT = String.raw`(?<!\b(?:with|than|over|about|by|jug|blender|up\s+to|to|each|the\s+other)\s+)`;
const SHARE = SHARES.map(
  ([said, share]) => [new RegExp(String.raw`(?<![\p{L}\d/-])${NOT_POT}(?:${said})(?![-\p{L}])${OF_POT}`, 'iu'), share] as const,
);
const ASIDE = /\b(?:reserv\w+|set\w*\s+aside|keep\w*\s+(?:back|aside|whole)|take\w*\s+out|remov\w+|lift\w*\s+out|leav\w+)\b/i;
const BLENDS = /\b(?:blend|blitz|pur[e\u00e9]e|liquidi[sz]e|mash|whizz|process|crush)\w*/i;
const REST = /\b(?:the\s+)?(?:rest|remaind\w*|remaining|what\s+is\s+left)\b/i;

/** 'Roughly chop the carrots' is another thing that is done. */
const CHOPS =
  /\b(?:roughly|coarsely)\s+(?:chop|cut|slice|tear|grate|grind|crush)\w*|\b(?:chop|cut|slice|tear|torn|grate)\w*\s+(?:it |them |\w+ )?(?:roughly|coarsely)\b/gi;

/** 'About half of the soup' is half of it; a jug that is filled about half is none. */
const ABOUT =
  /\b(?:about|around|roughly|approximately|nearly|almost)\s+(?=(?:half|(?:a|one)[- ]third|(?:a|one)[- ]quarter|two[- ]thirds?|three[- ]quarters?)\s+(?:of\s+)?(?:it|them|the|this)\b)/gi;

/** The share a step's text blends: 1 where it names none. */
export function shareSaid(written: string): number {
  const text = written.replace(ABOUT, '');
  const sentences = text.split(/(?<=[.;!])\s+/);
  const at = sentences.findIndex((sentence) => BLENDS.test(sentence));
  // 'Ladle half into a jug. Blend and return it.'
  const said = at < 0 ? sentences : sentences.slice(Math.max(0, at - 1), at + 1);
  const loosely = at < 0 ? undefined : NOT_WHOLLY.find(([words]) => words.test((sentences[at] as string).replace(CHOPS, ' ')));
  if (loosely) return loosely[1];
  for (const sentence of said) {
    const found = SHARE.find(([words]) => words.test(sentence));
    if (!found) continue;
    const [, share] = found;
    const kept = ASIDE.test(sentence) && (REST.test(said.join(' ')) || !BLENDS.test(sentence));
    return kept ? Number((1 - share).toFixed(2)) : share;
  }
  return 1;
}

/** Share of the pot that goes through the blender: 1 without steps (a pureed soup is assumed), 0 where nothing is blended. */
export function blendedShare({ steps }: Recipe): number {
  const known = shares.get(steps);
  if (known !== undefined) return known;
  const share = shareOf(steps);
  shares.set(steps, share);
  return share;
}
/** Steps are never changed in place. */
const shares = new WeakMap<readonly Step[], number>();

function shareOf(steps: readonly Step[]): number {
  if (steps.length === 0) return 1;
  const blends = steps.filter((step) => step.method === 'blend');
  return blends.length === 0 ? 0 : Math.max(...blends.map(({ text }) => shareSaid(text.slice(0, MOST_READ))));
}
/** No step needs more of it read. */
const MOST_READ = 2000;
