import { describe, expect, test } from '@jest/globals';
import { migrateOutbox, type Waiting } from './outbox.ts';

type Kept = Parameters<typeof migrateOutbox>[0]['waiting'][number];

const at = '2026-11-20T10:00:00Z';
const before = (method: string | undefined, path: string, body: object): Kept =>
  ({ id: 'x', path, body, label: 'A reading at Shed', refused: null, ...(method && { method }) }) as Kept;

describe('what an earlier version kept as an address', () => {
  test.each<[was: Kept, command: string, params: object]>([
    [before(undefined, '/breakers/b1/readings', { readings: [] }), 'log-readings', { id: 'b1' }],
    [before(undefined, '/cases', { siteId: 's' }), 'open-case', {}],
    [before('PATCH', '/cases/c1', { marks: [] }), 'change-case', { id: 'c1' }],
    [before('DELETE', '/cases/c1/answers/a1', {}), 'take-back-answer', { id: 'c1', answer: 'a1' }],
  ])('%j becomes a command with the same body', async (was, command, params) => {
    const { waiting } = await migrateOutbox({ waiting: [was] });
    expect(waiting).toEqual([
      { id: 'x', label: 'A reading at Shed', refused: null, command, params, body: was.body },
    ]);
  });

  test('what leads nowhere is kept, and told by name when it is sent', async () => {
    const { waiting } = await migrateOutbox({ waiting: [before(undefined, '/nowhere', { at })] });
    expect(waiting).toMatchObject([{ command: '/nowhere', body: { at } }]);
  });

  test('a word of an older version is today’s', async () => {
    const held = before(undefined, '/breakers/b1/events', { kind: 'held', amps: 12, afterSeconds: 600, at });
    expect((await migrateOutbox({ waiting: [held] })).waiting).toMatchObject([
      { command: 'log-event', body: { kind: 'no-trip', amps: 12 } },
    ]);
  });

  test('what is a command already stays as it is', async () => {
    const now: Waiting = {
      id: 'y',
      command: 'write-note',
      params: { id: 'b1' },
      body: { note: 'Warm', at },
      label: 'Logged a note at Shed',
      profile: 'homeowner',
      refused: null,
    };
    expect((await migrateOutbox({ waiting: [now] })).waiting).toEqual([now]);
  });
});
