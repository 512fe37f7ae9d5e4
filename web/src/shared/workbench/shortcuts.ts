import * as messages from './messages.ts';

/** Every key that does something, and what it does. */
export const SHORTCUTS: readonly [keys: string, what: string][] = [
  ['/', messages.opensTheReadingLine],
  ['Ctrl + K', messages.opensTheSearch],
  ['?', messages.showsTheseShortcuts],
  [messages.arrowKeys, messages.moveBetweenBreakers],
  [messages.enter, messages.opensTheBreaker],
  ['Ctrl + Z', messages.undoOnAPanel],
  ['Ctrl + Shift + Z', messages.redoOnAPanel],
  ['Ctrl + Enter', messages.savesATypedDirectory],
  [messages.space, messages.picksABreakerUp],
  [messages.escape, messages.cancels],
];
