import { QueryClient } from '@tanstack/react-query';

/** Everything the server has told of the record is kept under keys that begin so. */
export const RECORD = 'record';

/** What the server told. Whether it can be reached is known by asking it, not by the state of the network. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: { retry: false, networkMode: 'always', refetchOnWindowFocus: false, refetchOnReconnect: false },
  },
});

/** After a change, here or elsewhere: what is shown of the record is asked for again, once. */
export const invalidateRecord = (): Promise<void> => queryClient.invalidateQueries({ queryKey: [RECORD] });

/** The newest changes of this page; it asks again after them without being told. */
const own: string[] = [];
const REMEMBERED = 200;

/**
 * Send a change under its name. Once this page has stored it, it asks again by itself; what it could not store may be
 * stored by another page, and is then news here.
 */
export async function asOwnChange<T>(change: string, send: () => Promise<T>): Promise<T> {
  own.push(change);
  if (own.length > REMEMBERED) own.shift();
  try {
    return await send();
  } catch (error) {
    own.splice(own.lastIndexOf(change), 1);
    throw error;
  }
}

/** The server told of a change: whoever made it asks again by itself. */
export function onRecordChanged(change: string | null): void {
  if (change === null || !own.includes(change)) void invalidateRecord();
}
