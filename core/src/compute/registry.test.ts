import { describe, expect, test } from '@jest/globals';
import { COMPUTATIONS, type ComputationName } from './index.ts';

const questions: Record<ComputationName, unknown> = {
  power: { volts: 120, amps: 8, watts: 900 },
  'trip-window': { ratingAmps: 20, amps: 27, preloadAmps: 10, ambientC: 35 },
  sizing: {
    rules: 'flat80',
    conductor: { gauge: '10', material: 'copper', insulationC: 75, cable: 'other' },
    terminalC: 75,
    loads: [{ id: 'a', amps: 12, continuous: true }],
    breakerAmps: 30,
    portableReceptacles: false,
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
