import { isOnItsSide } from '@phylaxon/core/panel/layout';
import type { Board } from '@phylaxon/core/views/board';
import type { CSSProperties } from 'react';
import { boardItems, splitAlong, type BoardItem } from './items.ts';
import * as messages from './messages.ts';

/** Where things go on the board's grid: half spaces run down it, or across it when the panel lies on its side. */
export interface BoardGrid {
  onSide: boolean;
  place: (item: Pick<BoardItem, 'along' | 'length' | 'across'>) => CSSProperties;
  /** The strip between the columns, at a pair of spaces. */
  strip: (pair: number) => CSSProperties;
  /** Across everything, where the bus is split. */
  split: CSSProperties | null;
}

export function boardGrid(board: Board): BoardGrid {
  const { panel } = board;
  // Grid lines are counted from 1; the main may lie before the first half space.
  const first = boardItems(board).some((item) => item.along < 0) ? 3 : 1;
  const onSide = isOnItsSide(panel.orientation);
  const cut = splitAlong(panel);
  // Behind the cut everything moves on by the line that tells of it.
  const line = (along: number) => along + first + (cut !== null && along >= cut ? 1 : 0);
  const at = (along: number, length: number, across: string | number): CSSProperties => {
    const run = messages.span(line(along), length);
    return onSide ? { gridColumn: run, gridRow: across } : { gridRow: run, gridColumn: across };
  };
  return {
    onSide,
    place: ({ along, length, across }) =>
      at(along, length, across === null ? '1 / -1' : across === 0 ? 1 : 3),
    strip: (pair) => at(pair * 2, 2, 2),
    split:
      cut === null
        ? null
        : onSide
          ? { gridColumn: cut + first, gridRow: '1 / -1' }
          : { gridRow: cut + first, gridColumn: '1 / -1' },
  };
}
