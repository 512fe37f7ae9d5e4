import { useEffect, useState } from 'react';
import { askAgain, toldOf } from '../queries/index.ts';
import { useSettings } from './settingsStore.ts';

/**
 * Follow a panel or a case as others change it: what is shown of the record is asked for again.
 *
 * @param of its address
 * @returns whether the server can be heard; while it cannot, what is shown may be old
 */
export function useChanges(of: `/panels/${string}` | `/cases/${string}`): boolean {
  const loadSettings = useSettings((state) => state.load);
  const [heard, setHeard] = useState(true);
  useEffect(() => {
    const source = new EventSource(`/api/v1${of}/changes`);
    const settingsAgain = () => void loadSettings().catch(() => undefined);
    source.addEventListener('changed', ({ data }: MessageEvent<string>) => {
      const { change, everywhere } = JSON.parse(data) as { change: string | null; everywhere: boolean };
      toldOf(change);
      if (everywhere) settingsAgain();
    });
    source.onopen = () => {
      setHeard(true);
      // Whatever happened before the stream was open was not told.
      void askAgain();
      settingsAgain();
    };
    source.onerror = () => setHeard(false);
    return () => source.close();
  }, [of, loadSettings]);
  return heard;
}
