import { legOfSpace, spacesOf, type Half } from './layout.ts';

/** What a breaker takes up in a panel. */
export interface Placed {
  id: string;
  space: number;
  poles: 1 | 2;
  half: Half | null;
}

/** Why a breaker cannot go where it is wanted: the field at fault and a sentence for the person. */
export interface PlacementProblem {
  field: 'space' | 'poles' | 'half';
  message: string;
}

/**
 * Why a breaker cannot go there, or `null` if it can.
 *
 * @param spaces how many spaces the panel has
 * @param others the breakers already in it
 * @param wanted the one to place; one with the same id among the others is passed over (a move)
 * @example
 * placementProblem(24, [{ id: 'x', space: 3, poles: 1, half: null }], { id: 'y', space: 1, poles: 2, half: null })
 *   // { field: 'space', message: 'Space 3 is taken.' }
 */
export function placementProblem(
  spaces: number,
  others: readonly Placed[],
  wanted: Placed,
): PlacementProblem | null {
  if (wanted.poles === 2 && wanted.half !== null) {
    return {
      field: 'half',
      message:
        'A narrow unit in one space sits on one leg and cannot be two-pole: two-pole needs two spaces.',
    };
  }
  const taken = spacesOf(wanted);
  const beyond = taken.find((space) => space < 1 || space > spaces);
  if (beyond !== undefined) {
    return wanted.poles === 2 && wanted.space <= spaces
      ? {
          field: 'poles',
          message: `A two-pole unit at ${wanted.space} would need space ${beyond}; this panel ends at ${spaces}.`,
        }
      : { field: 'space', message: `This panel has spaces 1 to ${spaces}.` };
  }
  for (const other of others) {
    if (other.id === wanted.id) continue;
    const shared = spacesOf(other).find((space) => taken.includes(space));
    if (shared === undefined) continue;
    const bothNarrow = other.half !== null && wanted.half !== null;
    if (!bothNarrow) return { field: 'space', message: `Space ${shared} is taken.` };
    if (other.half === wanted.half) {
      return { field: 'half', message: `The ${wanted.half} half of space ${shared} is taken.` };
    }
  }
  return null;
}

/** The legs a breaker is fed from; two for a two-pole unit, which straddles both. */
export const legsOf = (breaker: { space: number; poles: number }) => spacesOf(breaker).map(legOfSpace);
