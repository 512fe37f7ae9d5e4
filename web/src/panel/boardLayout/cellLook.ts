import { classes } from '../../shared/ui/index.ts';
import type { BoardItem } from './items.ts';

/** How a cell of the board looks, whatever it is: a breaker, or a space without one. */
export const cellLook = (item: BoardItem, chosen: boolean) =>
  classes(
    'flex min-h-11 flex-1 items-center rounded-xs px-1.5 py-0.5 text-left',
    item.entry
      ? 'bg-enamel-raised hover:bg-enamel-line/60'
      : 'border border-dashed border-enamel-line hover:border-enamel-soft',
    item.cover === 'hole' && 'border-heed-lit',
    item.across === null && 'justify-center',
    chosen && 'ring-2 ring-heed-lit',
  );
