/** Plain sentences after something in them is replaced or left out: lists keep their commas and their 'and', an empty sentence goes. */
import type { Span } from './mention.ts';

const upper = (text: string): string => text.replace(/^(\s*)(\p{Ll})/u, (_, space: string, letter: string) => space + letter.toUpperCase());
/** Two spaces, a space before a stop, a comma before a stop. */
export const tidied = (text: string): string =>
  text
    .replace(/\s+/g, ' ')
    .replace(/\s+([.,;:])/g, '$1')
    .replace(/,+(?=[.;])/g, '')
    .replace(/(?:^|(?<=[.;]))\s*[,.;]+/g, '')
    .replace(/\b(top|garnish|finish) each and\s+/gi, '$1 each with ')
    .replace(/\bwith and\s+/gi, 'with ')
    .trim()
    .replace(/[,;]$/, '.');

/** 'a, b and c'. */
export const listed = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

export function replaceAt(text: string, { from, to }: Span, words: string): string {
  const starts = from === 0 || /[.!?]\s*$/.test(text.slice(0, from));
  return text.slice(0, from) + (starts ? upper(words) : words) + text.slice(to);
}

/** 'The fennel and the fennel' is said once. */
export const onceEach = (text: string): string =>
  text
    .replace(/\b(the [\p{L}][\p{L} '-]*?)(?:,| and) \1\b(?=[ .,;])/giu, '$1')
    // 'The water and the bouillon and the cream' is a list of three.
    .replace(/\b(the [\p{L}][\p{L} '-]*?) and (?=the [\p{L}][\p{L} '-]*? and the\b)/giu, '$1, ');

/** What stands before a place in its sentence. */
export const sentenceBefore = (text: string, at: number): string =>
  text.slice(Math.max(text.lastIndexOf('. ', at), text.lastIndexOf('; ', at), 0), at);

interface Sentence {
  from: number;
  to: number;
}
/** The sentence a place stands in; a semicolon ends one too. */
function sentenceAt(text: string, at: number): Sentence {
  const from = Math.max(...['. ', '; ', '! '].map((end) => text.lastIndexOf(end, at - 1))) + 1;
  const ends = [...text.slice(at).matchAll(/[.;!](?=\s|$)/g)][0];
  return { from: Math.max(0, from === 0 ? 0 : from), to: ends ? at + ends.index + 1 : text.length };
}

const DRY_FRY = /\b(?:sweat|soften|fry|cook|saut\w*|brown)\b/i;
const SHORT_COOK = /^\s+and\s+(?:cook|stir|let|fry|whisk)\b[^.;]*?\b(?:one|two|three|four|five|[1-5])\b[^.;]*/i;
/** A determiner or a number leads on to another thing that is put in, not to another thing that is done. */
const THING = /^(?:the|a|an|some|all|half|\d+|[½¼¾])\b/i;

/** The text without what stands at the span. `isThing` tells whether words name another line. */
export function removeAt(text: string, span: Span, isThing: (words: string) => boolean): string {
  const { from, to } = sentenceAt(text, span.from);
  const before = text.slice(from, span.from);
  // 'The chorizo and its oil', 'croutons fried in butter': they go whole.
  const after = text.slice(span.to, to).replace(OF_IT, '');
  const begins = from === 0 || /[.!]\s*$/.test(text.slice(0, from));
  const put = (sentence: string) => tidied(`${text.slice(0, from)} ${begins ? upper(sentence.trimStart()) : sentence.trimStart()}${text.slice(to)}`);
  const names = (words: string) => THING.test(words.trimStart()) || isThing(words);

  // '... and the X': the list ends one earlier.
  const more = /^\s*(?:,|and\b)(?:\s*(?:and|then)\b)*/.exec(after);
  if (/(?:,|\S)\s+and\s+$/.test(before) && (!more || !names(after.slice(more[0].length)))) {
    const head = before.replace(/,?\s+and\s+$/, '');
    // 'Simmer for 15 minutes, the peas and X for the last five': its comma parts two doings, not two things.
    const isList = /,\s*[^,]*$/.test(head) && !/\band\b[^,]*$/.test(head) && names(lastItem(head.replace(/,\s*[^,]*$/, '')));
    return put(`${isList ? head.replace(/,\s*([^,]*)$/, ' and $1') : head}${after}`);
  }
  // 'the X, the Y', 'the X and the Y'.
  const next = /^\s*,\s*(?:and\s+)?|^\s+and\s+/.exec(after);
  if (next && names(after.slice(next[0].length))) {
    // 'The potatoes and stock': the article was for both.
    const article = /^the\b/i.test(text.slice(span.from)) && !THING.test(after.slice(next[0].length)) ? 'the ' : '';
    // 'The carrots, X and broth' is left with 'the carrots and broth'.
    const head = /\band\b/.test(next[0]) ? before.replace(/,\s*$/, ' and ') : before;
    return put(`${head}${article}${after.slice(next[0].length)}`);
  }
  // ', the X,' or ', the X and simmer' within a list.
  if (/,\s*$/.test(before) && names(lastItem(before.replace(/,\s*$/, '')))) {
    const head = before.replace(/,\s*$/, '');
    return put(`${next && /^\s*,/.test(after) ? head : head.replace(/,\s*([^,]*)$/, ' and $1')}${after}`);
  }
  const into = PARTICLE.test(before) ? null : /\s+(?:in|with|over|into|on|through|by|under)\s+$/i.exec(before);
  // '... with the X and black pepper': what no line names is still ground over it.
  const still = into && DRESSES.test(before) ? STILL_ON_TOP.exec(after) : null;
  if (still) return put(`${before}${still[1] as string}${after.slice(still[0].length)}`);
  if (into && DRESSES.test(before))
    return put(
      before.replace(DRESSES, '').replace(/[,;]?\s*(?:and|then)?\s*$/, after.startsWith(',') || after.startsWith(' and') ? '' : '') +
        after.replace(/^\s*(?:,|and)\s*/, ' '),
    );
  if (into) return put(`${before.slice(0, into.index)}${DRY_FRY.test(before) && /\bin\s+$/i.test(before) ? ' in a splash of water' : ''}${after}`);
  // Something else is done in the same breath: 'add the X and simmer 20 minutes'.
  const short = SHORT_COOK.exec(after);
  const tail = short ? after.slice(short[0].length) : after;
  const on = /^\s*(?:,\s*(?:then\s+|and\s+)?|\s+and\s+(?:then\s+)?)/.exec(tail);
  const clauseFrom = Math.max(before.lastIndexOf(', ') + 1, before.search(/\b(?:then|and)\s+\p{L}+(?:\s+(?:in|on|over))?\s+$/u));
  const head = clauseFrom > 0 ? before.slice(0, clauseFrom).replace(/,?\s*(?:and|then)?\s*$/, '') : '';
  // 'Remove the bacon, crumble it and set it aside' is all of it.
  if (on && head === '' && OUT_WITH_IT.test(before)) return tidied(`${text.slice(0, from)} ${text.slice(to).replace(DONE_WITH_IT, '')}`);
  // 'Add the spinach and simmer until wilted', 'the prawns and simmer 3 minutes': there is nothing to wait for.
  if (on && head === '' && ONLY_FOR_IT.test(tail.slice(on[0].length)))
    return tidied(`${text.slice(0, from)} ${text.slice(to).replace(DONE_WITH_IT, '')}`);
  // 'Slice the sausages, warm them in the soup and serve': they are warmed no more either.
  const rest = on ? tail.slice(on[0].length).replace(DONE_TO_IT_TOO, '').replace(WHILE_IT_GOES_IN, '') : '';
  if (on) return put(head === '' ? rest : `${head}${/^\s*,/.test(on[0]) ? ', ' : ' and '}${rest}`);
  if (head !== '' && !WHERE.test(head)) return put(`${head}${/^[^.;]*/.test(after) ? '.' : ''}`);
  return tidied(`${text.slice(0, from)} ${text.slice(to).replace(DONE_WITH_IT, '').replace(PUT_THEM, '$1 $2')}`);
}

const OF_IT =
  /^(?:,?\s+and\s+(?:its|their)\s+\p{L}+|,\s+(?:breaking|crumbling|turning|flipping)\s+(?:it|them)\b[^.;,]*|(?:\s+(?:halves|quarters|wedges))?\s+on top|\s+(?:halves|quarters|wedges)|\s+(?:shards|pieces|slices|strips|bits|crumbs|cubes|flakes)|\s+(?:fried|toasted|tossed|warmed|crisped|dipped|dressed|rubbed|spread|browned|cooked)\s+(?:in|with)\s+(?:(?:the|a|some|a little)\s+)?\p{L}+(?:\s+(?:oil|butter|fat))?)(?=[\s,.;]|$)/iu;
const ONLY_FOR_IT =
  /^(?:flame|flamb\w+|ignite|burn off|let (?:it |that )?bubble)\b[^.;]*[.;]?\s*$|^(?:simmer|cook|heat|stir|warm|boil|fry|leave|poach)\b[^.;,]*?(?:\b(?:until|till)\s+(?:\w+\s+){0,3}?(?:wilt\w*|melt\w*|pink|opaque|translucent|collapsed?)\b|\b(?:a|one|two|three|four|five|[1-5])\s*(?:more\s+)?min\w*|\d+\s*sec\w*)[^.;,]*[.;]?\s*$/i;
/** What is done next with a thing that is gone: '; take it out', '. Remove and set aside'. */
const DONE_WITH_IT =
  /^\s*(?:then\s+)?(?:transfer\s+(?:it\s+|them\s+)?(?:to|onto)\b[^.;]*|(?:leav|keep)\w*\s+(?:the\s+)?(?:drippings|fat|rendered fat)\b[^.;]*|(?:remove|take out|lift out)\b[^.;]{0,40}\bcrumble\b[^.;]*|(?:take|lift|scoop|set|drain|turn|stir|put|tip|keep|cut|crumble)\s+(?:it|them)|(?:keep|save|reserve)\s+(?:\d+|some|one|two|a few|half)\b|cool\s+and\s+(?:break|crush|crumble|cut|slice|chop)|remove|take\s+out|lift\s+out|set\s+aside|scoop\s+out|drain|reserve)(?:\s+(?:it|them|for|the|garnish|serving|top|later|end|out|aside|to|one|side|and|then|drain|set|reserve|cool|break|into|shards|flake|shred|chop|crumble|cut|slice|skin|bone|dice|keep|warm|with|a|slotted|spoon|on|kitchen|paper|plate|small|pieces))*[.;]/i;

/** 'Stir in the flour' puts it in; 'in the butter' is where something is done. */
const PARTICLE =
  /\b(?:sprinkle|stir|whisk|pour|mix|fold|put|tip|beat|blend|melt|scatter|rub|sift|drop|crumble|throw|goes?|stirred|whisked)\s+in\s+$/i;
/** 'Rinse the lentils. Put them in a pot with the onion': the onion is put in. */
const PUT_THEM = /^(\s*(?:put|place|tip))\s+(?:them|it)\s+(in(?:to)?\s+an?\s+(?:\w+\s+){0,2}?(?:pot|pan|saucepan))\s+with\b/i;
/** What is next done to a thing that is gone, before something else is done. */
const DONE_TO_IT_TOO =
  /^(?:warm|fry|brown|crisp|toss|crumble|slice|keep|set|turn|flake|shred)\s+(?:it|them)\b[^,.;]*?(?:,\s*(?:and\s+|then\s+)?|\s+and\s+(?:then\s+)?)(?=\p{L})/iu;
/** 'Sprinkle in the X, stirring so it does not go lumpy, and boil': nothing goes lumpy now. */
const WHILE_IT_GOES_IN = /^(?:stirring|whisking|beating)\b[^,.;]*,?\s*(?:and\s+(?:then\s+)?)?(?=\p{L})/iu;
const OUT_WITH_IT = /^\s*(?:then\s+|now\s+)?(?:remove|take|lift|scoop|transfer|drain)(?:\s+out)?\s+$/i;
/** 'Off the heat', with nothing left to do there. */
const WHERE =
  /^\s*(?:then\s+|meanwhile,?\s+)?(?:(?:in|using)\s+(?:a|an|the|your)\s+(?:[\p{L}-]+\s+){0,3}?(?:pot|pan|saucepan|oven|skillet|kettle|casserole)\b[^,]*$|(?:off|on|over|away from|once|when|while|finally|at the end|to (?:finish|serve)|after|before)\b[^,]*$)/iu;
/** A bowl that is dressed with nothing is not dressed. */
const DRESSES =
  /(?:[,;.]\s*|\band\s+|^\s*)(?:then\s+)?(?:top|finish|garnish|sprinkle|drizzle|scatter|serve|dress|swirl)\b(?:\s+(?:each|every|the)(?:\s+\p{L}+)?)?\s+(?:with|over)\s+$|,?\s+(?:topped|garnished|sprinkled|scattered|drizzled|finished|dressed)\s+with\s+$/iu;

const STILL_ON_TOP =
  /^\s*(?:,|and\b)\s*(?:and\s+)?((?:(?!serve\b|then\b)[\p{L}-]+\s+){0,3}?(?:pepper|salt|paprika|oil|herbs?|parsley|chives|coriander|cilantro|dill|lemon)\b)/iu;

const lastItem = (text: string): string =>
  text
    .slice(Math.max(text.lastIndexOf(','), text.lastIndexOf(' and ')) + 1)
    .replace(/^\s*and\s+/, '')
    .replace(/^\s*\p{L}+(?:\s+(?:in|on))?\s+(?=the\b|a\b)/u, '')
    .trim();
