import { usualOnDirection, type OnDirection, type Orientation } from '@phylaxon/core/panel/layout';

const OPPOSITE: Record<OnDirection, OnDirection> = { left: 'right', right: 'left', up: 'down', down: 'up' };

/** Where a breaker’s hook is, away from the middle of the panel as it hangs; its stab is toward the middle. */
export const outward = (space: number, orientation: Orientation): OnDirection =>
  OPPOSITE[usualOnDirection(space, orientation)];
