import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { TestResult } from '../../facts/vocabulary/index.ts';
import { decide } from '../decision/index.ts';
import { gatherEvidence } from '../evidence/index.ts';
import {
  aDossier,
  anEvent,
  anAnsweredCase,
  anObservation,
  aReading,
  runs,
  uuid,
} from '../../testing/index.ts';
import { outcomeLevel } from '../../facts/hazards/index.ts';
import { PROFILE_LEVEL, TESTS, type Profile, type TestId } from '../../facts/vocabulary/index.ts';
import { lookAtCase } from './index.ts';
import { assess, diagnose } from '../engine/index.ts';

const onTheDetail = (results: readonly TestResult[]) =>
  decide(
    gatherEvidence(
      aDossier({
        circuit: null,
        observations: results.map(({ test, outcome }, i) => anObservation(test, outcome, i)),
      }),
    ),
  ).stop.active;

/** Whether each of those who judge stops: the detail, a case and its next step, the API, the study. */
function whoStops(results: readonly TestResult[], profile: Profile) {
  const view = lookAtCase(anAnsweredCase(results), profile);
  return {
    detail: onTheDetail(results),
    case: view.decision.stop.active,
    step: view.step.kind === 'stop',
    api: diagnose({ profile, evidence: [...results] }).stop.active,
    study: assess(results).hazard.level === 'stop',
  };
}

const everybody = (stops: boolean) => ({ detail: stops, case: stops, step: stops, api: stops, study: stops });

/** Tests that danger is read from, more often than the others. */
const TELLING: TestId[] = [
  'reset-result',
  'reset-result-unplugged',
  'insulation-resistance',
  'terminal-inspection',
  'terminal-temperature',
  'face-temperature',
  'handle-position',
];
const ids = Object.keys(TESTS) as TestId[];
const result = fc
  .oneof(fc.constantFrom(...ids), fc.constantFrom(...TELLING))
  .chain((id) =>
    fc.constantFrom(...TESTS[id].outcomes).map((outcome): TestResult => ({ test: id, outcome })),
  );
const evidence = fc.uniqueArray(result, { selector: ({ test: id }) => id, maxLength: 7 });

describe('one rule of danger', () => {
  test('law: detail, case, API and study agree on whether to stop', () => {
    const numRuns = runs(250, 2000);
    let stopped = 0;
    fc.assert(
      fc.property(
        evidence,
        fc.constantFrom(...(Object.keys(PROFILE_LEVEL) as Profile[])),
        (results, profile) => {
          const stops = assess(results).hazard.level === 'stop';
          if (stops) stopped++;
          expect(whoStops(results, profile)).toEqual(everybody(stops));
        },
      ),
      { numRuns },
    );
    expect(stopped).toBeGreaterThan(numRuns / 10);
    expect(stopped).toBeLessThan(0.8 * numRuns);
  }, 120_000);

  const DANGERS = (Object.keys(TESTS) as TestId[]).flatMap((id) =>
    TESTS[id].outcomes
      .filter((outcome) => outcomeLevel(id, outcome) === 'stop')
      .map((outcome): TestResult => ({ test: id, outcome })),
  );
  const HANDS =
    /handle-finger|reset|power-after|touch|button|appliance-check|load-share|outlet|-off-check|lifted|swap|downstream|clamp|voltage|leg-balance|millivolt|temperature/;
  test.each(
    DANGERS.flatMap((danger) =>
      (['homeowner', 'electrician'] as const).map((profile) => [danger, profile] as const),
    ),
  )(
    '%j: nothing that touches a handle, a plug or a wet thing is proposed to a %s, and nothing is measured live',
    (danger, profile) => {
      const told: TestResult[] = [danger, { test: 'power-loss-extent', outcome: 'one-circuit' }];
      const { nextTests, verdict } = diagnose({ profile, evidence: told });
      expect(nextTests.filter(({ id }) => HANDS.test(id))).toEqual([]);
      expect(['reset', 'keep']).not.toContain(verdict.family);
      const detail = decide(
        gatherEvidence(
          aDossier({ observations: told.map((one, i) => anObservation(one.test, one.outcome, i)) }),
        ),
      );
      expect(detail.next.filter((one) => HANDS.test(one.test))).toEqual([]);
      expect(detail.stop.active).toBe(true);
    },
  );

  const hot: TestResult = { test: 'terminal-temperature', outcome: 'over-15-over' };
  const melted: TestResult = { test: 'terminal-inspection', outcome: 'discoloured-or-melted' };
  test.each<[string, boolean, TestResult[]]>([
    [
      'a melted terminal, hot, with the handle on',
      true,
      [melted, hot, { test: 'handle-position', outcome: 'on' }],
    ],
    ['the same with the handle not looked at', true, [melted, hot]],
    ['the same switched off', false, [melted, hot, { test: 'handle-position', outcome: 'off' }]],
    ['a melted terminal that is cool', false, [melted]],
    [
      'a hot terminal that is clean',
      false,
      [hot, { test: 'terminal-inspection', outcome: 'clean-and-tight' }],
    ],
    [
      'next to no insulation, switched off',
      true,
      [
        { test: 'insulation-resistance', outcome: 'near-zero' },
        { test: 'handle-position', outcome: 'off' },
      ],
    ],
    [
      'a snap with everything unplugged',
      false,
      [{ test: 'reset-result-unplugged', outcome: 'trips-at-once' }],
    ],
    [
      'a second snap, with everything unplugged',
      true,
      [
        { test: 'reset-result', outcome: 'trips-at-once' },
        { test: 'reset-result-unplugged', outcome: 'trips-at-once' },
      ],
    ],
  ])('%s', (_what, stops, results) => {
    expect(whoStops(results, 'electrician')).toEqual(everybody(stops));
  });

  test('measured instead of told it is the same: a melted terminal at 75 °C beside peers at 35 °C', () => {
    const measured = (id: number, terminal: number) => ({
      breaker: { id: uuid(id) },
      readings: [
        { ...aReading('current', 'conductor', 12), breakerId: uuid(id) },
        { ...aReading('temperature', 'terminal', terminal), ambientC: 22, breakerId: uuid(id) },
      ],
    });
    const peer = aDossier(measured(2, 35)).subject;
    const other = aDossier(measured(3, 36)).subject;
    const stopWith = (position: 'on' | 'off') =>
      decide(
        gatherEvidence(
          aDossier(
            {
              ...measured(1, 75),
              observations: [anObservation('terminal-inspection', 'discoloured-or-melted', 1)],
              events: [anEvent('handle', 2, { position })],
            },
            { others: [peer, other] },
          ),
        ),
      ).stop;
    expect(stopWith('on')).toMatchObject({
      active: true,
      reasons: [expect.stringMatching(/connection is hot/)],
    });
    expect(stopWith('off').active).toBe(false);
  });
});
