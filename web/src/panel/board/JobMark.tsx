import { classes } from '../../shared/ui/index.ts';
import type { BoardMark } from '../../shared/workbench/index.ts';

const LOOKS: Record<BoardMark['look'], string> = {
  plain: 'px-1.5 text-enamel-text',
  act: 'border border-heed-lit px-1.5 font-semibold text-heed-lit',
  good: 'px-1.5 text-good-lit',
};

/** What the open job writes on a breaker of the board; its frame tells what is to be done without colour. */
export function JobMark({ mark }: { mark: BoardMark }) {
  return (
    <span
      className={classes(
        'figures rounded-xs text-xs leading-4 whitespace-nowrap @max-[12rem]:order-2',
        LOOKS[mark.look],
      )}
    >
      {mark.text}
    </span>
  );
}
