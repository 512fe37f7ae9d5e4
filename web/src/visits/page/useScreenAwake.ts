import { useEffect } from 'react';

/**
 * Keep the screen on: nobody unlocks a phone with gloves on. The browser lets go of it while the page is hidden, and is
 * asked again once it is back.
 *
 * @param isWanted while work is under way
 */
export function useScreenAwake(isWanted: boolean): void {
  useEffect(() => {
    if (!isWanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let isOver = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (isOver) await lock.release();
      } catch {
        // Over plain HTTP, or with the battery low, a browser may refuse; the work goes on.
      }
    };
    void ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      isOver = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, [isWanted]);
}
