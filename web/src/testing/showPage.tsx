import type { ComponentType } from 'react';
import { fakeServer, type Asked } from './fakeServer.ts';

/** A stream that never says anything. */
class SilentStream {
  addEventListener = () => undefined;
  close = () => undefined;
}

/**
 * Show a page as the router would, with a server that answers as told. Called after `inBrowser`.
 *
 * @param Page what is shown
 * @param route its path in the router, such as `/panels/:panelId/upkeep`
 * @param address where it stands
 * @param read what the server knows: by path, given what stands behind the question mark
 * @returns the server, and `close` for the end of the test
 */
export async function showPage(
  Page: ComponentType,
  route: string,
  address: string,
  read: Record<string, (search: URLSearchParams) => unknown>,
) {
  const { QueryClientProvider } = await import('@tanstack/react-query');
  const { cleanup, configure, render } = await import('@testing-library/react');
  // A busy machine is not a fault of the page.
  configure({ asyncUtilTimeout: 30_000 });
  const { createMemoryRouter, RouterProvider } = await import('react-router');
  const { loadCommands } = await import('../shared/api/index.ts');
  const { queryClient } = await import('../shared/queries/index.ts');
  const { useOutbox } = await import('../shared/stores/index.ts');
  await loadCommands();
  // What another file left behind is not this page’s.
  queryClient.clear();
  useOutbox.setState({ waiting: [] });
  const all = globalThis as { EventSource?: unknown };
  const before = all.EventSource;
  all.EventSource = SilentStream;
  const server = fakeServer(({ method, path }: Asked) => {
    const [at, search] = path.split('?');
    const known = method === 'GET' ? read[at!] : undefined;
    return method === 'GET' && !known
      ? { status: 404, body: { error: { message: `Nothing at ${path}` } } }
      : { body: known?.(new URLSearchParams(search)) ?? {} };
  });
  const router = createMemoryRouter([{ path: route, Component: Page }], { initialEntries: [address] });
  render(
    <QueryClientProvider client={queryClient}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  );
  return {
    /** What was sent to be stored, by its path. */
    sent: () => server.asked.filter(({ method }) => method === 'POST'),
    /** The server is gone from now on. */
    goAway: () => server.nowAnswers(() => 'gone'),
    close: async () => {
      cleanup();
      await queryClient.cancelQueries();
      queryClient.clear();
      // What was told last is still on its way.
      await new Promise((resolve) => setTimeout(resolve, 0));
      useOutbox.setState({ waiting: [] });
      all.EventSource = before;
      server.close();
    },
  };
}
