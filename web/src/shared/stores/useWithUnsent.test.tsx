import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { inBrowser } from '../../testing/index.ts';
import type { Waiting } from './outbox.ts';

inBrowser();
const { act, cleanup, renderHook } = await import('@testing-library/react');
const { useOutbox } = await import('./outbox.ts');
const { useWithUnsent } = await import('./useWithUnsent.ts');

interface Row {
  id: string;
  n: number;
}
const rowOf = (body: object): Row | null => ('n' in body ? (body as Row) : null);
const waiting = (row: object, refused: string | null = null): Waiting => ({
  id: `command ${(row as Row).id}`,
  command: 'log',
  params: {},
  body: row,
  label: '',
  refused,
});
const wait = (...rows: Waiting[]) => act(() => useOutbox.setState({ waiting: rows }));
const [one, two]: Row[] = [
  { id: 'one', n: 1 },
  { id: 'two', n: 2 },
] as [Row, Row];

beforeEach(() => void useOutbox.setState({ waiting: [] }));
afterEach(() => {
  cleanup();
  useOutbox.setState({ waiting: [] });
});

const shown = (told: readonly Row[]) =>
  renderHook(({ rows }: { rows: readonly Row[] }) => useWithUnsent(rows, rowOf), {
    initialProps: { rows: told },
  });
const ids = ({ result }: ReturnType<typeof shown>) => result.current.rows.map(({ id }) => id);

test('what waits is in its place, stays there between sent and told, and once it is told stands once', () => {
  const hook = shown([one]);
  wait(waiting(two), waiting({ id: 'other' }));
  expect(ids(hook)).toEqual(['one', 'two']);
  wait();
  expect(ids(hook)).toEqual(['one', 'two']);
  hook.rerender({ rows: [one, two] });
  expect(ids(hook)).toEqual(['one', 'two']);
  // Undone elsewhere, it is gone here as well.
  hook.rerender({ rows: [one] });
  expect(ids(hook)).toEqual(['one']);
});

test('what the server refused is gone, also once it is put away', () => {
  const hook = shown([one]);
  wait(waiting(two));
  wait(waiting(two, 'Not open at this point.'));
  expect(ids(hook)).toEqual(['one']);
  wait();
  expect(ids(hook)).toEqual(['one']);
});

test('what was sent is shown at once, and taken back at once', () => {
  const hook = shown([one]);
  act(() => hook.result.current.sent({ id: 'c', command: 'log', params: {}, body: two, label: '' }));
  expect(ids(hook)).toEqual(['one', 'two']);
  act(() => hook.result.current.taken('two'));
  expect(ids(hook)).toEqual(['one']);
});
