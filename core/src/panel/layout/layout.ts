import * as messages from './messages.ts';

/** The two legs of a split-phase supply. */
export const LEGS = ['A', 'B'] as const;
export type Leg = (typeof LEGS)[number];

/** How a panel hangs on the wall: by where its top points. */
export const ORIENTATIONS = ['upright', 'inverted', 'left', 'right'] as const;
export type Orientation = (typeof ORIENTATIONS)[number];

/**
 * What a narrow unit takes of its spaces. One-pole: the upper or lower half of one space. Two-pole, in a
 * quad: the inner pair (lower half of the first space, upper half of the next in the column) or the outer.
 */
export const HALVES = ['upper', 'lower', 'inner', 'outer'] as const;
export type Half = (typeof HALVES)[number];
/** How halves are written: in full, and by their first letter. */
export const HALF_NAMES: Readonly<Record<string, Half>> = {
  u: 'upper',
  upper: 'upper',
  l: 'lower',
  lower: 'lower',
  i: 'inner',
  inner: 'inner',
  o: 'outer',
  outer: 'outer',
};

/** Which way a handle is pushed to switch on, as seen from the front. */
export const ON_DIRECTIONS = ['left', 'right', 'up', 'down'] as const;
export type OnDirection = (typeof ON_DIRECTIONS)[number];

/**
 * The leg that feeds a space. Spaces are numbered across, odd on one side and even on the other, and
 * legs alternate down each column: 1 and 2 are on leg A, 3 and 4 on leg B, 5 and 6 on A again.
 *
 * @param space from 1
 * @returns A or B
 * @example legOfSpace(3) // 'B'
 */
export function legOfSpace(space: number): Leg {
  return Math.floor((space - 1) / 2) % 2 === 0 ? 'A' : 'B';
}

/**
 * The spaces a breaker takes: a two-pole one also takes the next in its column, two numbers on.
 *
 * @param breaker its space, null for a main that has none, and its poles
 * @returns numbers of spaces
 * @example spacesOf({ space: 5, poles: 2 }) // [5, 7]
 */
export function spacesOf({ space, poles }: { space: number | null; poles: number }): number[] {
  return space === null ? [] : Array.from({ length: poles }, (_, pole) => space + 2 * pole);
}

/**
 * The legs a breaker is fed from; two for a two-pole unit, which straddles both.
 *
 * @param breaker its space and poles
 * @returns A, B or both
 * @example legsOf({ space: 1, poles: 2 }) // ['A', 'B']
 */
export const legsOf = (breaker: { space: number; poles: number }): Leg[] => spacesOf(breaker).map(legOfSpace);

/** One half of one space: the smallest place a pole can sit. */
export interface Slot {
  space: number;
  part: 'upper' | 'lower';
}

/**
 * The half spaces a breaker takes.
 *
 * @param breaker its space, poles and half
 * @returns halves of spaces
 * @example slotsOf({ space: 5, poles: 2, half: 'inner' })
 *   // [{ space: 5, part: 'lower' }, { space: 7, part: 'upper' }]
 */
export function slotsOf(breaker: { space: number; poles: number; half: Half | null }): Slot[] {
  const { space, half } = breaker;
  if (half === 'upper' || half === 'lower') return [{ space, part: half }];
  const [first, last = first] = spacesOf(breaker) as [number, number?];
  const ends: Slot[] = [
    { space: first, part: half === 'inner' ? 'lower' : 'upper' },
    { space: last, part: half === 'inner' ? 'upper' : 'lower' },
  ];
  if (half !== null) return ends;
  return spacesOf(breaker).flatMap((one): Slot[] => [
    { space: one, part: 'upper' },
    { space: one, part: 'lower' },
  ]);
}

/** Where something lies on the wall: row and column from the top left, 0-based, as the panel hangs. */
export interface Place {
  row: number;
  column: number;
}

/**
 * Rows and columns of spaces a panel shows as it hangs: two columns, or two rows when on its side.
 *
 * @param spaces how many the panel has
 * @param orientation how it hangs
 * @returns counts
 * @example spaceGrid(24, 'upright') // { rows: 12, columns: 2 }
 */
export function spaceGrid(spaces: number, orientation: Orientation): { rows: number; columns: number } {
  const pairs = Math.ceil(spaces / 2);
  return isOnItsSide(orientation) ? { rows: 2, columns: pairs } : { rows: pairs, columns: 2 };
}

