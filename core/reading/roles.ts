/**
 * What a food that is mentioned is there for. Only what is put in becomes a line; what one could use, what somebody else used, what is
 * left out, compared with or part of another dish is only talked about. Common practice, gathered from how cooks talk; no source.
 */

/** put: into the pot; could: a choice one has; left: left out; other: another dish, another cook, another day; told: only spoken of. */
export type Role = 'put' | 'could' | 'left' | 'other' | 'told';

const COOKS =
  "(?:nan|nana|gran(?:ny|dma|dmother|dpa)?|mother|mum|mom|mama|mummy|dad|daddy|father|aunt\\w*|uncle|cousin|neighbou?r|friend|sister|brother|wife|husband|niece|nephew|boss|teacher|mother-in-law|flatmate|chef|colleague)(?:'s)?";

interface Trigger {
  role: Exclude<Role, 'put'>;
  words: RegExp;
  /** An amount of its own is stronger than these words. */
  weak?: true;
  /** Only what stands behind the words is meant by them. */
  behind?: true;
  /** Another cook's doing: what follows goes on with it. */
  tale?: true;
}

const IF_YOU: Trigger = {
  role: 'could',
  words: /\bif you(?:['’]re|['’]ve| (?:are|have|like|want|do|don['’]t|can['’]t|need|prefer|eat|can))\b/i,
  weak: true,
};

