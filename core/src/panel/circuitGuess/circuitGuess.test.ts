import { describe, expect, test } from '@jest/globals';
import { drawnPanel } from '../../benchmarks/index.ts';
import { seeded } from '../../facts/random/index.ts';
import { runs } from '../../testing/index.ts';
import { CIRCUIT_USE_IDS, CIRCUIT_USES, circuitGuess, type CircuitGuessInput } from './index.ts';

type Circuit = CircuitGuessInput['circuits'][number];
const single = (id: string, ratingAmps: number, more: Partial<Circuit> = {}): Circuit => ({
  ...{ id, poles: 1, ratingAmps, ...more },
});
const double = (id: string, ratingAmps: number, more: Partial<Circuit> = {}): Circuit => ({
  ...{ id, poles: 2, ratingAmps, ...more },
});
const first = (input: CircuitGuessInput, id: string) =>
  circuitGuess(input).circuits.find((one) => one.id === id)!.guesses[0]!;

describe('what a circuit may feed', () => {
  test('a 30 A two-pole is a dryer or a water heater; its current decides', () => {
    const has = { dryer: true, 'water-heater': true };
    const { guesses } = circuitGuess({ circuits: [double('a', 30)], has }).circuits[0]!;
    expect(new Set(guesses.slice(0, 2).map(({ use }) => use))).toEqual(new Set(['dryer', 'water-heater']));
    const logged = { circuits: [double('a', 30, { pattern: 'cycles' as const, peakAmps: 18.7 })], has };
    expect(first(logged, 'a').use).toBe('water-heater');
  });

  test('a house has one dryer: where it is known, the other 30 A feeds something else', () => {
    // Of an all-electric house.
    const heaters = [1, 2, 3].map((n) => double(`heater ${n}`, 20, { use: 'baseboard' }));
    const circuits = [double('a', 30, { use: 'dryer' }), double('b', 30), ...heaters];
    expect(first({ circuits }, 'a')).toMatchObject({ use: 'dryer', chance: 1 });
    const b = circuitGuess({ circuits }).circuits[1]!.guesses;
    expect(b[0]!.use).toBe('water-heater');
    expect(b.find(({ use }) => use === 'dryer')?.chance ?? 0).toBeLessThan(0.02);
  });

  test('what the house has not is not guessed', () => {
    const has = { 'water-heater': false, dryer: true, 'air-conditioner': false };
    expect(first({ circuits: [double('a', 30)], has }, 'a')).toMatchObject({ use: 'dryer' });
  });

  test('a combination arc-fault breaker of 15 A feeds a bedroom, a living room or lights', () => {
    const { guesses } = circuitGuess({ circuits: [single('a', 15, { kind: 'afci' })] }).circuits[0]!;
    for (const { use } of guesses.slice(0, 3)) expect(['bedroom', 'living', 'lighting']).toContain(use);
  });

  test('the same panel gets the same answer; a known use of other poles is refused', () => {
    const input = { circuits: [double('a', 30), single('b', 20), single('c', 15)] };
    expect(circuitGuess(input)).toEqual(circuitGuess(input));
    expect(() => circuitGuess({ circuits: [single('a', 20, { use: 'dryer' })] })).toThrow(/2-pole/);
    expect(() => circuitGuess({ circuits: [single('a', 20), single('a', 20)] })).toThrow(/twice/);
  });

  test('the table of uses: counts, positions and patterns come to 1', () => {
    for (const id of CIRCUIT_USE_IDS) {
      const { counts, ratings, thirds, patterns } = CIRCUIT_USES[id];
      for (const list of [counts.gas, counts.electric, ratings, thirds, patterns])
        expect([id, Object.values(list).reduce((sum: number, one: number) => sum + one, 0)]).toEqual([
          id,
          expect.closeTo(1, 9),
        ]);
    }
  });
});

/** From so many on, chance alone moves a tenth by less than its five points. */
const MANY = 400;

test('on simulated houses a chance of so many in 100 is right so often, within five points', () => {
  const random = seeded(36_081);
  const tenths = Array.from({ length: 10 }, () => ({ sum: 0, right: 0, of: 0 }));
  let [top, uniform] = [0, 0];
  for (let i = 0; i < runs(150, 600); i++) {
    const house = drawnPanel(random, i % 2 === 0);
    if (house.circuits.length === 0) continue;
    const input: CircuitGuessInput = {
      circuits: house.circuits.map(({ truth: _hidden, ...seen }) => seen),
      wired: i % 3 === 0 ? house.era : null,
    };
    circuitGuess(input).circuits.forEach(({ guesses }, at) => {
      const { truth, poles } = house.circuits[at]!;
      if (guesses[0]!.use === truth) top++;
      uniform += 1 / CIRCUIT_USE_IDS.filter((id) => CIRCUIT_USES[id].poles === poles).length;
      for (const { use, chance } of guesses) {
        const tenth = tenths[Math.min(9, Math.floor(10 * chance))]!;
        tenth.sum += chance;
        tenth.of++;
        if (use === truth) tenth.right++;
      }
    });
  }
  // Few guesses are as sure as that in a short run: the upper tenths are held in a long one.
  for (const { sum, right, of } of tenths)
    if (of >= MANY) expect(Math.abs(right - sum) / of).toBeLessThan(0.05);
  expect(top).toBeGreaterThan(4 * uniform);
});
