import { expect, test } from '@jest/globals';
import { seeded } from '../../facts/random/index.ts';
import { aBreaker, aCircuit, aLoad } from '../../testing/index.ts';
import { liveCircuit, liveFigures } from './index.ts';

const loads = [
  aLoad({ name: 'Kettle', watts: 1440 }),
  aLoad({ name: 'Charger', watts: 60, voltAmperes: 120 }),
];
const cold = () => liveCircuit(seeded(3), aBreaker(), aCircuit({ loads }));
const shown = (on: string[], seconds = 0.2) => {
  const { figures, circuit } = liveFigures(cold(), on, seconds, seeded(5));
  const at = (point: string, unit: string) =>
    figures.find((one) => one.point === point && one.unit === unit)!.value;
  return { at, circuit };
};

test('a clamp shows what is on, an outlet sags under it, a terminal warms by and by', () => {
  const [idle, hot] = [shown([]), shown(['Kettle'])];
  expect(idle.at('conductor', 'A')).toBeLessThan(0.3);
  expect(hot.at('conductor', 'A')).toBeGreaterThan(11);
  expect(hot.at('conductor', 'A')).toBeLessThan(13);
  expect(hot.at('outlet', 'V')).toBeLessThan(idle.at('outlet', 'V'));
  expect(shown(['Kettle'], 3600).at('terminal', 'C')).toBeGreaterThan(hot.at('terminal', 'C') + 3);
});

test('watts are less than volt-amperes where the load’s power factor says so', () => {
  const { at } = shown(['Charger']);
  expect(at('plug', 'W') / (at('plug', 'A') * at('outlet', 'V'))).toBeCloseTo(0.5, 1);
});
