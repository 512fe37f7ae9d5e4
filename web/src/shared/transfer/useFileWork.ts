import { useEffect, useRef, useState } from 'react';
import { ask, newId } from '../api/index.ts';
import type { FileProgress } from '@phylaxon/core/api';

/** Shorter work needs no bar. */
const SHOWN_AFTER_MS = 700;
const ASKED_EVERY_MS = 300;

/** Work on a file that was sent: its name on the server, and how to give it up. */
export interface FileJob {
  id: string;
  signal: AbortSignal;
}

export interface FileWork {
  /** null: nothing is under way, or it does not take long. */
  progress: FileProgress | null;
  isBusy: boolean;
  run: <T>(work: (job: FileJob) => Promise<T>) => Promise<T>;
  cancel: () => void;
}

/** Follow work on a file that may take long: how far it is, and a way to give it up. */
export function useFileWork(): FileWork {
  const [progress, setProgress] = useState<FileProgress | null>(null);
  const [isBusy, setBusy] = useState(false);
  const current = useRef<AbortController | null>(null);
  // Whoever leaves the page gives it up.
  useEffect(() => () => current.current?.abort(), []);

  const run: FileWork['run'] = async (work) => {
    const controller = new AbortController();
    current.current = controller;
    const id = newId();
    setBusy(true);
    const began = Date.now();
    const timer = setInterval(() => {
      if (Date.now() - began < SHOWN_AFTER_MS) return;
      // Not there yet, or gone already: the answer itself is on its way.
      ask('GET /imports/:id', { params: { id } }).then(
        // What is answered once the work is over tells of nothing any more.
        (progress) => current.current === controller && setProgress(progress),
        () => undefined,
      );
    }, ASKED_EVERY_MS);
    try {
      return await work({ id, signal: controller.signal });
    } finally {
      clearInterval(timer);
      // Other work may have begun meanwhile: what is its own stays.
      if (current.current === controller) {
        current.current = null;
        setProgress(null);
        setBusy(false);
      }
    }
  };
  return { progress, isBusy, run, cancel: () => current.current?.abort() };
}
