import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { DEFAULT_SETTINGS, type Settings } from '@phylaxon/core/record/settings';
import { fakeServer, inBrowser } from '../../testing/index.ts';

inBrowser();
const { act, cleanup, renderHook, waitFor } = await import('@testing-library/react');
const { changeSettings, loadSettings, useSettings } = await import('./settings.ts');

let server: ReturnType<typeof fakeServer>;
let kept: Settings;
const keep = (body: unknown) => (kept = { ...kept, ...(body as Partial<Settings>) });
beforeEach(async () => {
  kept = { ...DEFAULT_SETTINGS };
  server = fakeServer(({ body }) => ({ body: keep(body) }));
  await loadSettings();
});
afterEach(() => {
  cleanup();
  server.close();
});

/** What a view shows, and all that it showed before. */
function shown() {
  const seen: Settings[] = [];
  const { result } = renderHook(() => {
    const settings = useSettings();
    seen.push(settings);
    return settings;
  });
  return { result, seen };
}

test('choices in quick succession all hold, and none flips back while another is answered', async () => {
  const { result, seen } = shown();
  const wanted = { temperature: 'F', length: 'ft', dates: 'year-month-day' } as const;
  let all: Promise<unknown> = Promise.resolve();
  act(() => {
    all = Promise.all([
      changeSettings({ temperature: wanted.temperature }),
      changeSettings({ length: wanted.length }),
      changeSettings({ dates: wanted.dates }),
    ]);
  });
  await waitFor(() => expect(result.current).toMatchObject(wanted));
  const chosen = seen.length;
  await act(async () => void (await all));
  expect(kept).toMatchObject(wanted);
  // From when all three are chosen on, they stay so.
  for (const settings of seen.slice(chosen - 1)) expect(settings).toMatchObject(wanted);
});

test('what the server does not keep is taken back, and nothing else with it', async () => {
  server.nowAnswers(({ body }) =>
    'theme' in ((body ?? {}) as object)
      ? { status: 400, body: { error: { code: 'invalid_input', message: 'No.' } } }
      : { body: keep(body) },
  );
  const { result } = shown();
  const release = server.hold();
  let both: Promise<unknown> = Promise.resolve();
  act(() => {
    both = Promise.allSettled([changeSettings({ theme: 'dark' }), changeSettings({ clock: '12' })]);
  });
  await waitFor(() => expect(result.current).toMatchObject({ theme: 'dark', clock: '12' }));
  release();
  await act(async () => {
    expect(await both).toMatchObject([{ reason: { message: 'No.' } }, { status: 'fulfilled' }]);
  });
  await waitFor(() => expect(result.current).toMatchObject({ theme: DEFAULT_SETTINGS.theme, clock: '12' }));
});

test('what the server said is shown at once on the next visit', async () => {
  await changeSettings({ temperature: 'F' });
  expect(JSON.parse(localStorage.getItem('phylaxon-settings')!)).toEqual(kept);
});
