import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** What was typed of one place, as it stands in its fields. */
export interface Typed {
  temperature: string;
  amps: string;
}

/** A load test and scan of one panel, as far as it is. */
export interface Scan {
  /** Loads that are on, by their ids. */
  on: string[];
  /** When the last load came on and the clock was started, an instant; null: not yet. */
  soakedFrom: string | null;
  /** The scan was begun. */
  scanning: boolean;
  ambient: string;
  typed: Record<string, Typed>;
}

export const NOT_BEGUN: Scan = { on: [], soakedFrom: null, scanning: false, ambient: '', typed: {} };

interface ScanState {
  scans: Record<string, Scan>;
  change: (panelId: string, change: Partial<Scan>) => void;
  drop: (panelId: string) => void;
}

/** Kept in the browser: a soak takes the better part of an hour, and a phone is put away meanwhile. */
export const useScans = create<ScanState>()(
  persist(
    (set) => ({
      scans: {},
      change: (panelId, change) =>
        set(({ scans }) => ({
          scans: { ...scans, [panelId]: { ...(scans[panelId] ?? NOT_BEGUN), ...change } },
        })),
      drop: (panelId) =>
        set(({ scans }) => {
          const { [panelId]: _dropped, ...rest } = scans;
          return { scans: rest };
        }),
    }),
    { name: 'phylaxon-scans' },
  ),
);
