import { NavLink, useParams } from 'react-router';
import { ClassPanel } from '../features/practice/ClassPanel.tsx';
import { PracticePanel } from '../features/practice/PracticePanel.tsx';
import { ScreenTitle } from '../ui/screen.tsx';

const tab = ({ isActive }: { isActive: boolean }): string =>
  `inline-flex min-h-8 items-center rounded-md px-3 ${isActive ? 'bg-kale text-white' : 'underline'}`;

/** Seeing what a soup hides, learnt round by round; and for the teacher, the class. */
export function PracticeScreen() {
  const { part } = useParams();
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-4 p-4 sm:p-6">
      <div className="flex flex-wrap items-center gap-4">
        <ScreenTitle>Practice</ScreenTitle>
        <h1 className="mr-auto font-title text-3xl">Practice</h1>
        <nav aria-label="Practice" className="flex gap-1">
          <NavLink to="/practice" end className={tab}>
            Rounds
          </NavLink>
          <NavLink to="/practice/class" className={tab}>
            The class
          </NavLink>
        </nav>
      </div>
      {part === 'class' ? <ClassPanel /> : <PracticePanel />}
    </div>
  );
}
