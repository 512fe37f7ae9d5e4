import { beforeEach, expect, test } from '@jest/globals';
import { StreamHub } from './streamHub.ts';

class Stream {
  readyState = 0;
  onopen = () => undefined as void;
  onerror = () => undefined as void;
  private readonly told = new Map<string, (event: { data: string }) => void>();
  constructor(readonly addresses: readonly string[]) {
    streams.push(this);
  }
  addEventListener(name: string, told: (event: { data: string }) => void) {
    this.told.set(name, told);
  }
  tell(name: string, data: string) {
    this.told.get(name)?.({ data });
  }
  open() {
    this.readyState = 1;
    this.onopen();
  }
  fail(readyState: 0 | 2) {
    this.readyState = readyState;
    this.onerror();
  }
  close() {
    this.readyState = 2;
  }
}

let streams: Stream[] = [];
let hub: StreamHub;
let waiting: (() => void) | null = null;
/** Time goes by. */
const wait = () => {
  const due = waiting;
  waiting = null;
  due?.();
};
const isOpen = () => streams.filter(({ readyState }) => readyState !== 2).length;
const listener = (address: string, event = 'changed') => {
  const heard: string[] = [];
  const stop = hub.listen({
    address,
    event,
    tell: (told) => heard.push(told.kind === 'event' ? told.data : told.kind),
  });
  return { heard, stop };
};

beforeEach(() => {
  streams = [];
  waiting = null;
  hub = new StreamHub(
    (addresses) => new Stream(addresses) as unknown as EventSource,
    (work) => {
      waiting = work;
      return () => (waiting = null);
    },
  );
});

test('whoever listens at the same time shares one connection, and hears what is its own', () => {
  const a = listener('/panels/a/changes');
  const twin = listener('/panels/a/changes');
  const b = listener('/panels/b/changes');
  wait();
  expect(streams.map(({ addresses }) => addresses)).toEqual([['/panels/a/changes', '/panels/b/changes']]);
  streams[0]!.open();
  streams[0]!.tell('/panels/a/changes changed', '1');
  streams[0]!.tell('/panels/b/changes changed', '2');
  expect([a.heard, twin.heard, b.heard]).toEqual([
    ['open', '1'],
    ['open', '1'],
    ['open', '2'],
  ]);
});

test('with another stream wanted the old connection tells until the new one is open, and nobody asks again', () => {
  const a = listener('/panels/a/changes');
  wait();
  streams[0]!.open();
  const live = listener('/live', 'samples');
  wait();
  expect(streams).toHaveLength(2);
  streams[0]!.tell('/panels/a/changes changed', 'meanwhile');
  expect(isOpen()).toBe(2);
  streams[1]!.open();
  expect(isOpen()).toBe(1);
  streams[1]!.tell('/panels/a/changes changed', 'later');
  expect(a.heard).toEqual(['open', 'meanwhile', 'later']);
  expect(live.heard).toEqual(['open']);
  live.stop();
  wait();
  expect(streams[2]!.addresses).toEqual(['/panels/a/changes']);
});

test('however fast pages are opened, one connection is left', () => {
  listener('/panels/a/changes');
  wait();
  streams[0]!.open();
  for (const id of ['b', 'c', 'd']) {
    listener(`/panels/${id}/changes`);
    wait();
  }
  expect(streams).toHaveLength(4);
  expect(isOpen()).toBe(2);
  // Those in between never came to be open.
  streams[3]!.open();
  expect(isOpen()).toBe(1);
});

test('who comes later to a stream that is open is told so at once; the last to leave closes it', () => {
  const first = listener('/live', 'samples');
  wait();
  streams[0]!.open();
  const later = listener('/live', 'samples');
  wait();
  expect([streams.length, later.heard]).toEqual([1, ['open']]);
  first.stop();
  later.stop();
  wait();
  expect(isOpen()).toBe(0);
});

test('a loss is told, and after it all ask again; a refusal is tried again by itself', () => {
  const a = listener('/panels/a/changes');
  wait();
  streams[0]!.open();
  streams[0]!.fail(0);
  const late = listener('/panels/a/changes');
  wait();
  expect([a.heard, late.heard]).toEqual([['open', 'lost'], ['lost']]);
  streams[0]!.open();
  expect(a.heard).toEqual(['open', 'lost', 'open']);
  streams[0]!.fail(2);
  expect(streams).toHaveLength(1);
  wait();
  expect(streams).toHaveLength(2);
  streams[1]!.open();
  expect([a.heard.at(-1), late.heard.at(-1), isOpen()]).toEqual(['open', 'open', 1]);
});
