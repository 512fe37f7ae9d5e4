import type { Random } from '../facts/random/index.ts';
import { CIRCUIT_USES } from '../panel/circuitGuess/index.ts';
import type { HouseMap, MapLooks } from '../record/panelEntries/index.ts';
import type { DrawnPanel } from './drawnPanel.ts';

/** A made-up house: which breaker feeds each place; `null`: one that is fed from elsewhere. */
export interface MappedHouse {
  breakerIds: string[];
  fedBy: ReadonlyMap<string, string | null>;
}

/**
 * A house of some breakers and places, one of them fed from elsewhere now and then.
 *
 * @param random numbers
 * @param breakers how many
 * @param places how many
 * @returns which breaker feeds which place
 * @example mappedHouse(seeded(1), 20, 30).fedBy.size // 30
 */
export function mappedHouse(random: Random, breakers: number, places: number): MappedHouse {
  const breakerIds = Array.from({ length: breakers }, (_, i) => `b${i + 1}`);
  return {
    breakerIds,
    fedBy: new Map(
      Array.from({ length: places }, (_, i) => [
        `p${i + 1}`,
        random() < 0.02 ? null : breakerIds[Math.floor(random() * breakers)]!,
      ]),
    ),
  };
}

/**
 * The outlets, lights and appliances of a made-up panel, as somebody lists them.
 *
 * @param panel with what its circuits truly feed
 * @param withAppliances whether single appliances are listed too
 * @returns which circuit feeds which place; the ids of single appliances begin with `appliance`
 * @example houseOfPanel(drawnPanel(seeded(1), false), false).breakerIds.length // about 20
 */
export function houseOfPanel({ circuits }: DrawnPanel, withAppliances: boolean): MappedHouse {
  const fedBy = new Map<string, string>();
  for (const { id, truth } of circuits) {
    const { places } = CIRCUIT_USES[truth];
    if (places > 1) for (let i = 1; i <= places; i++) fedBy.set(`outlet ${id} ${i}`, id);
    else if (places === 1 && withAppliances) fedBy.set(`appliance ${id}`, id);
  }
  return { breakerIds: circuits.map(({ id }) => id), fedBy };
}

/**
 * A round as somebody goes through it, with a slip of the eye now and then.
 *
 * @param house which breaker feeds which place
 * @param rounds which are off in each
 * @param random numbers
 * @param slips how often a look is wrong, 0 to 1
 * @returns what was told, and how many slips each place has
 * @example walkRounds(house, rounds, seeded(1), 0.01).told.length // one a round
 */
export function walkRounds(
  { fedBy }: MappedHouse,
  rounds: HouseMap['rounds'],
  random: Random,
  slips: number,
): { told: MapLooks[]; slipsAt: Map<string, number> } {
  const slipsAt = new Map([...fedBy.keys()].map((id) => [id, 0]));
  const told = rounds.map(({ off }, round) => ({
    mapId: 'map',
    round,
    looks: [...fedBy].map(([placeId, feed]) => {
      const isSlip = random() < slips;
      if (isSlip) slipsAt.set(placeId, slipsAt.get(placeId)! + 1);
      return { placeId, dead: (feed !== null && off.includes(feed)) !== isSlip };
    }),
  }));
  return { told, slipsAt };
}
