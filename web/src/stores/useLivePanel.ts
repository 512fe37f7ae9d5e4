import { useEffect, useState } from 'react';
import { usePanel } from './panelStore.ts';
import { useSettings } from './settingsStore.ts';

/**
 * Follow a panel as others change it: whatever is told is asked for again.
 *
 * @returns whether the server can be heard; while it cannot, what is shown may be old
 */
export function useLivePanel(panelId: string): boolean {
  const refresh = usePanel((state) => state.refresh);
  const loadSettings = useSettings((state) => state.load);
  const [heard, setHeard] = useState(true);
  useEffect(() => {
    const source = new EventSource(`/api/v1/panels/${panelId}/changes`);
    const again = () => {
      void refresh();
      void loadSettings().catch(() => undefined);
    };
    source.addEventListener('changed', again);
    source.onopen = () => {
      setHeard(true);
      again();
    };
    source.onerror = () => setHeard(false);
    return () => source.close();
  }, [panelId, refresh, loadSettings]);
  return heard;
}
