import { legOfSpace, sayPlace, slotsOf, type Half, type Slot } from './layout.ts';
import type { Placed } from './placement.ts';
import * as messages from './messages.ts';

/** How far along its column a half space lies, in half spaces. */
const along = ({ space, part }: Slot) => Math.floor((space - 1) / 2) * 2 + (part === 'lower' ? 1 : 0);

const name = ({ space, half }: Placed) => (half === null ? `${space}` : `${space} ${half}`);

/**
 * Why the handles of two breakers cannot be tied, or `null` if they can. A tie makes two one-pole units
 * open together, as the two hots of one multiwire circuit must: they are neighbours in one column, on
 * opposite legs, or the shared neutral would carry the sum.
 *
 * @param a one breaker
 * @param b the other
 * @returns a sentence
 * @example tieProblem({ id: 'a', space: 1, poles: 1, half: null }, { id: 'b', space: 3, poles: 1, half: null }) // null
 */
export function tieProblem(a: Placed, b: Placed): string | null {
  if (a.id === b.id) return messages.aHandleCannotBeTiedTo;
  if (a.poles !== 1 || b.poles !== 1) return messages.aTwoPoleBreakerAlreadyHas;
  const [first, second] = along(slotsOf(a)[0]!) < along(slotsOf(b)[0]!) ? [a, b] : [b, a];
  if (a.space % 2 !== b.space % 2) {
    return messages.andAreInDifferentColumnsA(name(a), name(b));
  }
  if (along(slotsOf(first).at(-1)!) + 1 !== along(slotsOf(second)[0]!)) {
    return messages.andAreNotNeighborsAHandle(name(first), name(second));
  }
  if (legOfSpace(a.space) === legOfSpace(b.space)) {
    return messages.andAreBothOnLegOn(name(a), name(b), legOfSpace(a.space));
  }
  return null;
}

/** A breaker as it sits in its panel; the main has no space. */
interface InPlace {
  id: string;
  space: number | null;
  poles: number;
  half: Half | null;
}

/** What fools people about a handle: how many move together, and what to mind. */
export interface Handles {
  together: 1 | 2;
  note: string;
}

/**
 * What is to be known of a breaker’s handle before a finger goes to it.
 *
 * @param breaker the breaker
 * @param all every breaker of its panel
 * @returns how it moves, and with which other
 * @example handlesOf(narrowUpper, all).note // 'It is a narrow breaker, the upper of two in this space: mind that it is this one.'
 */
export function handlesOf(breaker: InPlace & { tiedWith: string | null }, all: readonly InPlace[]): Handles {
  const tied = all.find(({ id }) => id === breaker.tiedWith);
  if (tied)
    return {
      together: 2,
      note: messages.thisHandleIsTiedToThe(sayPlace(tied)),
    };
  if (breaker.half === 'inner' || breaker.half === 'outer')
    return {
      together: 2,
      note: messages.thisIsThePairOfA(breaker.half),
    };
  if (breaker.half !== null)
    return {
      together: 1,
      note: messages.thisIsTheHalfOfA(breaker.half),
    };
  if (breaker.poles === 2) return { together: 2, note: messages.twoHandlesUnderOneTieOne };
  return { together: 1, note: '' };
}
