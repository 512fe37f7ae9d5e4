import { describe, expect, test } from '@jest/globals';
import { aBreaker, aCircuit, aLoad, uuid } from '../../testing/index.ts';
import { ampsOf, legsOfPanel, legSums, mainQuestion } from './index.ts';

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

  test('the question at the main: each leg with its circuits, and how many of them were not measured', () => {
    const reading = { a: 40, b: 20, neutral: null, sameClamp: true };
    const at = (basis: Parameters<typeof ampsOf>[1]) =>
      mainQuestion(view, (circuit) => ampsOf(circuit, basis), reading).legs;
    expect(at('latest').a).toEqual({
      mainAmps: 40,
      branches: [14, 4, 9].map((amps) => ({ amps, load: 'unknown' })),
      unmeasured: 0,
    });
    expect(at('no-load').b).toEqual({ mainAmps: 20, branches: [], unmeasured: 2 });
  });

  test('loads tell the power factor of their circuit where they are of one kind', () => {
    const loadOf = (...loads: ReturnType<typeof aLoad>[]) =>
      legsOfPanel(panel, [{ ...known(1, 14), circuit: aCircuit({ loads }) }]).circuits[0]!.load;
    const heater = aLoad({ watts: 1500, voltAmperes: 1500 });
    const motor = aLoad({ watts: 700, voltAmperes: 900, surgeTimes: 5, surgeSeconds: 1 });
    expect(loadOf(heater, heater)).toBe('resistive');
    expect(loadOf(motor)).toBe('motor');
    expect(loadOf(aLoad({ watts: 60, voltAmperes: 100 }))).toBe('electronic');
    expect(loadOf(heater, motor)).toBe('unknown');
  });
});
