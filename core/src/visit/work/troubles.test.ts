import { describe, expect, test } from '@jest/globals';
import { aVisitPlan, aVisitTask, uuid, visitIn } from '../../testing/index.ts';
import {
  nextOf,
  TROUBLES,
  walk,
  type NextVisitStep,
  type ProofId,
  type StepId,
  type TroubleId,
  type VisitFact,
  type VisitPlan,
} from './index.ts';

const task = uuid(1);
const solar = { sources: [{ id: 'solar', kind: 'solar' as const }] };
const plain = aVisitPlan(solar);
const twoPole = aVisitPlan({ tasks: [aVisitTask({ poles: 2, receptacles: false })] });
const dual = aVisitPlan({ tasks: [aVisitTask({ kind: 'dual', neutral: 'pigtail' })] });
const plugOn = aVisitPlan({ tasks: [aVisitTask({ kind: 'dual', neutral: 'plug-on' })] });
const added = aVisitPlan({ tasks: [aVisitTask({ work: 'new-breaker', breakerId: null })] });

type Until = (next: NextVisitStep) => boolean;
const gate =
  (is: string): Until =>
  (next) =>
    next.kind === 'gate' && next.is === is;
const step =
  (wanted: StepId): Until =>
  (next) =>
    next.kind === 'step' && next.step === wanted;
const proof =
  (wanted: ProofId): Until =>
  (next) =>
    next.kind === 'proof' && next.proof === wanted;
const kind =
  (wanted: NextVisitStep['kind']): Until =>
  (next) =>
    next.kind === wanted;
const measuring =
  (id: string, pole: 1 | 2, to: string): Until =>
  (next) =>
    next.kind === 'measure' && next.what.id === id && next.what.pole === pole && next.what.to === to;

const found = (trouble: TroubleId, id = task) => [{ is: 'found', id, trouble } as VisitFact];
const measured = (
  id: string,
  pole: 1 | 2,
  to: 'neutral' | 'ground' | 'other-pole',
  volts: number,
): VisitFact[] => [{ is: 'measured', id, pole, to, volts }];
const proved = (answer: object) => [{ is: 'proof', id: task, ...answer } as VisitFact];
/** At its end as it goes: the current, or the temperature, that is measured later. */
const later = kind('finish');

/** What is told where, and what is next: the same again, a choice, the cover on at once, or leaving. */
type Expected = 'again' | 'choose' | 'cover on' | 'leave';
const ROWS: Record<TroubleId, [plan: VisitPlan, until: Until, told: VisitFact[], expected: Expected]> = {
  'tester-silent': [plain, gate('tester-proved'), [{ is: 'tester-proved', volts: 0.3 }], 'again'],
  'tester-high': [plain, gate('tester-proved'), [{ is: 'tester-proved', volts: 480 }], 'again'],
  'main-live': [plain, kind('measure'), measured('main', 1, 'neutral', 121), 'cover on'],
  'main-pole-live': [plain, measuring('main', 2, 'neutral'), measured('main', 2, 'neutral', 119), 'cover on'],
  backfeed: [plain, measuring(task, 1, 'neutral'), measured(task, 1, 'neutral', 117), 'cover on'],
  'wrong-reference': [plain, measuring(task, 1, 'ground'), measured(task, 1, 'ground', 120), 'cover on'],
  'between-poles-live': [
    plain,
    measuring('main', 1, 'other-pole'),
    measured('main', 1, 'other-pole', 240),
    'cover on',
  ],
  ghost: [plain, measuring(task, 1, 'neutral'), measured(task, 1, 'neutral', 38), 'again'],
  'still-on': [plain, proof('off-output'), proved({ proof: 'off-output', volts: 119 }), 'choose'],
  'ghost-outlet': [plain, proof('off-output'), proved({ proof: 'off-output', volts: 21 }), 'again'],
  'no-output': [plain, kind('verify'), [{ is: 'verified', id: task, volts: 0.4 }], 'leave'],
  'low-output': [plain, kind('verify'), [{ is: 'verified', id: task, volts: 96 }], 'leave'],
  'high-output': [plain, kind('verify'), [{ is: 'verified', id: task, volts: 139 }], 'leave'],
  'same-leg': [twoPole, proof('between-poles'), proved({ proof: 'between-poles', volts: 0.2 }), 'choose'],
  'between-off': [twoPole, proof('between-poles'), proved({ proof: 'between-poles', volts: 203 }), 'choose'],
  'reversed-polarity': [
    plain,
    proof('outlet-wiring'),
    proved({ proof: 'outlet-wiring', outcome: 'reversed' }),
    'choose',
  ],
  'open-ground': [
    plain,
    proof('outlet-wiring'),
    proved({ proof: 'outlet-wiring', outcome: 'open-ground' }),
    'choose',
  ],
  'open-neutral': [
    plain,
    proof('outlet-wiring'),
    proved({ proof: 'outlet-wiring', outcome: 'open-neutral' }),
    'choose',
  ],
  'test-button-fails': [
    dual,
    proof('test-button'),
    proved({ proof: 'test-button', outcome: 'does-not-trip' }),
    'choose',
  ],
  'over-rating': [plain, later, proved({ proof: 'current', amps: 17.2 }), 'choose'],
  'runs-hot': [plain, later, proved({ proof: 'temperature', surfaceC: 84, ambientC: 21 }), 'choose'],
  'main-stuck': [plain, gate('main-off'), found('main-stuck', 'main'), 'leave'],
  'no-lock': [plain, gate('locked'), found('no-lock', 'main'), 'leave'],
  'source-unknown': [plain, kind('source'), found('source-unknown', 'main'), 'leave'],
  'wet-inside': [plain, kind('measure'), found('wet-inside', 'main'), 'cover on'],
  'burnt-inside': [plain, kind('measure'), found('burnt-inside', 'main'), 'cover on'],
  'line-side-bare': [plain, kind('measure'), found('line-side-bare', 'main'), 'cover on'],
  'two-wires': [plain, step('free'), found('two-wires'), 'choose'],
  'wire-thin': [plain, step('free'), found('wire-thin'), 'choose'],
  'insulation-burnt': [plain, step('free'), found('insulation-burnt'), 'choose'],
  'aluminum-wire': [plain, step('free'), found('aluminum-wire'), 'choose'],
  'screw-stripped': [plain, step('conductor-in'), found('screw-stripped'), 'choose'],
  'stuck-on-bus': [plain, step('rock-off'), found('stuck-on-bus'), 'choose'],
  'stab-pitted': [twoPole, step('stab'), found('stab-pitted'), 'choose'],
  'part-differs': [plain, step('compare'), found('part-differs'), 'choose'],
  gritty: [plain, step('click'), found('gritty'), 'choose'],
  'does-not-seat': [plain, step('hook-press'), found('does-not-seat'), 'choose'],
  'neutral-shared': [dual, step('neutral-in'), found('neutral-shared'), 'choose'],
  'bar-full': [added, step('ground-in'), found('bar-full'), 'choose'],
  'no-plug-on-bar': [plugOn, step('hook-press'), found('no-plug-on-bar'), 'choose'],
  'too-short': [plain, step('conductor-in'), found('too-short'), 'choose'],
  'no-torque': [plain, step('conductor-in'), found('no-torque'), 'choose'],
  'pulls-out': [plain, step('conductor-in'), found('pulls-out'), 'again'],
  'cover-stands-off': [plain, gate('cover-on'), found('cover-stands-off', 'main'), 'again'],
  'main-trips': [plain, gate('main-on'), found('main-trips', 'main'), 'leave'],
  'main-no-close': [plain, gate('main-on'), found('main-no-close', 'main'), 'leave'],
  'trips-at-once': [dual, kind('handle-on'), found('trips-at-once'), 'choose'],
};

