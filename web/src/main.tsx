import './csp/index.ts';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { router } from './app/index.ts';
import { followTheme, useSettings } from './stores/index.ts';
import './styles.css';

followTheme();
// Without an answer the settings of the last visit hold.
void useSettings
  .getState()
  .load()
  .catch(() => undefined);

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <RouterProvider router={router} />
  </StrictMode>,
);
