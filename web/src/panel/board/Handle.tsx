import type { OnDirection } from '@phylaxon/core/panel/layout';
import { classes } from '../../shared/ui/index.ts';

type Position = 'on' | 'off' | 'tripped';

const OPPOSITE: Record<OnDirection, OnDirection> = { left: 'right', right: 'left', up: 'down', down: 'up' };
const KNOB_AT: Record<OnDirection, string> = {
  left: 'left-0.5 top-0.5',
  right: 'right-0.5 top-0.5',
  up: 'left-0.5 top-0.5',
  down: 'left-0.5 bottom-0.5',
};

/** The handle where it stands: on and off at the ends of its slot, tripped askew in the middle. */
export function Handle({
  position,
  onDirection,
  poles,
}: {
  position: Position;
  onDirection: OnDirection;
  poles: number;
}) {
  const upright = onDirection === 'up' || onDirection === 'down';
  const at = position === 'tripped' ? null : KNOB_AT[position === 'on' ? onDirection : OPPOSITE[onDirection]];
  return (
    <span
      aria-hidden="true"
      className={classes(
        'relative block shrink-0 rounded-xs border border-enamel-line bg-enamel-sunk',
        upright ? 'h-10 w-6' : 'w-8 sm:w-9',
        !upright && (poles === 2 ? 'h-12' : 'h-6'),
      )}
    >
      <span
        className={classes(
          'absolute block rounded-xs border',
          upright ? 'h-4 w-4.5' : 'w-4',
          !upright && (poles === 2 ? 'h-10.5' : 'h-4.5'),
          at,
          position === 'on' && 'print-ink border-enamel-text bg-enamel-text',
          position === 'off' && 'border-enamel-soft bg-enamel-raised',
          position === 'tripped' && 'top-1/2 left-1/2 -translate-1/2 rotate-20 border-heed-lit bg-heed-lit',
        )}
      />
    </span>
  );
}
