import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** What was tapped in a round that is not done yet, by place. */
type Tapped = Record<string, boolean>;

interface MapState {
  /** Rooms and places as they are being typed, by panel. */
  typed: Record<string, string>;
  /** Taps that were not sent yet, by map and round. */
  tapped: Record<string, Tapped>;
  type: (panelId: string, text: string) => void;
  tap: (round: string, places: readonly string[], dead: boolean) => void;
  forget: (round: string) => void;
}

/** What belongs to a map and is no entry yet: kept in this browser over a reload. */
export const useMapDraft = create<MapState>()(
  persist(
    (set) => ({
      typed: {},
      tapped: {},
      type: (panelId, text) => set(({ typed }) => ({ typed: { ...typed, [panelId]: text } })),
      tap: (round, places, dead) =>
        set(({ tapped }) => ({
          tapped: {
            ...tapped,
            [round]: { ...tapped[round], ...Object.fromEntries(places.map((id) => [id, dead])) },
          },
        })),
      forget: (round) =>
        set(({ tapped }) => ({
          tapped: Object.fromEntries(Object.entries(tapped).filter(([key]) => key !== round)),
        })),
    }),
    { name: 'phylaxon-house-map', version: 1 },
  ),
);

/** One round of one map. */
export const roundKey = (mapId: string, round: number, isAgain: boolean): string =>
  `${mapId} ${round}${isAgain ? ' again' : ''}`;
