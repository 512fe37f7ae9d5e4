import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { uuid } from '@phylaxon/core/testing';
import { fakeServer, inBrowser } from '../../testing/index.ts';

const window = inBrowser();
const { sendNow, followOutbox, sendEntries, useOutbox } = await import('./outbox.ts');
const { useProfile } = await import('./profileStore.ts');
const { drawing, entries } = await import('../api/index.ts');
const { onRecordChanged, queryClient, RECORD } = await import('../queries/index.ts');

const at = '2026-11-25T10:00:00.000Z';
const note = (text: string) => entries.note(uuid(1), 'Shed', { note: text, at });
const refusal = (message: string) => ({
  status: 400,
  body: { error: { code: 'invalid_input', message, issues: [{ path: 'note', message }] } },
});

let server: ReturnType<typeof fakeServer>;
let asksAgain = 0;

const invalidate = queryClient.invalidateQueries.bind(queryClient);

beforeEach(() => {
  server = fakeServer();
  asksAgain = 0;
  queryClient.invalidateQueries = (filters) => {
    expect(filters?.queryKey).toEqual([RECORD]);
    asksAgain++;
    return invalidate(filters);
  };
  useOutbox.setState({ waiting: [] });
  useProfile.setState({ profile: 'electrician', said: true });
});
afterEach(() => {
  server.close();
  queryClient.invalidateQueries = invalidate;
  useProfile.setState({ profile: 'homeowner', said: false });
});

const waiting = () => useOutbox.getState().waiting;
const sentNotes = () => server.asked.map(({ body }) => (body as { note: string }).note);

/** Until what was begun by an event has come to its end. */
async function settled(until: () => boolean) {
  for (let turns = 0; turns < 200 && !until(); turns++) await new Promise(setImmediate);
  expect(until()).toBe(true);
}

describe('sending', () => {
  test('one after the other, by whoever is at work, each with a name of its own; asked again once', async () => {
    const [first, second] = [await note('Warm'), await note('Warmer')];
    expect(await sendEntries(first, second)).toBe('stored');
    expect(sentNotes()).toEqual(['Warm', 'Warmer']);
    expect(server.asked.map(({ method, path }) => [method, path])).toEqual([
      ['POST', `/breakers/${uuid(1)}/notes`],
      ['POST', `/breakers/${uuid(1)}/notes`],
    ]);
    expect(server.asked.map(({ headers }) => headers['Phylaxon-Profile'])).toEqual([
      'electrician',
      'electrician',
    ]);
    expect(server.asked.map(({ headers }) => headers['Phylaxon-Change'])).toEqual([first.id, second.id]);
    expect([asksAgain, waiting()]).toEqual([1, []]);
  });

  test('what the server refuses is thrown with its words, and does not wait', async () => {
    server.nowAnswers(() => refusal('Write something first.'));
    await expect(sendEntries(note(''))).rejects.toMatchObject({
      message: 'Write something first.',
      issues: [{ path: 'note', message: 'Write something first.' }],
    });
    expect(waiting()).toEqual([]);
  });

  test.each([
    ['the server gone', () => 'gone' as const, null],
    [
      'its disk full',
      () => ({ status: 507, body: { error: { code: 'no_room', message: 'The disk is full.' } } }),
      'The disk is full.',
    ],
  ])('%s: it waits, with the reason, and the next goes on', async (_what, answer, because) => {
    server.nowAnswers(answer);
    expect(await sendEntries(note('Warm'), note('Warmer'))).toBe('waiting');
    expect(waiting().map(({ label, because: why, refused }) => [label, why, refused])).toEqual([
      ['Logged a note at Shed', because, null],
      ['Logged a note at Shed', because, null],
    ]);
  });

  test('an edit of the drawing does not overtake what waits: it is made from what is shown with it', async () => {
    server.nowAnswers(() => 'gone');
    const named = (label: string, version: number) => drawing.setCircuit(uuid(1), { label, version });
    expect(await sendEntries(named('Forge', 1))).toBe('waiting');
    server.nowAnswers(() => ({ body: {} }));
    expect(await sendEntries(named('Forge and lathe', 2))).toBe('waiting');
    const stop = followOutbox();
    server.asked.length = 0;
    window.dispatchEvent(new window.Event('online'));
    await settled(() => waiting().length === 0);
    stop();
    expect(server.asked.map(({ method, body }) => [method, (body as { label: string }).label])).toEqual([
      ['PUT', 'Forge'],
      ['PUT', 'Forge and lathe'],
    ]);
  });

  test('what needs its answer is done now or not at all', async () => {
    server.nowAnswers(() => 'gone');
    await expect(sendNow(drawing.addSite({ name: 'Shed' }))).rejects.toThrow('is not answering');
    expect(waiting()).toEqual([]);
  });
});

