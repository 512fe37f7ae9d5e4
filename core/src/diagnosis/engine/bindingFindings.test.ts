import { describe, expect, test } from '@jest/globals';
import type { TestResult, ActionId, CauseId } from '../../facts/vocabulary/index.ts';
import { gatherEvidence } from '../evidence/index.ts';
import { aDossier, anObservation } from '../../testing/index.ts';
import { decide } from '../decision/index.ts';
import { bindFindings } from '../actions/index.ts';
import { diagnose } from './index.ts';

type Pair = [test: TestResult['test'], outcome: string];
const results = (pairs: readonly Pair[]): TestResult[] =>
  pairs.map(([id, outcome]) => ({ test: id, outcome }));

/** What was seen, which cause it is, and what may be said of it first. */
const SEEN: [what: string, seen: Pair, cause: CauseId, action: ActionId][] = [
  ['a conductor too thin', ['conductor-vs-breaker', 'wire-too-small'], 'oversized-breaker', 'size-down'],
  ['an unlisted part', ['part-match', 'not-listed'], 'wrong-part', 'replace-breaker'],
  [
    'two conductors under one screw',
    ['terminal-inspection', 'two-wires-one-terminal'],
    'shared-terminal',
    'separate-conductors',
  ],
  ['it opened far too late', ['trip-vs-curve', 'too-late-or-never'], 'stuck-breaker', 'replace-breaker'],
  ['a burnt stab', ['stab-inspection', 'pitted-or-burnt'], 'burnt-stab', 'replace-breaker-and-remake-joint'],
  [
    'a melted terminal',
    ['terminal-inspection', 'discoloured-or-melted'],
    'loose-terminal',
    'replace-breaker-and-remake-joint',
  ],
];

/** What else is wrong, as it shows. */
const TRIPS: [what: string, shown: Pair[]][] = [
  [
    'an overload',
    [
      ['trip-pattern', 'many-loads-together'],
      ['clamp-current', '100-to-135'],
      ['reset-result', 'trips-in-minutes'],
      ['trips-on-record', 'many-overload'],
    ],
  ],
  [
    'an overload that is off by now',
    [
      ['load-share', 'over-135'],
      ['trip-pattern', 'many-loads-together'],
      ['reset-result', 'holds'],
    ],
  ],
  [
    'an appliance',
    [
      ['trip-pattern', 'one-appliance'],
      ['appliance-check', 'trips-there-too'],
      ['reset-result-unplugged', 'holds'],
    ],
  ],
  [
    'a tripped outlet',
    [
      ['downstream-device', 'tripped'],
      ['power-loss-extent', 'part-of-one-circuit'],
      ['handle-position', 'on'],
    ],
  ],
  [
    'a half reset',
    [
      ['handle-finger-test', 'gives'],
      ['power-loss-extent', 'one-circuit'],
      ['handle-position', 'on'],
      ['reset-feel', 'clean-clicks'],
    ],
  ],
  [
    'a starting motor',
    [
      ['trip-pattern', 'motor-starting'],
      ['light-behaviour', 'dims-on-start'],
      ['load-share', 'under-80'],
    ],
  ],
  [
    'heat around it',
    [
      ['trip-pattern', 'hot-weather'],
      ['panel-touch', 'warm'],
      ['load-share', '80-to-100'],
    ],
  ],
  [
    'a dead lamp',
    [
      ['power-loss-extent', 'one-device'],
      ['outlet-voltage', 'normal'],
      ['handle-position', 'on'],
    ],
  ],
  [
    'nothing else',
    [
      ['sound', 'quiet'],
      ['smell', 'none'],
    ],
  ],
];

const LEAVES_ON: readonly string[] = ['reset', 'keep', 'need-more'];

describe.each(SEEN)('%s', (_what, seen, cause, action) => {
  test.each(TRIPS)('is acted on beside %s, and not explained away', (_with, shown) => {
    for (const profile of ['homeowner', 'electrician'] as const) {
      const { verdict, also } = diagnose({ profile, evidence: results([seen, ...shown]) });
      expect(LEAVES_ON).not.toContain(verdict.family);
      expect(['shed-load', 'cool-surroundings', 'replace-device', 'size-up']).not.toContain(verdict.action);
      const told = [verdict.action, ...also.map((one) => one.action)];
      // Two circuits under one screw with far too much load for one breaker are parted: that does it, too.
      const does = cause === 'shared-terminal' ? [action, 'split-circuit'] : [action];
      expect(told.some((one) => does.includes(one))).toBe(true);
      // What is acted on first is not said again beside itself.
      expect(also.map((one) => one.action)).not.toContain(verdict.action);
      expect(does.includes(verdict.action) || also.some((one) => one.cause === cause)).toBe(true);
    }
  });
});

