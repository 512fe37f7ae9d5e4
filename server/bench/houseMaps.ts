import { seeded } from '@phylaxon/core/facts/random';
import { MAP_CHECKS } from '@phylaxon/core/panel/circuitMap';
import { compareStages, mappedHouse, walkRounds } from '@phylaxon/core/benchmarks';
import { mapMinutes, readHouseMap, roundsOf } from '@phylaxon/core/views/houseMap';
import { median, say } from './say.ts';

const HOUSES = 2000;
const SLIPS = 0.01;
const PANELS = 30;
const BREAKERS = 21;

/** Rounds and minutes of mapping a house, against breaker after breaker, and what slips of the eye do. */
export function benchHouseMaps(): void {
  say(`  Mapping ${HOUSES} simulated houses for each code, one look in a hundred wrong`);
  for (const check of MAP_CHECKS) {
    const random = seeded(20_261_129);
    const [rounds, minutes, oneByOne]: [number[], number[], number[]] = [[], [], []];
    const places = { right: 0, wrong: 0, again: 0 };
    for (let i = 0; i < HOUSES; i++) {
      const house = mappedHouse(random, 10 + Math.floor(random() * 32), 20 + Math.floor(random() * 30));
      const made = roundsOf(house.breakerIds, 'rounds', check);
      const took = mapMinutes(
        made.map(({ off }) => off.length),
        house.breakerIds.length,
        house.fedBy.size,
      );
      rounds.push(made.length);
      minutes.push(took.rounds);
      oneByOne.push(took.oneByOne);
      const { told } = walkRounds(house, made, random, SLIPS);
      const rooms = [{ name: 'House', places: [...house.fedBy.keys()].map((id) => ({ id, name: id })) }];
      for (const { id, is, breakerIds } of readHouseMap(
        { mapId: 'map', check, rooms, stayOn: [], rounds: made, secondStage: null },
        told,
      )) {
        if (is !== 'one' && is !== 'never') places.again++;
        else if ((breakerIds[0] ?? null) === house.fedBy.get(id)) places.right++;
        else places.wrong++;
      }
    }
    const all = places.right + places.wrong + places.again;
    const share = (of: number) => `${((100 * of) / all).toFixed(2)}%`;
    say(
      `    ${check.padEnd(8)} ${median(rounds)} rounds, ${median(minutes).toFixed(0)} min against ${median(oneByOne).toFixed(0)} min breaker after breaker; places right ${share(places.right)}, asked again ${share(places.again)}, wrong ${share(places.wrong)}`,
    );
  }
  for (const check of MAP_CHECKS)
    for (const withAppliances of [false, true]) {
      const { plain, staged } = compareStages(seeded(36_021), PANELS, BREAKERS, check, withAppliances);
      say(
        `    ${BREAKERS} breakers, ${check}, ${withAppliances ? 'appliances listed too' : 'outlets and lights'}: two stages ask ${((100 * staged.looks) / plain.looks).toFixed(1)}% of the looks, in ${((100 * staged.rounds) / plain.rounds).toFixed(0)}% of the rounds`,
      );
    }
  say('');
}
