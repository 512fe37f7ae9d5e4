import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  legOfSpace,
  placementProblem,
  placeOfSpace,
  spacesOf,
  usualOnDirection,
  type Placed,
} from './index.ts';

const placed = (id: string, space: number, rest: Partial<Placed> = {}): Placed => ({
  id,
  space,
  poles: 1,
  half: null,
  ...rest,
});

describe('layout', () => {
  test('legs alternate down each column and run across', () => {
    expect([1, 2, 3, 4, 5, 6].map(legOfSpace)).toEqual(['A', 'A', 'B', 'B', 'A', 'A']);
  });

  test('an inverted panel is turned by half a turn', () => {
    expect(placeOfSpace(24, 1, 'inverted')).toEqual({ row: 11, column: 1 });
    expect(placeOfSpace(24, 24, 'inverted')).toEqual({ row: 0, column: 0 });
  });

  test('on is towards the middle; the main’s is up, or down when it hangs upside down', () => {
    expect(usualOnDirection(1, 'upright')).toBe('right');
    expect(usualOnDirection(2, 'upright')).toBe('left');
    expect(usualOnDirection(1, 'inverted')).toBe('left');
    expect(usualOnDirection(null, 'inverted')).toBe('down');
  });

  test('law: a two-pole unit always straddles both legs', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 80 }), (space) => {
        const legs = spacesOf({ space, poles: 2 }).map(legOfSpace);
        expect(new Set(legs).size).toBe(2);
      }),
    );
  });
});

describe('placementProblem', () => {
  const others = [placed('x', 3), placed('n', 6, { half: 'upper' })];

  test.each([
    [placed('y', 3), /Space 3 is taken/],
    [placed('y', 1, { poles: 2 }), /Space 3 is taken/],
    [placed('y', 6), /Space 6 is taken/],
    [placed('y', 6, { half: 'upper' }), /upper half of space 6/],
    [placed('y', 23, { poles: 2 }), /would need space 25/],
    [placed('y', 25), /spaces 1 to 24/],
    [placed('y', 7, { poles: 2, half: 'upper' }), /cannot be two-pole/],
  ])('%j is refused', (wanted, message) => {
    expect(placementProblem(24, others, wanted)?.message).toMatch(message);
  });

  test('a free space, the other half, and its own place are allowed', () => {
    expect(placementProblem(24, others, placed('y', 5, { poles: 2 }))).toBeNull();
    expect(placementProblem(24, others, placed('y', 6, { half: 'lower' }))).toBeNull();
    expect(placementProblem(24, others, placed('x', 3))).toBeNull();
  });
});
