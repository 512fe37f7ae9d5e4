import {
  houseMap,
  mapLooks,
  type HouseMap,
  type MapLooks,
  type ShownPanelEntry,
} from '@phylaxon/core/record/panelEntries';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { entries } from '../../shared/api/index.ts';
import { invalidateRecord, recordQueries } from '../../shared/queries/index.ts';
import { sendEntries, useWithUnsent } from '../../shared/stores/index.ts';

interface Told {
  id: string;
  kind: 'house-map' | 'map-looks';
  content: unknown;
}

/** An entry of a map, as it was sent. */
function toldIn(body: object): Told | null {
  const { id, kind, content } = body as Partial<Told>;
  return id !== undefined && (kind === 'house-map' || kind === 'map-looks') ? { id, kind, content } : null;
}

const NONE: ShownPanelEntry[] = [];

/**
 * The latest map of what a panel feeds, with all that was looked at, and what still waits for the server.
 *
 * @param panelId the panel
 * @param panelName for who waits for it
 */
export function useHouseMap(panelId: string, panelName: string) {
  const maps = useQuery(recordQueries.panelEntries(panelId, 'house-map'));
  const looks = useQuery(recordQueries.panelEntries(panelId, 'map-looks'));
  const [mapRows, lookRows] = [maps.data ?? NONE, looks.data ?? NONE];
  // The server tells the newest first; they are read as they happened.
  const told = useMemo(
    () =>
      [...mapRows, ...lookRows]
        .reverse()
        .flatMap(({ entry }): Told[] =>
          entry.struck === null
            ? [{ id: entry.id, kind: entry.kind as Told['kind'], content: entry.content }]
            : [],
        ),
    [mapRows, lookRows],
  );
  const { rows, sent } = useWithUnsent(told, toldIn);
  const map = useMemo(() => {
    const latest = rows.findLast(({ kind }) => kind === 'house-map');
    return latest ? houseMap.fields.parse(latest.content) : null;
  }, [rows]);
  const seen = useMemo(
    () =>
      rows.flatMap(({ kind, content }): MapLooks[] => {
        const read = kind === 'map-looks' ? mapLooks.fields.safeParse(content) : null;
        return read?.success && read.data.mapId === map?.mapId ? [read.data] : [];
      }),
    [rows, map],
  );
  const send = useCallback(
    async (entry: { kind: 'house-map'; content: HouseMap } | { kind: 'map-looks'; content: MapLooks }) => {
      const pending = await entries.panelEntry(panelId, panelName, {
        at: new Date().toISOString(),
        ...entry,
      });
      await sendEntries(pending);
      sent(pending);
      await invalidateRecord();
    },
    [panelId, panelName, sent],
  );
  return {
    map,
    seen,
    send,
    isReady: maps.data !== undefined && looks.data !== undefined,
    error: maps.error ?? looks.error,
  };
}
export type SendMap = ReturnType<typeof useHouseMap>['send'];
