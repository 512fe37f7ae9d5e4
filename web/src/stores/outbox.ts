import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { api, isNotNow, NO_SERVER, RequestError, type Entry } from '../api/index.ts';

/** An entry that could not be stored yet, or that the server refused when it came back. */
export interface Waiting extends Entry {
  refused: string | null;
  /** Why it waits, where the server said so: a full disk, say. */
  because?: string | null;
}

interface OutboxState {
  waiting: Waiting[];
  discard: (id: string) => void;
}

const NAME = 'phylaxon-outbox';
const AGAIN_MS = 2000;

/** Entries that wait for the server, kept in this browser over a reload. */
export const useOutbox = create<OutboxState>()(
  persist(
    (set) => ({
      waiting: [],
      discard: (id) => set(({ waiting }) => ({ waiting: waiting.filter((one) => one.id !== id) })),
    }),
    { name: NAME, partialize: ({ waiting }) => ({ waiting }) },
  ),
);

const put = (entry: Waiting) =>
  useOutbox.setState(({ waiting }) => ({
    waiting: waiting.some((one) => one.id === entry.id)
      ? waiting.map((one) => (one.id === entry.id ? entry : one))
      : [...waiting, entry],
  }));

/** What the server said of why it cannot store anything just now; null: it said nothing. */
const becauseOf = (error: unknown): string | null =>
  error instanceof RequestError && error.status !== NO_SERVER ? error.message : null;

/**
 * Send an entry. With the server gone, or unable to store anything just now, it is kept here and sent when the server
 * is back; it carries its own id, so it is stored once even if an answer was lost.
 *
 * @throws RequestError if the server refuses it
 */
export async function sendEntry(entry: Entry): Promise<'stored' | 'waiting'> {
  try {
    await api.send(entry);
    return 'stored';
  } catch (error) {
    if (!isNotNow(error)) throw error;
    put({ ...entry, refused: null, because: becauseOf(error) });
    return 'waiting';
  }
}

/** Send what waits, oldest first, until the server is gone again. Returns how many were stored. */
async function flush(): Promise<number> {
  let stored = 0;
  for (const entry of useOutbox.getState().waiting.filter(({ refused }) => refused === null)) {
    try {
      await api.send(entry);
      useOutbox.getState().discard(entry.id);
      stored++;
    } catch (error) {
      if (isNotNow(error)) {
        if (entry.because !== becauseOf(error)) put({ ...entry, because: becauseOf(error) });
        return stored;
      }
      put({ ...entry, refused: error instanceof RequestError ? error.message : String(error) });
    }
  }
  return stored;
}

/** One tab at a time, where the browser can tell tabs apart. */
const alone = (work: () => Promise<void>): Promise<void> =>
  'locks' in navigator
    ? navigator.locks.request(NAME, { ifAvailable: true }, (lock) => (lock ? work() : Promise.resolve()))
    : work();

/**
 * Keep trying to send what waits.
 *
 * @param onStored called when something was stored, so that what is shown can be asked for again
 */
export function followOutbox(onStored: () => void): () => void {
  let busy = false;
  const tryNow = async () => {
    if (busy || useOutbox.getState().waiting.every(({ refused }) => refused !== null)) return;
    busy = true;
    await alone(async () => {
      if ((await flush()) > 0) onStored();
    }).finally(() => (busy = false));
  };
  const timer = setInterval(() => void tryNow(), AGAIN_MS);
  const fromOtherTab = (event: StorageEvent) => event.key === NAME && void useOutbox.persist.rehydrate();
  const online = () => void tryNow();
  window.addEventListener('online', online);
  window.addEventListener('storage', fromOtherTab);
  return () => {
    clearInterval(timer);
    window.removeEventListener('online', online);
    window.removeEventListener('storage', fromOtherTab);
  };
}
