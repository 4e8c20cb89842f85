/** Words that mean something of their own here, each told once: where it stands, and in the help. */
export const WORDS = {
  body: {
    word: 'body',
    means:
      'How thick a soup is, from 0, water, to 1, set like mousse, with a word: broth, thin, light cream, cream, thick. It is an estimate that orders soups by thickness. It is no swallowing level: that is tested, and decided by the professional.',
  },
  distance: {
    word: 'distance',
    means:
      'How far a plan is from the soup as it was: pot, body, fat, protein, taste and colour, and what each change costs in work. 0 is the soup itself; plans come by it, the closest first.',
  },
  atLeast: {
    word: 'at least',
    means:
      'Something of this soup is not known: a line without a food or a weight, or a food whose figure nobody measured. The figure is the sum of what is known. It can prove that there is enough and never that there is little enough.',
  },
  likely: {
    word: 'likely',
    means: 'The best figure meets the limit, its range does not quite: foods differ, spoons differ. The per cent says how likely it is met.',
  },
  check: {
    word: 'to check',
    means: 'Only the label of what was bought can tell. Read it before serving; what was read is noted under Labels and counts from then on.',
  },
  edible: {
    word: 'edible grams',
    means: 'What goes into the pot, peeled and trimmed. What is bought is more: shopping lists count the peel.',
  },
  recalled: {
    word: 'recalled',
    means:
      'A figure written down from memory of the trade and its tables, and not measured; it has a wider range. Measured ones come from an open table.',
  },
  scope: {
    word: 'bowl and plate',
    means:
      'The bowl is the soup and what is put on it; the plate is the bowl and what lies beside it: bread, a sandwich. Needs speak of the bowl unless you ask for the plate.',
  },
  front: {
    word: 'front',
    means:
      'Of all that could be cooked, what nothing else is better than in both of two figures: to have more of the one, something of the other has to be given up.',
  },
  version: {
    word: 'version',
    means: 'A soup as it was kept: foods, amounts, steps, figures, the needs and the reason. It never changes; the draft on the bench does.',
  },
  stage: {
    word: 'when it goes in',
    means:
      'Base, simmer, blender, finish, bowl, plate: what is cooked long loses more than what is stirred in at the end, and what lies on top is not blended.',
  },
} as const satisfies Record<string, { word: string; means: string }>;

export type WordId = keyof typeof WORDS;