/**
 * Whether a panel lies on its side, so that its spaces run across.
 *
 * @param orientation how it hangs
 * @returns whether it does
 * @example isOnItsSide('left') // true
 */
export const isOnItsSide = (orientation: Orientation) => orientation === 'left' || orientation === 'right';

/**
 * Where a space lies on the wall. An inverted panel is turned by half a turn: space 1 is then at the
 * bottom right. With its top to the left, space 1 is at the bottom left.
 *
 * @param spaces how many the panel has
 * @param space from 1
 * @param orientation how it hangs
 * @returns row and column, from 0
 * @example placeOfSpace(24, 3, 'upright') // { row: 1, column: 0 }
 * @example placeOfSpace(24, 3, 'inverted') // { row: 10, column: 1 }
 * @example placeOfSpace(24, 3, 'left') // { row: 1, column: 1 }
 */
export function placeOfSpace(spaces: number, space: number, orientation: Orientation): Place {
  const along = Math.floor((space - 1) / 2);
  const across = space % 2 === 1 ? 0 : 1;
  const last = Math.ceil(spaces / 2) - 1;
  switch (orientation) {
    case 'upright':
      return { row: along, column: across };
    case 'inverted':
      return { row: last - along, column: 1 - across };
    case 'left':
      return { row: 1 - across, column: along };
    case 'right':
      return { row: across, column: last - along };
  }
}

/** Clockwise quarter turns from upright. */
const QUARTERS: Record<Orientation, number> = { upright: 0, right: 1, inverted: 2, left: 3 };
const CLOCKWISE: readonly OnDirection[] = ['up', 'right', 'down', 'left'];

/**
 * A handle's on-direction after its panel is turned from one hanging to another.
 *
 * @param direction in which its handle goes on
 * @param from how the panel hung
 * @param to how it hangs now
 * @returns in which it goes on now
 * @example turnDirection('right', 'upright', 'inverted') // 'left'
 */
export function turnDirection(direction: OnDirection, from: Orientation, to: Orientation): OnDirection {
  const turns = QUARTERS[to] - QUARTERS[from];
  return CLOCKWISE[(CLOCKWISE.indexOf(direction) + turns + 4) % 4]!;
}

/**
 * The usual on-direction: in a column, towards the middle; a main’s is up in an upright panel.
 *
 * @param space from 1; `null` for a main
 * @param orientation how the panel hangs
 * @returns in which a handle goes on
 * @example usualOnDirection(1, 'upright') // 'right'
 */
export function usualOnDirection(space: number | null, orientation: Orientation): OnDirection {
  const upright = space === null ? 'up' : space % 2 === 1 ? 'right' : 'left';
  return turnDirection(upright, 'upright', orientation);
}

/**
 * Where a breaker sits, as people write it.
 *
 * @param breaker its space, poles and half
 * @returns text
 * @example sayPlace({ space: 5, poles: 2, half: null }) // '5–7'
 * @example sayPlace({ space: 19, poles: 1, half: 'upper' }) // '19 upper'
 * @example sayPlace({ space: null, poles: 2, half: null }) // 'Main'
 */
export function sayPlace(breaker: { space: number | null; poles: number; half: Half | null }): string {
  const { space, poles, half } = breaker;
  if (space === null) return messages.main;
  const spaces = poles === 2 ? `${space}–${space + 2}` : `${space}`;
  return half === null ? spaces : `${spaces} ${half}`;
}

/**
 * A breaker by where it sits and what it feeds.
 *
 * @param breaker its space, poles and half
 * @param label of its circuit; null or left out: it has none
 * @returns text
 * @example sayBreaker({ space: 5, poles: 2, half: null }, 'Range') // '5–7 Range'
 */
export const sayBreaker = (breaker: Parameters<typeof sayPlace>[0], label?: string | null): string =>
  `${sayPlace(breaker)} ${label ?? ''}`.trim();

/**
 * Where a breaker sits, within a sentence.
 *
 * @param breaker its place; a main has no space
 * @returns text
 * @example atPlace({ space: 5, poles: 2, half: null }) // 'space 5–7'
 */
export const atPlace = (breaker: Parameters<typeof sayPlace>[0]): string =>
  breaker.space === null ? messages.theMain : messages.space(sayPlace(breaker));
