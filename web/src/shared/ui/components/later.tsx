import { lazy, Suspense, type ComponentType } from 'react';
import * as messages from './messages.ts';

/**
 * A part of a page that loads when it is first shown, and keeps its place until then. `fetch` gets it beforehand, so
 * that it is at hand when the server is not.
 */
export function later<Props extends object>(load: () => Promise<ComponentType<Props>>) {
  const Part = lazy(async () => ({ default: await load() }));
  const fetch = () => {
    // Without the server there is nothing to get, and showing it says so.
    load().catch(() => undefined);
  };
  function Later(props: Props) {
    return (
      <Suspense fallback={<p className="min-h-24 py-2">{messages.loading}</p>}>
        <Part {...props} />
      </Suspense>
    );
  }
  return Object.assign(Later, { fetch });
}
