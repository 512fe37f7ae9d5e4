import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import {
  correctedTemperature,
  fromBoard,
  riseChanges,
  spaceAt,
  thermalSpots,
  toBoard,
  trueTemperature,
  type BoardCorners,
  type BoardPicture,
} from './index.ts';

const picture = (rows: number[][]) => ({
  width: rows[0]!.length,
  height: rows.length,
  celsius: rows.flat(),
  ambientC: 21,
});

describe('hot spots in a picture', () => {
  test('cells that touch by a side are one spot, those by a corner two, a lone one none', () => {
    const { backgroundC, maxC, spots } = thermalSpots(
      picture([
        [22, 22, 22, 22, 22, 22],
        [22, 30, 31, 22, 22, 22],
        [22, 22, 22, 40, 42, 22],
        [22, 22, 22, 22, 22, 22],
        [22, 50, 22, 22, 22, 22],
      ]),
    );
    expect({ backgroundC, maxC }).toEqual({ backgroundC: 22, maxC: 50 });
    expect(spots).toEqual([
      {
        cells: 2,
        maxC: 42,
        meanC: 41,
        overBackgroundC: 20,
        overAmbientC: 21,
        hottest: { x: 4, y: 2 },
        centre: { x: 3.5, y: 2 },
        board: null,
        space: null,
      },
      expect.objectContaining({ maxC: 31, hottest: { x: 2, y: 1 } }),
    ]);
  });

  test('a rise that is just enough counts, with rounding errors forgiven; of equal cells the first is the hottest', () => {
    const { spots } = thermalSpots(
      picture([
        [25.1, 25.1, 28.1],
        [25.1, 25.1, 28.1],
        [25.1, 28.099, 25.1],
      ]),
    );
    expect(spots.map(({ cells, hottest }) => ({ cells, hottest }))).toEqual([
      { cells: 2, hottest: { x: 2, y: 0 } },
    ]);
  });

  test('bare metal is made true before spots are looked for', () => {
    const shiny = {
      ...picture([
        [25, 25],
        [25, 26],
      ]),
      emissivity: { actual: 0.2, reflectedC: 24 },
    };
    const { backgroundC, maxC } = thermalSpots(shiny);
    expect(backgroundC).toBeCloseTo(trueTemperature(25, { measured: 0.95, actual: 0.2, reflectedC: 24 })!, 9);
    // By hand: T⁴ = (0.95 · 299.15⁴ − 0.75 · 297.15⁴) / 0.2
    expect(maxC).toBeCloseTo(((0.95 * 299.15 ** 4 - 0.75 * 297.15 ** 4) / 0.2) ** 0.25 - 273.15, 9);
    expect(() =>
      thermalSpots({ ...shiny, emissivity: { actual: 0.1, measured: 0.95, reflectedC: 400 } }),
    ).toThrow(/reflected part/);
  });

  test.each([
    ['not whole', { celsius: [20, 20, 20] }],
    ['a figure no camera shows', { celsius: [20, 20, 20, 601] }],
    ['a side of one cell', { width: 1 }],
    ['a board turned over', { board: { corners: corners(0, 0, 0, 1, 1, 1, 1, 0), spaces: 20 } }],
    ['a board with a dent', { board: { corners: corners(0, 0, 9, 0, 2, 1, 0, 9), spaces: 20 } }],
    ['corners on one line', { board: { corners: corners(0, 0, 1, 0, 2, 0, 0, 1), spaces: 20 } }],
    ['an odd number of spaces', { board: { corners: corners(0, 0, 1, 0, 1, 1, 0, 1), spaces: 7 } }],
  ])('refused: %s', (_what, change) => {
    expect(() =>
      thermalSpots({
        ...picture([
          [20, 20],
          [20, 20],
        ]),
        ...change,
      }),
    ).toThrow();
  });

  test('a spot lies at its space, in an oblique view too; outside the panel it has none', () => {
    const seen = corners(20, 10, 70, 16, 66, 90, 24, 110);
    for (let space = 1; space <= 20; space += 1) {
      const v = (Math.floor((space - 1) / 2) + 0.5) / 10;
      const { x, y } = fromBoard(seen)({ u: space % 2 ? 0.25 : 0.75, v });
      const hot = Math.round(y) * 120 + Math.round(x);
      const celsius = Array.from({ length: 120 * 120 }, (_, cell) => (cell === hot ? 60 : 25));
      const { spots } = thermalSpots({
        width: 120,
        height: 120,
        celsius,
        ambientC: 22,
        spots: { minCells: 1 },
        board: { corners: seen, spaces: 20 },
      });
      expect(spots[0]!.space).toBe(space);
    }
    expect(toBoard(seen)({ x: 5, y: 5 })).toBeNull();
  });
});

function corners(...figures: [number, number, number, number, number, number, number, number]): BoardCorners {
  const [ax, ay, bx, by, cx, cy, dx, dy] = figures;
  return [
    { x: ax, y: ay },
    { x: bx, y: by },
    { x: cx, y: cy },
    { x: dx, y: dy },
  ];
}

