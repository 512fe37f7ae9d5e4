import { conventionsOf, DEFAULT_SETTINGS, type Settings } from '@phylaxon/core/record/settings';
import { queryOptions, useMutationState, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { ask } from '../api/index.ts';
import { queryClient } from './queryClient.ts';

const KEY = ['settings'];
const STORED_AS = 'phylaxon-settings';

/** What the server said on the last visit; before the first one, the conventions of the browser’s place. */
function settingsOfLastVisit(): Settings {
  const first = { ...DEFAULT_SETTINGS, ...conventionsOf(globalThis.navigator?.language ?? '') };
  try {
    return { ...first, ...(JSON.parse(localStorage.getItem(STORED_AS) ?? '{}') as Partial<Settings>) };
  } catch {
    return first;
  }
}

/** Kept for the next visit, which shows it until the server has answered. */
function remembered(settings: Settings): Settings {
  try {
    localStorage.setItem(STORED_AS, JSON.stringify(settings));
  } catch {
    // A browser that keeps nothing asks the server again.
  }
  return settings;
}

/** How figures are shown and by which policies is decided, as kept on the server. */
export const settingsQuery = queryOptions({
  queryKey: KEY,
  queryFn: async () => remembered(await ask('GET /settings')),
  initialData: settingsOfLastVisit,
  // Asked for at the start and when somebody changed them, not by every view that shows a figure.
  staleTime: Infinity,
});

/** Ask the server for them; what was asked before and not answered yet may be old. */
export async function loadSettings(): Promise<Settings> {
  await queryClient.cancelQueries({ queryKey: KEY });
  return queryClient.fetchQuery({ ...settingsQuery, staleTime: 0 });
}

/** Choose some of them, for everybody who uses this record; one choice is sent after the other. */
export function changeSettings(change: Partial<Settings>): Promise<Settings> {
  const mutation = queryClient
    .getMutationCache()
    .build<Settings, Error, Partial<Settings>, unknown>(queryClient, {
      mutationKey: KEY,
      scope: { id: 'settings' },
      networkMode: 'always',
      mutationFn: (part) => ask('PATCH /settings', { body: part }),
      onSuccess: async (answer) => {
        await queryClient.cancelQueries({ queryKey: KEY });
        queryClient.setQueryData(KEY, remembered(answer));
      },
    });
  return mutation.execute(change);
}

const chosenNotStored = { mutationKey: KEY, status: 'pending' } as const;

/** The settings with what is chosen and not stored yet: a switch that was flipped does not flip back. */
export function useSettings(): Settings {
  const { data } = useQuery(settingsQuery, queryClient);
  const chosen = useMutationState(
    { filters: chosenNotStored, select: ({ state }) => state.variables as Partial<Settings> },
    queryClient,
  );
  return useMemo(() => Object.assign({}, data, ...chosen) as Settings, [data, chosen]);
}
