import { afterEach, beforeEach, expect, test } from '@jest/globals';
import type { CaseRecord } from '@phylaxon/core/diagnosis/cases';
import { aBreaker, uuid } from '@phylaxon/core/testing';
import type { ReactNode } from 'react';
import { fakeServer, inBrowser, type Asked } from '../../testing/index.ts';

inBrowser();
const { QueryClientProvider } = await import('@tanstack/react-query');
const { act, cleanup, renderHook, waitFor } = await import('@testing-library/react');
const { caseEntries } = await import('../../shared/api/index.ts');
const { queryClient } = await import('../../shared/queries/index.ts');
const { useOutbox } = await import('../../shared/stores/index.ts');
const { useCaseRecord } = await import('./useCaseRecord.ts');

const caseId = uuid(1000);
const at = '2026-11-25T10:00:00.000Z';
const onRecord = (log: CaseRecord['log'] = []) =>
  ({
    case: { id: caseId, breakerId: uuid(1), answers: [], passed: [], marks: [], candidates: null },
    dossier: {
      subject: {
        breaker: aBreaker(),
        circuit: null,
        entries: {
          readings: [],
          events: [],
          observations: log.map(({ entry }) => entry),
        },
      },
    },
    log,
  }) as unknown as CaseRecord;
const quiet = () => caseEntries.answers(caseId, [{ test: 'sound', outcome: 'quiet', at }]);

class Silent {
  addEventListener = () => undefined;
  close = () => undefined;
}
const all = globalThis as { EventSource?: unknown };
const before = all.EventSource;
let server: ReturnType<typeof fakeServer>;
let answers: 'gone' | null = null;
let record = onRecord();

beforeEach(() => {
  all.EventSource = Silent;
  answers = null;
  record = onRecord();
  server = fakeServer(({ method }: Asked) => answers ?? { body: method === 'GET' ? record : { ids: [] } });
  useOutbox.setState({ waiting: [] });
});
afterEach(() => {
  cleanup();
  queryClient.clear();
  all.EventSource = before;
  useOutbox.setState({ waiting: [] });
  server.close();
});

const wrapper = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={queryClient}>{children}</QueryClientProvider>
);
const show = () => renderHook(() => useCaseRecord(caseId), { wrapper });
const heard = (file: CaseRecord | null) =>
  file?.log.map(({ entry }) => (entry as { outcome: string }).outcome);

test('an answer given while the server is gone shows at once; stored, it is there once', async () => {
  const { result } = show();
  await waitFor(() => expect(result.current.file).not.toBeNull());
  const first = result.current.file;
  answers = 'gone';
  await act(() => result.current.act(quiet()));
  expect([heard(result.current.file), result.current.waiting]).toEqual([['quiet'], 1]);
  expect(result.current.file).not.toBe(first);
  // Nothing of it is worked out anew while nothing changes.
  const shown = result.current.file;
  act(() => undefined);
  expect(result.current.file).toBe(shown);

  const [entry] = useOutbox.getState().waiting;
  const stored = (entry!.body as { answers: { id: string }[] }).answers[0]!;
  record = onRecord([
    { kind: 'observations', breakerId: uuid(1), entry: { ...shown!.log[0]!.entry, id: stored.id } },
  ] as CaseRecord['log']);
  answers = null;
  await act(async () => {
    useOutbox.setState({ waiting: [] });
    await queryClient.invalidateQueries();
  });
  await waitFor(() => expect([heard(result.current.file), result.current.waiting]).toEqual([['quiet'], 0]));
});

test('what waits for another case is not shown in this one', async () => {
  const { result } = show();
  await waitFor(() => expect(result.current.file).not.toBeNull());
  const other = await caseEntries.answers(uuid(2000), [{ test: 'sound', outcome: 'quiet', at }]);
  act(() => useOutbox.setState({ waiting: [{ ...other, refused: null }] }));
  expect([heard(result.current.file), result.current.waiting]).toEqual([[], 0]);
});

test('without the server and without anything told before, it says why', async () => {
  answers = 'gone';
  const { result } = show();
  await waitFor(() => expect(result.current.problem).toMatch(/is not answering/));
  expect(result.current.file).toBeNull();
});
