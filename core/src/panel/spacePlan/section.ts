import { disconnectsOf, MOST_DISCONNECTS, slotsOf, spacesOf } from '../layout/index.ts';
import type { PlannedBreaker, SpaceQuestion } from './schema.ts';

/**
 * What sits in a space, as far as room can be made with it: nothing; a full-size one-pole breaker that may move, be
 * exchanged for a narrow one, or both; a narrow unit beside a half that may be used; or what stays as it is.
 */
export type Content = 'free' | 'moves' | 'narrows' | 'both' | 'half' | 'stays';

/** A space of one section: what sits in it, and whether its label allows narrow units. */
export interface Cell {
  space: number;
  listed: boolean;
  content: Content;
  /** The full-size breaker in it that may leave or shrink. */
  id: string | null;
  /** Its halves that are free where a narrow unit may go. */
  freeHalves: ('upper' | 'lower')[];
}

/** One part of the bus between whose spaces breakers may move. */
export interface Section {
  cells: Cell[];
  /** Whether a new breaker may sit in it. */
  takesNew: boolean;
}

const contentOf = ({ movable, narrowable }: PlannedBreaker): Content =>
  movable ? (narrowable ? 'both' : 'moves') : narrowable ? 'narrows' : 'stays';

/** The sections of a panel: one, or two where its bus is split. */
export function sectionsOf({
  spaces,
  splitAt,
  narrowSpaces,
  blocked,
  breakers,
  want,
}: SpaceQuestion): Section[] {
  const listed = new Set(narrowSpaces ?? []);
  const shut = new Set(blocked);
  const whole = new Map<number, PlannedBreaker>();
  const taken = new Map<number, Set<string>>();
  for (const breaker of breakers) {
    if (breaker.poles === 1 && breaker.half === null) whole.set(breaker.space, breaker);
    for (const { space, part } of slotsOf(breaker))
      taken.set(space, new Set([...(taken.get(space) ?? []), part]));
  }
  const cellAt = (space: number): Cell => {
    const cell = { space, listed: listed.has(space) && !shut.has(space), id: null, freeHalves: [] };
    if (shut.has(space)) return { ...cell, content: 'stays' };
    const breaker = whole.get(space);
    if (breaker) return { ...cell, content: contentOf(breaker), id: breaker.id };
    const parts = taken.get(space);
    if (!parts) return { ...cell, content: 'free', freeHalves: ['upper', 'lower'] };
    const freeHalves = (['upper', 'lower'] as const).filter((part) => !parts.has(part));
    return cell.listed && freeHalves.length === 1
      ? { ...cell, content: 'half', freeHalves }
      : { ...cell, content: 'stays' };
  };
  const cells = Array.from({ length: spaces }, (_, i) => cellAt(i + 1));
  if (splitAt === null) return [{ cells, takesNew: true }];
  // Six handles shut an upper section off: no more may be added there.
  const isFull = disconnectsOf({ splitAt }, breakers).length >= MOST_DISCONNECTS;
  return [
    {
      cells: cells.filter(({ space }) => space < splitAt),
      takesNew: want.section !== 'lower' && !isFull,
    },
    { cells: cells.filter(({ space }) => space >= splitAt), takesNew: want.section !== 'upper' },
  ];
}

/** Where a full-size breaker could go in a section, free or not: each place by its spaces. */
export function placesIn({ cells }: Section, poles: 1 | 2): Cell[][] {
  const at = new Map(cells.map((cell) => [cell.space, cell]));
  return cells.flatMap(({ space }) => {
    const place = spacesOf({ space, poles }).map((one) => at.get(one));
    return place.every((cell) => cell !== undefined) ? [place] : [];
  });
}
