import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface TapState {
  /** What was tapped and not sent yet: by round, then by place or breaker. */
  tapped: Record<string, Record<string, string>>;
  tap: (round: string, things: readonly string[], answer: string) => void;
  forget: (round: string) => void;
}

/** Taps of a round that is not done: kept in this browser over a reload, until the round is sent as a whole. */
export const useTaps = create<TapState>()(
  persist(
    (set) => ({
      tapped: {},
      tap: (round, things, answer) =>
        set(({ tapped }) => ({
          tapped: {
            ...tapped,
            [round]: { ...tapped[round], ...Object.fromEntries(things.map((one) => [one, answer])) },
          },
        })),
      forget: (round) =>
        set(({ tapped }) => ({
          tapped: Object.fromEntries(Object.entries(tapped).filter(([key]) => key !== round)),
        })),
    }),
    { name: 'phylaxon-taps', version: 1 },
  ),
);
