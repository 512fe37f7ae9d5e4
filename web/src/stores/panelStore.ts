import type { Board, BreakerDetail } from '@phylaxon/core/views/board';
import { create } from 'zustand';
import { api } from '../api/index.ts';
import { useProfile } from './profileStore.ts';

interface PanelState {
  board: Board | null;
  detail: BreakerDetail | null;
  /** Grows with every answer, so that what hangs on the record can be asked for again. */
  generation: number;
  /** Why the board or the detail could not be had, or an undo could not be done. */
  problem: string | null;
  openPanel: (panelId: string) => Promise<void>;
  openDetail: (breakerId: string) => Promise<void>;
  /** After a change: ask for what is shown again. */
  refresh: () => Promise<void>;
  /** Take back the newest edit of the site, or do again what was taken back last. */
  step: (direction: 'undo' | 'redo') => Promise<void>;
}

const say = (error: unknown) => (error instanceof Error ? error.message : String(error));

/** The panel in view and the breaker chosen on it, as the server last told them. */
export const usePanel = create<PanelState>((set, get) => {
  // What was asked for last: a slow answer to an earlier question must not replace it.
  let wantedPanel = '';
  let wantedDetail = '';
  const next = () => get().generation + 1;

  return {
    board: null,
    detail: null,
    generation: 0,
    problem: null,

    openPanel: async (panelId) => {
      wantedPanel = panelId;
      if (get().board?.panel.id !== panelId) set({ board: null, detail: null });
      try {
        const board = await api.board(panelId);
        if (wantedPanel === panelId) set({ board, problem: null, generation: next() });
      } catch (error) {
        if (wantedPanel === panelId) set({ problem: say(error) });
      }
    },

    openDetail: async (breakerId) => {
      wantedDetail = breakerId;
      if (get().detail?.breaker.id !== breakerId) set({ detail: null });
      try {
        const detail = await api.detail(breakerId);
        if (wantedDetail === breakerId) set({ detail, problem: null, generation: next() });
      } catch (error) {
        if (wantedDetail === breakerId) set({ problem: say(error) });
      }
    },

    refresh: async () => {
      const { board, detail, openPanel, openDetail } = get();
      await Promise.all([board && openPanel(board.panel.id), detail && openDetail(detail.breaker.id)]);
    },

    step: async (direction) => {
      const { board, refresh } = get();
      const edit = board?.steps[direction];
      if (!board || !edit) return;
      try {
        await api.step(board.site.id, direction, edit.id, useProfile.getState().profile);
        await refresh();
      } catch (error) {
        await refresh();
        set({ problem: say(error) });
      }
    },
  };
});