describe('what goes wrong in a visit', () => {
  const rows = Object.entries(ROWS).map(([id, row]) => [id as TroubleId, ...row] as const);

  test.each(rows)('%s', (id, plan, until, told, expected) => {
    const before = visitIn('none', plan, { until });
    expect(until(before.next)).toBe(true);
    const { state, refused } = walk(plan, [...before.facts, ...told]);
    expect([refused, state.met?.trouble]).toEqual([null, id]);
    const next = nextOf(plan, state);
    switch (expected) {
      case 'again':
        expect(next).toEqual(before.next);
        break;
      case 'choose':
        expect(next).toEqual({ kind: 'choose', id: task, trouble: id });
        break;
      case 'cover on':
        expect([next, state.gates.coverOn]).toEqual([{ kind: 'gate', is: 'cover-on' }, false]);
        break;
      case 'leave':
        expect([next, state.gates.coverOn]).toEqual([{ kind: 'leave' }, true]);
    }
  });

  test('each says what it means and what to do; nobody is told to do anything live, or to take a larger breaker', () => {
    expect(rows.length).toBeGreaterThanOrEqual(40);
    for (const { words, means, todo } of Object.values(TROUBLES)) {
      expect([words, means, ...todo].every((text) => text.length > 10)).toBe(true);
      expect(todo.join(' ')).not.toMatch(/larger breaker (?!\.)|go on live/i);
    }
  });

  test('the way that is chosen is what is done next', () => {
    const after = (plan: VisitPlan, until: Until, trouble: TroubleId, way: object) => {
      const { facts } = visitIn('none', plan, { until });
      const { state, refused } = walk(plan, [
        ...facts,
        ...found(trouble),
        { is: 'changed', id: task, space: null, ratingAmps: null, ...way } as VisitFact,
      ]);
      expect(refused).toBeNull();
      const next = nextOf(plan, state);
      return next.kind === 'step' ? next.step : next.kind;
    };
    expect(after(plain, step('free'), 'two-wires', { way: 'join-tail' })).toBe('free');
    expect(after(plain, step('conductor-in'), 'too-short', { way: 'splice' })).toBe('splice');
    expect(after(plain, step('conductor-in'), 'no-torque', { way: 'look-up' })).toBe('conductor-in');
    expect(after(plain, step('compare'), 'part-differs', { way: 'put-back' })).toBe('hook-press');
    expect(after(plain, step('click'), 'gritty', { way: 'other-part' })).toBe('compare');
    expect(after(plain, step('stab'), 'stab-pitted', { way: 'not-now' })).toBe('cap');
    expect(after(plain, step('hook-press'), 'does-not-seat', { way: 'not-now' })).toBe('cap');
    expect(after(plain, kind('handle-on'), 'trips-at-once', { way: 'not-now' })).toBe('finish');
    expect(after(twoPole, step('stab'), 'stab-pitted', { way: 'other-space', space: 20 })).toBe('measure');
  });
});
