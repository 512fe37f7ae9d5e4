import { useEffect, useState } from 'react';
import { usePanel } from './panelStore.ts';

/**
 * Follow a panel as others change it: whatever is told is asked for again.
 *
 * @returns whether the server can be heard; while it cannot, what is shown may be old
 */
export function useLivePanel(panelId: string): boolean {
  const refresh = usePanel((state) => state.refresh);
  const [heard, setHeard] = useState(true);
  useEffect(() => {
    const source = new EventSource(`/api/v1/panels/${panelId}/changes`);
    const again = () => void refresh();
    source.addEventListener('changed', again);
    source.onopen = () => {
      setHeard(true);
      again();
    };
    source.onerror = () => setHeard(false);
    return () => source.close();
  }, [panelId, refresh]);
  return heard;
}
