import type { Board } from '@phylaxon/core/views/board';

/** Breakers that a plan leaves where they are: those that feed a sub-panel, and those that danger has stopped. */
export const handsOff = ({ breakers }: Board) => ({
  feeders: new Set(breakers.flatMap(({ breaker, feeds }) => (feeds ? [breaker.id] : []))),
  stopped: new Set(breakers.flatMap(({ breaker, decision }) => (decision.stop ? [breaker.id] : []))),
});
