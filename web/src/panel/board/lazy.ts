import { lazy } from 'react';

/** The board with breakers that can be moved: it loads, with what drags them, when somebody arranges. */
export const ArrangeBoard = lazy(async () => ({
  default: (await import('./ArrangeBoard.tsx')).default,
}));
