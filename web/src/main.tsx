import { QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { router } from './app/shell/index.ts';
import { loadSession, loadSettings, queryClient, watchSession } from './shared/queries/index.ts';
import './styles.css';

// Whoever was given a link has no session; what the link shows is all that is asked for.
if (!/^\/(shared\/|trust$)/.test(location.pathname)) {
  watchSession();
  // Without an answer session and settings of the last visit hold.
  void loadSession().catch(() => undefined);
  void loadSettings().catch(() => undefined);
}

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queryClient}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);
