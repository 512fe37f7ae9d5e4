import {
  CIRCUIT_USES,
  circuitGuess,
  useNamed,
  type CircuitGuess,
  type CircuitGuessInput,
} from '../../panel/circuitGuess/index.ts';
import { MAP_CHECKS, type MapCheck } from '../../panel/circuitMap/index.ts';
import type { HouseMap } from '../../record/panelEntries/index.ts';
import type { Board } from '../board/index.ts';
import { roundSeconds, roundsOf } from './mapRounds.ts';

/** The rounds of a map, and from which on only places are looked at that the rounds before did not settle. */
export interface StagedRounds {
  rounds: HouseMap['rounds'];
  /** The first round of the second stage; `null`: there is one stage only. */
  secondStage: number | null;
  /** How long it is expected to take, min. */
  minutes: number;
}

/**
 * What is asked of the guess of what each circuit of a panel feeds: names of the directory count as known where they name one use.
 *
 * @param breakers of a board, with their labels
 * @returns the question
 * @example circuitsToGuess([]).circuits // []
 */
export const circuitsToGuess = (
  breakers: readonly Pick<Board['breakers'][number], 'breaker' | 'label'>[],
): CircuitGuessInput => ({
  circuits: breakers
    .filter(({ breaker }) => breaker.role === 'branch')
    .map(({ breaker: { id, poles, ratingAmps, kind }, label }) => {
      return { id, poles, ratingAmps, kind, use: label === null ? null : useNamed(label, poles) };
    }),
});

/**
 * How many outlets and lights each circuit is expected to feed: what feeds a single appliance counts for none.
 *
 * @param guess what the circuits of a panel are likely to feed
 * @returns by breaker
 * @example expectedOutlets(circuitGuess({ circuits: [{ id: '1', poles: 2, ratingAmps: 30 }] })).get('1') // near 0
 */
export const expectedOutlets = ({ circuits }: CircuitGuess): Map<string, number> =>
  new Map(
    circuits.map(({ id, guesses }) => [
      id,
      guesses.reduce((sum, { use, chance }) => {
        const { places } = CIRCUIT_USES[use];
        return places > 1 ? sum + chance * places : sum;
      }, 0),
    ]),
  );

/**
 * How many of the places of a house are appliances that have a circuit to themselves, by their names.
 *
 * @param rooms as somebody typed them
 * @returns a count
 * @example appliancePlaces([{ name: 'Laundry', places: [{ id: 'p', name: 'dryer' }] }]) // 1
 */
export const appliancePlaces = (rooms: HouseMap['rooms']): number =>
  rooms
    .flatMap(({ places }) => places)
    .filter(({ name }) => {
      const use = useNamed(name);
      return use !== null && CIRCUIT_USES[use].places <= 1;
    }).length;

/**
 * The rounds of a map in two stages, where that is expected to be quicker. Breakers that are likely to feed a single appliance are
 * switched together, as if they were one; only what turns out to be on one of them is looked at in the second stage. A wrong guess
 * costs rounds, never a wrong answer.
 *
 * @param breakers that may be switched off, each with how many outlets and lights it is expected to feed
 * @param places how many places are looked at, and how many of them are appliances with a circuit of their own
 * @param check how much a wrong look may spoil
 * @returns the rounds
 * @example stagedRounds([{ id: 'a', outlets: 4 }], { count: 10, appliances: 0 }, 'none').secondStage // null
 */
export function stagedRounds(
  breakers: readonly { id: string; outlets: number }[],
  places: { count: number; appliances: number },
  check: MapCheck,
): StagedRounds {
  const sorted = [...breakers].sort((a, b) => a.outlets - b.outlets);
  const total = breakers.reduce((sum, { outlets }) => sum + outlets, 0);
  const all = roundsOf(
    breakers.map(({ id }) => id),
    'rounds',
    check,
  );
  const counts = (rounds: HouseMap['rounds']) => rounds.map(({ off }) => off.length);
  let best: StagedRounds = {
    rounds: all,
    secondStage: null,
    minutes: roundSeconds(counts(all), places.count) / 60,
  };
  const others = places.count - places.appliances;
  for (let size = 2; size < breakers.length; size++) {
    const group = sorted.slice(0, size);
    const share = total > 0 ? group.reduce((sum, { outlets }) => sum + outlets, 0) / total : 1;
    const inGroup = new Set(group.map(({ id }) => id));
    const [first, ...rest] = breakers.filter(({ id }) => inGroup.has(id)).map(({ id }) => id);
    const one = breakers.map(({ id }) => id).filter((id) => id === first || !inGroup.has(id));
    const together = roundsOf(one, 'rounds', check).map(({ off }) => ({
      off: off.includes(first!) ? [...off, ...rest] : off,
    }));
    if (together.length >= all.length) continue;
    const apart = roundsOf([first!, ...rest], 'rounds', check);
    const landed = places.appliances + others * share;
    const needed = places.appliances > 0 ? 1 : 1 - (1 - share) ** others;
    const seconds =
      roundSeconds(counts(together), places.count) +
      needed * roundSeconds(counts(apart), landed / Math.max(needed, Number.MIN_VALUE));
    if (seconds / 60 < best.minutes)
      best = { rounds: [...together, ...apart], secondStage: together.length, minutes: seconds / 60 };
  }
  return best;
}

/** A map that is about to begin. */
export interface MapQuestion {
  /** All breakers of the board. */
  breakers: readonly Pick<Board['breakers'][number], 'breaker' | 'label'>[];
  /** Ids of those that may be turned off. */
  mayBeOff: readonly string[];
  /** What is looked at. */
  rooms: HouseMap['rooms'];
}

/**
 * The rounds of a map for each error check, in the order of `MAP_CHECKS`.
 *
 * @param question breakers, which of them may be turned off, and what is looked at
 * @returns the quicker of one stage and two, by what the circuits are likely to feed
 * @example mapPlansFor({ breakers: [], mayBeOff: [], rooms: [] }).none.rounds // []
 */
export function mapPlansFor({ breakers, mayBeOff, rooms }: MapQuestion): Record<MapCheck, StagedRounds> {
  const question = circuitsToGuess(breakers);
  const outlets =
    question.circuits.length > 0 ? expectedOutlets(circuitGuess(question)) : new Map<string, number>();
  const asked = mayBeOff.map((id) => ({ id, outlets: outlets.get(id) ?? 1 }));
  const count = rooms.reduce((sum, { places }) => sum + places.length, 0);
  const places = { count, appliances: appliancePlaces(rooms) };
  return Object.fromEntries(MAP_CHECKS.map((check) => [check, stagedRounds(asked, places, check)])) as Record<
    MapCheck,
    StagedRounds
  >;
}
