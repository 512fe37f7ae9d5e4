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

/** Remember a change that this page sends. */
export function rememberOwnChange(change: string): void {
  own.push(change);
  if (own.length > REMEMBERED) own.shift();
}

/** The server told of a change: whoever made it asks again by itself. */
export function onRecordChanged(change: string | null): void {
  if (change === null || !own.includes(change)) void invalidateRecord();
}
