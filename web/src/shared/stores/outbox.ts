import { del, get, set as keep } from 'idb-keyval';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { sendCommand, isNotNow, NO_SERVER, RequestError, type Pending, type Sendable } from '../api/index.ts';
import { asOwnChange, invalidateRecord } from '../queries/index.ts';
import { useProfile } from './profileStore.ts';

/** A command that could not be done yet, or that the server refused when it came back. */
export interface Waiting extends Pending {
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

/** What waited before commands had names: an address. */
interface WaitingAtAnAddress extends Omit<Waiting, 'command' | 'params'> {
  method?: string;
  path: string;
}

/**
 * What was kept by an earlier version, as commands.
 *
 * @param kept what the browser kept; what cannot be understood is told as refused, not dropped
 */
export async function migrateOutbox(kept: {
  waiting: (Waiting | WaitingAtAnAddress)[];
}): Promise<Pick<OutboxState, 'waiting'>> {
  const { sentTo } = await import('@phylaxon/core/commands');
  return {
    waiting: kept.waiting.map((one): Waiting => {
      if (!('path' in one)) return inTodaysWords(one);
      const { method = 'POST', path, ...rest } = one;
      const command = sentTo(method, path) ?? { command: path, params: {} };
      return inTodaysWords({ ...rest, ...command });
    }),
  };
}

/** That a breaker carried a current was called otherwise. */
const inTodaysWords = (one: Waiting): Waiting =>
  one.body && 'kind' in one.body && one.body.kind === 'held'
    ? { ...one, body: { ...one.body, kind: 'no-trip' } }
    : one;

/** Commands that wait for the server, kept in this browser over a reload. */
export const useOutbox = create<OutboxState>()(
  persist(
    (set) => ({
      waiting: [],
      discard: (id) => {
        set(({ waiting }) => ({ waiting: waiting.filter((one) => one.id !== id) }));
        // Where a browser keeps no database there is no picture either.
        void Promise.resolve()
          .then(() => del(fileKey(id)))
          .catch(() => undefined);
      },
    }),
    {
      name: NAME,
      version: 2,
      partialize: ({ waiting }) => ({ waiting }),
      migrate: (kept) => migrateOutbox(kept as { waiting: WaitingAtAnAddress[] }) as Promise<OutboxState>,
    },
  ),
);

/** Where a picture that waits is kept: it is too large for what keeps the commands. */
const fileKey = (id: string) => `${NAME}-file-${id}`;

const put = (entry: Waiting) =>
  useOutbox.setState(({ waiting }) => ({
    waiting: waiting.some((one) => one.id === entry.id)
      ? waiting.map((one) => (one.id === entry.id ? entry : one))
      : [...waiting, entry],
  }));

/** What the server said of why it cannot store anything just now; null: it said nothing. */
const becauseOf = (error: unknown): string | null =>
  error instanceof RequestError && error.status !== NO_SERVER ? error.message : null;

const byWhoIsAtWork = <T>(entry: Pending<T>): Pending<T> => ({
  profile: useProfile.getState().profile,
  ...entry,
});

/**
 * Have a command done now, or not at all: its answer is needed to go on, or the drawing is not shown as it would be once
 * it is done. What was typed stays in its form. What is shown is asked for again, which is not waited for.
 *
 * @throws RequestError if the server refuses it, or is gone
 */
export async function sendNow<Answer>(command: Sendable<Answer>): Promise<Answer> {
  const entry = await command;
  try {
    return await asOwnChange(entry.id, () => sendCommand<Answer>(byWhoIsAtWork(entry)));
  } finally {
    // Where it was refused, too: something else may stand there by now.
    void invalidateRecord();
  }
}

/**
 * Send commands, one after the other; then what is shown is asked for again, once, which is not waited for. With the server gone, or unable to store anything just now, it is kept here and sent when the server
 * is back; what is logged carries its own id, so it is stored once even if an answer was lost.
 *
 * @throws RequestError if the server refuses one; those before it are stored
 */
export const sendEntries = (...entries: Sendable[]): Promise<'stored' | 'waiting'> =>
  sendEach(entries, () => undefined);

/** Send commands as `sendEntries` does, and hear of each as soon as it is stored or kept. */
export async function sendEach(
  entries: readonly Sendable[],
  onSent: (entry: Pending) => void,
): Promise<'stored' | 'waiting'> {
  let became: 'stored' | 'waiting' = 'stored';
  try {
    for (const one of entries) {
      const entry = await one;
      became = await sendOrKeep(entry);
      onSent(entry);
    }
  } finally {
    void invalidateRecord();
  }
  return became;
}

/** Send a picture with what it shows, as `sendEntries` does. */
export async function sendPhoto(entry: Sendable, file: Blob): Promise<'stored' | 'waiting'> {
  const became = await sendOrKeep(await entry, file);
  void invalidateRecord();
  return became;
}

async function sendOrKeep(entry: Pending, file?: Blob): Promise<'stored' | 'waiting'> {
  const sent = byWhoIsAtWork(entry);
  // An edit of the drawing is made from what is shown, with all that waits: it does not overtake that; nor does a step of a visit.
  if (sent.delivery?.inOrder && useOutbox.getState().waiting.some(({ refused }) => refused === null)) {
    put({ ...sent, refused: null, because: null });
    return 'waiting';
  }
  try {
    await asOwnChange(sent.id, () => sendCommand(sent, file));
    return 'stored';
  } catch (error) {
    if (!isNotNow(error)) throw error;
    if (file) await keep(fileKey(sent.id), file);
    put({ ...sent, refused: null, because: becauseOf(error) });
    return 'waiting';
  }
}

/** The picture that goes with a command that waited, if one does. */
async function fileOf(entry: Pending): Promise<Blob | undefined> {
  // An earlier version of this page did not say whether one does.
  if (entry.delivery && entry.delivery.upload === undefined) return undefined;
  const file = await get<Blob>(fileKey(entry.id));
  if (!file && entry.delivery) throw new Error('Its photo is no longer kept in this browser.');
  return file;
}

/** Send what waits, oldest first, until the server is gone again. Returns how many were stored. */
async function flush(): Promise<number> {
  let stored = 0;
  for (const entry of useOutbox.getState().waiting.filter(({ refused }) => refused === null)) {
    try {
      await asOwnChange(entry.id, async () => sendCommand(entry, await fileOf(entry)));
      useOutbox.getState().discard(entry.id);
      stored++;
    } catch (error) {
      if (isNotNow(error)) {
        if (entry.because !== becauseOf(error)) put({ ...entry, because: becauseOf(error) });
        return stored;
      }
      put({ ...entry, refused: error instanceof Error ? error.message : String(error) });
    }
  }
  return stored;
}

/** One tab at a time, where the browser can tell tabs apart. */
const alone = (work: () => Promise<void>): Promise<void> =>
  'locks' in navigator
    ? navigator.locks.request(NAME, { ifAvailable: true }, (lock) => (lock ? work() : Promise.resolve()))
    : work();

/** Keep trying to send what waits; once something was stored, what is shown is asked for again. */
export function followOutbox(): () => void {
  let busy = false;
  const tryNow = async () => {
    if (busy || useOutbox.getState().waiting.every(({ refused }) => refused !== null)) return;
    busy = true;
    await alone(async () => {
      if ((await flush()) > 0) void invalidateRecord();
    }).finally(() => (busy = false));
  };
  const timer = setInterval(() => void tryNow(), AGAIN_MS);
  const fromOtherTab = async (event: StorageEvent) => {
    if (event.key !== NAME) return;
    const before = useOutbox.getState().waiting;
    await useOutbox.persist.rehydrate();
    const still = new Set(useOutbox.getState().waiting.map(({ id }) => id));
    // What another tab has stored no longer waits, and is shown from the record.
    if (before.some(({ id }) => !still.has(id))) void invalidateRecord();
  };
  const online = () => void tryNow();
  window.addEventListener('online', online);
  const onStorage = (event: StorageEvent) => void fromOtherTab(event);
  window.addEventListener('storage', onStorage);
  return () => {
    clearInterval(timer);
    window.removeEventListener('online', online);
    window.removeEventListener('storage', onStorage);
  };
}
