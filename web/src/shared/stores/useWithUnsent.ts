import { useCallback, useMemo, useState } from 'react';
import type { Pending } from '../api/index.ts';
import { useOutbox } from './outbox.ts';

/** An entry of its own id. */
interface Row {
  id: string;
}

/**
 * Entries as the server told them, with those of this browser that it has not told yet: so that work goes on without it, and
 * nothing falls back for a moment while it is asked again.
 *
 * @param told as the server last told them
 * @param rowOf what of a command’s body is such an entry; `null`: it is something else. The same function each time
 * @returns all of them, those of this browser last; `sent` and `taken` tell of one that was sent, or taken back
 */
export function useWithUnsent<R extends Row>(told: readonly R[], rowOf: (body: object) => R | null) {
  const all = useOutbox((state) => state.waiting);
  const [mine, setMine] = useState<readonly R[]>([]);
  const waiting = useMemo(
    () => all.flatMap(({ refused, body }) => (refused === null && body ? (rowOf(body) ?? []) : [])),
    [all, rowOf],
  );
  const refused = useMemo(
    () => new Set(all.flatMap(({ refused: why, body }) => (why === null ? [] : [(body as Partial<Row>).id]))),
    [all],
  );
  const rows = useMemo(() => {
    const known = new Set(told.map(({ id }) => id));
    const own = new Map([...mine, ...waiting].map((row) => [row.id, row]));
    return [...told, ...[...own.values()].filter(({ id }) => !known.has(id))];
  }, [told, mine, waiting]);
  if (mine.some(({ id }) => refused.has(id))) setMine(mine.filter(({ id }) => !refused.has(id)));
  // What waits is remembered, so that it stays in view between being sent and being told.
  if (waiting.some(({ id }) => !mine.some((row) => row.id === id))) setMine([...mine, ...waiting]);
  // What the server tells needs no remembering: taken back elsewhere, it is gone here as well.
  const [toldBefore, setToldBefore] = useState(told);
  if (toldBefore !== told) {
    setToldBefore(told);
    setMine(mine.filter(({ id }) => !told.some((row) => row.id === id)));
  }
  const sent = useCallback(
    ({ body }: Pending) => {
      const row = body ? rowOf(body) : null;
      if (row) setMine((before) => [...before, row]);
    },
    [rowOf],
  );
  const taken = useCallback((id: string) => setMine((before) => before.filter((row) => row.id !== id)), []);
  return { rows, sent, taken };
}
