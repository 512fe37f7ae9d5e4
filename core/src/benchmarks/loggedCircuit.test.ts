import { expect, test } from '@jest/globals';
import { seeded } from '../facts/random/index.ts';
import { loggedCircuit } from '../simulate/panel/index.ts';
import { scoreEvents, sumScores } from './eventScore.ts';

test('a simulated log is the same for the same seed, and is a meter’s', () => {
  const [one, other] = [loggedCircuit(seeded(3), 0.2, 1000), loggedCircuit(seeded(3), 0.2, 1000)];
  expect(one.amps.values).toEqual(other.amps.values);
  expect(one.amps.values).toHaveLength(17_280);
  expect(Math.min(...one.amps.values)).toBeGreaterThanOrEqual(0);
});

test('what happened in simulated logs is found', () => {
  const scores = [
    [1, 1000],
    [2, 5000],
    [7, 10_000],
  ].flatMap(([days, interval]) =>
    [1, 2, 3].map((seed) => scoreEvents(loggedCircuit(seeded(900 + seed), days!, interval!))),
  );
  // One in ten, and two where there are few of a kind.
  const few = (of: number) => 2 + 0.1 * of;
  for (const [kind, { real, found, told, right }] of Object.entries(sumScores(scores))) {
    expect({ kind, missed: real - found <= few(real) }).toEqual({ kind, missed: true });
    expect({ kind, wrong: told - right <= few(told) }).toEqual({ kind, wrong: true });
  }
});
