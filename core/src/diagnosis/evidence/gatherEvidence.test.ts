import { describe, expect, test } from '@jest/globals';
import {
  aCircuit,
  aLoad,
  aDossier,
  aBreakerRecord,
  aReading,
  anEvent,
  anObservation,
  uuid,
  type BreakerRecordParts,
} from '../../testing/index.ts';
import { gatherEvidence, itemOf, outcomeOf } from './index.ts';

const evidenceOf = (parts: BreakerRecordParts, rest = {}) => gatherEvidence(aDossier(parts, rest));

test('what the simulated stand-in told says so in its sentence', () => {
  const told = { ...anObservation('sound', 'quiet'), simulated: true };
  const reset = anEvent('reset', 1, { feel: 'clean-clicks', result: 'holds', simulated: true });
  const evidence = evidenceOf({ observations: [told], events: [reset] });
  for (const name of ['sound', 'reset-feel', 'reset-result', 'handle-position'] as const)
    expect(itemOf(evidence, name)!.text).toMatch(/ \(simulated\)\.$/);
});

test('and so do its figures, and what is worked out from them', () => {
  const events = [anEvent('trip', 1, { afterSeconds: 480, amps: 16, simulated: true })];
  const readings = (
    [
      ['voltage', 'outlet', 0.3],
      ['current', 'conductor', 12],
      ['temperature', 'face', 71],
    ] as const
  ).map(([quantity, point, value]) => aReading(quantity, point, value, 0, { simulated: true }));
  const evidence = evidenceOf({ readings, events });
  for (const name of [
    'outlet-voltage',
    'clamp-current',
    'panel-touch',
    'trip-vs-curve',
    'trips-on-record',
  ] as const)
    expect(itemOf(evidence, name)!.text).toMatch(/ \(simulated\)\.$/);
});

describe('voltages', () => {
  test.each([
    ['both-legs-normal', 'alive'],
    ['both-missing', 'dead'],
    ['one-leg-missing', null],
  ])('the line side told without figures: %s is %s; a figure goes before it', (outcome, lineSide) => {
    const told = anObservation('line-side-voltage', outcome);
    expect(evidenceOf({ observations: [told] }).lineSide).toBe(lineSide);
    const readings = [aReading('voltage', 'leg-a', 120), aReading('voltage', 'leg-b', 120)];
    expect(evidenceOf({ observations: [told], readings }).lineSide).toBe('alive');
  });

  test.each([
    [29.9, 'zero'],
    [30, 'low'],
    [109.9, 'low'],
    [110, 'normal'],
    [127, 'normal'],
    [127.1, 'high'],
  ])('%d V at a 120 V outlet is %s', (value, outcome) => {
    expect(
      outcomeOf(evidenceOf({ readings: [aReading('voltage', 'outlet', value)] }), 'outlet-voltage'),
    ).toBe(outcome);
  });

  test('a 240 V outlet is judged by half', () => {
    const at240 = { breaker: { poles: 2 as const }, readings: [aReading('voltage', 'outlet', 241)] };
    expect(outcomeOf(evidenceOf(at240), 'outlet-voltage')).toBe('normal');
  });

  test('too high a voltage is the same danger at the load terminal', () => {
    const high = evidenceOf({ readings: [aReading('voltage', 'load-terminal', 131)] });
    expect(outcomeOf(high, 'outlet-voltage')).toBe('high');
    expect(outcomeOf(high, 'load-terminal-voltage')).toBe('normal');
    const since = [
      aReading('voltage', 'load-terminal', 131, 0),
      aReading('voltage', 'load-terminal', 121, 60),
    ];
    expect(outcomeOf(evidenceOf({ readings: since }), 'outlet-voltage')).toBeUndefined();
  });

  test('both poles of a two-pole breaker dead is a dead breaker, one is one pole', () => {
    const poles = (a: number, b: number) =>
      outcomeOf(
        evidenceOf({
          breaker: { poles: 2 },
          readings: [aReading('voltage', 'load-terminal', a), aReading('voltage', 'load-terminal-2', b)],
        }),
        'load-terminal-voltage',
      );
    expect([poles(0, 1), poles(0, 120), poles(120, 100), poles(120, 119)]).toEqual([
      'zero',
      'one-pole-zero',
      'low',
      'normal',
    ]);
  });

  test('the latest reading stands, whatever order they are given in', () => {
    const readings = [aReading('voltage', 'outlet', 119, 10), aReading('voltage', 'outlet', 0, 5)];
    expect(outcomeOf(evidenceOf({ readings }), 'outlet-voltage')).toBe('normal');
  });

  test('live while seen off is a danger; live while recorded as tripped means it was reset since', () => {
    const readings = [aReading('voltage', 'load-terminal', 119, 5)];
    const off = evidenceOf({ readings, events: [anEvent('handle', 0, { position: 'off' })] });
    expect(outcomeOf(off, 'branch-off-check')).toBe('still-live');
    const tripped = evidenceOf({ readings, events: [anEvent('trip', 0, { pace: 'minutes' })] });
    expect(outcomeOf(tripped, 'branch-off-check')).toBeUndefined();
    expect(outcomeOf(tripped, 'load-terminal-voltage')).toBe('normal');
  });

  test('legs: unequal by more than 8 V; one is enough to know a one-pole breaker’s line side', () => {
    const legs = (a: number, b: number) =>
      evidenceOf({ readings: [aReading('voltage', 'leg-a', a), aReading('voltage', 'leg-b', b)] });
    expect(outcomeOf(legs(124, 116), 'line-side-voltage')).toBe('both-legs-normal');
    expect(outcomeOf(legs(124.1, 116), 'line-side-voltage')).toBe('legs-unequal');
    expect(outcomeOf(legs(0, 120), 'line-side-voltage')).toBe('one-leg-missing');
    expect(outcomeOf(legs(1, 2), 'line-side-voltage')).toBe('both-missing');
    const onLegA = evidenceOf({ readings: [aReading('voltage', 'leg-a', 120)] });
    expect([onLegA.lineSide, itemOf(onLegA, 'line-side-voltage')]).toEqual(['alive', undefined]);
    expect(
      evidenceOf({ breaker: { space: 3 }, readings: [aReading('voltage', 'leg-a', 120)] }).lineSide,
    ).toBeNull();
  });

  test('legs read at the main count, but not from another day than the load terminal’s reading', () => {
    const main = (at: number) =>
      aBreakerRecord({
        breaker: { id: uuid(9), role: 'main', space: null },
        readings: [aReading('voltage', 'leg-a', 120, at), aReading('voltage', 'leg-b', 120, at)],
      });
    const subject = { readings: [aReading('voltage', 'load-terminal', 0, 0)] };
    expect(evidenceOf(subject, { main: main(60) }).lineSide).toBe('alive');
    expect(evidenceOf(subject, { main: main(60 * 24) }).lineSide).toBeNull();
  });
});