describe('the map of a board', () => {
  const near = fc.double({ min: -0.2, max: 0.2, noNaN: true });
  const drawnCorners = fc
    .tuple(near, near, near, near, near, near, near, near, fc.integer({ min: 10, max: 500 }))
    .map(([a, b, c, d, e, f, g, h, size]) =>
      corners(
        a * size,
        b * size,
        size + c * size,
        d * size,
        size + e * size,
        size + f * size,
        g * size,
        size + h * size,
      ),
    );
  const share = fc.double({ min: 0, max: 1, noNaN: true });

  test('there and back again is the same place, whatever the view', () => {
    fc.assert(
      fc.property(drawnCorners, share, share, (seen, u, v) => {
        const back = toBoard(seen)(fromBoard(seen)({ u, v }))!;
        expect(back.u).toBeCloseTo(u, 6);
        expect(back.v).toBeCloseTo(v, 6);
      }),
    );
  });

  test('the corners are the board’s, and the last edge is of the last row', () => {
    fc.assert(
      fc.property(drawnCorners, (seen) => {
        const map = toBoard(seen);
        const places = seen.map((corner) => map(corner));
        [
          { u: 0, v: 0 },
          { u: 1, v: 0 },
          { u: 1, v: 1 },
          { u: 0, v: 1 },
        ].forEach(({ u, v }, i) => {
          expect(places[i]!.u).toBeCloseTo(u, 7);
          expect(places[i]!.v).toBeCloseTo(v, 7);
        });
      }),
    );
    expect(spaceAt({ u: 1, v: 1 }, 20)).toBe(20);
    expect(spaceAt({ u: 0, v: 1 }, 20)).toBe(19);
    expect(spaceAt({ u: 0.5, v: 0.099 }, 20)).toBe(2);
  });
});

test('a surface that has the emissivity which was set is as it was shown', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -40, max: 600, noNaN: true }),
      fc.double({ min: 0.05, max: 1, noNaN: true }),
      (celsius, measured) => {
        expect(trueTemperature(celsius, { measured, actual: measured, reflectedC: 20 })).toBeCloseTo(
          celsius,
          6,
        );
      },
    ),
  );
});

describe('two pictures of a board', () => {
  const corners: BoardCorners = [
    { x: 0, y: 0 },
    { x: 3, y: 0 },
    { x: 3, y: 3 },
    { x: 0, y: 3 },
  ];
  const boardPicture = (rows: number[][], emissivity: BoardPicture['emissivity'] = null) => ({
    width: 4,
    height: 4,
    celsius: rows.flat(),
    corners,
    emissivity,
    ambientC: 20,
  });
  const cool = [
    [21, 21, 22, 22],
    [21, 21, 22, 22],
    [24, 24, 23, 23],
    [24, 24, 23, 23],
  ];
  const hot = cool.map((row, y) => row.map((value, x) => (y > 1 && x < 2 ? value + 30 : value + 5)));

  test('what changed most stands first, each above ambient of its own picture', () => {
    const changes = riseChanges(boardPicture(cool), { ...boardPicture(hot), ambientC: 25 }, 4);
    expect(changes).toEqual([
      { space: 3, beforeC: 4, afterC: 29 },
      { space: 1, beforeC: 1, afterC: 1 },
      { space: 2, beforeC: 2, afterC: 2 },
      { space: 4, beforeC: 3, afterC: 3 },
    ]);
  });

  test('bare metal is compared as it truly is', () => {
    const emissivity = { measured: 0.95, actual: 0.2, reflectedC: 20 };
    const [first] = riseChanges(boardPicture(cool), boardPicture(hot, emissivity), 4);
    expect(first!.space).toBe(3);
    expect(first!.afterC).toBeCloseTo(trueTemperature(54, emissivity)! - 20, 9);
  });

  test('the emissivity never changes which of two is hotter', () => {
    const celsius = fc.double({ min: -40, max: 600, noNaN: true });
    const share = fc.double({ min: 0.05, max: 1, noNaN: true });
    fc.assert(
      fc.property(celsius, celsius, share, share, celsius, (a, b, measured, actual, reflectedC) => {
        const [cold, hot] = [Math.min(a, b), Math.max(a, b)].map((seen) =>
          trueTemperature(seen, { measured, actual, reflectedC }),
        );
        if (cold !== null && cold !== undefined) expect(hot!).toBeGreaterThanOrEqual(cold);
      }),
    );
  });
});

test('bare metal is told as hot as it is, wherever a picture is shown; without a correction as it was seen', () => {
  const bare = { measured: 0.95, actual: 0.1, reflectedC: 20 };
  expect(correctedTemperature(25, bare)).toBeCloseTo(trueTemperature(25, bare)!);
  expect(correctedTemperature(25, bare)).toBeGreaterThan(55);
  expect(correctedTemperature(25, null)).toBe(25);
});
