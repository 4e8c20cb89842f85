import './styles.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import { LostServer } from './api/client.ts';
import { router } from './app.tsx';
import { Toaster } from './ui/toast.tsx';

// Radix writes a style element while a dialog is open; the strict policy wants the page's nonce on it.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;
if (nonce) setNonce(nonce);

const queries = new QueryClient({
  defaultOptions: {
    queries: { staleTime: 2_000, retry: (failures, error) => error instanceof LostServer && failures < 2, refetchOnWindowFocus: true },
  },
});

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <Toaster>
        <RouterProvider router={router} />
      </Toaster>
    </QueryClientProvider>
  </StrictMode>,
);
