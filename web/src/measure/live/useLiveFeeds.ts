import { channelKey, type Sample } from '@phylaxon/core/record/feeds';
import { useEffect, useRef, useState } from 'react';
import { ask } from '../../shared/api/index.ts';
import { listen } from '../../shared/streams/index.ts';

/** What one instrument of a device shows at one point. */
export interface LiveChannel {
  key: string;
  feed: string;
  sample: Sample;
  /** Since it was opened, or since they were cleared. */
  least: number;
  most: number;
  /** The newest values, oldest first. */
  recent: number[];
  /** How many figures came in since the page was opened. */
  count: number;
  /** When the last came in, by this browser’s clock. */
  heardAt: number;
}

/** So many values are drawn. */
const RECENT = 120;

const keyIn = (feed: string, sample: Sample) => `${feed} ${channelKey(sample)}`;

/** A channel with one more figure; one that is older than the newest is counted, and not shown. */
function withSample(before: LiveChannel | undefined, feed: string, sample: Sample): LiveChannel {
  const { value } = sample;
  if (!before)
    return {
      key: keyIn(feed, sample),
      feed,
      sample,
      least: value,
      most: value,
      recent: [value],
      count: 1,
      heardAt: Date.now(),
    };
  const isNewer = sample.time > before.sample.time;
  return {
    ...before,
    sample: isNewer ? sample : before.sample,
    least: Math.min(before.least, value),
    most: Math.max(before.most, value),
    recent: isNewer ? [...before.recent.slice(1 - RECENT), value] : before.recent,
    count: before.count + 1,
    heardAt: Date.now(),
  };
}

/** Everything that devices send, as it comes in; after a gap what was missed is asked for. */
export function useLiveFeeds() {
  const channels = useRef(new Map<string, LiveChannel>());
  const [shown, setShown] = useState<LiveChannel[]>([]);
  const [heard, setHeard] = useState(true);

  useEffect(() => {
    let frame = 0;
    let isOver = false;
    const draw = () => {
      frame = 0;
      if (!isOver) setShown([...channels.current.values()]);
    };
    const soon = () => {
      if (frame === 0) frame = requestAnimationFrame(draw);
    };
    const take = (feed: string, samples: readonly Sample[]) => {
      for (const sample of samples) {
        const key = keyIn(feed, sample);
        channels.current.set(key, withSample(channels.current.get(key), feed, sample));
      }
      soon();
    };
    /** What is there already, and what was sent while nobody listened. */
    const catchUp = async () => {
      const { feeds } = await ask('GET /feeds');
      const there = new Set(feeds.map(({ id }) => id));
      for (const [key, { feed }] of channels.current) if (!there.has(feed)) channels.current.delete(key);
      for (const { id, channels: newest } of feeds) {
        const last = newest
          .map((sample) => channels.current.get(keyIn(id, sample))?.sample.time)
          .filter((time) => time !== undefined)
          .sort()[0];
        if (last === undefined) take(id, newest);
        else {
          const { samples } = await ask('GET /feeds/:feed/samples', {
            params: { feed: id },
            query: { from: last },
          });
          take(
            id,
            samples.filter((one) => one.time > (channels.current.get(keyIn(id, one))?.sample.time ?? '')),
          );
        }
      }
      soon();
    };
    const stop = listen('/live', 'samples', {
      told: (data) => {
        const { feed, samples } = JSON.parse(data) as { feed: string; samples: Sample[] };
        take(feed, samples);
      },
      opened: () => {
        setHeard(true);
        void catchUp().catch(() => undefined);
      },
      lost: () => setHeard(false),
    });
    return () => {
      isOver = true;
      cancelAnimationFrame(frame);
      stop();
    };
  }, []);

  /** Begin least and most anew. */
  const clear = (key: string) => {
    const one = channels.current.get(key);
    if (one) channels.current.set(key, { ...one, least: one.sample.value, most: one.sample.value });
    setShown([...channels.current.values()]);
  };
  return { channels: shown, heard, clear };
}
