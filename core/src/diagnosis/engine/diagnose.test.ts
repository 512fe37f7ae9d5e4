import { describe, expect, test } from '@jest/globals';
import { runs } from '../../testing/index.ts';
import fc from 'fast-check';
import { hazardOf } from '../../facts/hazards/index.ts';
import { ACTIONS, CAUSES, TESTS, type TestId } from '../../facts/vocabulary/index.ts';
import { CAUSE_IDS } from '../causes/index.ts';
import { endangers, loss, NEEDLESS } from '../actions/index.ts';
import { diagnose, type DiagnoseInput, diagnoseOutput } from './index.ts';

type Found = Partial<Record<TestId, string>>;
const ask = (found: Found, more: Partial<DiagnoseInput> = {}) =>
  diagnose({
    profile: 'electrician',
    evidence: Object.entries(found).map(([test, outcome]) => ({
      test,
      outcome,
    })) as DiagnoseInput['evidence'],
    ...more,
  });

/** Reasoned from how things fail: what is found, what leads, what to do. */
const CASES: [
  what: string,
  found: Found,
  cause: string,
  action: string,
  context?: DiagnoseInput['context'],
][] = [
  [
    'everything on, it trips in minutes',
    { 'trip-pattern': 'many-loads-together', 'reset-result': 'trips-in-minutes', 'load-share': '100-to-135' },
    'overload',
    'shed-load',
  ],
  [
    'it gives, and the power comes back',
    {
      'handle-finger-test': 'gives',
      'reset-feel': 'no-off-click',
      'outlet-voltage': 'zero',
      'trips-on-record': 'first-time',
      'reset-result': 'holds',
    },
    'incomplete-reset',
    'complete-reset',
  ],
  [
    'one appliance snaps it',
    { 'reset-result': 'trips-at-once', 'reset-result-unplugged': 'holds', 'trip-pattern': 'one-appliance' },
    'appliance-fault',
    'repair-appliance',
  ],
  [
    'drilled, and it snaps bare',
    {
      'reset-result': 'trips-at-once',
      'reset-result-unplugged': 'trips-at-once',
      'recent-change': 'digging-or-drilling',
    },
    'wiring-short',
    'make-safe-and-call',
  ],
  [
    'rain, on a GFCI breaker',
    {
      'trip-pattern': 'wet-weather',
      'reset-result-unplugged': 'trips-later',
      'insulation-resistance': 'under-1-megohm',
    },
    'ground-leakage',
    'repair-wiring',
    { breakerKind: 'gfci' },
  ],
  [
    'lights of one circuit flicker',
    {
      'light-behaviour': 'flicker-one-circuit',
      'outlet-sag': 'over-6-percent',
      'terminal-inspection': 'clean-and-tight',
      'stab-inspection': 'clean',
    },
    'arcing-connection',
    'repair-wiring',
  ],
  [
    'its button is dead',
    { 'test-button': 'does-not-trip', 'load-wire-lifted': 'trips' },
    'electronic-unit-fault',
    'replace-breaker',
    { breakerKind: 'afci' },
  ],
  [
    'too early, cool and clean',
    {
      'trip-vs-curve': 'too-early',
      'terminal-inspection': 'clean-and-tight',
      'terminal-temperature': 'like-peers',
      'clamp-current': 'under-80',
      'reset-result': 'trips-in-minutes',
    },
    'weak-breaker',
    'replace-breaker',
    { breakerKind: 'standard' },
  ],
  [
    'on, and nothing comes out',
    {
      'power-loss-extent': 'one-circuit',
      'reset-feel': 'clean-clicks',
      'power-after-reset': 'still-dead',
      'load-terminal-voltage': 'zero',
      'line-side-voltage': 'both-legs-normal',
    },
    'open-breaker',
    'replace-breaker',
  ],
  [
    'gritty, and will not stay bare',
    {
      'reset-feel': 'hard-or-gritty',
      'reset-result-unplugged': 'trips-at-once',
      'insulation-resistance': 'over-1-megohm',
    },
    'worn-mechanism',
    'replace-breaker',
  ],
  [
    'a loose screw',
    { 'terminal-inspection': 'loose', 'terminal-temperature': '3-to-15-over' },
    'loose-terminal',
    'remake-joint',
  ],
  [
    'two under one screw',
    { 'terminal-inspection': 'two-wires-one-terminal', 'conductor-vs-breaker': 'matched' },
    'shared-terminal',
    'separate-conductors',
  ],
  ['too thin a conductor', { 'conductor-vs-breaker': 'wire-too-small' }, 'oversized-breaker', 'size-down'],
  [
    'a pitted stab, and flicker',
    {
      'stab-inspection': 'pitted-or-burnt',
      'light-behaviour': 'flicker-one-circuit',
      'power-loss-extent': 'one-circuit',
    },
    'burnt-stab',
    'replace-breaker-and-remake-joint',
  ],
  [
    'a protected outlet has opened',
    { 'power-loss-extent': 'part-of-one-circuit', 'downstream-device': 'tripped' },
    'downstream-device-tripped',
    'reset-other-device',
  ],
  [
    'the feeder has opened',
    { 'power-loss-extent': 'several-circuits', 'upstream-breaker': 'tripped-or-off' },
    'upstream-open',
    'reset-other-device',
  ],
  [
    'alive at the breaker, dead past it',
    {
      'load-terminal-voltage': 'normal',
      'outlet-voltage': 'zero',
      'downstream-device': 'none-found',
      'outlet-wiring': 'open-neutral',
    },
    'open-wiring',
    'repair-wiring',
  ],
  [
    'half the house, a leg missing',
    { 'power-loss-extent': 'half-the-house', 'line-side-voltage': 'one-leg-missing' },
    'supply-leg-lost',
    'call-utility',
  ],
  [
    'a dark street',
    { 'power-loss-extent': 'whole-house', 'neighbours-power': 'off-too' },
    'supply-outage',
    'wait-for-supply',
  ],
  [
    'legs unequal',
    { 'light-behaviour': 'some-brighter-some-dimmer', 'line-side-voltage': 'legs-unequal' },
    'open-neutral',
    'make-safe-and-call',
  ],
  [
    'the main gives one leg of two',
    {
      'power-loss-extent': 'half-the-house',
      'line-side-voltage': 'both-legs-normal',
      'main-load-side-voltage': 'one-missing',
    },
    'main-breaker-fault',
    'replace-main',
  ],
  [
    'rust and green screws',
    { 'water-signs': 'condensation-or-rust', 'terminal-inspection': 'corroded' },
    'moisture',
    'dry-and-inspect',
  ],
  [
    'a burnt bus, many circuits',
    {
      'stab-inspection': 'pitted-or-burnt',
      'light-behaviour': 'flicker-whole-house',
      'power-loss-extent': 'several-circuits',
    },
    'bus-failing',
    'replace-panel',
  ],
  [
    'at the start of the motor',
    { 'trip-pattern': 'motor-starting', 'light-behaviour': 'dims-on-start', 'reset-result': 'holds' },
    'motor-inrush',
    'shed-load',
  ],
  [
    'new, and trips with the first load',
    { 'button-after-fitting': 'trips-as-soon-as-loaded', 'recent-change': 'new-wiring-or-breaker' },
    'miswired-protected-unit',
    'repair-neutral',
    { breakerKind: 'gfci', newlyFitted: true },
  ],
  ['not on the label', { 'part-match': 'not-listed' }, 'wrong-part', 'replace-breaker'],
  [
    'one lamp is dead, all else works',
    { 'power-loss-extent': 'one-device', 'outlet-voltage': 'normal', 'light-behaviour': 'steady' },
    'device-failed',
    'replace-device',
  ],
  [
    'a pair of circuits swings',
    {
      'power-loss-extent': 'several-circuits',
      'line-side-voltage': 'both-legs-normal',
      'neutral-joint-inspection': 'loose-or-burnt',
      'outlet-wiring': 'open-neutral',
    },
    'shared-neutral-open',
    'repair-neutral',
  ],
  [
    'stiff and gritty, though it holds',
    { 'reset-feel': 'hard-or-gritty', 'reset-result': 'holds' },
    'worn-mechanism',
    'replace-breaker',
  ],
  ['water in the panel', { 'water-signs': 'wet-now' }, 'moisture', 'make-safe-and-call'],
  [
    'one pole of the only appliance’s breaker is low',
    { 'power-loss-extent': 'one-device', 'handle-position': 'one-half-low', 'handle-finger-test': 'gives' },
    'incomplete-reset',
    'complete-reset',
    { poles: 2 },
  ],
  [
    'nothing arrives, and the street has power',
    { 'power-loss-extent': 'whole-house', 'neighbours-power': 'on', 'line-side-voltage': 'both-missing' },
    'supply-outage',
    'call-utility',
  ],
];

