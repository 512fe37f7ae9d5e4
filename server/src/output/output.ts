import type { DestinationStream } from 'pino';
import SonicBoom from 'sonic-boom';
import * as messages from './messages.ts';

/** So much may wait to be written; what comes on top of it is dropped. */
const MOST_WAITING = 1_000_000;

/** What the server says of itself. It never waits for whoever reads it, nor for a disk that is full. */
export interface Output {
  stream: DestinationStream;
  /** A line for people. */
  say: (line: string) => void;
  /** Lines that could not be written, since the last one that could. */
  lost: () => number;
  /** Resolves once what waits is written, or cannot be written soon. */
  end: () => Promise<void>;
}

/** So long the end waits for what is still to be written. */
const PATIENCE_MS = 500;

/**
 * Output to an open file, a pipe or a terminal. What cannot be written is counted, and said once there is room again.
 *
 * @param dest its descriptor
 */
export function outputTo(dest: number): Output {
  // Whatever is written at once waits for a full disk without end: nothing here is.
  const file = new SonicBoom({ fd: dest, sync: false, maxLength: MOST_WAITING });
  let lost = 0;
  file.on('drop', () => lost++);
  // A disk that is full is no reason to stop.
  file.on('error', () => lost++);
  file.on('write', () => {
    if (lost === 0) return;
    const text = messages.linesOfOutputWereLostBecause(lost);
    lost = 0;
    file.write(text);
  });
  return {
    stream: file,
    say: (line) => void file.write(`${line}\n`),
    lost: () => lost,
    end: () =>
      new Promise((resolve) => {
        setTimeout(resolve, PATIENCE_MS);
        file.flush(() => resolve());
      }),
  };
}
