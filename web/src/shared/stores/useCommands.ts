import type * as commands from '@phylaxon/core/commands';
import { useEffect, useState } from 'react';

/**
 * What core knows of commands, once it has loaded: after the page is there, and before anything can wait for the server.
 * With the server gone it could not be got.
 */
export function useCommands(): typeof commands | null {
  const [loaded, setLoaded] = useState<typeof commands | null>(null);
  useEffect(() => {
    import('@phylaxon/core/commands').then(setLoaded, () => undefined);
  }, []);
  return loaded;
}
