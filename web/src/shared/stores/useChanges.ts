import { useEffect, useState } from 'react';
import { invalidateRecord, loadSettings, onRecordChanged } from '../queries/index.ts';
import { listen } from '../streams/index.ts';

/**
 * Follow a panel or a case as others change it: what is shown of the record is asked for again.
 *
 * @param of its address
 * @returns whether the server can be heard; while it cannot, what is shown may be old
 */
export function useChanges(of: `/panels/${string}` | `/cases/${string}`): boolean {
  const [heard, setHeard] = useState(true);
  useEffect(() => {
    const settingsAgain = () => void loadSettings().catch(() => undefined);
    return listen(`${of}/changes`, 'changed', {
      told: (data) => {
        const { change, everywhere } = JSON.parse(data) as { change: string | null; everywhere: boolean };
        onRecordChanged(change);
        if (everywhere) settingsAgain();
      },
      opened: () => {
        setHeard(true);
        // Whatever happened before the stream was open was not told.
        void invalidateRecord();
        settingsAgain();
      },
      lost: () => setHeard(false),
    });
  }, [of]);
  return heard;
}
