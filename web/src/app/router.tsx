import { createBrowserRouter } from 'react-router';
import { Layout } from './Layout.tsx';
import { Trouble } from './Trouble.tsx';

const startView = async () => ({ Component: (await import('../start/index.ts')).StartPage });
const panelView = async () => ({ Component: (await import('./PanelPage.tsx')).PanelPage });

export const router = createBrowserRouter([
  {
    element: <Layout />,
    errorElement: <Trouble />,
    HydrateFallback: () => null,
    children: [
      { index: true, lazy: startView },
      {
        path: 'panels/:panelId',
        lazy: panelView,
        children: [{ path: 'breakers/:breakerId' }, { path: 'spaces/:space' }],
      },
    ],
  },
]);
