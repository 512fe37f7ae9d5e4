import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface TickState {
  /** Keys of lines that were ticked off, by site. */
  ticked: Record<string, string[]>;
  toggle: (siteId: string, key: string) => void;
}

/** Ticked off in the store, phone in hand: kept in the browser. */
export const usePartTicks = create<TickState>()(
  persist(
    (set) => ({
      ticked: {},
      toggle: (siteId, key) =>
        set(({ ticked }) => {
          const before = ticked[siteId] ?? [];
          const after = before.includes(key) ? before.filter((one) => one !== key) : [...before, key];
          return { ticked: { ...ticked, [siteId]: after } };
        }),
    }),
    { name: 'phylaxon-part-ticks' },
  ),
);
