import type { Board as BoardData } from '@phylaxon/core/views/board';
import type { ReactNode } from 'react';
import { classes } from '../../shared/ui/index.ts';
import { type BoardGrid, legsAlong, type BoardItem } from '../boardLayout/index.ts';
import * as messages from './messages.ts';

interface Props {
  board: BoardData;
  grid: BoardGrid;
  items: readonly BoardItem[];
  children: (item: BoardItem) => ReactNode;
}

/** The panel as it hangs: the two columns, the legs between them, the split of the bus; what sits where is its children's. */
export function BoardFrame({ board, grid, items, children }: Props) {
  const { onSide } = grid;
  return (
    <div className={classes(onSide && 'overflow-x-auto pb-2')}>
      <ul
        className={classes(
          'grid gap-0.5',
          onSide
            ? 'w-max min-w-full auto-cols-[minmax(4.5rem,1fr)] grid-rows-[minmax(8.5rem,auto)_1.25rem_minmax(8.5rem,auto)]'
            : 'auto-rows-[minmax(1.3125rem,auto)] grid-cols-[minmax(0,1fr)_1.25rem_minmax(0,1fr)]',
        )}
      >
        {legsAlong(board).map((leg, pair) => (
          <li
            key={`leg-${pair}`}
            aria-hidden="true"
            style={grid.strip(pair)}
            className={classes(
              'figures flex items-center justify-center text-xs text-enamel-soft',
              leg === 'A' ? 'bg-enamel-raised' : 'bg-enamel-sunk',
            )}
          >
            {leg}
          </li>
        ))}
        {grid.split && (
          <li
            style={grid.split}
            className={classes(
              'flex items-center gap-2 text-xs text-enamel-soft',
              onSide
                ? 'w-6 border-l-2 border-dashed [writing-mode:vertical-rl]'
                : 'border-t-2 border-dashed pt-0.5',
              'border-heed-lit',
            )}
          >
            {messages.busSplitHere}
          </li>
        )}
        {items.map((item) => (
          <li key={item.key} style={grid.place(item)} className="flex min-w-0 flex-col">
            {children(item)}
          </li>
        ))}
      </ul>
    </div>
  );
}
