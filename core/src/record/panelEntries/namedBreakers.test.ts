import { expect, test } from '@jest/globals';
import { uuid } from '../../testing/index.ts';
import { namedBreakers } from './index.ts';

const told = (entry: object) =>
  namedBreakers(entry as Parameters<typeof namedBreakers>[0]).map(
    ({ path, breakerId }) => `${path.join('.')} ${breakerId}`,
  );

test('the breakers of an entry are told with the field each stands in; no breaker is none', () => {
  const [a, b] = [uuid(1), uuid(2)];
  expect(told({ kind: 'keeps-power', content: { breakerIds: [a, b] } })).toEqual([
    `content.breakerIds.0 ${a}`,
    `content.breakerIds.1 ${b}`,
  ]);
  expect(told({ kind: 'house-map', content: { stayOn: [a], rounds: [{ off: [b] }] } })).toEqual([
    `content.stayOn.0 ${a}`,
    `content.rounds.0.off.0 ${b}`,
  ]);
  const results = [{ breakerId: null }, { breakerId: b }];
  expect(told({ kind: 'upkeep-round', content: { results } })).toEqual([`content.results.1.breakerId ${b}`]);
  expect(told({ kind: 'visit', content: { tasks: [{ breakerId: a }] } })).toEqual([
    `content.tasks.0.breakerId ${a}`,
  ]);
  expect(told({ kind: 'proposal', content: { breakerId: a, steps: [{ breakerId: b }] } })).toEqual([
    `content.breakerId ${a}`,
    `content.steps.0.breakerId ${b}`,
  ]);
  const channels = [{ at: { kind: 'leg', leg: 'A' } }, { at: { kind: 'breaker', breakerId: a } }];
  expect(told({ kind: 'recording', content: { channels } })).toEqual([
    `content.channels.1.at.breakerId ${a}`,
  ]);
  expect(told({ kind: 'hanging-directory', content: { text: '1 Hall' } })).toEqual([]);
});
