import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { narrow } from '../../diagnosis/isolation/index.ts';
import { gatherEvidence, METER_POINTS, outcomeOf, type MeteredTest } from '../../diagnosis/evidence/index.ts';
import { aDossier, aReading, runs, uuid } from '../../testing/index.ts';
import { COMPLAINTS, TESTS, type TestId } from '../../facts/vocabulary/index.ts';
import { SIMULATED_CAUSES } from '../house/index.ts';
import { meterFigures, perform, simulatedCase, standIn, standInTrial, type StandInCase } from './index.ts';

const causes = SIMULATED_CAUSES;
const metered = Object.keys(METER_POINTS) as MeteredTest[];
const loads = ['Kettle', 'Iron', 'Lamp', 'Heater', 'Fan'];
const of = (n: number, rest: Partial<StandInCase> = {}): StandInCase => ({
  caseId: uuid(n),
  complaint: 'trips',
  breaker: { kind: 'standard', poles: 1, ratingAmps: 20 },
  ...rest,
});

describe('meters', () => {
  test('what they show is on record the same outcome as what is told of the test', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...causes),
        fc.integer({ min: 1, max: 1e6 }),
        fc.constantFrom(...metered),
        (cause, seed, name) => {
          const made = simulatedCase(cause, seed, 0);
          const { poles, ratingAmps } = made.house.subject.breaker;
          const readings = meterFigures(made, name).map(({ quantity, point, value }) =>
            aReading(quantity, point, value),
          );
          const evidence = gatherEvidence(aDossier({ breaker: { poles, ratingAmps }, readings }));
          const onRecord = outcomeOf(evidence, name);
          // Half dead, a 240 V outlet may be taken for one of 120 V.
          if (name === 'outlet-voltage' && poles === 2 && readings[0]!.value <= 160) return;
          // A leg that is low, and yet not dead, as what comes back through a 240 V load is, has no word of its own.
          if (name === 'line-side-voltage' && readings.some(({ value }) => value >= 30 && value < 110))
            return;
          expect(onRecord).toBe(perform(made, name));
        },
      ),
      { numRuns: runs(40, 150) },
    );
  });

  test('a test without a meter gives no figures', () => {
    const made = simulatedCase('none', 1);
    for (const name of (Object.keys(TESTS) as TestId[]).filter((one) => !Object.hasOwn(METER_POINTS, one)))
      expect(meterFigures(made, name)).toEqual([]);
  });
});

describe('the stand-in', () => {
  test('the same case answers the same, in whatever order it is asked', () => {
    const asked = ['clamp-current', 'sound', 'outlet-voltage', 'trip-vs-curve'] as const;
    for (const complaint of COMPLAINTS) {
      const answer = (name: TestId) => standIn({ ...of(1, { complaint }), test: name });
      expect([...asked].reverse().map(answer).reverse()).toEqual(asked.map(answer));
    }
  });

  test('currents are to the scale of the part that is drawn; voltages are not', () => {
    const answered = (ratingAmps: number, name: TestId) =>
      standIn({
        ...of(4, { complaint: 'check', breaker: { kind: 'standard', poles: 1, ratingAmps } }),
        test: name,
      }).figures[0]!.value;
    // No one-pole part of 30 or 60 A is made up: both are the same house.
    expect(answered(60, 'load-share')).toBeCloseTo(2 * answered(30, 'load-share'), 0);
    expect(answered(60, 'outlet-voltage')).toBe(answered(30, 'outlet-voltage'));
  });

  test('trials with some loads connected: where one alone trips it, that one is found and nothing contradicts it', () => {
    const trips = (n: number, connected: string[]) =>
      standInTrial({ ...of(n), candidates: loads, connected }) !== null;
    const found = Array.from({ length: 40 }, (_, n) => n + 1).flatMap((n) => {
      const alone = loads.filter((load) => trips(n, [load]));
      return alone.length === 1 && !trips(n, []) ? [{ n, faulty: alone[0]! }] : [];
    });
    expect(found.length).toBeGreaterThan(3);
    for (const { n, faulty } of found) {
      const rest = loads.filter((load) => load !== faulty);
      const trials = [[], ...loads.map((load) => [load])].map((connected) => ({
        connected,
        tripped: trips(n, connected),
      }));
      expect(narrow(loads, trials)).toMatchObject({ suspects: [faulty], wiring: false });
      expect(trips(n, [faulty, rest[0]!])).toBe(true);
    }
    expect(new Set(found.map(({ faulty }) => faulty)).size).toBeGreaterThan(1);
  });
});