test.each(CASES.map(([what, found, cause, action, context]) => ({ what, found, cause, action, context })))(
  '$what',
  ({ found, cause, action, context }) => {
    const { causes, verdict } = ask(found, { context });
    expect([causes[0]!.id, verdict.action]).toEqual([cause, action]);
  },
);

describe('the verdict', () => {
  test('without evidence asks for a look, and first for what is dead', () => {
    const { verdict, nextTests } = ask({}, { profile: 'homeowner' });
    expect(verdict).toMatchObject({ action: 'gather-more', family: 'need-more', reasons: [] });
    expect(nextTests[0]!.id).toBe('power-loss-extent');
  });

  test('names what carried it, heaviest first, and what would overturn it', () => {
    const { verdict } = ask({
      'trip-pattern': 'many-loads-together',
      'reset-result': 'trips-in-minutes',
      'load-share': '100-to-135',
    });
    expect(verdict.reasons[0]!.weight).toBeGreaterThan(1);
    const weights = verdict.reasons.map(({ weight }) => Math.abs(weight));
    expect(weights).toEqual([...weights].sort((a, b) => b - a));
    expect(verdict.overturnedBy.length).toBeGreaterThan(0);
    for (const { action } of verdict.overturnedBy) expect(action).not.toBe(verdict.action);
  });

  test('a panel is not condemned on one kind of evidence', () => {
    expect(ask({ 'light-behaviour': 'flicker-whole-house' }).verdict.action).not.toBe('replace-panel');
    expect(ask({ 'stab-inspection': 'pitted-or-burnt' }).verdict.action).not.toBe('replace-panel');
  });

  test('a hot joint that cooked its terminal takes the breaker with it', () => {
    expect(
      ask({ 'terminal-inspection': 'discoloured-or-melted', 'terminal-temperature': 'over-15-over' }),
    ).toMatchObject({
      verdict: { action: 'make-safe-and-call' },
      also: [{ action: 'replace-breaker-and-remake-joint' }],
      stop: { active: true },
    });
  });

  test('a reset that was done right and holds is watched', () => {
    const { verdict } = ask({
      'power-loss-extent': 'one-circuit',
      'handle-finger-test': 'gives',
      'reset-feel': 'clean-clicks',
      'reset-result': 'holds',
      'power-after-reset': 'restored',
      'trips-on-record': 'first-time',
      'load-share': 'under-80',
      sound: 'quiet',
      smell: 'none',
      'panel-touch': 'cool',
      'light-behaviour': 'steady',
    });
    expect(verdict.action).toBe('reset-and-watch');
  });
});

