import { suspensionOf, type Board } from '@phylaxon/core/views/board';

/** Breakers that a plan leaves where they are: those that feed a sub-panel, and those whose hazard suspends other work. */
export function handsOff({ breakers }: Board) {
  const suspension = suspensionOf(breakers);
  return {
    feeders: new Set(breakers.flatMap(({ breaker, feeds }) => (feeds ? [breaker.id] : []))),
    stopped: new Set(
      breakers.filter((one) => suspension.ofBreaker('planned-work', one)).map(({ breaker }) => breaker.id),
    ),
  };
}
