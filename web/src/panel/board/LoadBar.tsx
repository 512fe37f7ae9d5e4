import { LOAD_LIMITS } from '@phylaxon/core/facts/limits';
import { classes } from '../../shared/ui/index.ts';

/** The bar ends at 150% of the rating; ticks stand at 80 and 100%. */
const FULL = 1.5;
const at = (share: number) => `${(Math.min(share, FULL) / FULL) * 100}%`;

/** How much of its rating a breaker carries: filled up to the load, hatched beyond the rating. */
export function LoadBar({ share, measured }: { share: number; measured: boolean }) {
  return (
    <span
      aria-hidden="true"
      className="relative block h-2 min-w-5 flex-1 @max-[12rem]:order-1 @max-[12rem]:basis-full bg-enamel-sunk"
    >
      <span
        className={classes(
          'absolute inset-y-0 left-0',
          measured ? 'print-ink bg-good-lit' : 'border border-good-lit',
        )}
        style={{ width: at(Math.min(share, 1)) }}
      />
      {share > 1 && (
        <span
          className="over-rating print-ink absolute inset-y-0"
          style={{ left: at(1), width: `calc(${at(share)} - ${at(1)})` }}
        />
      )}
      <span
        className="print-ink absolute -inset-y-0.5 w-px bg-enamel-soft"
        style={{ left: at(LOAD_LIMITS.continuousShare) }}
      />
      <span className="print-ink absolute -inset-y-0.5 w-0.5 bg-enamel-text" style={{ left: at(1) }} />
    </span>
  );
}