test('an overload beside a conductor too thin is told besides', () => {
  const { verdict, also } = diagnose({
    profile: 'electrician',
    evidence: results([['conductor-vs-breaker', 'wire-too-small'], ...TRIPS[0]![1]]),
  });
  expect(verdict).toMatchObject({ action: 'size-down', family: 'resize' });
  expect(also).toMatchObject([{ cause: 'overload', action: 'shed-load', family: 'not-the-breaker' }]);
});

test.each<[lesser: Pair, action: ActionId]>([
  [['terminal-inspection', 'two-wires-one-terminal'], 'separate-conductors'],
  [['outlet-wiring', 'reversed'], 'repair-wiring'],
  [['part-match', 'not-listed'], 'replace-breaker'],
])('a conductor too thin comes before %j, which is told once beside it', (lesser, action) => {
  const { verdict, also } = diagnose({
    profile: 'electrician',
    evidence: results([lesser, ['conductor-vs-breaker', 'wire-too-small']]),
  });
  expect(verdict.action).toBe('size-down');
  // A smaller breaker that is listed sees to both.
  const once = action === 'replace-breaker' ? [] : [action];
  expect(also.map((one) => one.action)).toEqual(once);
});

test('where the chances led to the lesser of two things that were seen, the graver one binds', () => {
  const seen = results([
    ['terminal-inspection', 'two-wires-one-terminal'],
    ['conductor-vs-breaker', 'wire-too-small'],
  ]);
  const choice = { action: 'separate-conductors', confidence: 0.8, expected: 3 } as const;
  const bound = bindFindings(seen, choice, 'shared-terminal');
  expect(bound.choice.action).toBe('size-down');
  expect(bound.also).toMatchObject([{ cause: 'shared-terminal', action: 'separate-conductors' }]);
  // An action is told once, whichever cause led to it.
  expect(bindFindings(seen, choice, 'overload').also.map(({ action }) => action)).toEqual([choice.action]);
});

test('one look is never nearly sure; two that speak for the same work are', () => {
  const sureOf = (pairs: readonly Pair[]) =>
    diagnose({ profile: 'electrician', evidence: results(pairs) }).verdict;
  const once = sureOf([['conductor-vs-breaker', 'wire-too-small']]);
  expect(once).toMatchObject({ action: 'size-down' });
  expect(once.confidence).toBeLessThan(0.9);
  const twice = sureOf([
    ['terminal-inspection', 'corroded'],
    ['water-signs', 'condensation-or-rust'],
  ]);
  expect(twice).toMatchObject({ action: 'dry-and-inspect' });
  expect(twice.confidence).toBeGreaterThan(0.9);
});

test('a danger comes before what was seen, and what was seen is told beside it', () => {
  const { verdict, also, stop } = diagnose({
    profile: 'electrician',
    evidence: results([
      ['smell', 'hot-plastic'],
      ['sound', 'sizzle-or-crackle'],
      ['part-match', 'not-listed'],
    ]),
  });
  expect(stop.active).toBe(true);
  expect(LEAVES_ON).not.toContain(verdict.family);
  expect([verdict.action, ...also.map(({ action }) => action)]).toContain('replace-breaker');
});

test('where nothing was seen to be so, nothing is said besides', () => {
  const { also } = diagnose({ profile: 'homeowner', evidence: results(TRIPS[0]![1].slice(0, 1)) });
  expect(also).toEqual([]);
});

describe('on the detail', () => {
  test.each(SEEN)(
    '%s is acted on beside an overload, in the order of what is dangerous',
    (_what, seen, _cause, action) => {
      const observations = results([seen, ...TRIPS[0]![1]]).map((one, i) =>
        anObservation(one.test, one.outcome, i),
      );
      const decision = decide(gatherEvidence(aDossier({ circuit: null, observations })));
      expect(LEAVES_ON).not.toContain(decision.family);
      expect(decision.action).not.toBe('shed-load');
      expect([decision.action, ...decision.also.map((one) => one.action)]).toContain(action);
    },
  );

  test('what one look decides is looked at a second time', () => {
    const burnt = anObservation('neutral-joint-inspection', 'loose-or-burnt', 1);
    const decision = decide(gatherEvidence(aDossier({ circuit: null, observations: [burnt] })));
    expect(decision.action).toBe('repair-neutral');
    expect(decision.reasons.map(({ text }) => text).join()).toContain('Check again');
  });
});
