import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aShape, ILLEGAL_PLACEMENTS, PRESENT } from '../../testing/index.ts';
import {
  familyProblem,
  feedProblem,
  fittingProblem,
  spaceGrid,
  legOfSpace,
  ORIENTATIONS,
  parseSpaceList,
  placementProblem,
  placeOfSpace,
  saySpaceList,
  slotsOf,
  spacesOf,
  tieProblem,
  turnDirection,
  usualOnDirection,
  type Placed,
  handlesOf,
} from './index.ts';

const placed = (id: string, space: number, rest: Partial<Placed> = {}): Placed => ({
  id,
  space,
  poles: 1,
  half: null,
  ...rest,
});

const anOrientation = fc.constantFrom(...ORIENTATIONS);

describe('layout', () => {
  test('legs alternate down each column and run across', () => {
    expect([1, 2, 3, 4, 5, 6].map(legOfSpace)).toEqual(['A', 'A', 'B', 'B', 'A', 'A']);
  });

  test.each([
    ['upright', { row: 0, column: 0 }, { row: 11, column: 1 }],
    ['inverted', { row: 11, column: 1 }, { row: 0, column: 0 }],
    ['left', { row: 1, column: 0 }, { row: 0, column: 11 }],
    ['right', { row: 0, column: 11 }, { row: 1, column: 0 }],
  ] as const)('%s: where the first and the last space lie', (orientation, first, last) => {
    expect([placeOfSpace(24, 1, orientation), placeOfSpace(24, 24, orientation)]).toEqual([first, last]);
  });

  test('law: however it hangs, every space has a place of its own inside the grid', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 42 }), anOrientation, (pairs, orientation) => {
        const { rows, columns } = spaceGrid(pairs * 2, orientation);
        const places = Array.from({ length: pairs * 2 }, (_, i) =>
          placeOfSpace(pairs * 2, i + 1, orientation),
        );
        expect(new Set(places.map(({ row, column }) => `${row}/${column}`)).size).toBe(rows * columns);
        for (const { row, column } of places) {
          expect(row >= 0 && row < rows && column >= 0 && column < columns).toBe(true);
        }
      }),
    );
  });

  test('on is towards the middle; the main’s is up; both turn with the panel', () => {
    expect([usualOnDirection(1, 'upright'), usualOnDirection(2, 'upright')]).toEqual(['right', 'left']);
    expect([usualOnDirection(1, 'inverted'), usualOnDirection(null, 'inverted')]).toEqual(['left', 'down']);
    // Its top to the left: odd spaces lie below, so on is up, and the main is pushed left.
    expect([usualOnDirection(1, 'left'), usualOnDirection(null, 'left')]).toEqual(['up', 'left']);
    expect([usualOnDirection(1, 'right'), usualOnDirection(null, 'right')]).toEqual(['down', 'right']);
  });

  test('law: turning a panel and turning it back leaves every handle as it was', () => {
    const direction = fc.constantFrom('left' as const, 'right' as const, 'up' as const, 'down' as const);
    fc.assert(
      fc.property(direction, anOrientation, anOrientation, (on, from, to) => {
        expect(turnDirection(turnDirection(on, from, to), to, from)).toBe(on);
      }),
    );
  });

  test('law: a two-pole breaker always straddles both legs, in full width and in a quad', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 80 }), fc.constantFrom(null, 'inner', 'outer'), (space, half) => {
        const legs = slotsOf({ space, poles: 2, half }).map((slot) => legOfSpace(slot.space));
        expect(new Set(legs).size).toBe(2);
        expect(spacesOf({ space, poles: 2 })).toEqual([space, space + 2]);
      }),
    );
  });
});

describe('placement', () => {
  const present = PRESENT.map((one, i) => ({ id: `p${i}`, ...one }));

  test.each(ILLEGAL_PLACEMENTS)(
    '$what is refused',
    ({ wanted: { family = 'Orrin S', ...wanted }, field, reason }) => {
      const problem = fittingProblem(aShape(), present, { id: 'new', ...wanted }, family);
      expect(problem).toEqual({ field, message: expect.stringMatching(reason) });
    },
  );

  test.each([
    placed('y', 1),
    placed('y', 9, { poles: 2 }),
    placed('y', 13, { half: 'lower' }),
    placed('y', 17, { poles: 2, half: 'outer' }),
    placed('p0', 3),
    placed('p1', 8, { poles: 2 }),
  ])('%j is allowed', (wanted) => expect(placementProblem(aShape(), present, wanted)).toBeNull());

  test('law: what is allowed shares no half space with anything there', () => {
    const wanted = fc.record({
      space: fc.integer({ min: 1, max: 26 }),
      poles: fc.constantFrom(1 as const, 2 as const),
      half: fc.constantFrom(null, 'upper' as const, 'lower' as const, 'inner' as const, 'outer' as const),
    });
    fc.assert(
      fc.property(fc.array(wanted, { maxLength: 40 }), (list) => {
        const inside: Placed[] = [];
        list.forEach((one, i) => {
          const candidate = { id: `${i}`, ...one };
          if (placementProblem(aShape(), inside, candidate) === null) inside.push(candidate);
        });
        const slots = inside.flatMap(slotsOf).map(({ space, part }) => `${space}${part}`);
        expect(new Set(slots).size).toBe(slots.length);
      }),
    );
  });

  test('a split bus: nothing across the split, six handles at most above it', () => {
    const split = aShape({ splitAt: 13 });
    const six = [1, 2, 5, 6, 9, 10].map((space) => placed(`m${space}`, space, { poles: 2 }));
    expect(placementProblem(split, [], placed('y', 11, { poles: 2 }))?.message).toMatch(
      /split between 11 and 13/,
    );
    expect(placementProblem(split, six.slice(0, 5), placed('y', 10, { poles: 2 }))).toBeNull();
    const five = [1, 2, 3, 4, 5, 6].map((space) => placed(`m${space}`, space));
    expect(placementProblem(split, five, placed('y', 7))?.message).toMatch(/6 handles that shut it off/);
    expect(placementProblem(split, five, placed('m1', 7))).toBeNull();
    expect(placementProblem(split, six, placed('y', 13))).toBeNull();
  });

  test('a panel that allows no narrow breakers says so; a label that was not read allows what fits', () => {
    const narrow = placed('y', 13, { half: 'upper' });
    expect(placementProblem(aShape({ narrowSpaces: [] }), [], narrow)?.message).toMatch(
      /does not allow tandem/,
    );
    expect(placementProblem(aShape({ narrowSpaces: null }), [], narrow)).toBeNull();
  });
});

