import { create } from 'zustand';

interface LineState {
  isOpen: boolean;
  open: () => void;
  close: () => void;
}

/** Whether the reading line is open. */
export const useReadingLine = create<LineState>()((set) => ({
  isOpen: false,
  open: () => set({ isOpen: true }),
  close: () => set({ isOpen: false }),
}));
