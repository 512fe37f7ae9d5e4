import { describe, expect, test } from '@jest/globals';
import { runs } from '../../testing/index.ts';
import fc from 'fast-check';
import { seeded } from '../../facts/random/index.ts';
import { isOutcome, TESTS, type CauseId, type TestId } from '../../facts/vocabulary/index.ts';
import { dangersOf, perform, simulatedCase } from './index.ts';
import {
  energised,
  faultyHouse,
  heatOf,
  NOTHING_ON,
  solveNetwork,
  soundHouse,
  STRAY_CONDUCTANCE,
  switchOn,
  type Branch,
  type House,
  type SimulatedMoment,
  SIMULATED_CAUSES,
} from '../house/index.ts';

const causes = SIMULATED_CAUSES;
const tests = Object.keys(TESTS) as TestId[];
const anySeed = fc.integer({ min: 1, max: 1e6 });
const anyHouse = fc
  .tuple(fc.constantFrom('none' as const, ...causes), anySeed)
  .map(([cause, seed]) => (cause === 'none' ? soundHouse(seeded(seed)) : faultyHouse(cause, seeded(seed))));

const everythingOn = ({ subject }: House, more: Partial<SimulatedMoment> = {}): SimulatedMoment => ({
  ...NOTHING_ON,
  on: new Set(subject.appliances.map(({ name }) => name)),
  ...more,
});

const copy = (house: House): House => ({
  ...house,
  subject: {
    ...house.subject,
    breaker: { ...house.subject.breaker },
    appliances: house.subject.appliances.map((one) => ({ ...one })),
  },
});

describe('the network', () => {
  test('a source, its inner resistance and a load', () => {
    const source: Branch = { from: 'live', to: 'n', ohms: 1, emf: 120 };
    const load: Branch = { from: 'live', to: 'n', ohms: 11 };
    const { volts, amps } = solveNetwork([source, load], 'n');
    expect(volts('live')).toBeCloseTo(110, 5);
    expect(amps(load)).toBeCloseTo(10, 5);
    expect(amps(source)).toBeCloseTo(-10, 5);
  });

  test('three wires: with the neutral open two unequal loads share 240 V', () => {
    const branches = (neutral: number): Branch[] => [
      { from: 'a', to: 'star', ohms: 0.02, emf: 120 },
      { from: 'b', to: 'star', ohms: 0.02, emf: -120 },
      { from: 'bar', to: 'star', ohms: neutral },
      { from: 'a', to: 'bar', ohms: 10 },
      { from: 'b', to: 'bar', ohms: 30 },
    ];
    const across = (neutral: number) => {
      const { volts } = solveNetwork(branches(neutral), 'star');
      return [volts('a') - volts('bar'), volts('bar') - volts('b')].map((v) => Math.round(v));
    };
    expect(across(0.02)).toEqual([120, 120]);
    expect(across(Infinity)).toEqual([60, 180]);
  });

  test('law: at every node of every house the currents sum to nothing', () => {
    fc.assert(
      fc.property(anyHouse, fc.boolean(), (house, wet) => {
        const live = energised(house, everythingOn(house, { wet }));
        const sums = new Map<string, number>();
        let most = 1;
        for (const branch of live.branches) {
          const amps = live.amps(branch);
          most = Math.max(most, Math.abs(amps));
          sums.set(branch.from, (sums.get(branch.from) ?? 0) + amps);
          sums.set(branch.to, (sums.get(branch.to) ?? 0) - amps);
        }
        sums.delete('star');
        for (const [node, sum] of sums)
          expect(Math.abs(sum + live.volts(node) * STRAY_CONDUCTANCE)).toBeLessThan(1e-5 * most);
      }),
      { numRuns: runs(40, 150) },
    );
  });

  test('law: what the sources give is what the resistances take', () => {
    fc.assert(
      fc.property(anyHouse, (house) => {
        const live = energised(house, everythingOn(house));
        let [given, taken] = [0, 0];
        for (const branch of live.branches) {
          const amps = live.amps(branch);
          given += -amps * (branch.emf ?? 0);
          if (branch.ohms < Infinity) taken += amps * amps * Math.max(1e-6, branch.ohms);
        }
        expect(Math.abs(given - taken)).toBeLessThan(1e-4 * Math.max(10, given));
      }),
      { numRuns: runs(40, 150) },
    );
  });
});

