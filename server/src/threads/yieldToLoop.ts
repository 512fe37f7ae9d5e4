import { setImmediate as nextTurn } from 'node:timers/promises';

/** So long work may follow on work before others get a turn. */
const TURN_MS = 10;

let began = performance.now();

/**
 * Let the event loop take a turn, unless it has just had one. The binding answers at once, so that everything which waits
 * for it would go on without a break as long as anything is queued, and no request, however short, would be heard.
 */
export async function yieldToLoop(): Promise<void> {
  if (performance.now() - began < TURN_MS) return;
  await nextTurn();
  began = performance.now();
}
