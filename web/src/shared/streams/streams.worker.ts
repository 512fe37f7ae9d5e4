import type { Answer, Asked } from './streamMessages.ts';
import { StreamHub } from './streamHub.ts';

// Shared by all pages of the browser: they listen over one connection.
const hub = new StreamHub(
  (addresses) =>
    new EventSource(`/api/v1/streams?${new URLSearchParams(addresses.map((one) => ['of', one]))}`),
);

(globalThis as unknown as SharedWorkerGlobal).onconnect = ({ ports: [port] }) => {
  if (!port) return;
  const stops = new Map<number, () => void>();
  port.onmessage = ({ data: asked }: MessageEvent<Asked>) => {
    if (asked.kind === 'listen') {
      const { id, address, event } = asked;
      const tell = (told: object) => port.postMessage({ ...told, id } as Answer);
      stops.set(id, hub.listen({ address, event, tell }));
      return;
    }
    for (const [id, stop] of stops) {
      if (asked.kind === 'stop' && asked.id !== id) continue;
      stop();
      stops.delete(id);
    }
  };
};

/** What the library of web pages does not know of shared workers. */
interface SharedWorkerGlobal {
  onconnect: (event: MessageEvent) => void;
}
