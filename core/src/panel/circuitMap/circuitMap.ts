import { patternsFor } from './patterns.ts';
import {
  circuitMapInput,
  circuitMapReadInput,
  type CircuitMap,
  type CircuitMapInput,
  type CircuitMapRead,
  type CircuitMapReadInput,
} from './schema.ts';

/**
 * Which breakers to switch off together, so that few rounds of a house tell which breaker feeds which place.
 *
 * @param input the breakers, which of them may go off, and how much a wrong look may spoil
 * @returns the rounds, and how many it would take with one breaker a round
 * @throws ZodError where an id stands twice
 * @example circuitMap({ breakers: [{ id: '1', mayBeOff: true }, { id: '2', mayBeOff: true }], check: 'none' }).rounds
 *   // [{ off: ['1'] }, { off: ['2'] }]
 */
export function circuitMap(input: CircuitMapInput): CircuitMap {
  const { breakers, check } = circuitMapInput.parse(input);
  const may = breakers.filter(({ mayBeOff }) => mayBeOff);
  const { patterns, rounds } = patternsFor(may.length, check);
  return {
    rounds: Array.from({ length: rounds }, (_, round) => ({
      off: may.filter((_breaker, i) => (patterns[i]! >> round) & 1).map(({ id }) => id),
    })),
    oneByOne: may.length,
  };
}

/** What is told of a place that nothing fits alone. */
const MOST_TOLD = 8;

/**
 * Which breaker feeds each place, by the rounds in which it was dead.
 *
 * @param input the breakers and rounds as `circuitMap` gave them, and for each place in which rounds it was dead (`null`: not looked at)
 * @returns for each place what fits best, whether that is sure, and whether a wrong look was put right
 * @throws ZodError for an unknown id, or looks that are not as many as the rounds
 * @example
 * circuitMapRead({ breakers: [{ id: '1', mayBeOff: true }], check: 'none', rounds: [{ off: ['1'] }],
 *   places: [{ id: 'lamp', dead: [true] }] }).places // [{ id: 'lamp', feeds: ['1'], sure: true, mended: false }]
 */
export function circuitMapRead(input: CircuitMapReadInput): CircuitMapRead {
  const { breakers, check, rounds, places } = circuitMapReadInput.parse(input);
  const off = rounds.map((round) => new Set(round.off));
  // The empty pattern is an answer of its own: never dead.
  const answers: (string | null)[] = [
    null,
    ...breakers.filter(({ mayBeOff }) => mayBeOff).map(({ id }) => id),
  ];
  return {
    places: places.map(({ id, dead }) => {
      const contradicts = answers.map((answer) =>
        dead.reduce<number>(
          (sum, was, round) =>
            was === null || was === (answer !== null && off[round]!.has(answer)) ? sum : sum + 1,
          0,
        ),
      );
      const least = Math.min(...contradicts);
      const best = answers.filter((_answer, i) => contradicts[i] === least);
      const mended = check === 'correct' && least === 1 && best.length === 1;
      return {
        id,
        feeds: best.filter((answer) => answer !== null).slice(0, MOST_TOLD),
        sure: mended || (least === 0 && best.length === 1),
        mended,
      };
    }),
  };
}
