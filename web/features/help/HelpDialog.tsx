import { useLocation } from 'react-router';
import { useLetterKeys } from '../../kitchen/letterKeys.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { keysOf } from './keys.ts';
import { useHelp, useWalk } from './store.ts';
import { WORDS } from './words.ts';

/** The keys of this screen, the words of this program, and the way back into the walk. */
export function HelpDialog() {
  const { open, setOpen } = useHelp();
  const { pathname } = useLocation();
  const { mode } = useLetterKeys();
  const { screen, keys } = keysOf(pathname, mode);
  return (
    <Dialog open={open} onOpenChange={setOpen} title={`Keys on ${screen}`}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {keys.map(({ key, does }) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="rounded border border-line bg-oat px-1.5">{key}</kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-3 text-sm text-kale-soft">
        {mode === 'off' ? 'Keys of one letter are off. ' : ''}Settings say whether letters and figures work by themselves, with Alt, or not at all.
      </p>
      <Disclosure summary="what words mean here" className="mt-2">
        <dl className="mt-1 flex flex-col gap-1.5 text-sm">
          {Object.values(WORDS).map(({ word, means }) => (
            <div key={word}>
              <dt className="font-semibold">{word}</dt>
              <dd>{means}</dd>
            </div>
          ))}
        </dl>
      </Disclosure>
      <Button
        className="mt-3"
        onClick={() => {
          setOpen(false);
          useWalk.getState().go(0);
        }}
      >
        A walk through the kitchen, in five steps
      </Button>
    </Dialog>
  );
}
