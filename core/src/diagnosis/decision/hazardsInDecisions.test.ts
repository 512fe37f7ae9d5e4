import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { hazardOf, outcomeHazard, type HazardLevel } from '../../facts/hazards/index.ts';
import {
  PROFILE_LEVEL,
  TEST_IDS,
  TESTS,
  type Profile,
  type TestId,
  type TestResult,
} from '../../facts/vocabulary/index.ts';
import {
  aDossier,
  anEvent,
  anObservation,
  aReading,
  runs,
  type BreakerRecordParts,
} from '../../testing/index.ts';
import { diagnose } from '../engine/index.ts';
import { gatherEvidence } from '../evidence/index.ts';
import { decide } from './index.ts';

/** Normal readings that alone would keep the breaker. */
const BACKGROUNDS: Record<string, TestResult[]> = {
  'a normal voltage and a cool face': [
    { test: 'load-terminal-voltage', outcome: 'normal' },
    { test: 'face-temperature', outcome: 'like-neighbours' },
  ],
  'a light load, a normal outlet and a quiet panel': [
    { test: 'clamp-current', outcome: 'under-80' },
    { test: 'outlet-voltage', outcome: 'normal' },
    { test: 'sound', outcome: 'quiet' },
  ],
};
const HAZARDOUS = TEST_IDS.flatMap((id) =>
  TESTS[id].outcomes
    .filter((outcome) => outcomeHazard(id, outcome))
    .map((outcome): TestResult => ({ test: id, outcome })),
);
const PROFILES = Object.keys(PROFILE_LEVEL) as Profile[];
const observed = (results: readonly TestResult[], from = 0) =>
  results.map(({ test: id, outcome }, i) => anObservation(id, outcome, from + i));

describe.each(Object.entries(BACKGROUNDS))('beside %s', (_name, normal) => {
  test('the breaker is kept', () => {
    expect(decide(gatherEvidence(aDossier({ observations: observed(normal) }))).action).toBe('keep');
  });

  test.each(HAZARDOUS.map((one) => [`${one.test}: ${one.outcome}`, one] as const))(
    '%s is never answered with keep, on record or by the API',
    (_what, finding) => {
      const background = normal.filter(({ test: id }) => id !== finding.test);
      const results = [...background, finding];
      const expected = hazardOf(results);
      const record = gatherEvidence(aDossier({ observations: observed(results) }));
      for (const profile of PROFILES) {
        const api = diagnose({ profile, evidence: results });
        const decision = decide(record, profile);
        for (const { family, hazard, stop } of [
          { family: api.verdict.family, hazard: api.hazard, stop: api.stop },
          decision,
        ]) {
          expect(hazard).toMatchObject({ level: expected.level, scope: expected.scope });
          expect(family).not.toBe('keep');
          if (!expected.findings.every(({ resetMayCure }) => resetMayCure)) expect(family).not.toBe('reset');
          expect(stop.active).toBe(expected.level === 'stop');
        }
        expect(decision.reasons.map(({ text }) => text).join(' ')).not.toBe('');
      }
    },
  );
});

describe('laws over drawn records', () => {
  const observation = fc
    .constantFrom(...TEST_IDS)
    .chain((id) =>
      fc.tuple(fc.constant(id), fc.constantFrom(...TESTS[id].outcomes), fc.integer({ min: 0, max: 400 })),
    )
    .map(([id, outcome, at]) => anObservation(id, outcome, at));
  const trip = fc
    .record({
      at: fc.integer({ min: 0, max: 400 }),
      pace: fc.constantFrom('at-once' as const, 'seconds' as const, 'minutes' as const, 'hours' as const),
      unplugged: fc.boolean(),
      cause: fc.constantFrom('unknown' as const, 'known-removed' as const),
    })
    .map(({ at, ...rest }) => anEvent('trip', at, rest));
  const reset = fc
    .record({
      at: fc.integer({ min: 0, max: 400 }),
      feel: fc.constantFrom('clean-clicks' as const, 'no-off-click' as const),
      result: fc.constantFrom('holds' as const, null),
    })
    .map(({ at, ...rest }) => anEvent('reset', at, rest));
  const reading = fc
    .tuple(
      fc.constantFrom('outlet' as const, 'load-terminal' as const),
      fc.constantFrom(0, 90, 118, 131),
      fc.integer({ min: 0, max: 400 }),
    )
    .map(([point, value, at]) => aReading('voltage', point, value, at));
  const record: fc.Arbitrary<BreakerRecordParts> = fc.record({
    observations: fc.array(observation, { maxLength: 6 }),
    events: fc.array(fc.oneof(trip, reset), { maxLength: 3 }),
    readings: fc.array(reading, { maxLength: 2 }),
  });

  test('repair or above is never keep, and reset only where a reset may cure every finding', () => {
    fc.assert(
      fc.property(record, fc.constantFrom(...PROFILES), (parts, profile) => {
        const { hazard, family, stop, action } = decide(gatherEvidence(aDossier(parts)), profile);
        const level: HazardLevel = hazard.level;
        if (level !== 'none') expect(family).not.toBe('keep');
        const isCurable = ({ test: id, outcome, isCombined }: (typeof hazard.findings)[number]) =>
          !isCombined && outcomeHazard(id as TestId, outcome)!.resetMayCure === true;
        if (!hazard.findings.every(isCurable)) expect(family).not.toBe('reset');
        if (stop.active) expect(action).toBe('make-safe-and-call');
        expect(stop.active).toBe(level === 'stop');
      }),
      { numRuns: runs(400, 5000) },
    );
  });
});
