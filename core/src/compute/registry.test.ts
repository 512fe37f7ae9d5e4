import { describe, expect, test } from '@jest/globals';
import { COMPUTATIONS, type ComputationName } from './index.ts';

const questions: Record<ComputationName, unknown> = {
  power: { volts: 120, amps: 8, watts: 900 },
  'trip-window': { ratingAmps: 20, amps: 27, preloadAmps: 10, ambientC: 35 },
  'effective-rating': {
    ratingAmps: 20,
    events: [
      { segments: [{ amps: 17, seconds: 600 }], outcome: 'tripped' },
      { ambientC: 30, segments: [{ amps: 12, seconds: 3600 }], outcome: 'held' },
    ],
  },
  'opening-time': {
    ratingAmps: 20,
    amps: 27,
    before: [{ amps: 15, seconds: 3600 }],
    ambientC: 40,
    events: [{ segments: [{ amps: 17, seconds: 600 }], outcome: 'tripped' }],
  },
  'curve-fit': {
    points: [
      { multiple: 1.5, fastestSeconds: 30, slowestSeconds: 400 },
      { multiple: 2, fastestSeconds: 11, slowestSeconds: 118 },
      { multiple: 8, fastestSeconds: 0.01, slowestSeconds: 4 },
    ],
  },
  profile: {
    ratingAmps: 20,
    loads: [{ id: 'a', amps: 14, onSeconds: 600, offSeconds: 300, surgeTimes: 4, surgeSeconds: 0.5 }],
    events: [{ segments: [{ amps: 17, seconds: 600 }], outcome: 'tripped' }],
  },
  'load-combinations': {
    ratingAmps: 20,
    loads: [
      { id: 'press', amps: 14 },
      { id: 'kettle', amps: 12.5 },
    ],
  },
  diagnose: {
    profile: 'homeowner',
    evidence: [{ test: 'handle-finger-test', outcome: 'gives' }],
    context: { breakerKind: 'standard' },
  },
  'isolation-plan': {
    candidates: [
      { id: 'kettle', prior: 2 },
      { id: 'press', prior: 1 },
    ],
    maxTrips: 1,
  },
  sizing: {
    rules: 'flat80',
    conductor: { gauge: '10', material: 'copper', insulationC: 75, cable: 'other' },
    terminalC: 75,
    loads: [{ id: 'a', amps: 12, continuous: true }],
    breakerAmps: 30,
    portableReceptacles: false,
  },
  feeder: {
    kind: 'whole-dwelling',
    demandAmps: 140,
    breakerAmps: 200,
    conductor: { gauge: '250', material: 'aluminum', insulationC: 90 },
    lengthM: 20,
  },
  'added-load': {
    path: [
      {
        id: 'feeder',
        kind: 'feeder',
        ratingAmps: 60,
        ampacity: 65,
        legs: { a: 20, b: 12 },
        continuousAmps: { a: 4 },
      },
      { id: 'main', kind: 'main', ratingAmps: 100, legs: { a: 40, b: 36 } },
    ],
    added: { amps: 32, poles: 2, continuous: true },
    rules: 'split',
  },
  'circuit-guess': { circuits: [{ id: '1', poles: 2, ratingAmps: 30 }] },
  'main-currents': {
    legs: { a: { mainAmps: 30, branches: [{ amps: 18 }] }, b: { mainAmps: 12, branches: [] } },
    neutralAmps: 18,
  },
  'meter-difference': {
    ...{ meter: 'pulse', wattHours: 1, volts: 240, load: 'resistive' },
    readings: [5, 80, 5].map((count) => ({ count, seconds: 60 })),
  },
  backup: {
    source: { watts: 5000, startingWatts: 6250, supply: '120/240' },
    loads: [{ id: 'pump', watts: 1500, startingWatts: 4500, volts: 240, priority: 1 }],
  },
  'second-source': {
    busAmps: 200,
    mainAmps: 200,
    feed: 'end',
    sources: [{ id: 'solar', outputAmps: 32, breakerAmps: 40, position: 'opposite-end' }],
    branchBreakersAmps: [20, 20, 30],
  },
  'service-load': { method: 'optional', serviceAmps: 200, floorAreaFt2: 1800, fixed: [], added: [] },
  'space-plan': {
    spaces: 4,
    narrowSpaces: [3],
    blocked: [],
    breakers: [{ id: 'a', space: 1, poles: 1, half: null, movable: true, narrowable: true }],
    want: { poles: 2 },
  },
  'circuit-map': { breakers: [{ id: '1', mayBeOff: true }], check: 'detect' },
  'circuit-map-read': {
    breakers: [{ id: '1', mayBeOff: true }],
    check: 'none',
    rounds: [{ off: ['1'] }],
    places: [{ id: 'lamp', dead: [true] }],
  },
  sag: {
    amps: 12,
    points: [
      { id: 'panel', unloaded: 121, loaded: 120.4 },
      { id: 'outlet', unloaded: 121, loaded: 116, run: { gauge: '12', material: 'copper', lengthM: 18 } },
    ],
  },
  'leg-balance': {
    circuits: [
      { id: '1', leg: 'A', amps: 14 },
      { id: '3', leg: 'B', amps: 6 },
    ],
  },
  'thermal-spots': { width: 2, height: 2, celsius: [21, 21, 36, 37], ambientC: 21 },
  visit: { touched: [{ id: '7', poles: 1 }], otherSources: [], facts: [{ is: 'dressed' }] },
  'panel-review': { evidence: ['one-joint-over-15', 'over-40-years'] },
  'reading-line': {
    text: '12: 118.4v, tripped 8 min at 17a; blah',
    now: '2026-11-27T10:00:00.000Z',
    places: [{ id: 'a', place: '12', label: 'Bench' }],
  },
  heat: { ambientC: 20, points: [{ id: 'a', surfaceC: 44, amps: 10, ratingAmps: 20, group: 'x' }] },
};

describe.each(Object.keys(COMPUTATIONS) as ComputationName[])('%s', (name) => {
  const { input, output, run } = COMPUTATIONS[name];
  const answer = (run as (question: unknown) => unknown)(questions[name]);

  test('answers in the shape it promises', () => expect(output.parse(answer)).toEqual(answer));
  test('gives the same answer to a question whose defaults are filled in', () => {
    expect((run as (question: unknown) => unknown)(input.parse(questions[name]))).toEqual(answer);
  });
  test('refuses nothing at all', () => expect(() => input.parse({})).toThrow());
});
