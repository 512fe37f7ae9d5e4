import type { BoardHeat } from '@phylaxon/core/views/board';
import { classes, useUnits } from '../../shared/ui/index.ts';

const NOTCHES = { normal: 0, watch: 1, 'repair-soon': 2, urgent: 3 } as const;

/** Warmth as notches, one to three by its grade, with the degrees; nothing while it is normal. */
export function Warmth({ heat }: { heat: BoardHeat }) {
  const { riseText } = useUnits();
  const notches = NOTCHES[heat.grade];
  if (notches === 0) return null;
  return (
    <span className={classes('flex items-center gap-1', notches === 3 ? 'text-danger-lit' : 'text-heed-lit')}>
      <span aria-hidden="true" className="flex items-end gap-0.5">
        {[1, 2, 3].map((n) => (
          <span
            key={n}
            className={classes('w-1 border border-current', n <= notches && 'print-ink bg-current')}
            style={{ height: 4 + 3 * n }}
          />
        ))}
      </span>
      <span className="figures text-xs whitespace-nowrap">{riseText(heat.overPeersC ?? heat.riseC)}</span>
    </span>
  );
}
