import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isOutcome, TEST_IDS, TESTS, type TestId, type TestResult } from '../vocabulary/index.ts';
import {
  consequencesOf,
  HAZARD_LEVELS,
  hazardOf,
  isAtLeast,
  isSuspended,
  JOBS,
  NO_HAZARD,
  outcomeHazard,
  outcomeLevel,
  suspendsPanel,
} from './index.ts';

const found = (test: TestId, outcome: string): TestResult => ({ test, outcome });
const HAZARDOUS = TEST_IDS.flatMap((test) =>
  TESTS[test].outcomes
    .filter((outcome) => outcomeHazard(test, outcome))
    .map((outcome) => found(test, outcome)),
);
const results = fc.uniqueArray(
  fc
    .constantFrom(...TEST_IDS)
    .chain((test) => fc.constantFrom(...TESTS[test].outcomes).map((outcome) => found(test, outcome))),
  { maxLength: 9, selector: ({ test }) => test },
);

describe('the table of hazards', () => {
  test('has as many findings as the contract, each an outcome of its test', () => {
    expect(HAZARDOUS).toHaveLength(70);
    for (const { test, outcome } of HAZARDOUS) expect(isOutcome(test, outcome)).toBe(true);
  });

  test('these findings, and no others, stop everything by themselves', () => {
    const stops = HAZARDOUS.filter(({ test, outcome }) => outcomeLevel(test, outcome) === 'stop');
    expect(stops.map(({ test, outcome }) => `${test}:${outcome}`).sort()).toEqual([
      'branch-off-check:still-live',
      'insulation-resistance:near-zero',
      'light-behaviour:some-brighter-some-dimmer',
      'line-side-voltage:legs-unequal',
      'main-off-check:still-live',
      'outlet-voltage:high',
      'panel-touch:hot',
      'smell:hot-plastic',
      'sound:sizzle-or-crackle',
      'water-signs:wet-now',
    ]);
  });

  test('every finding has a sentence, and every level its consequences', () => {
    for (const one of HAZARDOUS) {
      const hazard = hazardOf([one]);
      expect(hazard.findings[0]!.text).toMatch(/^[A-Z].+\.$/);
      const { within, use, waiting, now } = consequencesOf(hazard)!;
      expect([within, use.length > 5, waiting.length > 5]).toEqual([
        { repair: 'weeks', restrict: 'days', stop: 'now' }[hazard.level as 'repair'],
        true,
        true,
      ]);
      if (hazard.level === 'stop') expect(now.length).toBeGreaterThan(0);
    }
  });
});

describe('the rule of hazards', () => {
  const loose = found('terminal-inspection', 'loose');
  const hot = found('terminal-temperature', 'over-15-over');
  const hotFace = found('face-temperature', 'over-15-over');
  test.each<[string, TestResult[], string, string | null]>([
    ['nothing', [], 'none', null],
    ['a loose terminal', [loose], 'restrict', 'breaker'],
    ['a loose terminal that is hot', [loose, hot], 'stop', 'breaker'],
    ['a loose terminal with a hot face', [loose, hotFace], 'stop', 'breaker'],
    ['the same with the handle off', [loose, hot, found('handle-position', 'off')], 'restrict', 'breaker'],
    ['the same tripped', [loose, hot, found('handle-position', 'middle')], 'restrict', 'breaker'],
    ['an immediate trip', [found('reset-result', 'trips-at-once')], 'repair', 'circuit'],
    [
      'an immediate trip with the loads and without',
      [found('reset-result', 'trips-at-once'), found('reset-result-unplugged', 'trips-at-once')],
      'stop',
      'circuit',
    ],
    ['a lost neutral', [found('line-side-voltage', 'legs-unequal'), loose], 'stop', 'supply'],
  ])('%s', (_what, list, level, scope) => {
    expect(hazardOf(list)).toMatchObject({ level, scope });
  });

  test('two immediate trips on record with everything unplugged stop the circuit', () => {
    expect(hazardOf([], { unpluggedTrips: 2 })).toMatchObject({ level: 'stop', scope: 'circuit' });
    expect(hazardOf([], { unpluggedTrips: 1 }).level).toBe('none');
  });

  test('law: the level is the highest of the findings, each listed once, whatever their order', () => {
    fc.assert(
      fc.property(results, (list) => {
        const { level, scope, findings } = hazardOf(list);
        expect(hazardOf([...list].reverse())).toEqual(hazardOf(list));
        const levels = findings.map((one) => HAZARD_LEVELS.indexOf(one.level));
        expect(levels).toEqual([...levels].sort((a, b) => b - a));
        expect([level, scope]).toEqual([findings[0]?.level ?? 'none', findings[0]?.scope ?? null]);
        for (const { test, outcome } of list) {
          const single = findings.filter((one) => one.test === test && !one.isCombined);
          expect(single).toHaveLength(outcomeHazard(test, outcome) ? 1 : 0);
          expect(isAtLeast(level, outcomeLevel(test, outcome))).toBe(true);
        }
      }),
    );
  });

  test('law: another finding never suspends less', () => {
    fc.assert(
      fc.property(results, results, (some, more) => {
        const before = hazardOf(some);
        const after = hazardOf([
          ...some,
          ...more.filter(({ test }) => !some.some((one) => one.test === test)),
        ]);
        for (const job of JOBS) {
          if (suspendsPanel(job, before) && after.level !== 'none')
            expect(suspendsPanel(job, after)).toBe(true);
        }
      }),
    );
  });
});

describe('what a hazard suspends', () => {
  const suspended = (...list: TestResult[]) => JOBS.filter((job) => suspendsPanel(job, hazardOf(list)));
  test('a stop of the panel or the supply suspends everything there', () => {
    for (const one of HAZARDOUS) {
      const { level, scope } = hazardOf([one]);
      if (level !== 'stop') continue;
      expect([one, suspended(one)]).toEqual([one, scope === 'panel' || scope === 'supply' ? [...JOBS] : []]);
    }
  });

  test('a restricted breaker is left alone; a repair suspends nothing', () => {
    const loose = hazardOf([found('terminal-inspection', 'loose')]);
    expect(JOBS.filter((job) => isSuspended(job, loose, NO_HAZARD))).toEqual([
      'reset',
      'exercise',
      'mapping',
      'load-test',
    ]);
    const corroded = hazardOf([found('terminal-inspection', 'corroded')]);
    expect(JOBS.filter((job) => isSuspended(job, corroded, NO_HAZARD))).toEqual([]);
  });

  test('a lost neutral: the main first, then unplug', () => {
    const { now, who } = consequencesOf(hazardOf([found('line-side-voltage', 'legs-unequal')]))!;
    expect(now[0]).toMatch(/turn off the main breaker first/);
    expect(now[1]).toMatch(/unplug/);
    expect(who).toBe('utility');
  });
});
