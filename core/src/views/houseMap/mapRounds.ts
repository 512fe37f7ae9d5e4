import { circuitMap, type MapCheck } from '../../panel/circuitMap/index.ts';
import type { HouseMap } from '../../record/panelEntries/index.ts';

/** What each thing takes, s: to the panel and back, a handle, a look, a call to somebody at the panel and the wait. */
const SECONDS = { walk: 60, handle: 3, look: 8, call: 6 } as const;

/**
 * How long rounds take alone, with so many places looked at in each.
 *
 * @param off how many breakers are off in each round
 * @param places how many places are looked at
 * @returns s
 * @example roundSeconds([2], 10) // 152
 */
export function roundSeconds(off: readonly number[], places: number): number {
  const handles = off.reduce((sum, count) => sum + 2 * count, 0);
  return off.length * (SECONDS.walk + places * SECONDS.look) + handles * SECONDS.handle;
}

/**
 * How long a map takes: in rounds by oneself, and breaker after breaker with somebody at the panel.
 *
 * @param off how many breakers are off in each round
 * @param breakers how many may be switched off
 * @param places how many places are looked at
 * @returns min
 * @example mapMinutes([2, 2], 3, 10) // { rounds: 5.1, oneByOne: 2.7 }
 */
export function mapMinutes(
  off: readonly number[],
  breakers: number,
  places: number,
): { rounds: number; oneByOne: number } {
  // At each place somebody calls, and on average half of the handles are tried until it goes dark.
  const oneByOne = places * (SECONDS.look + (breakers / 2) * (SECONDS.call + SECONDS.handle));
  return { rounds: roundSeconds(off, places) / 60, oneByOne: oneByOne / 60 };
}

/** The rounds of a map: in few of them, or one for each breaker. */
export type MapWay = 'rounds' | 'one-by-one';

/**
 * The rounds in which a house is mapped.
 *
 * @param breakerIds that may be switched off
 * @param way in few rounds, or breaker after breaker
 * @param check how much a wrong look may spoil
 * @returns which are off in each
 * @example roundsOf(['a', 'b'], 'one-by-one', 'none') // [{ off: ['a'] }, { off: ['b'] }]
 */
export const roundsOf = (breakerIds: readonly string[], way: MapWay, check: MapCheck): HouseMap['rounds'] =>
  way === 'one-by-one'
    ? breakerIds.map((id) => ({ off: [id] }))
    : breakerIds.length === 0
      ? []
      : circuitMap({ breakers: breakerIds.map((id) => ({ id, mayBeOff: true })), check }).rounds;
