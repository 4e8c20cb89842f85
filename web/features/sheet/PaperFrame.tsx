import { Printer } from 'lucide-react';
import { type ReactNode, Suspense } from 'react';
import { Link, useParams } from 'react-router';
import { Button } from '../../ui/button.tsx';
import { ScreenTitle } from '../../ui/screen.tsx';
import { Failed, Waiting } from '../../ui/state.tsx';
import { ChooseVersion } from './ChooseVersion.tsx';
import { type Chosen, useChosenVersion } from './useChosenVersion.ts';

interface Props {
  heading: string;
  /** Another way to the paper of the same version. */
  beside?: (chosen: Chosen) => ReactNode;
  /** Nothing to print while it is false. */
  printable?: boolean;
  /** What is chosen about the paper, above it and never printed. */
  choices?: ReactNode;
  children: (chosen: Chosen) => ReactNode;
}

/** A screen that shows paper: which version, under whose rules, and the press that prints it. */
export function PaperFrame({ heading, beside, printable = true, choices, children }: Props) {
  const { id = '' } = useParams();
  const chosen = useChosenVersion(id);
  if (chosen === null) return <Waiting>Fetching the soup ...</Waiting>;
  if (chosen instanceof Error) return <Failed error={chosen} />;
  return (
    <div className="mx-auto flex w-full max-w-5xl flex-col gap-3 p-6 max-sm:p-3 print:max-w-none print:p-0">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <ScreenTitle>{`${chosen.soup.title}: ${heading.toLowerCase()}`}</ScreenTitle>
        <h1 className="font-title text-3xl print:sr-only">{heading}</h1>
        <Link className="underline print:hidden" to={`/soups/${id}/bench`}>
          back to the bench
        </Link>
        {beside?.(chosen)}
        <span className="ml-auto flex flex-wrap items-center gap-2 print:hidden">
          <ChooseVersion chosen={chosen} />
          <Button kind="main" disabled={!printable} onClick={() => window.print()}>
            <Printer size={16} aria-hidden /> Print
          </Button>
        </span>
      </div>
      {choices}
      <Suspense fallback={<p role="status">Fetching the foods ...</p>}>{children(chosen)}</Suspense>
    </div>
  );
}
