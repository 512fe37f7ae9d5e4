import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { DEFAULT_SETTINGS, type Settings } from '@phylaxon/core/record/settings';
import { fakeServer, inBrowser } from '../../testing/index.ts';

inBrowser();
const { useSettings } = await import('./settingsStore.ts');

let server: ReturnType<typeof fakeServer>;
let kept: Settings;
beforeEach(async () => {
  kept = { ...DEFAULT_SETTINGS };
  server = fakeServer(({ body }) => ({ body: (kept = { ...kept, ...(body as Partial<Settings>) }) }));
  await useSettings.getState().load();
});
afterEach(() => server.close());

const now = () => useSettings.getState().settings;

test('choices in quick succession all hold, and none flips back while another is answered', async () => {
  const { change } = useSettings.getState();
  const seen: Pick<Settings, 'temperature' | 'length' | 'dates'>[] = [];
  const stop = useSettings.subscribe(({ settings }) => seen.push(settings));
  await Promise.all([
    change({ temperature: 'F' }),
    change({ length: 'ft' }),
    change({ dates: 'year-month-day' }),
  ]);
  stop();
  const wanted = { temperature: 'F', length: 'ft', dates: 'year-month-day' };
  expect(now()).toMatchObject(wanted);
  expect(kept).toMatchObject(wanted);
  // From when all three are chosen on, they stay so.
  for (const settings of seen.slice(2)) expect(settings).toMatchObject(wanted);
});

test('what the server does not keep is taken back, and nothing else with it', async () => {
  const { change } = useSettings.getState();
  server.nowAnswers(({ body }) =>
    'theme' in (body as object)
      ? { status: 400, body: { error: { code: 'invalid_input', message: 'No.' } } }
      : { body: (kept = { ...kept, ...(body as Partial<Settings>) }) },
  );
  const refused = change({ theme: 'dark' });
  const stored = change({ clock: '12' });
  expect(now()).toMatchObject({ theme: 'dark', clock: '12' });
  await expect(refused).rejects.toThrow('No.');
  await stored;
  expect(now()).toMatchObject({ theme: DEFAULT_SETTINGS.theme, clock: '12' });
});
