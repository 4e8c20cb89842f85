import './styles.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { ErrorBoundary } from 'react-error-boundary';
import { BrowserRouter } from 'react-router';
import { LostServer } from './api/client.ts';
import { App } from './app.tsx';

// Radix writes a style element while a dialog is open; the strict policy wants the page's nonce on it.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;
if (nonce) setNonce(nonce);

const queries = new QueryClient({
  defaultOptions: {
    queries: { staleTime: 2_000, retry: (failures, error) => error instanceof LostServer && failures < 2, refetchOnWindowFocus: true },
  },
});

// Nothing is said before the first screen stands: it comes after it.
const Toaster = lazy(() => import('./ui/Toaster.tsx'));

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      {/* At once, not in a transition: what is typed or ticked stands where it was, and the next press starts from it. */}
      <BrowserRouter useTransitions={false}>
        <App />
      </BrowserRouter>
      <ErrorBoundary fallback={null}>
        <Suspense>
          <Toaster />
        </Suspense>
      </ErrorBoundary>
    </QueryClientProvider>
  </StrictMode>,
);
