import { expect, test } from '@jest/globals';
import { hazardOf, NO_HAZARD } from '../../facts/hazards/index.ts';
import { aBreaker, aPanel, uuid } from '../../testing/index.ts';
import type { Board } from '../board/index.ts';
import { branchesToMap } from './branchesToMap.ts';

const at = (space: number, handle = 'on', hazard = NO_HAZARD) => ({
  breaker: aBreaker({ id: uuid(space), space, poles: 1 }),
  handle,
  decision: { hazard },
});
/** A loose terminal. */
const loose = hazardOf([{ test: 'terminal-inspection', outcome: 'loose' }]);
const board = (splitAt: number | null, breakers: readonly object[]) =>
  ({ panel: aPanel({ splitAt }), breakers }) as unknown as Board;
const ids = (list: readonly { breaker: { id: string } }[]) => list.map(({ breaker }) => breaker.id);

test('a breaker that is not on, or has a hazard, is left alone; the main is no branch', () => {
  const main = { ...at(1), breaker: aBreaker({ id: uuid(99), role: 'main', space: null }) };
  const { usable, leftAlone } = branchesToMap(
    board(null, [main, at(3), at(5, 'tripped'), at(7, 'on', loose)]),
  );
  expect(ids(usable)).toEqual([uuid(3)]);
  expect(ids(leftAlone)).toEqual([uuid(5), uuid(7)]);
});

test('above the split of a split bus all stay on: one of them feeds everything below', () => {
  const { usable, disconnects, leftAlone } = branchesToMap(
    board(9, [at(1), at(5), at(7, 'off'), at(9), at(11)]),
  );
  expect(ids(disconnects)).toEqual([uuid(1), uuid(5)]);
  expect(ids(usable)).toEqual([uuid(9), uuid(11)]);
  expect(ids(leftAlone)).toEqual([uuid(7)]);
});
