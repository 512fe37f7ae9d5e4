import { lazy, Suspense, useState, type ComponentType } from 'react';
import * as messages from './messages.ts';

/**
 * A part of a page that loads when it is first shown, and keeps its place until then. `fetch` gets it beforehand, so
 * that it is at hand when the server is not, and is shown at once: nothing moves below a finger.
 */
export function later<Props extends object>(load: () => Promise<ComponentType<Props>>) {
  let loaded: ComponentType<Props> | null = null;
  const get = async () => (loaded = await load());
  const Awaited = lazy(async () => ({ default: await get() }));
  const fetch = () => {
    // Without the server there is nothing to get, and showing it says so.
    get().catch(() => undefined);
  };
  function Later(props: Props) {
    // What is shown once stays the same component, or its state would be lost.
    const [Part] = useState<ComponentType<Props>>(() => loaded ?? Awaited);
    return (
      <Suspense fallback={<p className="min-h-24 py-2">{messages.loading}</p>}>
        <Part {...props} />
      </Suspense>
    );
  }
  return Object.assign(Later, { fetch });
}
