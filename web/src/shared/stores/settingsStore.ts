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

/** What was chosen and not answered yet, oldest first; one is sent after the other. */
const pending: Partial<Settings>[] = [];
let sent: Promise<unknown> = Promise.resolve();
/** What the server said last. */
let told: Settings = FIRST_SETTINGS;
/** How many choices it has answered: what was asked before the last of them is old. */
let answered = 0;

/** What the server said, with what it has not answered yet: a switch that was flipped does not flip back. */
const withPending = (): Settings => Object.assign({ ...told }, ...pending) as Settings;

/** How figures are shown and by which policies is decided, as kept on the server. */
export const useSettings = create<SettingsState>()(
  persist(
    (set) => ({
      settings: FIRST_SETTINGS,
      load: async () => {
        const asked = answered;
        const answer = await ask('GET /settings');
        if (asked === answered) told = answer;
        set({ settings: withPending() });
      },
      change: async (change) => {
        pending.push(change);
        // At once, as a switch answers; taken back if the server cannot keep it.
        set(({ settings }) => ({ settings: { ...settings, ...change } }));
        const before = sent.catch(() => undefined);
        const answer = before.then(() => ask('PATCH /settings', { body: change }));
        sent = answer;
        try {
          told = await answer;
          answered += 1;
        } finally {
          pending.splice(pending.indexOf(change), 1);
          set({ settings: withPending() });
        }
      },
    }),
    {
      name: 'phylaxon-settings',
      partialize: ({ settings }) => ({ settings }),
      merge: (kept, fresh) => {
        told = { ...FIRST_SETTINGS, ...(kept as { settings?: Partial<Settings> } | undefined)?.settings };
        return { ...fresh, settings: told };
      },
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
