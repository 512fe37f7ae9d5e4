import { houseMap, mapLooks, type HouseMap, type MapLooks } from '@phylaxon/core/record/panelEntries';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useMemo, useState } from 'react';
import { entries, type Pending } from '../api/index.ts';
import { askAgain, recordQueries } from '../queries/index.ts';
import { sendEntries, useOutbox } from '../stores/index.ts';

/** What waits for the server, or was told here a moment ago: in the place of what the server will tell. */
interface Kept {
  id: string;
  kind: 'house-map' | 'map-looks';
  content: unknown;
}

const keptOf = ({ body }: Pick<Pending, 'body'>): Kept[] => {
  const { id, kind, content } = (body ?? {}) as Partial<Kept>;
  return id !== undefined && (kind === 'house-map' || kind === 'map-looks') ? [{ id, kind, content }] : [];
};

/**
 * The latest map of what a panel feeds, with all that was looked at, and what still waits for the server.
 *
 * @param panelId the panel
 * @param panelName for who waits for it
 */
export function useHouseMap(panelId: string, panelName: string) {
  const maps = useQuery(recordQueries.panelEntries(panelId, 'house-map'));
  const looks = useQuery(recordQueries.panelEntries(panelId, 'map-looks'));
  const all = useOutbox((state) => state.waiting);
  const [mine, setMine] = useState<readonly Kept[]>([]);
  const told = useMemo(() => {
    const rows = [...(maps.data ?? []), ...(looks.data ?? [])].reverse();
    const struck = new Set(rows.flatMap(({ entry }) => (entry.struck === null ? [] : [entry.id])));
    const known = rows.map(({ entry }): Kept => ({
      id: entry.id,
      kind: entry.kind as Kept['kind'],
      content: entry.content,
    }));
    const waiting = all.filter(({ refused }) => refused === null).flatMap(keptOf);
    const merged = new Map([...known, ...mine, ...waiting].map((one) => [one.id, one]));
    return [...merged.values()].filter(({ id }) => !struck.has(id));
  }, [maps.data, looks.data, all, mine]);
  const map = useMemo(() => {
    const latest = told.findLast(({ kind }) => kind === 'house-map');
    return latest ? houseMap.fields.parse(latest.content) : null;
  }, [told]);
  const seen = useMemo(
    () =>
      told.flatMap(({ kind, content }): MapLooks[] => {
        const read = kind === 'map-looks' ? mapLooks.fields.safeParse(content) : null;
        return read?.success && read.data.mapId === map?.mapId ? [read.data] : [];
      }),
    [told, map],
  );
  const send = useCallback(
    async (entry: { kind: 'house-map'; content: HouseMap } | { kind: 'map-looks'; content: MapLooks }) => {
      const pending = entries.panelEntry(panelId, panelName, { at: new Date().toISOString(), ...entry });
      await sendEntries(pending);
      setMine((before) => [...before, ...keptOf(pending)]);
      await askAgain();
    },
    [panelId, panelName],
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