/** Words that make what is named in their segment no ingredient. */
const TRIGGERS: readonly Trigger[] = [
  IF_YOU,
  { role: 'could', words: /\bwhen (?:\p{L}+ ){1,3}(?:are|is) (?:eating|there|coming)\b|\byou take\b/iu, weak: true },
  {
    role: 'could',
    words:
      /\byou (?:can|could|might|may)\s+(?:also |always |even |just |easily |certainly )*(?:use|try|swap|do|have|leave|eat|make|get away|replace|substitute|put|add|serve)\b/i,
    behind: true,
  },
  { role: 'could', words: /\b(?:would(?!\s+say)|wouldn['’]t|might)\b|\b(?!i['’]d|we['’]d)\p{L}+['’]d\s+(?!better\b)/iu, weak: true },
  { role: 'could', words: /\b(?:i|we)['’]d\s+(?!say\b|call\b|guess\b|better\b)/i, weak: true, behind: true },
  { role: 'could', words: /\b(?:could|will|can) (?:also )?(?:do|work|be (?:lovely|nice|good|fine))\b/i },
  { role: 'could', words: /\b(?:works?|is (?:lovely|nice|good|fine)|are (?:lovely|nice|good|fine)) (?:too|as well|here|instead)\b|\bare lovely\b/i },
  { role: 'could', words: /\bwhether (?:they|he|she|one|you) (?:can|could)\b/i },
  { role: 'could', words: /^or\b/i, weak: true },
  { role: 'could', words: /\b(?:can|could) (?:you|i|we) (?:use|put|add|have)\b/i },
  { role: 'could', words: /\b(?:substitut\w*|in place of|alternatively|swap(?:ped)? (?:it |them )?(?:for|out)|maybe try|next time (?:i|we|you))\b/i },
  { role: 'left', words: /\b(?:leav(?:e|es|ing)|left) (?:\w+ ){0,3}(?:out|off|away)\b/i },
  { role: 'left', words: /\bskip(?:ping|ped)?\b|\b(?:without|minus)\b/i, behind: true },
  {
    role: 'left',
    words:
      /\b(?:do(?:es)?|did|do|is|are|was|were|have|has|had|can|could|wo|should)n['’]t (?:\w+ ){0,3}(?:need|want|use|put|add|have|got|get|like|do|touch|eat|in|any)\b/i,
    behind: true,
  },
  {
    role: 'left',
    words:
      /\b(?:do|does|did|am|are|is) not (?:need|want|use|put|add|have|using|putting|adding)\b|['’]m not (?:using|putting|adding|doing|going)\b|\bnever (?:put|use|add|do|have)\b/i,
    behind: true,
  },
  {
    role: 'left',
    words:
      /\bno (?!need\b|more\b|longer\b|make\b|actually\b|use\b|hang\b|hold\b|wait\b|sorry\b|call\b|it\b|its\b|the\b|i\b|let\b|that\b|this\b|well\b|idea\b|problem\b|matter\b|hurry\b|salt[- ]added|added|\d|one\b|two\b|three\b|four\b|five\b|six\b)\p{L}+/iu,
    behind: true,
  },
  { role: 'left', words: /\bnothing else\b|\bnot (?:today|in mine|the|a|any|with)\b|\bnone of\b|\bneither\b/i, behind: true },
  {
    role: 'other',
    words: new RegExp(String.raw`\b(?:my|her|his|their|our) (?:old |late |dear )?${COOKS}\b(?!\s+(?:gave|brought|grows))`, 'i'),
    behind: true,
    tale: true,
  },
  {
    role: 'other',
    words: /\b(?:mama|mum|mom|mother|father|nan|granny|grandma|dad|daddy)\s+(?:uses?|used|says|said|makes?|made|puts?|always|did|does|would)\b/i,
    behind: true,
    tale: true,
  },
  {
    role: 'other',
    words:
      /\b(?:people|folks|some(?: of you)?|others|everybody|somebody|someone|anybody|they|purists|restaurants|a man|a woman)(?: that| who| will| would| might| usually| always)* (?:put|puts|use|uses|used|add|adds|like|likes|ask|asks|asked|wrote|write|say|says|swear|will|drop|throw|insist)\b/i,
    behind: true,
    tale: true,
  },
  // Somebody else's way with it; an amount of its own is stronger, since a cook is also written of as 'she'.
  {
    role: 'other',
    words:
      /\b(?:she|he)(?:['’]d)?\s+(?:would |always |usually |sometimes )?(?:makes?|does|uses?|puts?|likes?|eats?|serves?|made|used)\b|\b(?:lady|man|woman|girl|boy|guy|cook)\b[^.]*\bwho\b/i,
    behind: true,
    weak: true,
  },
  { role: 'could', words: /\b(?:could|can|might) (?:also |always |even )*do (?:is|would be)\b/i, behind: true },
  {
    role: 'other',
    words: /\b(?:used to|back (?:then|in the day)|grew up (?:with|on)|traditionally|originally|the original|classic(?:ally)?)\b/i,
    behind: true,
  },
  { role: 'other', words: /\b(?:last (?:night|sunday|monday)|the (?:next|second|other) day|yesterday|usually|normally|generally)\b/i, weak: true },
  { role: 'told', words: /^(?:because|although|though|since|as)\b/i },
  { role: 'other', words: /\b(?:was|were) (?:going|planning|tempted) to\b|\bwanted to\b|\bin restaurants\b|\bthey(?:['’]ll| will)\b/i, behind: true },
  {
    role: 'other',
    words:
      /\b(?:for|in|into|save (?:it|them|that) for|with) (?:a|an|another|something|the next) (?:\w+ )?(?:stock|dish|else|pie|salad|curry|stew|sandwich|risotto|cake)\b/i,
    weak: true,
  },
  {
    role: 'other',
    words: /\b(?:asked (?:me )?about|talk(?:ing|ed)? about|you hear|thinking (?:of|about)?|reminds? me|allergic to|can['’]t have)\b/i,
    behind: true,
  },
  { role: 'other', words: /\bafterwards\b|\bfor (?:dessert|pudding|the main)\b/i, behind: true },
  { role: 'other', words: /\b(?:it['’]s got|made (?:it )?(?:of|with|from)|we made)\b/i, behind: true },
  {
    role: 'told',
    words:
      /\b(?:looks?|tastes?|smells?|feels?|kind of|sort of|a bit|something|just) like\b|\b(?:the size of|about the size|as (?:big|small|thick|long) as|the colou?r of)\b/i,
    behind: true,
  },
];

/** What turns a talk back to the pot: 'but I'm using oil', 'so it's double cream', 'today it's plain'. */
const BACK_TO_POT =
  /\b(?:i['’]m (?:using|putting|adding|going (?:to|with)|gonna|keeping)|(?<!\b(?:would|could|should|can|might|did) )i (?:use|used|have|put|add|added|take|took)|i['’]ve (?:got|gone|used|put)|we['’](?:re|ve) (?:using|putting|adding|got|going)|so it['’]s|it['’]s (?:just )?(?!not\b|got\b)|what i['’]ve (?:actually )?got|today it['’]s|goes in|go in|in (?:it|they) go(?:es)?)\b/i;

/** 'Instead of the cream': only what follows. */
export const INSTEAD = /\b(?:instead of|rather than|in place of|not)\s+(?:the |any |a |an )?$/i;
const LEFT_BEFORE = /(?:\bno|\bwithout|\bneither|\bnor|\bnot any)\s+(?:\p{L}+\s+)?$/iu;

export interface SaidRole {
  role: Role;
  weak: boolean;
  tale: boolean;
  /** What stands before this place of the segment is put in all the same. */
  from: number;
}

export const PUT_IN: SaidRole = { role: 'put', weak: false, tale: false, from: 0 };

/** The role of what a segment names, by its words. */
export function saidRole(segment: string): SaidRole {
  if (/\?\s*$/.test(segment)) return { ...PUT_IN, role: 'told' };
  const found = TRIGGERS.flatMap((trigger) => {
    const at = trigger.words.exec(segment);
    return at ? [{ trigger, at: at.index }] : [];
  });
  const strong = found.find(({ trigger }) => !trigger.weak) ?? found[0];
  if (!strong) return PUT_IN;
  // 'Coriander if you have it' is put in; what stands behind the 'if' is the choice.
  const whole = found.some(({ trigger, at }) => !trigger.behind && !(at > 0 && trigger === IF_YOU));
  const from = whole ? 0 : Math.min(...found.map(({ at }) => at));
  return { role: strong.trigger.role, weak: strong.trigger.weak === true, tale: found.some(({ trigger }) => trigger.tale === true), from };
}
export const roleOf = (segment: string): Role => saidRole(segment).role;

/** Another day: the whole sentence tells of it. */
export const OTHER_DAY =
  /\b(?:next (?:week|month|time|year)|last (?:week|month|time|year)|tomorrow|in the old days|yesterday (?:we|i) (?:did|made|had)|on (?:sun|mon|tues|wednes|thurs|fri|satur)day i['’]ll|but that['’]s another)\b/i;
/** 'It would be pretty but I'm leaving it off': what the sentence named is not put in. */
export const TAKEN_BACK =
  /\b(?:leav\w+|left) (?:it|them|that) (?:off|out|away)\b|\bnot (?:today|this time|for me)\b|\bi (?:would|will|did|do)(?: not|n['’]t)\s*\.?$/i;
/** Words by which a tale is over and the pot is in hand again. */
export const IN_HAND =
  /^(?:so\b|(?:and )?there(?:['’]s| is| are)\b|now\b(?! my\b)|then\b|and then|next\b|right\b|here\b|okay|first|after that|back (?:in|on)|the rest)|\b(?:goes? (?:right |straight )?in|in (?:it|they) go(?:es)?|i['’]m (?:putting|adding|using|going to|squeezing|pouring|throwing|scattering)|i (?:take|put|add|use|have|cut|fry)|we (?:have|add|put|use|take)|i['’]ve got|comes (?:the )?\p{L}+$)\b|\bin(?:[.,]|$)|^[^.,]{2,40},\s+(?:just )?a (?:little|bit|touch)[.!]?$/iu;

/** True where the words just before a food leave it out, whatever the segment says. */
export const leftOutBefore = (before: string): boolean => LEFT_BEFORE.test(before) || INSTEAD.test(before);

/** A sentence in the pieces that can have roles of their own: at 'but', 'so it's', 'because', a semicolon. */
export const segmentsForRole = (sentence: string): string[] =>
  sentence
    .split(
      /\s*;\s*|,?\s+\bbut\b\s+|,?\s+\b(?=so (?:it['’]s|i['’]?m?\b|we\b|let['’]s|today|now|then))|,?\s+\b(?=(?:because|although|though|whereas)\b)|,\s+\b(?=i['’]ve an?\s|i (?:usually|normally|generally)\b)|,?\s+\bnow\s+(?=my\b)|,?\s+\b(?=which (?:was|took|is|takes|meant)\b)|(?<=\bi (?:don['’]t|do not|won['’]t|never do))\s+(?:and\s+)?/i,
    )
    .map((part) => part.trim())
    .filter(Boolean);
export const turnsBack = (segment: string): boolean => BACK_TO_POT.test(segment) && !/n['’]t\b|\bnot\b|\bif you\b/i.test(segment);

/** From here on the amounts are told again. */
export const RECAPS =
  /\b(?:writing (?:it|this) down|what are the quantities|the quantities|what (?:was|went|goes) in(?:to)? it|what i (?:took|used)|say (?:it )?again|so (?:here['’]s |that['’]s )?the list|(?:go|going|went) (?:back )?over the amounts|the amounts (?:again|are|were)|to recap|quick recap|the recipe again|so that (?:is|was|makes)\b(?! (?:all|it)\b)|amounts for you)\b/i;

/** Words that correct what was just said. */
export const CORRECTS =
  /\b(?:no|sorry|wait|actually|rather|i mean|make (?:that|it)|call it|let['’]s (?:say|go|make)|i tell a lie|scratch that|correction|or better)\b/i;
/** More of what is there already: a line of its own. */
export const MORE = /\b(?:another|more|extra|further|second)\b/i;
/** A part of what is there already. */
export const PART =
  /\b(?:rest|remaining|remainder|other half|half (?:of )?(?:the|it|them)|most of|(?:one|two|three|four|five|\d{1,2}|a few|some|a couple) of (?:the|them|those|these|my)\b|some of (?:the|it)|a little of|reserved)\b/i;

/** Verbs and set phrases by which something without an amount is put in. */
export const PUTS =
  /\b(?:add(?:s|ed|ing)?|put(?:s|ting)?|pour(?:s|ed|ing)?|stir(?:s|red|ring)?|throw(?:s|ing)?|threw|tip(?:s|ped|ping)?|drop(?:s|ped|ping)?|toss(?:ed|ing)?|sprinkl\w+|scatter\w*|top(?:ped|ping)?|squeez\w+|grat(?:e|ed|ing)|melt(?:s|ed|ing)?|fr(?:y|ied|ying)|sweat(?:ed|ing)?|soften(?:ed|ing)?|season(?:ed|ing)?|finish(?:ed|ing)?|drizzl\w+|swirl\w*|fold(?:ed|ing)?|whisk(?:ed|ing)?|rub(?:bed)?|crumbl\w+|dollop|garnish\w*|serve[sd]?|thicken\w*|deglaz\w+|flame[ds]?|cover(?:ed)? with|loosen\w*|let (?:it )?down|thin(?:ned)?|correct\w*|spik\w+|simmer\w*|cook(?:s|ed|ing)?|brown(?:ed|ing)?|roast(?:ed|ing)?|saut\w+|us(?:e|ed|ing)|tak(?:e|ing)|need|ha(?:ve|s)|got|get|goes?|comes?|went|in with|on (?:the )?top|over (?:the|each)|with|then|and|plus|next|now|that['’]s|it['’]s|this is|there['’]s|wants?|keep(?:s|ing)?)\b|,\s+(?:just )?a (?:little|bit|touch)[.!]?$/i;
