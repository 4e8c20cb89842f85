import { createBrowserRouter, Link, NavLink, Outlet, useRouteError } from 'react-router';
import { Soups } from './routes/soups.tsx';
import { useFocusOfScreen } from './ui/screen.tsx';
import { Waiting } from './ui/state.tsx';

const tab = ({ isActive }: { isActive: boolean }) =>
  `rounded px-2.5 py-1 max-sm:px-2 ${isActive ? 'bg-kale-soft text-white underline decoration-2 underline-offset-4' : 'text-oat hover:bg-kale-soft'}`;

function Shell() {
  useFocusOfScreen();
  return (
    <div className="flex min-h-dvh flex-col">
      <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-card focus:p-2">
        Skip to the work
      </a>
      <header className="flex h-12 shrink-0 items-center gap-4 bg-kale px-4 text-oat max-sm:gap-1 max-sm:px-2">
        <Link to="/soups" className="flex shrink-0 items-center gap-2 rounded font-semibold text-white">
          <img src="/ladle.svg" alt="" width={24} height={24} /> <span className="max-sm:sr-only">Kind Ladle</span>
        </Link>
        <nav aria-label="Screens" className="flex gap-1 whitespace-nowrap max-sm:text-sm">
          <NavLink to="/soups" className={tab}>
            Soups
          </NavLink>
          <NavLink to="/read" className={tab}>
            Read<span className="max-sm:sr-only"> a recipe</span>
          </NavLink>
          <NavLink to="/foods" className={tab}>
            Foods
          </NavLink>
          <NavLink to="/preparations" className={tab}>
            Preparations
          </NavLink>
          <NavLink to="/settings" className={tab}>
            Settings
          </NavLink>
        </nav>
      </header>
      <main id="main" className="flex min-h-0 flex-1 flex-col">
        <Outlet />
      </main>
    </div>
  );
}

function Failed() {
  const error = useRouteError();
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

const Loading = () => <Waiting>Opening the kitchen ...</Waiting>;

export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Failed />,
    hydrateFallbackElement: <Loading />,
    children: [
      { path: '/', element: <Soups /> },
      { path: '/soups', element: <Soups /> },
      { path: '/read', lazy: async () => ({ Component: (await import('./routes/read.tsx')).Read }) },
      { path: '/soups/:id/bench', lazy: async () => ({ Component: (await import('./routes/bench.tsx')).Bench }) },
      { path: '/soups/:id/compare', lazy: async () => ({ Component: (await import('./routes/compare.tsx')).Compare }) },
      { path: '/foods', lazy: async () => ({ Component: (await import('./routes/foods.tsx')).Foods }) },
      { path: '/foods/:id', lazy: async () => ({ Component: (await import('./routes/foods.tsx')).Foods }) },
      { path: '/preparations', lazy: async () => ({ Component: (await import('./routes/preparations.tsx')).Preparations }) },
      { path: '/preparations/:id', lazy: async () => ({ Component: (await import('./routes/preparations.tsx')).Preparations }) },
      { path: '/settings', lazy: async () => ({ Component: (await import('./routes/settings.tsx')).SettingsScreen }) },
      { path: '*', element: <Failed /> },
    ],
  },
]);
