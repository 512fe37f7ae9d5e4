import { useEffect } from 'react';
import { create } from 'zustand';

/** What a job writes on a breaker of the board, in place of its decision. */
export interface BoardMark {
  text: string;
  /** plain: a figure; act: something is to be done; good: done, or as it should be. */
  look: 'plain' | 'act' | 'good';
}

/** What a job shows on the board: its name, and a mark for each breaker it concerns. */
export interface BoardLayer {
  title: string;
  marks: ReadonlyMap<string, BoardMark>;
  /** What it would put in a space, by its number. */
  planned?: ReadonlyMap<number, string>;
}

interface BoardLayerState {
  layer: BoardLayer | null;
  setLayer: (layer: BoardLayer | null) => void;
}

/** The layer of the job that is open. */
export const useShownLayer = create<BoardLayerState>()((set) => ({
  layer: null,
  setLayer: (layer) => set({ layer }),
}));

/**
 * Show a layer on the board as long as this page is open.
 *
 * @param layer kept between renders; null: the board shows the decisions
 */
export function useBoardLayer(layer: BoardLayer | null): void {
  const setLayer = useShownLayer((state) => state.setLayer);
  useEffect(() => {
    setLayer(layer);
    return () => setLayer(null);
  }, [layer, setLayer]);
}
