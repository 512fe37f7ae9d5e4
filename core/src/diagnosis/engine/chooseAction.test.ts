import { describe, expect, test } from '@jest/globals';
import { CAUSE_IDS } from '../causes/index.ts';
import { type TestResult, ACTIONS, type CauseId, type TestId } from '../../facts/vocabulary/index.ts';
import { hazardOf } from '../../facts/hazards/index.ts';
import { leastLossAction, lossTable } from '../actions/index.ts';
import { assess, isDecisionSettled, nextTests, TRIALS } from './index.ts';

const found = (outcomes: Partial<Record<TestId, string>>): TestResult[] =>
  Object.entries(outcomes).map(([id, outcome]) => ({ test: id as TestId, outcome }));
const tableFor = (results: TestResult[]) => lossTable(results, hazardOf(results));
const surely = (cause: CauseId) => Float64Array.from(CAUSE_IDS, (id) => (id === cause ? 1 : 0));

describe('what bars a reset', () => {
  const incomplete = surely('incomplete-reset');
  test.each<[TestId, string]>([
    ['terminal-inspection', 'corroded'],
    ['stab-inspection', 'pitted-or-burnt'],
    ['water-signs', 'condensation-or-rust'],
    ['terminal-temperature', 'over-15-over'],
    ['conductor-vs-breaker', 'wire-too-small'],
    ['insulation-resistance', 'near-zero'],
  ])('%s: %s', (id, outcome) => {
    expect(ACTIONS[leastLossAction(lossTable([]), incomplete).action]).toBe('reset');
    const beside = leastLossAction(tableFor(found({ [id]: outcome })), incomplete).action;
    expect(['complete-reset', 'reset-and-watch']).not.toContain(beside);
  });

  test('a feeder stays off beside them and beside a warm panel; a protected outlet further on need not', () => {
    const then = (outcomes: Partial<Record<TestId, string>>, cause: CauseId) =>
      leastLossAction(tableFor(found(outcomes)), surely(cause)).action;
    const open = { 'upstream-breaker': 'tripped-or-off' } as const;
    expect(then(open, 'upstream-open')).toBe('reset-other-device');
    for (const sign of [{ 'panel-touch': 'warm' }, { 'water-signs': 'condensation-or-rust' }])
      expect(then({ ...open, ...sign }, 'upstream-open')).not.toBe('reset-other-device');
    expect(then({ 'panel-touch': 'warm' }, 'downstream-device-tripped')).toBe('reset-other-device');
  });

  test('a warm face after a trip of its own bars no reset', () => {
    const { action } = leastLossAction(tableFor(found({ 'panel-touch': 'warm' })), incomplete);
    expect(ACTIONS[action]).toBe('reset');
  });

  test('a stop bars all that leaves it energised', () => {
    for (const cause of CAUSE_IDS) {
      const { action } = leastLossAction(
        lossTable([], hazardOf(found({ smell: 'hot-plastic' }))),
        surely(cause),
      );
      expect(['reset', 'resize']).not.toContain(action === 'size-down' ? '' : ACTIONS[action]);
    }
  });
});

test('nothing is switched on to learn more beside what needs work', () => {
  const trials = (results: TestResult[]) =>
    nextTests(assess(results), 'electrician').filter(({ id }) => TRIALS.has(id));
  const dead = found({ 'power-loss-extent': 'one-circuit', 'handle-position': 'middle' });
  expect(trials(dead)).toHaveLength(3);
  expect(trials([...dead, { test: 'stab-inspection', outcome: 'pitted-or-burnt' }])).toEqual([]);
});

describe('no rating is changed by a guess', () => {
  test('size-down and size-up wait for the conductor', () => {
    const may = (cause: CauseId, outcome: string | null) =>
      leastLossAction(tableFor(outcome ? found({ 'conductor-vs-breaker': outcome }) : []), surely(cause))
        .action;
    expect(may('oversized-breaker', null)).not.toBe('size-down');
    expect(may('oversized-breaker', 'wire-too-small')).toBe('size-down');
    expect(may('undersized-breaker', null)).not.toBe('size-up');
    expect(may('undersized-breaker', 'wire-has-room')).toBe('size-up');
  });
});

describe('before a reset', () => {
  test('where it has tripped repeatedly somebody qualified looks inside first', () => {
    const tripped = (record: string) =>
      found({
        'power-loss-extent': 'one-circuit',
        'handle-finger-test': 'gives',
        'handle-position': 'on',
        'reset-feel': 'no-off-click',
        'power-after-reset': 'restored',
        'trips-on-record': record,
      });
    const asks = (record: string, profile: 'homeowner' | 'electrician') =>
      nextTests(assess(tripped(record)), profile)
        .slice(0, 8)
        .map(({ id }) => id);
    expect(asks('few', 'electrician')).toContain('terminal-inspection');
    expect(asks('few', 'homeowner')).not.toContain('terminal-inspection');
    expect(asks('first-time', 'electrician')).not.toContain('terminal-inspection');
  });

  const gives = found({
    'power-loss-extent': 'one-circuit',
    'handle-finger-test': 'gives',
    'reset-feel': 'no-off-click',
  });
  const asked = (results: TestResult[]) => nextTests(assess(results), 'homeowner').map(({ id }) => id);

  test('somebody listens, smells, feels and looks, and it is not settled until then', () => {
    expect(ACTIONS[assess(gives).choice.action]).toBe('reset');
    const senses = ['light-behaviour', 'panel-touch', 'smell', 'sound', 'water-signs'];
    expect(asked(gives).slice(0, 5).sort()).toEqual(senses);
    expect(isDecisionSettled(assess(gives), nextTests(assess(gives), 'homeowner'), 'homeowner')).toBe(false);
    const looked = [
      ...gives,
      ...found({
        sound: 'quiet',
        smell: 'none',
        'panel-touch': 'cool',
        'water-signs': 'dry',
        'light-behaviour': 'steady',
      }),
    ];
    // What is left is the reset itself, and what it gives.
    const still = nextTests(assess(looked), 'homeowner').filter(({ value }) => value > 1);
    const byReset = ['reset-result', 'reset-result-unplugged', 'power-after-reset', 'trips-on-record'];
    expect(still.filter(({ id }) => !byReset.includes(id))).toEqual([]);
  });

  test('where it has tripped, one trial with everything unplugged comes first', () => {
    const tripped = [...gives, ...found({ 'trips-on-record': 'first-time' })];
    expect(asked(tripped).slice(0, 6)).toContain('reset-result-unplugged');
  });
});
