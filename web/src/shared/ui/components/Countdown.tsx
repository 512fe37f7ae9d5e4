import { useEffect, useState } from 'react';
import { classes } from './classes.ts';
import * as messages from './messages.ts';

/** The time, every second until it no longer matters. */
export function useNow(until = Infinity): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (Date.now() > until) return;
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, [until]);
  return now;
}

/** Minutes and seconds, as on a timer. */
export const minutesAndSeconds = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/** How long until something, as a timer. */
export function Countdown({ what, seconds, done }: { what: string; seconds: number; done: string }) {
  return (
    <p>
      <span className="block text-sm text-ink-soft">{seconds > 0 ? messages.inLabel(what) : what}</span>
      <span
        role="timer"
        aria-live="off"
        className={classes('figures text-2xl font-semibold', seconds === 0 && 'text-good')}
      >
        {seconds > 0 ? minutesAndSeconds(seconds) : `✓ ${done}`}
      </span>
    </p>
  );
}
