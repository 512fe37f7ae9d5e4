import type { HouseMap, MapLooks } from '../../record/panelEntries/index.ts';
import { readHouseMap } from './houseMapView.ts';

/** What is looked at next: in which round, and which places. */
export interface NextLooks {
  round: number;
  placeIds: string[];
  /** They were looked at before, and contradicted themselves. */
  isAgain: boolean;
}

/** The first stage of a map by itself: breakers that are off together in all of its rounds are one. */
function firstStage(map: HouseMap, secondStage: number): { map: HouseMap; group: ReadonlySet<string> } {
  const rounds = map.rounds.slice(0, secondStage);
  const group = new Set(map.rounds.slice(secondStage).flatMap(({ off }) => off));
  const [representative] = group;
  return {
    group,
    map: {
      ...map,
      secondStage: null,
      rounds: rounds.map(({ off }) => ({ off: off.filter((id) => id === representative || !group.has(id)) })),
    },
  };
}

/**
 * Which places are looked at next: those of the round that is next, then those that contradict themselves, once more and only those;
 * in a second stage only what the first one did not settle.
 *
 * @param map the places and rounds
 * @param told what was dead and alive, in the order in which it was told
 * @returns `null` where everything was looked at
 * @example nextLooks(map, []) // { round: 0, placeIds: ['lamp'], isAgain: false }
 */
export function nextLooks(map: HouseMap, told: readonly MapLooks[]): NextLooks | null {
  const { secondStage } = map;
  if (secondStage === null) return nextOfStage(map, told);
  const first = firstStage(map, secondStage);
  const next = nextOfStage(first.map, told);
  if (next) return next;
  const settled = new Set(
    readHouseMap(first.map, ofRounds(told, 0, secondStage)).flatMap(({ id, is, breakerIds }) =>
      is === 'never' || (is === 'one' && !first.group.has(breakerIds[0]!)) ? [id] : [],
    ),
  );
  return nextOfStage(map, told, settled);
}

const ofRounds = (told: readonly MapLooks[], from: number, to: number) =>
  told.filter(({ round }) => round >= from && round < to);

/** The same within the rounds of one stage; settled places are not looked at any more. */
function nextOfStage(
  map: HouseMap,
  told: readonly MapLooks[],
  settled: ReadonlySet<string> = new Set(),
): NextLooks | null {
  const known = ofRounds(told, 0, map.rounds.length);
  const times = new Map<string, number>();
  for (const { round, looks } of known)
    for (const { placeId } of looks)
      times.set(`${placeId} ${round}`, (times.get(`${placeId} ${round}`) ?? 0) + 1);
  const timesOf = (id: string, round: number) => times.get(`${id} ${round}`) ?? 0;
  const open = map.rooms.flatMap(({ places }) => places.map(({ id }) => id)).filter((id) => !settled.has(id));
  const next = map.rounds.findIndex((_round, round) => open.some((id) => timesOf(id, round) === 0));
  if (next >= 0)
    return { round: next, placeIds: open.filter((id) => timesOf(id, next) === 0), isAgain: false };
  const again = readHouseMap(map, known).flatMap(({ id, is, again: rounds }) =>
    is === 'again' && !settled.has(id)
      ? rounds.filter((round) => timesOf(id, round) < 2).map((round) => ({ id, round }))
      : [],
  );
  if (again.length === 0) return null;
  const round = Math.min(...again.map((one) => one.round));
  return { round, placeIds: again.filter((one) => one.round === round).map(({ id }) => id), isAgain: true };
}
