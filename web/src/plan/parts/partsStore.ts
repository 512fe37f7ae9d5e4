import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface PartsState {
  /** Keys of lines that were ticked off, by site. */
  ticked: Record<string, string[]>;
  /** Prices of one’s own, by the line’s key, and what they are in. */
  prices: Record<string, number>;
  currency: string;
  toggle: (siteId: string, key: string) => void;
  setPrice: (key: string, price: number | null) => void;
  setCurrency: (currency: string) => void;
}

/** Ticked off in the store, phone in hand, with what was paid: kept in the browser. */
export const useParts = create<PartsState>()(
  persist(
    (set) => ({
      ticked: {},
      prices: {},
      currency: '$',
      toggle: (siteId, key) =>
        set(({ ticked }) => {
          const before = ticked[siteId] ?? [];
          const after = before.includes(key) ? before.filter((one) => one !== key) : [...before, key];
          return { ticked: { ...ticked, [siteId]: after } };
        }),
      setPrice: (key, price) =>
        set(({ prices }) => {
          const { [key]: _before, ...rest } = prices;
          return { prices: price === null ? rest : { ...rest, [key]: price } };
        }),
      setCurrency: (currency) => set({ currency }),
    }),
    { name: 'phylaxon-parts' },
  ),
);
