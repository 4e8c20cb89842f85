import { Popover } from 'radix-ui';
import { memo } from 'react';
import { WORDS, type WordId } from './words.ts';

/** A word of ours, explained where it stands: pressed, it says what it means. */
export const Word = memo(function Word({ of, children }: { of: WordId; children?: string }) {
  const { word, means } = WORDS[of];
  return (
    <Popover.Root>
      <Popover.Trigger
        className="min-h-6 cursor-help underline decoration-kale-soft decoration-dotted underline-offset-4"
        aria-label={`${children ?? word}: what it means`}
      >
        {children ?? word}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="bottom"
          align="start"
          collisionPadding={8}
          className="z-40 max-w-sm rounded-lg border border-line bg-card p-3 text-sm font-normal shadow-xl"
          aria-label={`What ${word} means`}
        >
          <strong className="capitalize">{word}.</strong> {means}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
});
