import { create } from 'zustand';

interface LineState {
  isOpen: boolean;
  /** What it opens with. */
  text: string;
  open: (text?: string) => void;
  close: () => void;
}

/** Whether the reading line is open. */
export const useReadingLine = create<LineState>()((set) => ({
  isOpen: false,
  text: '',
  open: (text = '') => set({ isOpen: true, text }),
  close: () => set({ isOpen: false, text: '' }),
}));
