import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface TypedState {
  /** Rooms and places as they are being typed, by panel. */
  typed: Record<string, string>;
  type: (panelId: string, text: string) => void;
}

/** What is typed before a map begins: kept in this browser over a reload. */
export const useTypedRooms = create<TypedState>()(
  persist(
    (set) => ({
      typed: {},
      type: (panelId, text) => set(({ typed }) => ({ typed: { ...typed, [panelId]: text } })),
    }),
    { name: 'phylaxon-house-map', version: 1 },
  ),
);
