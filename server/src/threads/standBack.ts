import { setPriority } from 'node:os';

/** How much a thread that works stands back behind the one that serves, from 0 to 19. */
const NICE = 10;

/**
 * Called in a worker thread: whoever is served comes before it where processors are few. Only Linux tells threads apart here;
 * elsewhere the whole program would stand back.
 */
export function standBack(): void {
  if (process.platform !== 'linux') return;
  try {
    setPriority(NICE);
  } catch {
    // Not allowed here: then it goes on as it is.
  }
}