describe('load', () => {
  test('what was clamped goes before what was read at a plug, and that before nameplates', () => {
    const circuit = aCircuit({
      loads: [aLoad({ id: uuid(1), name: 'Kettle', watts: 1200 })],
    });
    expect(evidenceOf({ circuit }).load).toMatchObject({ amps: 10, share: 0.5, by: 'nameplates' });
    const readings = [aReading('current', 'conductor', 15, 0), aReading('current', 'plug', 3, 5)];
    expect(evidenceOf({ circuit, readings }).load).toMatchObject({ amps: 15, by: 'conductor' });
    expect(evidenceOf({ circuit, readings: readings.slice(1) }).load).toMatchObject({ amps: 3, by: 'plug' });
  });

  test.each([
    [16, 'under-80'],
    [17, '80-to-100'],
    [20, '80-to-100'],
    [21, '100-to-135'],
    [28, 'over-135'],
  ])('%d A on 20 A is %s', (amps, outcome) => {
    expect(
      outcomeOf(evidenceOf({ readings: [aReading('current', 'conductor', amps)] }), 'clamp-current'),
    ).toBe(outcome);
  });
});

describe('heat', () => {
  const measured = (surface: number, at: number, ambientC = 22): BreakerRecordParts['readings'] => [
    aReading('temperature', 'terminal', surface, at, { ambientC }),
    aReading('current', 'conductor', 10, at),
  ];

  test('peers of the same survey are compared, each by its own rise', () => {
    const others = [aBreakerRecord({ breaker: { id: uuid(2) }, readings: measured(35, 30, 25) })];
    const [fact] = evidenceOf({ readings: measured(40, 0) }, { others }).heat;
    expect(fact).toMatchObject({ peers: 1, amps: 10 });
    expect(fact!.result.overPeersC).toBeCloseTo(8, 9);
  });

  test('a survey of another day, the main, or a point without its current give no peers', () => {
    const another = [aBreakerRecord({ breaker: { id: uuid(2) }, readings: measured(35, 60 * 5) })];
    expect(evidenceOf({ readings: measured(40, 0) }, { others: another }).heat[0]!.peers).toBe(0);
    const main = [
      aBreakerRecord({ breaker: { id: uuid(2), role: 'main', space: null }, readings: measured(35, 0) }),
    ];
    expect(evidenceOf({ readings: measured(40, 0) }, { others: main }).heat[0]!.peers).toBe(0);
    const others = [aBreakerRecord({ breaker: { id: uuid(2) }, readings: measured(35, 0) })];
    expect(evidenceOf({ readings: [measured(40, 0)![0]!] }, { others }).heat[0]!.peers).toBe(0);
  });

  test('the electronics of an idle protected breaker warm its face; under load the current does', () => {
    const face = (kind: 'gfci' | 'standard', amps: number) => {
      const survey = (value: number, at: number, load: number) => [
        aReading('temperature', 'face', value, at),
        aReading('current', 'conductor', load, at),
      ];
      const others = [aBreakerRecord({ breaker: { id: uuid(2) }, readings: survey(23, 0, amps) })];
      return evidenceOf({ breaker: { kind }, readings: survey(32, 0, amps) }, { others });
    };
    expect(face('gfci', 0).heat[0]).toMatchObject({ surfaceC: 32, ownHeatC: 9 });
    expect(outcomeOf(face('gfci', 0), 'face-temperature')).toBe('like-neighbours');
    expect(itemOf(face('gfci', 0), 'face-temperature')!.text).toContain('from its own electronics');
    expect(outcomeOf(face('standard', 0), 'face-temperature')).not.toBe('like-neighbours');
    expect(face('gfci', 10).heat[0]!.ownHeatC).toBe(0);
    expect(outcomeOf(face('gfci', 10), 'face-temperature')).not.toBe('like-neighbours');
  });

  test('colder than the air under load is a is wrong, and says so', () => {
    const others = [aBreakerRecord({ breaker: { id: uuid(2) }, readings: measured(30, 0) })];
    const text = (surface: number) =>
      itemOf(evidenceOf({ readings: measured(surface, 0) }, { others }), 'terminal-temperature')!.text;
    expect(text(18)).toContain('is wrong');
    expect(text(21)).not.toContain('is wrong');
  });

  test('a face of 60 °C is too hot to hold', () => {
    const face = (value: number) => evidenceOf({ readings: [aReading('temperature', 'face', value)] });
    expect(outcomeOf(face(60), 'panel-touch')).toBe('hot');
    expect(outcomeOf(face(59), 'panel-touch')).toBeUndefined();
  });
});

