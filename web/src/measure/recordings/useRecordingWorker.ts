import { wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { RecordingApi } from './recordingWorker.ts';

export type RecordingWorker = Remote<RecordingApi>;

interface Started {
  worker: Worker;
  api: RecordingWorker;
}

function start(): Started {
  const worker = new Worker(new URL('./recordingWorker.ts', import.meta.url), { type: 'module' });
  return { worker, api: wrap<RecordingApi>(worker) };
}

/**
 * A worker for one recording. What it holds goes with it: another one begun, or the page left, ends it and gives its memory back.
 */
export function useRecordingWorker(): {
  begin: () => RecordingWorker;
  end: () => void;
  api: RecordingWorker | null;
} {
  const current = useRef<Started | null>(null);
  const [api, setApi] = useState<RecordingWorker | null>(null);
  const end = useCallback(() => {
    current.current?.worker.terminate();
    current.current = null;
    setApi(null);
  }, []);
  useEffect(() => () => current.current?.worker.terminate(), []);
  const begin = useCallback(() => {
    current.current?.worker.terminate();
    current.current = start();
    // A proxy is callable: it must not be taken for an updater.
    setApi(() => current.current!.api);
    return current.current.api;
  }, []);
  return { begin, end, api };
}
