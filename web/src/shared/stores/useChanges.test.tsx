import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { DEFAULT_SETTINGS } from '@phylaxon/core/record/settings';
import { uuid } from '@phylaxon/core/testing';
import { fakeServer, inBrowser } from '../../testing/index.ts';

inBrowser();
const { act, cleanup, renderHook, waitFor } = await import('@testing-library/react');
const { entries } = await import('../api/index.ts');
const { queryClient, settingsQuery } = await import('../queries/index.ts');
const { sendEntries } = await import('./outbox.ts');
const { useChanges } = await import('./useChanges.ts');

class Stream {
  static last: Stream;
  onopen: () => void = () => undefined;
  onerror: () => void = () => undefined;
  isClosed = false;
  private told: (event: { data: string }) => void = () => undefined;
  constructor(readonly address: string) {
    Stream.last = this;
  }
  addEventListener(_name: string, told: Stream['told']) {
    this.told = told;
  }
  tell(change: string | null, everywhere = false) {
    act(() => this.told({ data: JSON.stringify({ change, everywhere }) }));
  }
  close() {
    this.isClosed = true;
  }
}

const all = globalThis as { EventSource?: unknown };
const before = all.EventSource;
const invalidate = queryClient.invalidateQueries.bind(queryClient);
let server: ReturnType<typeof fakeServer>;
let asksAgain = 0;

beforeEach(() => {
  all.EventSource = Stream;
  server = fakeServer(({ path }) => ({
    body: path === '/settings' ? { ...DEFAULT_SETTINGS, temperature: 'F' } : {},
  }));
  asksAgain = 0;
  queryClient.invalidateQueries = (filters) => {
    asksAgain++;
    return invalidate(filters);
  };
});
afterEach(() => {
  cleanup();
  all.EventSource = before;
  queryClient.invalidateQueries = invalidate;
  queryClient.setQueryData(settingsQuery.queryKey, DEFAULT_SETTINGS);
  server.close();
});

const settingsAsked = () => server.asked.filter(({ path }) => path === '/settings').length;

test('what others change is asked for again; what this page changed it asks for by itself, once', async () => {
  renderHook(() => useChanges(`/panels/${uuid(1)}`));
  expect(Stream.last.address).toBe(`/api/v1/panels/${uuid(1)}/changes`);
  Stream.last.tell(uuid(7));
  Stream.last.tell(null);
  expect(asksAgain).toBe(2);
  const own = await entries.note(uuid(1), 'Shed', { note: 'Warm', at: '2026-11-25T10:00:00Z' });
  await sendEntries(own);
  Stream.last.tell(own.id);
  expect(asksAgain).toBe(3);
});

test('settings are asked for again where everything may have changed, not after every reading', async () => {
  queryClient.setQueryData(settingsQuery.queryKey, DEFAULT_SETTINGS);
  renderHook(() => useChanges(`/cases/${uuid(1)}`));
  Stream.last.tell(uuid(8));
  expect(settingsAsked()).toBe(0);
  Stream.last.tell(uuid(9), true);
  await waitFor(() =>
    expect(queryClient.getQueryData(settingsQuery.queryKey)).toMatchObject({ temperature: 'F' }),
  );
  expect(settingsAsked()).toBe(1);
});

test('it tells while the server cannot be heard; heard again, all that is shown is asked for', () => {
  const { result, unmount } = renderHook(() => useChanges(`/panels/${uuid(1)}`));
  expect(result.current).toBe(true);
  act(() => Stream.last.onerror());
  expect([result.current, asksAgain]).toEqual([false, 0]);
  act(() => Stream.last.onopen());
  expect([result.current, asksAgain]).toEqual([true, 1]);
  unmount();
  expect(Stream.last.isClosed).toBe(true);
});
