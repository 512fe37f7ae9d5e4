import type { Board, BoardBreaker } from '@phylaxon/core/views/board';
import {
  spaceGrid,
  isOnItsSide,
  legOfSpace,
  placeOfSpace,
  slotsOf,
  spacesOf,
  type Leg,
  type Slot,
} from '@phylaxon/core/panel/layout';
import * as messages from './messages.ts';

/** What closes a space that holds no breaker: a filler, nothing (a hole), or nobody has noted it. */
export type Cover = 'blank' | 'hole' | 'unknown';

/** Something on the board that can be chosen: a breaker, or a space without one. */
export interface BoardItem {
  key: string;
  entry: BoardBreaker | null;
  cover: Cover | null;
  space: number | null;
  /**
   * Where it lies as the panel hangs, in half spaces along the bus (a narrow unit takes one) and in columns
   * across it: 0 and 1. The main takes both columns, before the first half space or after the last.
   */
  along: number;
  length: number;
  across: 0 | 1 | null;
  /** The second half of a quad's outer pair: the same breaker once more. */
  echo: boolean;
}

type Panel = Board['panel'];

/** How many half spaces the bus is long. */
export const busLength = ({ spaces }: Pick<Panel, 'spaces'>) => Math.ceil(spaces / 2) * 2;

/** Whether the bus runs from the bottom up, or from the right to the left, as the panel hangs. */
const runsBack = ({ orientation }: Pick<Panel, 'orientation'>) =>
  orientation === 'inverted' || orientation === 'right';

/** Where half a space lies along and across the bus as the panel hangs. */
function lies(panel: Panel, { space, part }: Slot): { along: number; across: 0 | 1 } {
  const { row, column } = placeOfSpace(panel.spaces, space, panel.orientation);
  const [along, across] = isOnItsSide(panel.orientation) ? [column, row] : [row, column];
  const first = (part === 'upper') !== runsBack(panel);
  return { along: along * 2 + (first ? 0 : 1), across: across as 0 | 1 };
}

/** Everything on a board, in reading order: along the bus, then across it. */
export function boardItems({ panel, breakers }: Board): BoardItem[] {
  const taken = new Set<number>();
  const items = breakers.flatMap((entry): BoardItem[] => {
    const { id, space, poles, half } = entry.breaker;
    const base = { key: id, entry, cover: null, space, echo: false };
    if (space === null) {
      const along = runsBack(panel) ? busLength(panel) : -2;
      return [{ ...base, along, length: 2, across: null }];
    }
    spacesOf({ space, poles }).forEach((one) => taken.add(one));
    const slots = slotsOf({ space, poles, half }).map((slot) => lies(panel, slot));
    const across = slots[0]!.across;
    if (half === 'outer') {
      return slots.map(({ along }, i) => ({
        ...base,
        key: i === 0 ? id : `${id}-second`,
        along,
        length: 1,
        across,
        echo: i > 0,
      }));
    }
    const along = Math.min(...slots.map((slot) => slot.along));
    return [{ ...base, along, length: slots.length, across }];
  });
  for (let space = 1; space <= panel.spaces; space++) {
    if (taken.has(space)) continue;
    const { along, across } = lies(panel, { space, part: runsBack(panel) ? 'lower' : 'upper' });
    const cover = panel.blanks.includes(space) ? 'blank' : panel.holes.includes(space) ? 'hole' : 'unknown';
    items.push({ key: `open-${space}`, entry: null, cover, space, along, length: 2, across, echo: false });
  }
  return items.sort((a, b) => a.along - b.along || (a.across ?? 0) - (b.across ?? 0));
}

/** The leg of each pair of spaces, along the bus. */
export function legsAlong({ panel }: Pick<Board, 'panel'>): Leg[] {
  const legs: Leg[] = [];
  for (let space = 1; space <= panel.spaces; space++) {
    legs[lies(panel, { space, part: 'upper' }).along >> 1] = legOfSpace(space);
  }
  return legs;
}

/** Where a split bus is cut, in half spaces along it; `null` for one bus. */
export function splitAlong(panel: Panel): number | null {
  if (panel.splitAt === null) return null;
  const upper = panel.splitAt - 1;
  return runsBack(panel) ? busLength(panel) - upper : upper;
}

/** Rows and columns the panel shows, as text for those who do not see it. */
export const gridText = ({ spaces, orientation }: Panel) => {
  const { rows, columns } = spaceGrid(spaces, orientation);
  return messages.columnsAndRowsOfSpaces(columns, rows);
};

const middle = (item: BoardItem) => item.along + item.length / 2;

/** Where an arrow key leads from an item, or `null` at the edge. */
export function neighbour(
  panel: Pick<Panel, 'orientation'>,
  items: readonly BoardItem[],
  from: BoardItem,
  key: string,
): BoardItem | null {
  const real = items.filter((item) => !item.echo);
  const onSide = isOnItsSide(panel.orientation);
  const [back, forth, less, more] = onSide
    ? ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown']
    : ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight'];
  const column = from.across ?? 0;
  const beside = real.filter((item) => item !== from && (item.across === null || item.across === column));
  const nearest = (list: BoardItem[]) =>
    list.sort((a, b) => Math.abs(middle(a) - middle(from)) - Math.abs(middle(b) - middle(from)))[0] ?? null;
  switch (key) {
    case forth:
      return nearest(beside.filter((item) => middle(item) > middle(from)));
    case back:
      return nearest(beside.filter((item) => middle(item) < middle(from)));
    case less:
    case more: {
      const wanted = key === less ? 0 : 1;
      if (from.across === wanted || from.across === null) return null;
      return nearest(real.filter((item) => item.across === wanted));
    }
    case 'Home':
      return real[0] ?? null;
    case 'End':
      return real.at(-1) ?? null;
    default:
      return null;
  }
}
