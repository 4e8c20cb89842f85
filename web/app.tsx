import { lazy, Suspense } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { Link, NavLink, Route, Routes, useLocation } from 'react-router';
import { Soups } from './routes/soups.tsx';
import { useFocusOfScreen } from './ui/screen.tsx';
import { Waiting } from './ui/state.tsx';

const tab = ({ isActive }: { isActive: boolean }) =>
  `rounded px-2.5 py-1 max-sm:px-2 ${isActive ? 'bg-kale-soft text-white underline decoration-2 underline-offset-4' : 'text-oat hover:bg-kale-soft'}`;

// Nobody asks for help before there is something to see: it comes after the first screen.
const Help = lazy(async () => ({ default: (await import('./features/help/Help.tsx')).Help }));
const Read = lazy(async () => ({ default: (await import('./routes/read.tsx')).Read }));
const Bench = lazy(async () => ({ default: (await import('./routes/bench.tsx')).Bench }));
const Compare = lazy(async () => ({ default: (await import('./routes/compare.tsx')).Compare }));
const DayScreen = lazy(async () => ({ default: (await import('./routes/day.tsx')).DayScreen }));
const WeekScreen = lazy(async () => ({ default: (await import('./routes/day.tsx')).WeekScreen }));
const PracticeScreen = lazy(async () => ({ default: (await import('./routes/practice.tsx')).PracticeScreen }));
const SchoolsScreen = lazy(async () => ({ default: (await import('./routes/schools.tsx')).SchoolsScreen }));
const SpreadScreen = lazy(async () => ({ default: (await import('./routes/spread.tsx')).SpreadScreen }));
const SheetScreen = lazy(async () => ({ default: (await import('./routes/sheet.tsx')).SheetScreen }));
const CookScreen = lazy(async () => ({ default: (await import('./routes/cook.tsx')).CookScreen }));
const BatchesScreen = lazy(async () => ({ default: (await import('./routes/batches.tsx')).BatchesScreen }));
const BatchScreen = lazy(async () => ({ default: (await import('./routes/batch.tsx')).BatchScreen }));
const GroupsScreen = lazy(async () => ({ default: (await import('./routes/groups.tsx')).GroupsScreen }));
const PlanScreen = lazy(async () => ({ default: (await import('./routes/plan.tsx')).PlanScreen }));
const PrintScreen = lazy(async () => ({ default: (await import('./routes/print.tsx')).PrintScreen }));
const Foods = lazy(async () => ({ default: (await import('./routes/foods.tsx')).Foods }));
const Preparations = lazy(async () => ({ default: (await import('./routes/preparations.tsx')).Preparations }));
const Larder = lazy(async () => ({ default: (await import('./routes/larder.tsx')).Larder }));
const Settings = lazy(async () => ({ default: (await import('./routes/settings.tsx')).SettingsScreen }));

/** The head of every screen, and below it the screen of the address. The first screen comes with the page, the others when they are opened. */
export function App() {
  const { pathname } = useLocation();
  useFocusOfScreen();
  return (
    <div className="flex min-h-dvh flex-col">
      <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-card focus:p-2">
        Skip to the work
      </a>
      <header className="flex h-12 print:hidden shrink-0 items-center gap-4 bg-kale px-4 text-oat max-sm:gap-1 max-sm:px-2">
        <Link to="/soups" className="flex shrink-0 items-center gap-2 rounded font-semibold text-white">
          <img src="/ladle.svg" alt="" width={24} height={24} /> <span className="max-sm:sr-only">Kind Ladle</span>
        </Link>
        <nav aria-label="Screens" className="flex min-w-0 gap-1 overflow-x-auto whitespace-nowrap max-sm:text-sm">
          <NavLink to="/soups" className={tab}>
            Soups
          </NavLink>
          <NavLink to="/read" className={tab}>
            Read<span className="max-sm:sr-only"> a recipe</span>
          </NavLink>
          <NavLink to="/batches" className={tab}>
            Batches
          </NavLink>
          <NavLink to="/groups" className={tab}>
            Groups
          </NavLink>
          <NavLink to="/day" className={tab}>
            Day
          </NavLink>
          <NavLink to="/practice" className={tab}>
            Practice
          </NavLink>
          <NavLink to="/foods" className={tab}>
            Foods
          </NavLink>
          <NavLink to="/preparations" className={tab}>
            Preparations
          </NavLink>
          <NavLink to="/larder" className={tab}>
            Larder
          </NavLink>
          <NavLink to="/settings" className={tab}>
            Settings
          </NavLink>
        </nav>
        <Suspense fallback={null}>
          <Help />
        </Suspense>
      </header>
      <main id="main" className="flex min-h-0 flex-1 flex-col">
        <ErrorBoundary resetKeys={[pathname]} fallbackRender={({ error }) => <Failed error={error} />}>
          <Suspense fallback={<Waiting>Opening the kitchen ...</Waiting>}>
            <Routes>
              <Route path="/" element={<Soups />} />
              <Route path="/soups" element={<Soups />} />
              <Route path="/read" element={<Read />} />
              <Route path="/soups/:id/bench" element={<Bench />} />
              <Route path="/soups/:id/compare" element={<Compare />} />
              <Route path="/soups/:id/schools" element={<SchoolsScreen />} />
              <Route path="/soups/:id/spread" element={<SpreadScreen />} />
              <Route path="/soups/:id/sheet" element={<SheetScreen />} />
              <Route path="/soups/:id/plan" element={<PlanScreen />} />
              <Route path="/soups/:id/cook" element={<CookScreen />} />
              <Route path="/groups/:id?" element={<GroupsScreen />} />
              <Route path="/day/:date?" element={<DayScreen />} />
              <Route path="/week/:date?" element={<WeekScreen />} />
              <Route path="/practice/:part?" element={<PracticeScreen />} />
              <Route path="/batches" element={<BatchesScreen />} />
              <Route path="/batches/:id" element={<BatchScreen />} />
              <Route path="/soups/:id/print" element={<PrintScreen />} />
              <Route path="/foods/:id?" element={<Foods />} />
              <Route path="/preparations/:id?" element={<Preparations />} />
              <Route path="/larder" element={<Larder />} />
              <Route path="/settings" element={<Settings />} />
              <Route path="*" element={<Failed error={null} />} />
            </Routes>
          </Suspense>
        </ErrorBoundary>
      </main>
    </div>
  );
}

function Failed({ error }: { error: unknown }) {
  return (
    <div className="m-auto max-w-md p-8 text-center">
      <h1 className="text-xl">This screen could not be shown</h1>
      <p className="mt-2">{error instanceof Error ? error.message : 'The page is not here.'} What you typed is kept.</p>
      <p className="mt-4">
        <a className="underline" href="/soups">
          Back to the soups
        </a>
      </p>
    </div>
  );
}
