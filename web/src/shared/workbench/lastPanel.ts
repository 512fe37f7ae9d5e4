import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { PanelAt } from './jobs.ts';

interface LastPanelState {
  /** The panel that was open last in this browser: the way back to its board is one tap from anywhere. */
  panel: PanelAt | null;
  setPanel: (panel: PanelAt) => void;
}

/** The panel that was open last. */
export const useLastPanel = create<LastPanelState>()(
  persist((set) => ({ panel: null, setPanel: (panel) => set({ panel }) }), { name: 'phylaxon-panel' }),
);
