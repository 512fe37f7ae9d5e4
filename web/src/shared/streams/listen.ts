import type { Answer, Asked } from './streamMessages.ts';

/** What a page does with what a stream tells. */
export interface Listener {
  /** An event came in, with its data as text. */
  told: (data: string) => void;
  /** The stream is open; whatever happened before was not told. */
  opened: () => void;
  /** The server cannot be heard; it is tried again. */
  lost: () => void;
}
interface Listening extends Listener {
  address: string;
  event: string;
}

const listening = new Map<number, Listening>();
let next = 0;
let worker: SharedWorker | null = null;
const post = (asked: Asked) => worker!.port.postMessage(asked);
const begin = ([id, { address, event }]: [number, Listening]) => post({ kind: 'listen', id, address, event });

/** The worker that all pages of this browser share, which holds their one connection. */
function start() {
  worker = new SharedWorker(new URL('./streams.worker.ts', import.meta.url), { type: 'module' });
  worker.port.onmessage = ({ data: answer }: MessageEvent<Answer>) => {
    const listener = listening.get(answer.id);
    if (answer.kind === 'event') listener?.told(answer.data);
    else if (answer.kind === 'open') listener?.opened();
    else listener?.lost();
  };
  // What cannot be heard is told: what is shown may be old.
  worker.onerror = () => listening.forEach(({ lost }) => lost());
  // A worker does not notice when a page is left.
  addEventListener('pagehide', () => post({ kind: 'leave' }));
  addEventListener('pageshow', ({ persisted }) => persisted && [...listening].forEach(begin));
}

/**
 * Listen to one kind of event of a stream of the server. All pages of a browser share one connection, where
 * the browser has shared workers; elsewhere each has its own.
 *
 * @returns how to stop
 */
export function listen(address: string, event: string, listener: Listener): () => void {
  if (!('SharedWorker' in globalThis)) {
    const source = new EventSource(`/api/v1${address}`);
    source.addEventListener(event, ({ data }: MessageEvent<string>) => listener.told(data));
    source.onopen = listener.opened;
    source.onerror = listener.lost;
    return () => source.close();
  }
  if (!worker) start();
  const id = next++;
  listening.set(id, { ...listener, address, event });
  begin([id, listening.get(id)!]);
  return () => {
    listening.delete(id);
    post({ kind: 'stop', id });
  };
}