describe('dangers together', () => {
  test.each<[Found, boolean]>([
    [{ 'reset-result': 'trips-at-once', 'reset-result-unplugged': 'trips-at-once' }, true],
    [{ 'reset-result-unplugged': 'trips-at-once' }, false],
    [{ 'insulation-resistance': 'near-zero' }, true],
    [{ 'terminal-inspection': 'loose', 'terminal-temperature': 'over-15-over' }, true],
    [{ 'terminal-inspection': 'loose' }, false],
    [{ 'outlet-voltage': 'high' }, true],
  ])('%j', (found, stops) => {
    const { stop } = ask(found);
    expect(stop.active).toBe(stops);
    expect(stop.reasons.length > 0).toBe(stops);
  });
});

describe('laws', () => {
  const result = fc
    .constantFrom(...(Object.keys(TESTS) as TestId[]))
    .chain((test) =>
      fc.constantFrom(...(TESTS[test].outcomes as readonly string[])).map((outcome) => ({ test, outcome })),
    );
  const question = fc.record({
    profile: fc.constantFrom('homeowner' as const, 'electrician' as const),
    evidence: fc.uniqueArray(result, { maxLength: 14, selector: ({ test }) => test }),
  });

  test('the answer is whole: causes sum to 1 in order, tests are new and allowed, a stop never goes with a reset', () => {
    fc.assert(
      fc.property(question, (q) => {
        const answer = diagnose(q);
        expect(diagnoseOutput.parse(answer)).toEqual(answer);
        const chances = answer.causes.map(({ probability }) => probability);
        expect(chances).toHaveLength(Object.keys(CAUSES).length);
        expect(chances.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
        expect(chances).toEqual([...chances].sort((a, b) => b - a));
        const done = q.evidence.map(({ test }) => test);
        for (const { id } of answer.nextTests) {
          expect(done).not.toContain(id);
          expect(TESTS[id].level).toBeLessThanOrEqual(q.profile === 'homeowner' ? 1 : 2);
        }
        const { action, family, confidence } = answer.verdict;
        expect(family).toBe(ACTIONS[action]);
        expect(confidence).toBeGreaterThanOrEqual(0);
        expect(confidence).toBeLessThanOrEqual(1 + 1e-9);
        const { level, scope, findings } = hazardOf(q.evidence);
        expect(answer.hazard).toMatchObject({ level, scope });
        expect(answer.stop.active).toBe(level === 'stop');
        if (level !== 'none') expect(family).not.toBe('keep');
        if (findings.some(({ resetMayCure }) => !resetMayCure)) expect(family).not.toBe('reset');
        if (level === 'stop') expect(action).toBe('make-safe-and-call');
      }),
      { numRuns: runs(40, 120) },
    );
  });

  test('the order of the evidence does not matter', () => {
    fc.assert(
      fc.property(question, (q) => {
        expect(diagnose({ ...q, evidence: [...q.evidence].reverse() }).causes).toEqual(diagnose(q).causes);
      }),
      { numRuns: 40 },
    );
  });

  test('the right action costs nothing; a danger left energised costs more than any needless breaker, a panel more than that', () => {
    expect(loss('remake-joint', 'loose-terminal', ['remake-joint'])).toBe(0);
    for (const cause of CAUSE_IDS.filter(endangers))
      expect(loss('complete-reset', cause, [])).toBeGreaterThan(10 * NEEDLESS['replace-breaker']);
    expect(NEEDLESS['replace-panel']).toBeGreaterThan(10 * NEEDLESS['replace-breaker']);
  });

  test.each([
    [{ profile: 'neighbour', evidence: [] }, /profile|Invalid/],
    [{ profile: 'homeowner', evidence: [{ test: 'aura', outcome: 'blue' }] }, /not in the vocabulary/],
    [{ profile: 'homeowner', evidence: [{ test: 'sound', outcome: 'loud' }] }, /must be one of/],
    [
      {
        profile: 'homeowner',
        evidence: [
          { test: 'sound', outcome: 'quiet' },
          { test: 'sound', outcome: 'quiet' },
        ],
      },
      /at most once/,
    ],
  ])('%j is refused', (input, message) => {
    expect(() => diagnose(input as DiagnoseInput)).toThrow(message);
  });
});
