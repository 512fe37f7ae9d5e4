import { isRouteErrorResponse, Link, useRouteError } from 'react-router';
import { Header } from './Header.tsx';

/** Instead of a blank page: what happened, and a way out. */
export function ErrorPage() {
  const error = useRouteError();
  const missing = isRouteErrorResponse(error) && error.status === 404;
  return (
    <>
      <Header />
      <main className="mx-auto max-w-2xl space-y-3 px-4 py-10">
        <title>Phylaxon</title>
        <h1 className="text-2xl font-bold">{missing ? 'There is no such page' : 'This view failed'}</h1>
        <p>
          {missing
            ? 'The address leads nowhere.'
            : `Nothing you stored is lost. ${error instanceof Error ? error.message : ''}`}
        </p>
        <Link to="/" className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4">
          To the start
        </Link>
      </main>
    </>
  );
}
