/** How a line's food is cut: the size of its pieces in cm where one is written, else the word. The largest piece holds the pot up. */

const CM =
  /\b(\d+(?:\.\d+)?|½|one|two|three|half)[\s-]*(cm|mm|inch(?:es)?|in\.|")[\s-]*(?:\p{L}+\s+)?(?:pieces?|chunks?|cubes?|dice|slices?|rounds?|thick|lengths?|wedges?|batons?)\b|\b(?:pieces?|chunks?|cubes?|dice|slices?)\s+(?:of\s+)?(?:about\s+)?(\d+(?:\.\d+)?)[\s-]*(cm|mm|inch(?:es)?)\b/iu;
const WORD =
  /\b((?:very |finely |roughly |coarsely |thinly |thickly )?(?:minced|grated|crushed|shredded|chopped|diced|cubed|sliced|quartered|halved|torn|flaked|crumbled)|in (?:large |small |bite-size(?:d)? )?(?:chunks|wedges|pieces|cubes|slices|rounds|batons|strips)|(?:large |small )?chunks|florets|left whole|whole)\b/iu;
const WORDS: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3, half: 0.5, '½': 0.5 };
const CM_IN = { cm: 1, mm: 0.1, inch: 2.54 } as const;

export function cutOf(text: string): string | number | undefined {
  const size = CM.exec(text);
  if (size) {
    const number = (size[1] ?? size[3] ?? '').toLowerCase();
    const unit = (size[2] ?? size[4] ?? 'cm').toLowerCase();
    const cm = (WORDS[number] ?? Number(number)) * (unit === 'mm' ? CM_IN.mm : unit === 'cm' ? CM_IN.cm : CM_IN.inch);
    if (cm >= 0.1 && cm <= 50) return Number(cm.toFixed(2));
  }
  return WORD.exec(text)?.[1]?.toLowerCase();
}
