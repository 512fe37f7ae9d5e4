import { describe, expect, test } from '@jest/globals';
import { aBreaker, aCircuit, aLoad, uuid } from '../../testing/index.ts';
import { ampsOf, legsOfPanel, legSums } from './index.ts';

const panel = { spaces: 8, blanks: [], holes: [] };
const at = '2026-11-20T10:00:00.000Z';
const known = (space: number, amps: number, change: Parameters<typeof aBreaker>[0] = {}) => ({
  breaker: aBreaker({ id: uuid(space), space, ...change }),
  circuit: aCircuit({ label: `Circuit ${space}`, loads: [aLoad({ watts: 1200 })] }),
  byLoad: [{ loadState: 'normal' as const, amps, at }],
  byHour: [{ hour: 10, amps }],
});
const view = legsOfPanel(panel, [
  known(1, 14),
  known(3, 6),
  known(6, 9, { poles: 2 }),
  known(5, 4, { tiedWith: uuid(3) }),
]);

describe('the legs of a panel', () => {
  test('spaces alternate in pairs down a column; a two-pole counts on both and moves nowhere', () => {
    expect(view.circuits.map(({ place, legs, mayMove }) => [place, legs.join(''), mayMove])).toEqual([
      ['1', 'A', true],
      ['3', 'B', true],
      ['5', 'A', false],
      ['6–8', 'AB', false],
    ]);
    expect(view.freeSpaces.A + view.freeSpaces.B).toBe(3);
  });

  test('what shares a neutral stays on its leg', () => {
    const shared = { ...known(1, 14), circuit: aCircuit({ sharesNeutral: true }) };
    expect(legsOfPanel(panel, [shared]).circuits[0]!.mayMove).toBe(false);
  });

  test('sums go by what is looked at; what was not measured so is told', () => {
    expect(legSums(view.circuits, 'latest')).toEqual({ A: 14 + 4 + 9, B: 6 + 9, unknown: 0 });
    expect(legSums(view.circuits, { hour: 10 })).toEqual({ A: 27, B: 15, unknown: 0 });
    expect(legSums(view.circuits, 'everything-on')).toEqual({ A: 0, B: 0, unknown: 4 });
    expect(ampsOf(view.circuits[0]!, 'drawn')).toBe(10);
  });
});
