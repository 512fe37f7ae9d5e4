/** The two legs of a split-phase supply. */
export const LEGS = ['A', 'B'] as const;
export type Leg = (typeof LEGS)[number];

/** How a panel hangs on the wall. */
export const ORIENTATIONS = ['upright', 'inverted'] as const;
export type Orientation = (typeof ORIENTATIONS)[number];

/** A narrow breaker takes one half of a space. */
export const HALVES = ['upper', 'lower'] as const;
export type Half = (typeof HALVES)[number];

/** Which way a handle is pushed to switch on, as seen from the front. */
export const ON_DIRECTIONS = ['left', 'right', 'up', 'down'] as const;
export type OnDirection = (typeof ON_DIRECTIONS)[number];

/**
 * The leg that feeds a space. Spaces are numbered across, odd on one side and even on the other, and
 * legs alternate down each column: 1 and 2 are on leg A, 3 and 4 on leg B, 5 and 6 on A again.
 *
 * @example legOfSpace(3) // 'B'
 */
export function legOfSpace(space: number): Leg {
  return Math.floor((space - 1) / 2) % 2 === 0 ? 'A' : 'B';
}

/**
 * The spaces a breaker takes: a two-pole one also takes the next in its column, two numbers on.
 *
 * @example spacesOf({ space: 5, poles: 2 }) // [5, 7]
 */
export function spacesOf(breaker: { space: number; poles: number }): number[] {
  return Array.from({ length: breaker.poles }, (_, pole) => breaker.space + 2 * pole);
}

/** Where a space is drawn: row and column from the top left, 0-based, as the panel hangs. */
export interface Place {
  row: number;
  column: 0 | 1;
}

/**
 * Where a space lies on the wall. An inverted panel is turned by half a turn: space 1 is then at the
 * bottom right.
 *
 * @example placeOfSpace(24, 3, 'upright') // { row: 1, column: 0 }
 * @example placeOfSpace(24, 3, 'inverted') // { row: 10, column: 1 }
 */
export function placeOfSpace(spaces: number, space: number, orientation: Orientation): Place {
  const row = Math.floor((space - 1) / 2);
  const column = space % 2 === 1 ? 0 : 1;
  if (orientation === 'upright') return { row, column };
  return { row: Math.ceil(spaces / 2) - 1 - row, column: column === 0 ? 1 : 0 };
}

/** The usual on-direction: in a column, towards the middle; a main is pushed up, or down if inverted. */
export function usualOnDirection(space: number | null, orientation: Orientation): OnDirection {
  if (space === null) return orientation === 'upright' ? 'up' : 'down';
  return placeOfSpace(0, space, orientation).column === 0 ? 'right' : 'left';
}