describe('heat', () => {
  test('law: more current, more heat, and nothing is cooler than the air', () => {
    fc.assert(
      fc.property(anySeed, fc.double({ min: 0.1, max: 0.9, noNaN: true }), (seed, share) => {
        const house = soundHouse(seeded(seed));
        const less = copy(house);
        for (const one of less.subject.appliances) one.amps *= share;
        const [hot, warm] = [house, less].map((one) => heatOf(one, everythingOn(one)));
        expect(hot!.face).toBeGreaterThan(warm!.face);
        expect(warm!.face).toBeGreaterThanOrEqual(house.airC);
      }),
      { numRuns: runs(20, 60) },
    );
  });

  test('a sound breaker at its rating stays within the 50 °C its terminal may rise', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const house = soundHouse(seeded(seed));
      const { subject } = house;
      const now = subject.appliances.reduce((sum, { amps }) => sum + amps, 0);
      for (const one of subject.appliances) one.amps *= subject.breaker.ratingAmps / now;
      const { screw } = heatOf(house, everythingOn(house));
      expect(screw - house.airC).toBeGreaterThan(8);
      expect(screw - house.airC).toBeLessThan(50);
    }
  });

  test('a loose screw heats its own terminal, and makes a sound bimetal open sooner', () => {
    const house = soundHouse(seeded(3));
    house.subject.breaker = { ...house.subject.breaker, kind: 'standard' };
    const loose = copy(house);
    loose.subject.breaker.screwOhms = 0.05;
    const on = everythingOn(house);
    expect(heatOf(loose, on).screw).toBeGreaterThan(heatOf(house, on).screw + 10);
    const overload = (one: House) => {
      const more = copy(one);
      for (const load of more.subject.appliances) load.amps *= 3;
      return switchOn(more, everythingOn(more), 7200, () => 0.5).openedAfter!;
    };
    expect(overload(loose)).toBeLessThan(overload(house));
  });
});

/** What a sound house shows to every test that something could be wrong with. */
const AS_SOUND: Partial<Record<TestId, string[]>> = {
  'power-loss-extent': ['none'],
  'handle-position': ['on'],
  'handle-finger-test': ['firm'],
  'reset-feel': ['clean-clicks'],
  'reset-result': ['holds'],
  'reset-result-unplugged': ['holds'],
  sound: ['quiet', 'steady-hum'],
  smell: ['none'],
  'panel-touch': ['cool'],
  'light-behaviour': ['steady', 'dims-on-start'],
  'outlet-voltage': ['normal'],
  'outlet-sag': ['under-3-percent', '3-to-6-percent'],
  'face-temperature': ['like-neighbours'],
  'load-terminal-voltage': ['normal'],
  'line-side-voltage': ['both-legs-normal'],
  'terminal-temperature': ['like-peers'],
  'millivolt-drop': ['like-peers'],
  'load-wire-lifted': ['holds'],
  'insulation-resistance': ['over-1-megohm'],
  'terminal-inspection': ['clean-and-tight'],
  'stab-inspection': ['clean'],
  'conductor-vs-breaker': ['matched'],
  'main-off-check': ['dead-as-expected'],
  'branch-off-check': ['dead-as-expected'],
  'main-load-side-voltage': ['both-normal'],
  'neutral-joint-inspection': ['clean-and-tight'],
  'part-match': ['listed'],
};

test('a house with no fault reads as a sound one, but for the errors of instruments', () => {
  const houses = Array.from({ length: runs(30, 60) }, (_, i) => simulatedCase('none', i + 1, 0));
  expect(houses.flatMap(dangersOf)).toEqual([]);
  for (const [id, wanted] of Object.entries(AS_SOUND) as [TestId, string[]][]) {
    const otherwise = houses.map((one) => perform(one, id)).filter((outcome) => !wanted.includes(outcome));
    expect([id, otherwise.length > 2 ? otherwise : []]).toEqual([id, []]);
  }
});

