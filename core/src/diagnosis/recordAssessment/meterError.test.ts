import { describe, expect, test } from '@jest/globals';
import type { CauseId } from '../../facts/vocabulary/index.ts';
import { gatherEvidence, itemOf, type Evidence } from '../evidence/index.ts';
import { rankedCauses } from '../engine/index.ts';
import { aBreakerRecord, aCircuit, aDossier, aLoad, aReading, uuid } from '../../testing/index.ts';
import { DEFAULT_POLICIES } from '../../record/settings/index.ts';
import { assessRecord, decide } from '../decision/index.ts';

const causeChance = (evidence: Evidence, cause: CauseId) =>
  rankedCauses(assessRecord(evidence)).find(({ id }) => id === cause)!.probability;

/** Everything within 80% of the rating: on 20 A, 16 A. */
const flat80 = { policies: { ...DEFAULT_POLICIES, loading: 'flat80' as const } };
const withLoad = (amps: number, errorAmps: number | null) =>
  gatherEvidence(
    aDossier(
      {
        circuit: aCircuit({
          conductor: { gauge: '10', material: 'copper', insulationC: 90, cable: 'nm' },
          portableReceptacles: false,
          loads: [
            aLoad({
              watts: null,
              voltAmperes: amps * 120,
              errorVoltAmperes: errorAmps === null ? null : errorAmps * 120,
            }),
          ],
        }),
      },
      flat80,
    ),
  );

describe('a load near the limit of its breaker', () => {
  test('16.1 A by nameplate asks for a larger breaker', () =>
    expect(decide(withLoad(16.1, null)).action).toBe('size-up'));

  test('16.1 ± 0.4 A is not sure enough to resize by: it is measured again', () => {
    const decision = decide(withLoad(16.1, 0.4));
    expect(decision.action).toBe('gather-more');
    expect(decision.headline).toContain('16.1 A ± 0.4 A');
    expect([decision.action, ...decision.also.map(({ action }) => action)]).not.toContain('size-up');
  });

  test('16.5 ± 0.4 A is', () => expect(decide(withLoad(16.5, 0.4)).action).toBe('size-up'));
});

describe('a reading near a limit', () => {
  const clamped = (value: number, error: number | null) =>
    gatherEvidence(aDossier({ readings: [aReading('current', 'conductor', value, 0, { error })] }));

  test('says so, and counts for less the nearer it lies', () => {
    const near = itemOf(clamped(20.1, 0.8), 'clamp-current')!;
    expect(near).toMatchObject({ outcome: '100-to-135', or: { outcome: '80-to-100' } });
    expect(near.text).toContain('20.1 A ± 0.8 A is within the meter error of 20 A.');
    expect(near.or!.chance).toBeGreaterThan(0.35);
    expect(itemOf(clamped(20.7, 0.8), 'clamp-current')!.or!.chance).toBeLessThan(0.1);
    for (const clear of [clamped(21, 0.8), clamped(20.1, null)])
      expect(itemOf(clear, 'clamp-current')!.or).toBeUndefined();
  });

  test('an overload is the less likely the less sure its figure is', () => {
    const [sure, unsure] = [
      causeChance(clamped(20.1, 0), 'overload'),
      causeChance(clamped(20.1, 0.8), 'overload'),
    ];
    expect(unsure).toBeLessThan(sure);
    expect(unsure).toBeGreaterThan(causeChance(clamped(19.9, 0), 'overload'));
  });

  test('volts too: 109.5 ± 1.4 V at an outlet may be normal', () => {
    const readings = [aReading('voltage', 'outlet', 109.5, 0, { error: 1.4 })];
    expect(itemOf(gatherEvidence(aDossier({ readings })), 'outlet-voltage')).toMatchObject({
      outcome: 'low',
      or: { outcome: 'normal' },
    });
  });
});

describe('millivolts across a closed breaker', () => {
  const measured = (n: number, millivolts: number, amps: number, ratingAmps = 20) =>
    aBreakerRecord({
      breaker: { id: uuid(n), space: 2 * n + 1, ratingAmps },
      readings: [aReading('millivolts', 'across', millivolts, n), aReading('current', 'conductor', amps, n)],
    });
  const others = [measured(3, 30, 10), measured(4, 16, 5), measured(5, 45, 15), measured(6, 200, 10, 15)];
  const outcome = (millivolts: number, amps: number) =>
    itemOf(
      gatherEvidence({ ...aDossier({}), subject: measured(1, millivolts, amps), others }),
      'millivolt-drop',
    )?.outcome;

  test('are held against similar breakers at the same current: 3 mΩ here', () => {
    expect([outcome(30, 10), outcome(44, 10), outcome(46, 10), outcome(89, 10), outcome(91, 10)]).toEqual([
      'like-peers',
      'like-peers',
      'raised',
      'raised',
      'high',
    ]);
    expect(outcome(60, 20)).toBe('like-peers');
  });

  test('tell nothing without a current, or without a breaker like it', () => {
    expect(outcome(30, 0.4)).toBeUndefined();
    const alone = gatherEvidence({
      ...aDossier({}),
      subject: measured(1, 90, 10),
      others: [measured(6, 30, 10, 15)],
    });
    expect(itemOf(alone, 'millivolt-drop')).toBeUndefined();
  });
});