describe('trips', () => {
  const curve = (kind: 'standard' | 'gfci', change: object) =>
    outcomeOf(evidenceOf({ breaker: { kind }, events: [anEvent('trip', 0, change)] }), 'trip-vs-curve');

  test('a thermal trip is held against the window; an electronic one, a snap or an explained one is not', () => {
    const early = { afterSeconds: 480, amps: 16 };
    expect(curve('standard', early)).toBe('too-early');
    expect(curve('standard', { pace: 'minutes', amps: 16 })).toBe('too-early');
    expect(curve('standard', { pace: 'minutes', amps: 26 })).toBe('within-band');
    expect(curve('standard', { pace: 'hours', amps: 60 })).toBe('too-late-or-never');
    expect(curve('gfci', early)).toBeUndefined();
    expect(curve('standard', { pace: 'at-once', amps: 16 })).toBeUndefined();
    expect(curve('standard', { ...early, cause: 'known-removed' })).toBeUndefined();
    expect(curve('standard', { afterSeconds: 480 })).toBeUndefined();
  });

  test('the handle follows trips and resets; a reset that trips counts as a trip', () => {
    const events = [
      anEvent('trip', 0, { pace: 'at-once' }),
      anEvent('reset', 5, { feel: 'clean-clicks', result: 'tripped', pace: 'at-once', unplugged: true }),
    ];
    const evidence = evidenceOf({ events });
    expect(evidence.handle).toBe('tripped');
    expect(evidence.trips).toHaveLength(2);
    expect(outcomeOf(evidence, 'reset-result-unplugged')).toBe('trips-at-once');
    expect(outcomeOf(evidence, 'reset-result')).toBe('trips-at-once');
    expect(evidenceOf({ events: [...events, anEvent('reset', 9, { result: 'holds' })] }).handle).toBe('on');
  });
});

test('an observation later than a reading stands in its place', () => {
  const readings = [aReading('temperature', 'face', 70, 0)];
  const observations = [anObservation('panel-touch', 'cool', 90)];
  expect(outcomeOf(evidenceOf({ readings, observations }), 'panel-touch')).toBe('cool');
});
