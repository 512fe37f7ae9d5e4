import { useRef, useState } from 'react';
import { Button } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** Counts blinks or turns by taps: the first starts the clock, each further one counts and stops it there. */
export function TapCounter({ onCounted }: { onCounted: (count: number, seconds: number) => void }) {
  const begun = useRef<number | null>(null);
  const [count, setCount] = useState<number | null>(null);
  const tap = (at: number) => {
    if (begun.current === null) {
      begun.current = at;
      setCount(0);
      return;
    }
    const next = (count ?? 0) + 1;
    setCount(next);
    onCounted(next, (at - begun.current) / 1000);
  };
  return (
    <>
      <Button look="quiet" className="min-h-16" onClick={(event) => tap(event.timeStamp)}>
        {count === null ? messages.tapAtABlink : messages.tapped(count)}
      </Button>
      {count !== null && (
        <Button
          look="quiet"
          onClick={() => {
            begun.current = null;
            setCount(null);
          }}
        >
          {messages.startAgain}
        </Button>
      )}
    </>
  );
}
