import { describe, expect, test } from '@jest/globals';
import { gatherEvidence } from '../evidence/index.ts';
import { aDossier, aReading, anEvent, anObservation, type BreakerRecordParts } from '../../testing/index.ts';
import { CAUSE_IDS, prior } from '../causes/index.ts';
import type { CauseId, TestId } from '../../facts/vocabulary/index.ts';
import { decide } from './index.ts';
import { assessRecord, knownOf, hasTrouble } from '../recordAssessment/index.ts';

const evidenceOf = (parts: BreakerRecordParts) => gatherEvidence(aDossier(parts));
const seen = (found: Partial<Record<TestId, string>>): BreakerRecordParts => ({
  observations: Object.entries(found).map(([id, outcome], i) => anObservation(id as TestId, outcome, i)),
});
const chanceOf = (cause: CauseId, parts: BreakerRecordParts) =>
  assessRecord(evidenceOf(parts)).probabilities[CAUSE_IDS.indexOf(cause)]!;

describe('what no single sign tells, the engine decides', () => {
  test.each<[string, BreakerRecordParts, string, CauseId]>([
    [
      'the whole street is dark',
      seen({ 'power-loss-extent': 'whole-house', 'neighbours-power': 'off-too' }),
      'wait-for-supply',
      'supply-outage',
    ],
    [
      'newly fitted, it trips with the first load',
      {
        breaker: { kind: 'gfci' },
        ...seen({
          'button-after-fitting': 'trips-as-soon-as-loaded',
          'recent-change': 'new-wiring-or-breaker',
          'neutral-joint-inspection': 'on-the-wrong-bar',
        }),
      },
      'repair-neutral',
      'miswired-protected-unit',
    ],
    [
      'one lamp is dead, everything else works',
      seen({
        'power-loss-extent': 'one-device',
        'outlet-voltage': 'normal',
        'downstream-device': 'not-tripped',
        sound: 'quiet',
      }),
      'replace-device',
      'device-failed',
    ],
  ])('%s', (_what, parts, action, cause) => {
    const d = decide(evidenceOf(parts));
    expect([d.action, d.causes[0]!.id]).toEqual([action, cause]);
    expect(d.confidence).toBeGreaterThan(0.5);
    expect(d.reasons[0]!.weight).toBeGreaterThanOrEqual(2);
    expect(d.overturnedBy.length).toBeGreaterThan(0);
  });

  test('what speaks against it is said so, and carries nothing', () => {
    const d = decide(
      evidenceOf(
        seen({
          'power-loss-extent': 'whole-house',
          'neighbours-power': 'off-too',
          'handle-position': 'middle',
        }),
      ),
    );
    const against = d.reasons.filter(({ text }) => text.startsWith('Evidence against: '));
    expect(against.length).toBeGreaterThan(0);
    expect(against.every(({ weight }) => weight === 1)).toBe(true);
  });
});

test('once the policy’s trials are used up no reset is offered, whatever the engine thinks', () => {
  const again = (at: number) => anEvent('reset', at, { result: 'tripped', pace: 'minutes' });
  const events = [anEvent('trip', 1, { pace: 'minutes' }), again(2), again(3)];
  const halfReset = seen({ 'handle-finger-test': 'gives', 'reset-feel': 'no-off-click' });
  expect(decide(evidenceOf({ events, ...halfReset })).family).not.toBe('reset');
});

describe('what the record brings', () => {
  test('without a complaint there is nothing to diagnose', () => {
    const sound = { readings: [aReading('voltage', 'outlet', 119), aReading('current', 'plug', 9)] };
    expect(hasTrouble(evidenceOf(sound))).toBe(false);
    expect(decide(evidenceOf(sound))).toMatchObject({ action: 'keep', causes: [] });
    expect(hasTrouble(evidenceOf({ events: [anEvent('trip', 1, { pace: 'minutes' })] }))).toBe(true);
  });

  test('the bench speaks by its probabilities, and once', () => {
    const held = (at: number, amps: number) => anEvent('no-trip', at, { amps, afterSeconds: 3600 });
    const early = anEvent('trip', 10, { amps: 14, afterSeconds: 600 });
    const clean = anObservation('terminal-inspection', 'clean-and-tight', 20);
    const weak = { events: [early], observations: [clean] };
    const surer = {
      events: [early, anEvent('trip', 100, { amps: 13.5, afterSeconds: 700 })],
      observations: [clean],
    };
    expect(chanceOf('weak-breaker', weak)).toBeGreaterThan(0.25);
    expect(chanceOf('weak-breaker', surer)).toBeGreaterThan(chanceOf('weak-breaker', weak));
    const sluggish = { events: [held(10, 33), held(200, 35)] };
    expect(chanceOf('stuck-breaker', sluggish)).toBeGreaterThan(0.3);
    const sound = { events: [held(10, 20), anEvent('trip', 400, { amps: 30, afterSeconds: 100 })] };
    expect(chanceOf('weak-breaker', sound)).toBeLessThan(chanceOf('weak-breaker', weak));
  });

  test('its age and the shorts it has cleared shift what is thought of it', () => {
    const installed = { breaker: { installedOn: '1980-05-01' } };
    expect(knownOf(evidenceOf(installed)).ageYears).toBeGreaterThan(40);
    const short = (at: number) => anEvent('trip', at, { pace: 'at-once', cause: 'known-removed' });
    expect(knownOf(evidenceOf({ events: [short(1), short(100)] })).deadShorts).toBe(2);
    const at = CAUSE_IDS.indexOf('open-breaker');
    expect(prior({ deadShorts: 2 })[at]!).toBeGreaterThan(prior({ deadShorts: 1 })[at]!);
    expect(prior({ deadShorts: 9 })).toEqual(prior({ deadShorts: 3 }));
  });

  test('an old trip is no trip that is complained of now, and rules none out', () => {
    const old = [anEvent('trip', 0, { pace: 'minutes' }), anEvent('reset', 1, { result: 'holds' })];
    const tripped = (complaint: 'trips' | 'lights' | 'dead' | undefined, events = old) =>
      knownOf({ ...evidenceOf({ events }), complaint }).tripped;
    expect(tripped('trips', [])).toBe(true);
    expect(tripped('lights')).toBeUndefined();
    expect(tripped('lights', [])).toBe(false);
    expect(tripped('dead')).toBeUndefined();
    expect(tripped(undefined)).toBe(true);
    expect(tripped(undefined, [])).toBeUndefined();
    expect(tripped('lights', [anEvent('trip', 2, { pace: 'minutes' })])).toBe(true);
  });

  test('the electronics of a breaker that snapped were no dead short', () => {
    const snap = { events: [anEvent('trip', 1, { pace: 'at-once' })] };
    const outcome = (parts: BreakerRecordParts) =>
      evidenceOf(parts).items.find(({ test: id }) => id === 'trips-on-record')!.outcome;
    expect(outcome(snap)).toBe('after-dead-short');
    expect(outcome({ ...snap, breaker: { kind: 'gfci' } })).toBe('first-time');
  });
});
