import type { Edition, ServedUse } from '@phylaxon/core/code/protectionByPlace';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** What a local list asks for at a place. */
export type OwnRule = readonly ('ground-fault' | 'arc-fault')[];

interface CodeState {
  edition: Edition;
  /** A local list, which goes before the code’s. */
  own: Partial<Record<ServedUse, OwnRule>>;
  setEdition: (edition: Edition) => void;
  setOwn: (place: ServedUse, rule: OwnRule | null) => void;
}

/** The code in force where this browser works. */
export const useCode = create<CodeState>()(
  persist(
    (set) => ({
      edition: '2023',
      own: {},
      setEdition: (edition) => set({ edition }),
      setOwn: (place, rule) =>
        set(({ own }) => {
          const { [place]: _before, ...rest } = own;
          return { own: rule === null ? rest : { ...rest, [place]: rule } };
        }),
    }),
    { name: 'phylaxon-code' },
  ),
);