/** The sign each fault is known by in every textbook, and how often at least it shows. */
const TEXTBOOK: Partial<Record<CauseId, [test: TestId, outcomes: string[], least: number]>> = {
  overload: ['load-share', ['100-to-135', 'over-135'], 0.8],
  'appliance-fault': ['reset-result-unplugged', ['holds'], 0.95],
  'wiring-short': ['reset-result-unplugged', ['trips-at-once'], 0.95],
  'ground-leakage': ['insulation-resistance', ['under-1-megohm', 'near-zero'], 0.95],
  'arcing-connection': ['outlet-sag', ['over-6-percent'], 0.6],
  'electronic-unit-fault': ['test-button', ['does-not-trip', 'will-not-reset'], 0.6],
  'weak-breaker': ['trip-vs-curve', ['too-early'], 0.85],
  'open-breaker': ['load-terminal-voltage', ['zero', 'one-pole-zero'], 0.9],
  'stuck-breaker': ['branch-off-check', ['still-live'], 0.6],
  'worn-mechanism': ['reset-feel', ['hard-or-gritty', 'will-not-latch'], 0.7],
  'loose-terminal': ['terminal-inspection', ['loose', 'discoloured-or-melted'], 0.9],
  'burnt-stab': ['stab-inspection', ['pitted-or-burnt'], 0.95],
  'shared-terminal': ['terminal-inspection', ['two-wires-one-terminal'], 0.95],
  'oversized-breaker': ['conductor-vs-breaker', ['wire-too-small'], 0.95],
  'undersized-breaker': ['conductor-vs-breaker', ['wire-has-room'], 0.95],
  'incomplete-reset': ['handle-finger-test', ['gives'], 0.85],
  'downstream-device-tripped': ['downstream-device', ['tripped'], 0.95],
  'upstream-open': ['upstream-breaker', ['tripped-or-off'], 0.95],
  'open-wiring': ['load-terminal-voltage', ['normal'], 0.95],
  'supply-leg-lost': ['line-side-voltage', ['one-leg-missing', 'legs-unequal'], 0.9],
  'open-neutral': ['line-side-voltage', ['legs-unequal'], 0.75],
  'bus-failing': ['stab-inspection', ['pitted-or-burnt'], 0.7],
  moisture: ['water-signs', ['condensation-or-rust', 'wet-now'], 0.95],
  'motor-inrush': ['trip-pattern', ['motor-starting'], 0.7],
  'hot-surroundings': ['panel-touch', ['warm', 'hot'], 0.7],
  'supply-outage': ['power-loss-extent', ['whole-house'], 0.95],
  'main-breaker-fault': ['main-load-side-voltage', ['one-missing', 'both-missing'], 0.6],
  'shared-neutral-open': ['outlet-voltage', ['high', 'low', 'zero'], 0.8],
  'device-failed': ['power-loss-extent', ['one-device'], 0.9],
  'miswired-protected-unit': ['button-after-fitting', ['trips-as-soon-as-loaded'], 0.9],
  'wrong-part': ['part-match', ['not-listed'], 0.95],
  'wrong-breaker': ['branch-off-check', ['still-live'], 0.7],
  backfeed: ['main-off-check', ['still-live'], 0.95],
  'neutral-ground-fault': ['reset-result-unplugged', ['trips-at-once'], 0.95],
  'no-fault': ['reset-result', ['holds'], 0.95],
};

test.each(causes.filter((cause) => TEXTBOOK[cause]))('%s shows its textbook sign', (cause) => {
  const [id, outcomes, least] = TEXTBOOK[cause]!;
  const cases = Array.from({ length: runs(20, 30) }, (_, i) => simulatedCase(cause, i + 1, 0));
  const showing = cases.filter((one) => outcomes.includes(perform(one, id))).length;
  expect(showing / cases.length).toBeGreaterThanOrEqual(least);
});

describe('a case', () => {
  test('law: every test has an outcome of its own, the same each time it is done', () => {
    fc.assert(
      fc.property(fc.constantFrom(...causes), fc.integer({ min: 1, max: 5000 }), (cause, seed) => {
        const one = simulatedCase(cause, seed);
        const again = simulatedCase(cause, seed);
        const backwards = [...tests].reverse();
        const found = new Map(tests.map((id) => [id, perform(one, id)]));
        for (const id of backwards) {
          expect(isOutcome(id, found.get(id)!)).toBe(true);
          expect(perform(again, id)).toBe(found.get(id));
        }
      }),
      { numRuns: 6 },
    );
  });

  test('people slip: without slips the same case may read otherwise', () => {
    const some = causes.filter((_cause, i) => i % 4 === 0);
    const differs = some.flatMap((cause) => {
      const [slipping, without] = [simulatedCase(cause, 7), simulatedCase(cause, 7, 0)];
      return tests.filter((id) => perform(slipping, id) !== perform(without, id));
    });
    const share = differs.length / (some.length * tests.length);
    expect(share).toBeGreaterThan(0.005);
    expect(share).toBeLessThan(0.05);
  });
});
