import type { Envelope } from '@phylaxon/core/physics/loggedCurrent';
import { useEffect, useRef, useState } from 'react';
import type { RecordingWorker } from './useRecordingWorker.ts';
import type { TimeRange } from './drawnChannel.ts';

interface Drawn {
  envelopes: Envelope[];
  stretch: TimeRange;
}

/** The latest stretch that was drawn; while one is drawn, only the last one asked for waits. */
export function useEnvelopes(
  api: RecordingWorker,
  { fromMs, toMs }: TimeRange,
  columns: number,
): Drawn | null {
  const [drawn, setDrawn] = useState<Drawn | null>(null);
  const wanted = useRef<{ api: RecordingWorker; fromMs: number; toMs: number; columns: number } | null>(null);
  const busy = useRef(false);
  useEffect(() => {
    if (columns === 0) return;
    wanted.current = { api, fromMs, toMs, columns };
    if (busy.current) return;
    busy.current = true;
    void (async () => {
      while (wanted.current) {
        const asked = wanted.current;
        wanted.current = null;
        const envelopes = await asked.api.envelopes(asked.fromMs, asked.toMs, asked.columns);
        setDrawn({ envelopes, stretch: { fromMs: asked.fromMs, toMs: asked.toMs } });
      }
      busy.current = false;
    })();
  }, [api, fromMs, toMs, columns]);
  return drawn;
}