describe('part families', () => {
  test('listed, listed besides, not listed, not known', () => {
    const label = { family: 'Orrin S', alsoListed: ['Tarnfield'] };
    expect(familyProblem(label, 'orrin s ')).toBeNull();
    expect(familyProblem(label, 'Tarnfield')).toBeNull();
    expect(familyProblem(label, '')).toBeNull();
    expect(familyProblem({ family: '', alsoListed: [] }, 'Kestle')).toBeNull();
    expect(familyProblem(label, 'Orrin C')).toMatch(/not listed for this panel \(Orrin S, Tarnfield\)/);
  });
});

describe('tied handles', () => {
  test.each([
    [placed('a', 1), placed('b', 3), null],
    [placed('b', 3), placed('a', 1), null],
    [placed('a', 13, { half: 'lower' }), placed('b', 15, { half: 'upper' }), null],
    [placed('a', 1), placed('a', 1), /to itself/],
    [placed('a', 1), placed('b', 2), /different columns/],
    [placed('a', 1), placed('b', 5), /not neighbors/],
    [placed('a', 13, { half: 'upper' }), placed('b', 13, { half: 'lower' }), /both on leg A/],
    [placed('a', 13, { half: 'upper' }), placed('b', 15, { half: 'upper' }), /not neighbors/],
    [placed('a', 1, { poles: 2 }), placed('b', 5), /already has one handle/],
  ])('%j with %j', (a, b, reason) => {
    const problem = tieProblem(a, b);
    if (reason === null) expect(problem).toBeNull();
    else expect(problem).toMatch(reason);
  });
});

describe('what feeds a panel', () => {
  const panel = (id: string, rest: object = {}) => ({
    id,
    name: `Panel ${id}`,
    feedThrough: false,
    fedByBreakerId: null,
    fedThroughPanelId: null,
    ...rest,
  });
  const feeders = [
    { id: 'm6', panelId: 'main', poles: 2 },
    { id: 'm1', panelId: 'main', poles: 1 },
    { id: 's2', panelId: 'sub', poles: 2 },
  ];
  const panels = [
    panel('main', { feedThrough: true }),
    panel('sub', { fedByBreakerId: 'm6' }),
    panel('loft'),
  ];

  test.each([
    [panel('loft', { fedByBreakerId: 's2' }), null],
    [panel('loft', { fedThroughPanelId: 'main' }), null],
    [panel('loft'), null],
    [panel('loft', { fedByBreakerId: 'm6' }), /already feeds Panel sub/],
    [panel('loft', { fedByBreakerId: 'm1' }), /only one leg/],
    [panel('loft', { fedByBreakerId: 'x' }), /not at this site/],
    [panel('loft', { fedThroughPanelId: 'sub' }), /no feed-through lugs/],
    [panel('loft', { fedThroughPanelId: 'nowhere' }), /not at this site/],
    [panel('loft', { fedByBreakerId: 's2', fedThroughPanelId: 'main' }), /not by both/],
    [panel('sub', { fedByBreakerId: 's2' }), /same panel/],
    [panel('main', { fedByBreakerId: 's2' }), /lead back to this panel/],
  ])('%j', (wanted, reason) => {
    const problem = feedProblem(wanted, panels, feeders);
    if (reason === null) expect(problem).toBeNull();
    else expect(problem?.message).toMatch(reason);
  });
});

describe('lists of spaces', () => {
  test.each([
    ['17-20, 24', [17, 18, 19, 20, 24]],
    ['3 1;2', [1, 2, 3]],
    ['', []],
    ['7 – 9', [7, 8, 9]],
    ['9-7', null],
    ['top', null],
  ])('“%s”', (text, spaces) => expect(parseSpaceList(text)).toEqual(spaces));

  test('law: what is said is read back', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 1, max: 84 })), (spaces) => {
        expect(parseSpaceList(saySpaceList(spaces))).toEqual([...spaces].sort((a, b) => a - b));
      }),
    );
  });
});

describe('handles that fool people', () => {
  const one = (id: string, change: object = {}) => ({
    id,
    space: 1 as number | null,
    poles: 1,
    half: null,
    tiedWith: null,
    ...change,
  });
  test.each([
    ['a single one', one('a'), 1, /^$/],
    ['two poles under one bar', one('a', { poles: 2 }), 2, /one half can be down/],
    ['a narrow breaker', one('a', { half: 'upper' }), 1, /the upper half of a tandem/],
    ['the inner pair of a quad', one('a', { poles: 2, half: 'inner' }), 2, /inner pair of a quad/],
    ['one tied to another', one('a', { tiedWith: 'b' }), 2, /tied to the one at 3/],
  ])('%s', (_what, breaker, together, note) => {
    const told = handlesOf(breaker, [breaker, one('b', { space: 3 })]);
    expect(told.together).toBe(together);
    expect(told.note).toMatch(note);
  });
});
