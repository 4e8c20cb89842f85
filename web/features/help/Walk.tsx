import { X } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { Link, useLocation } from 'react-router';
import { Button } from '../../ui/button.tsx';
import { useWalk } from './store.ts';

interface Step {
  title: string;
  words: string;
  /** The screen it speaks of, and the way there; none where a soup has to be chosen first. */
  path: RegExp;
  to?: string;
  there: string;
}

const STEPS: readonly Step[] = [
  {
    title: 'Read a recipe',
    words:
      'Paste any text at the left. At the right stands what was understood, line by line. What was not understood is marked, and until you settle it nothing is told as absent.',
    path: /^\/read/,
    to: '/read',
    there: 'To reading',
  },
  {
    title: 'Settle what is open',
    words:
      'Doubts come by what hangs on them: an allergen first, then figures. Each is one question. You can go on without answering: figures then say at least, and allergens say check.',
    path: /^\/read/,
    to: '/read',
    there: 'To reading',
  },
  {
    title: 'Say what a guest needs',
    words:
      "On the bench of a soup press 'need' and write it as you would say it: no milk, at most 400 mg sodium. The bowl at the right shows at once what it breaks.",
    path: /\/bench$/,
    there: 'Open any soup of the list',
  },
  {
    title: 'Have it worked out, or swap by hand',
    words:
      "'Work it out for me' looks through all swaps for the plans closest to the soup. Or choose a line and see what can stand in for it, with what each would change. The method is rewritten with it.",
    path: /\/bench$/,
    there: 'Open any soup of the list',
  },
  {
    title: 'Keep it, and take it to the kitchen',
    words:
      "'Keep' makes a version that never changes, with its reason. Its sheet has figures, allergens and claims to sign; from there handouts, bowl cards, labels and lists are printed. Read the labels before serving; the local code decides.",
    path: /\/(?:sheet|print)$/,
    there: 'Open any soup, then its sheet',
  },
];

/** The first walk through the kitchen: a card that stays while the screens are used, and can be left at any step. */
export function Walk() {
  const { at, go, leave } = useWalk();
  const { pathname } = useLocation();
  const card = useRef<HTMLElement>(null);
  const step = at === null ? undefined : STEPS[at];
  // Each step is read from its beginning.
  useEffect(() => {
    if (at !== null) card.current?.focus();
  }, [at]);
  if (at === null || !step) return null;
  const isHere = step.path.test(pathname);
  return (
    <aside
      ref={card}
      tabIndex={-1}
      aria-label={`Walk through the kitchen, ${at + 1} of ${STEPS.length}: ${step.title}`}
      className="fixed right-3 bottom-3 z-20 w-[min(24rem,calc(100vw-1.5rem))] rounded-xl border-2 border-squash bg-card p-4 text-kale shadow-xl print:hidden"
    >
      <div className="flex items-start gap-2">
        <h2 className="flex-1 font-title text-lg">
          {at + 1}. {step.title}
        </h2>
        <Button kind="quiet" aria-label="Leave the walk" onClick={leave}>
          <X size={16} aria-hidden />
        </Button>
      </div>
      <p className="mt-1 text-sm">{step.words}</p>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {isHere ? (
          <span className="text-sm text-kale-soft">You are there.</span>
        ) : (
          <Link className="text-sm underline" to={step.to ?? '/soups'}>
            {step.there}
          </Link>
        )}
        <span className="ml-auto flex gap-2">
          {at > 0 && <Button onClick={() => go(at - 1)}>Back</Button>}
          {at < STEPS.length - 1 ? (
            <Button kind="main" onClick={() => go(at + 1)}>
              Next
            </Button>
          ) : (
            <Button kind="main" onClick={leave}>
              Done
            </Button>
          )}
        </span>
      </div>
    </aside>
  );
}
