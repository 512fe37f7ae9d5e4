import { isRouteErrorResponse, Link, useRouteError } from 'react-router';
import { Header } from './Header.tsx';
import * as messages from './messages.ts';

/** Instead of a blank page: what happened, and a way out. */
export function ErrorPage() {
  const error = useRouteError();
  const missing = isRouteErrorResponse(error) && error.status === 404;
  return (
    <>
      <Header />
      <main className="mx-auto max-w-2xl space-y-3 px-4 py-10">
        <title>{messages.phylaxon}</title>
        <h1 className="text-2xl font-bold">
          {missing ? messages.pageNotFound : messages.thisPageFailedToLoad}
        </h1>
        <p>
          {missing
            ? messages.thereIsNoPageAtThis
            : messages.nothingYouSavedIsLost(error instanceof Error ? error.message : '')}
        </p>
        <Link to="/" className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4">
          {messages.goToTheStartPage}
        </Link>
      </main>
    </>
  );
}
