import { useSyncExternalStore } from 'react';

/** From this width on, the selected breaker stands beside the board and the job. */
const WIDE = '(min-width: 1600px)';

const subscribe = (onChange: () => void) => {
  const query = window.matchMedia(WIDE);
  query.addEventListener('change', onChange);
  return () => query.removeEventListener('change', onChange);
};

/** Whether there is room for three columns: the board, the job, and the breaker that is selected. */
export const useIsWide = (): boolean =>
  useSyncExternalStore(subscribe, () => window.matchMedia(WIDE).matches);
