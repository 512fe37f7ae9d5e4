import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface UpkeepState {
  /** Taps of rounds that are not done yet: by panel and duty, then by breaker. */
  tapped: Record<string, Record<string, string>>;
  tap: (round: string, thing: string, result: string) => void;
  forget: (round: string) => void;
}

/** A round that is under way, kept in this browser over a reload. */
export const useUpkeepDraft = create<UpkeepState>()(
  persist(
    (set) => ({
      tapped: {},
      tap: (round, thing, result) =>
        set(({ tapped }) => ({ tapped: { ...tapped, [round]: { ...tapped[round], [thing]: result } } })),
      forget: (round) =>
        set(({ tapped }) => ({
          tapped: Object.fromEntries(Object.entries(tapped).filter(([key]) => key !== round)),
        })),
    }),
    { name: 'phylaxon-upkeep', version: 1 },
  ),
);
