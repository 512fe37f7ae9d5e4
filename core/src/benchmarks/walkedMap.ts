import type { Random } from '../facts/random/index.ts';
import { circuitGuess } from '../panel/circuitGuess/index.ts';
import type { MapCheck } from '../panel/circuitMap/index.ts';
import type { HouseMap, MapLooks } from '../record/panelEntries/index.ts';
import {
  expectedOutlets,
  nextLooks,
  readHouseMap,
  roundsOf,
  stagedRounds,
  type PlaceRead,
  type StagedRounds,
} from '../views/houseMap/index.ts';
import { drawnPanel, type DrawnPanel } from './drawnPanel.ts';
import { houseOfPanel, type MappedHouse } from './mappedHouse.ts';

/** Somebody who goes through a house does not go on for ever. */
const MOST_ENTRIES = 400;

/**
 * A made-up panel with so many breakers.
 *
 * @param random numbers
 * @param breakers how many
 * @returns the first one drawn that has so many
 * @example panelOfSize(seeded(1), 21).circuits.length // 21
 */
export function panelOfSize(random: Random, breakers: number): DrawnPanel {
  for (;;) {
    const panel = drawnPanel(random, false);
    if (panel.circuits.length === breakers) return panel;
  }
}

/**
 * The rounds of a made-up panel in one stage, and in two by the guess of what its circuits feed.
 *
 * @param panel whose uses are not told
 * @param house what it feeds, as it is listed
 * @param check how much a wrong look may spoil
 * @returns both
 * @example mapPlans(panel, house, 'none').plain.secondStage // null
 */
export function mapPlans(
  { circuits }: DrawnPanel,
  { breakerIds, fedBy }: MappedHouse,
  check: MapCheck,
): Record<'plain' | 'staged', Pick<StagedRounds, 'rounds' | 'secondStage'>> {
  const outlets = expectedOutlets(
    circuitGuess({ circuits: circuits.map(({ truth: _truth, ...seen }) => seen) }),
  );
  const appliances = [...fedBy.keys()].filter((id) => id.startsWith('appliance')).length;
  return {
    plain: { rounds: roundsOf(breakerIds, 'rounds', check), secondStage: null },
    staged: stagedRounds(
      breakerIds.map((id) => ({ id, outlets: outlets.get(id)! })),
      { count: fedBy.size, appliances },
      check,
    ),
  };
}

/** A map as somebody made it who did what was asked. */
export interface WalkedMap {
  /** How often a place was looked at. */
  looks: number;
  /** How many rounds were gone through. */
  rounds: number;
  read: PlaceRead[];
  /** How many looks at each place were wrong. */
  slips: Map<string, number>;
}

/**
 * A map as somebody goes through it, asked for one round after the other until nothing is left to look at.
 *
 * @param house which breaker feeds which place
 * @param plan the rounds
 * @param check how much a wrong look may spoil
 * @param random numbers
 * @param slips how often a look is wrong, 0 to 1
 * @returns what it took, and what came of it
 * @throws Error where it does not end
 * @example walkMap(house, plan, 'none', seeded(1), 0).read.every(({ is }) => is === 'one') // true
 */
export function walkMap(
  { fedBy }: MappedHouse,
  plan: Pick<StagedRounds, 'rounds' | 'secondStage'>,
  check: MapCheck,
  random: Random,
  slips: number,
): WalkedMap {
  const rooms = [{ name: 'House', places: [...fedBy.keys()].map((id) => ({ id, name: id })) }];
  const map: HouseMap = { mapId: 'map', check, rooms, stayOn: [], ...plan };
  const told: MapLooks[] = [];
  const gone = new Set<number>();
  const slipped = new Map([...fedBy.keys()].map((id) => [id, 0]));
  let looks = 0;
  for (let next = nextLooks(map, told); next; next = nextLooks(map, told)) {
    if (told.length > MOST_ENTRIES) throw new Error('The map does not end.');
    const { round, placeIds } = next;
    const off = plan.rounds[round]!.off;
    looks += placeIds.length;
    gone.add(round);
    told.push({
      ...{ mapId: 'map', round },
      looks: placeIds.map((placeId) => {
        const isSlip = random() < slips;
        if (isSlip) slipped.set(placeId, slipped.get(placeId)! + 1);
        return { placeId, dead: off.includes(fedBy.get(placeId) ?? '') !== isSlip };
      }),
    });
  }
  return { looks, rounds: gone.size, read: readHouseMap(map, told), slips: slipped };
}

/**
 * What maps in one stage and in two take, on made-up panels of one size.
 *
 * @param random numbers
 * @param panels how many
 * @param breakers how many a panel has
 * @param check how much a wrong look may spoil
 * @param withAppliances whether single appliances are listed too
 * @returns rounds and looks of all panels together, and places whose breaker was not found
 * @example compareStages(seeded(1), 10, 21, 'none', false).staged.looks // fewer than plain.looks
 */
export function compareStages(
  random: Random,
  panels: number,
  breakers: number,
  check: MapCheck,
  withAppliances: boolean,
): Record<'plain' | 'staged', { rounds: number; looks: number; wrong: number }> {
  const sums = { plain: { rounds: 0, looks: 0, wrong: 0 }, staged: { rounds: 0, looks: 0, wrong: 0 } };
  for (let i = 0; i < panels; i++) {
    const panel = panelOfSize(random, breakers);
    const house = houseOfPanel(panel, withAppliances);
    const plans = mapPlans(panel, house, check);
    for (const way of ['plain', 'staged'] as const) {
      const walked = walkMap(house, plans[way], check, random, 0);
      sums[way].rounds += walked.rounds;
      sums[way].looks += walked.looks;
      sums[way].wrong += walked.read.filter(
        ({ id, is, breakerIds }) => is !== 'one' || breakerIds[0] !== house.fedBy.get(id),
      ).length;
    }
  }
  return sums;
}
