import { conventionsOf, DEFAULT_SETTINGS, type Settings } from '@phylaxon/core/record/settings';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { ask } from '../api/index.ts';

interface SettingsState {
  settings: Settings;
  /** Ask the server for them; until it has answered, what it said last time holds. */
  load: () => Promise<void>;
  /** Choose some of them, for everybody who uses this record. */
  change: (change: Partial<Settings>) => Promise<void>;
}

/** What holds until the server has answered: the conventions of the browser’s place. */
const FIRST_SETTINGS: Settings = {
  ...DEFAULT_SETTINGS,
  ...conventionsOf(globalThis.navigator?.language ?? ''),
};

/** How figures are shown and by which policies is decided, as kept on the server. */
export const useSettings = create<SettingsState>()(
  persist(
    (set, get) => ({
      settings: FIRST_SETTINGS,
      load: async () => {
        set({ settings: await ask('GET /settings') });
      },
      change: async (change) => {
        const before = get().settings;
        // At once, as a switch answers; taken back if the server cannot keep it.
        set({ settings: { ...before, ...change } });
        try {
          set({ settings: await ask('PATCH /settings', { body: change }) });
        } catch (error) {
          set({ settings: before });
          throw error;
        }
      },
    }),
    {
      name: 'phylaxon-settings',
      partialize: ({ settings }) => ({ settings }),
      merge: (kept, fresh) => ({
        ...fresh,
        settings: {
          ...FIRST_SETTINGS,
          ...(kept as { settings?: Partial<Settings> } | undefined)?.settings,
        },
      }),
    },
  ),
);

/** Show the chosen theme, now and whenever another is chosen. */
export function followTheme(): void {
  const show = ({ settings: { theme } }: SettingsState) => {
    if (theme === 'system') delete document.documentElement.dataset.theme;
    else document.documentElement.dataset.theme = theme;
  };
  show(useSettings.getState());
  useSettings.subscribe(show);
}
