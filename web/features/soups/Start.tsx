import { ClipboardPaste, FileText, Soup } from 'lucide-react';
import { type ReactNode, useRef } from 'react';
import { Link, useNavigate } from 'react-router';
import { useShowDemo } from '../../api/house.ts';
import { Button } from '../../ui/button.tsx';
import { Notice } from '../../ui/state.tsx';
import { useWalk } from '../help/store.ts';

const WAY =
  'flex flex-col items-start gap-2 rounded-xl border border-line bg-card p-5 text-left hover:border-squash hover:bg-squash-pale focus-visible:border-squash';

/** A house without a soup: three ways in. */
export function Start() {
  const navigate = useNavigate();
  const demo = useShowDemo();
  const { done: isWalked, go } = useWalk();
  const file = useRef<HTMLInputElement>(null);
  return (
    <section aria-label="Three ways in" className="flex flex-col gap-3">
      <p className="max-w-2xl">
        No soups here yet. Kind Ladle reads a soup as it was written, tells what a bowl holds and which allergens are in it, and works out what to
        change for a guest so that it is still that soup.
      </p>
      <div className="grid gap-3 sm:grid-cols-3">
        <Link to="/read" className={WAY}>
          <Way
            icon={<ClipboardPaste aria-hidden />}
            title="Paste a recipe"
            words="Any text you have: a card, a page, something dictated. It is read line by line and nothing is guessed silently."
          />
        </Link>
        <button type="button" className={WAY} onClick={() => file.current?.click()}>
          <Way
            icon={<FileText aria-hidden />}
            title="Open a file"
            words="A text file from this computer. It stays here: nothing leaves the kitchen."
          />
        </button>
        <input
          ref={file}
          type="file"
          accept=".txt,.md,.text,text/plain"
          aria-label="A text file"
          className="sr-only"
          tabIndex={-1}
          onChange={async (event) => {
            const [chosen] = event.target.files ?? [];
            if (chosen) navigate('/read', { state: { text: await chosen.text() } });
          }}
        />
        <button type="button" className={WAY} disabled={demo.isPending} onClick={() => demo.mutate(true)}>
          <Way
            icon={<Soup aria-hidden />}
            title={demo.isPending ? 'Laying the table ...' : 'Look at a house at work'}
            words="Twelve invented soups, each with a version for a table of guests. One press puts them away again."
          />
        </button>
      </div>
      {!isWalked && (
        <p className="text-kale-soft">
          First time here?{' '}
          <Button kind="chip" onClick={() => go(0)}>
            A walk in five steps
          </Button>{' '}
          It can be left at any time, and taken again from the help.
        </p>
      )}
      {demo.isError && <Notice tone="breaks">{demo.error.message}</Notice>}
    </section>
  );
}

const Way = ({ icon, title, words }: { icon: ReactNode; title: string; words: string }) => (
  <>
    <span className="text-squash">{icon}</span>
    <strong className="font-title text-xl font-normal">{title}</strong>
    <span className="text-kale-soft">{words}</span>
  </>
);
