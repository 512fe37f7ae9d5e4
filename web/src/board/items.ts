import type { Board, BoardBreaker } from '@phylaxon/core/board';
import { legOfSpace, placeOfSpace, spacesOf, type Leg } from '@phylaxon/core/panel';

/** Something on the board that can be chosen: a breaker, or an open space. */
export interface BoardItem {
  key: string;
  entry: BoardBreaker | null;
  space: number | null;
  /** Row and rows it takes, from the top as the panel hangs; the main lies in row −1, or below all rows. */
  row: number;
  rows: number;
  /** null: across both columns, as the main. */
  column: 0 | 1 | null;
  /** Narrow units of one space lie above each other: 0 or 1 of 2. */
  part: 0 | 1 | null;
}

/** Everything on a board, in reading order: from the top, left before right. */
export function boardItems({ panel, breakers }: Board): BoardItem[] {
  const taken = new Set<number>();
  const items = breakers.map((entry): BoardItem => {
    const { id, space, poles, half } = entry.breaker;
    const base = { key: id, entry, space };
    if (space === null) {
      return {
        ...base,
        row: panel.orientation === 'upright' ? -1 : panel.spaces / 2,
        rows: 1,
        column: null,
        part: null,
      };
    }
    const spaces = spacesOf({ space, poles });
    spaces.forEach((one) => taken.add(one));
    const places = spaces.map((one) => placeOfSpace(panel.spaces, one, panel.orientation));
    const first = (half === 'upper') === (panel.orientation === 'upright');
    return {
      ...base,
      row: Math.min(...places.map((place) => place.row)),
      rows: places.length,
      column: places[0]!.column,
      part: half === null ? null : first ? 0 : 1,
    };
  });
  for (let space = 1; space <= panel.spaces; space++) {
    if (taken.has(space)) continue;
    const { row, column } = placeOfSpace(panel.spaces, space, panel.orientation);
    items.push({ key: `open-${space}`, entry: null, space, row, rows: 1, column, part: null });
  }
  return items.sort(
    (a, b) => a.row - b.row || (a.column ?? 0) - (b.column ?? 0) || (a.part ?? 0) - (b.part ?? 0),
  );
}

/** The leg of each row, from the top. */
export function legsByRow({ panel }: Board): Leg[] {
  const legs: Leg[] = [];
  for (let space = 1; space <= panel.spaces; space++) {
    legs[placeOfSpace(panel.spaces, space, panel.orientation).row] = legOfSpace(space);
  }
  return legs;
}

const middle = (item: BoardItem) =>
  item.row + item.rows / 2 + (item.part === null ? 0 : (item.part - 0.5) / 2);

/** Where an arrow key leads from an item, or `null` at the edge. */
export function neighbour(items: readonly BoardItem[], from: BoardItem, key: string): BoardItem | null {
  const column = from.column ?? 0;
  const inColumn = (wanted: 0 | 1) =>
    items.filter((item) => item !== from && (item.column === null || item.column === wanted));
  const nearest = (list: BoardItem[]) =>
    list.sort((a, b) => Math.abs(middle(a) - middle(from)) - Math.abs(middle(b) - middle(from)))[0] ?? null;
  switch (key) {
    case 'ArrowDown':
      return nearest(inColumn(column).filter((item) => middle(item) > middle(from)));
    case 'ArrowUp':
      return nearest(inColumn(column).filter((item) => middle(item) < middle(from)));
    case 'ArrowLeft':
    case 'ArrowRight': {
      const wanted = key === 'ArrowLeft' ? 0 : 1;
      return from.column === wanted || from.column === null
        ? null
        : nearest(inColumn(wanted).filter((i) => i.column !== null));
    }
    case 'Home':
      return items[0] ?? null;
    case 'End':
      return items.at(-1) ?? null;
    default:
      return null;
  }
}