describe('once the server is back', () => {
  test('what waited is stored in its order, as the same entry, and asked for again once', async () => {
    server.nowAnswers(() => 'gone');
    await sendEntries(note('Warm'), note('Warmer'));
    const kept = waiting().map(({ body }) => body);
    const stop = followOutbox();
    server.asked.length = 0;
    asksAgain = 0;
    server.nowAnswers(() => ({ body: { ids: [] } }));
    window.dispatchEvent(new window.Event('online'));
    await settled(() => waiting().length === 0);
    stop();
    expect(server.asked.map(({ body }) => body)).toEqual(kept);
    expect(asksAgain).toBe(1);
  });

  test('what it refuses then is told, and does not hold up the rest', async () => {
    server.nowAnswers(() => 'gone');
    await sendEntries(note('Warm'), note('Warmer'));
    const stop = followOutbox();
    server.nowAnswers(({ body }) =>
      (body as { note: string }).note === 'Warm' ? refusal('This breaker is gone.') : { body: { ids: [] } },
    );
    window.dispatchEvent(new window.Event('online'));
    await settled(() => waiting().length === 1 && waiting()[0]!.refused !== null);
    stop();
    expect(waiting()).toMatchObject([{ refused: 'This breaker is gone.', body: { note: 'Warm' } }]);
    useOutbox.getState().discard(waiting()[0]!.id);
    expect(waiting()).toEqual([]);
  });

  test('gone again half way: the rest goes on waiting', async () => {
    server.nowAnswers(() => 'gone');
    await sendEntries(note('Warm'), note('Warmer'));
    const stop = followOutbox();
    server.nowAnswers(({ body }) =>
      (body as { note: string }).note === 'Warm' ? { body: { ids: [] } } : 'gone',
    );
    window.dispatchEvent(new window.Event('online'));
    await settled(() => waiting().length === 1);
    stop();
    expect(waiting()).toMatchObject([{ refused: null, body: { note: 'Warmer' } }]);
  });

  test('what this page stored is no news to it; what another tab stored for it is', async () => {
    server.nowAnswers(() => 'gone');
    const kept = await note('Warm');
    await sendEntries(kept);
    asksAgain = 0;
    onRecordChanged(kept.id);
    expect(asksAgain).toBe(1);
    const stop = followOutbox();
    server.nowAnswers(() => ({ body: { ids: [] } }));
    window.dispatchEvent(new window.Event('online'));
    await settled(() => waiting().length === 0 && asksAgain === 2);
    onRecordChanged(kept.id);
    expect(asksAgain).toBe(2);
    stop();
  });

  test('what another tab has sent leaves this one, and is asked for', async () => {
    server.nowAnswers(() => 'gone');
    await sendEntries(note('Warm'));
    const stop = followOutbox();
    asksAgain = 0;
    window.localStorage.setItem('phylaxon-outbox', JSON.stringify({ state: { waiting: [] }, version: 2 }));
    window.dispatchEvent(new window.StorageEvent('storage', { key: 'phylaxon-outbox' }));
    await settled(() => waiting().length === 0 && asksAgain === 1);
    stop();
  });
});
