import { z } from 'zod';
import { ambientC } from '../../facts/quantities/index.ts';
import { trueTemperature } from './trueTemperature.ts';

/** The longest side of a picture, in cells. */
export const MOST_CELLS_A_SIDE = 640;
/** How far outside its picture a board’s corner may lie, in cells: it may be cut off. */
const FARTHEST_CORNER = 10_000;
/** What a camera can show, in °C. */
export const CAMERA_RANGE_C = { from: -40, to: 600 } as const;

const side = (what: string) => {
  const message = `The ${what} must be from 2 to ${MOST_CELLS_A_SIDE} cells.`;
  return z
    .int(`The ${what} must be a whole number of cells.`)
    .min(2, message)
    .max(MOST_CELLS_A_SIDE, message);
};

const cameraMessage = 'A temperature must be from −40 to 600 °C.';
const cameraC = z
  .number('A temperature must be a number.')
  .min(CAMERA_RANGE_C.from, cameraMessage)
  .max(CAMERA_RANGE_C.to, cameraMessage);

const emissivityOf = (what: string) => {
  const message = `${what} must be above 0 and at most 1.`;
  return z.number(`${what} must be a number.`).gt(0, message).max(1, message);
};

export const emissivity = z.object({
  measured: emissivityOf('The emissivity that was set').default(0.95).describe('as set in the camera'),
  actual: emissivityOf('The surface’s emissivity').describe('what the surface has'),
  reflectedC: cameraC.describe('temperature of what the surface mirrors, °C'),
});

const coordinate = z
  .number('A corner’s place must be a number.')
  .min(-FARTHEST_CORNER, 'The corner lies too far outside the picture.')
  .max(FARTHEST_CORNER, 'The corner lies too far outside the picture.');
const cell = z.object({ x: coordinate, y: coordinate });
export type CellPoint = z.output<typeof cell>;

/** The four corners of a board in a picture: top left, top right, bottom right, bottom left as it hangs upright. */
export const boardCorners = z
  .tuple([cell, cell, cell, cell], 'A board has four corners.')
  .refine(isConvexClockwise, 'The corners must go round clockwise from the top left, without a dent.');
export type BoardCorners = z.output<typeof boardCorners>;

/**
 * Whether four corners can be those of a board: clockwise as seen, and without a dent.
 *
 * @param corners top left, top right, bottom right, bottom left, in cells
 * @returns whether they can
 * @example isConvexClockwise([{ x: 0, y: 0 }, { x: 9, y: 0 }, { x: 9, y: 9 }, { x: 0, y: 9 }]) // true
 */
export function isConvexClockwise(corners: readonly CellPoint[]): boolean {
  return corners.every((a, i) => {
    const b = corners[(i + 1) % 4]!;
    const c = corners[(i + 2) % 4]!;
    return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x) > 0;
  });
}

const spotLimits = z.object({
  minOverC: z
    .number('The least rise must be a number.')
    .min(0, 'The least rise must be from 0 to 600 °C.')
    .max(600, 'The least rise must be from 0 to 600 °C.')
    .default(3)
    .describe('how far above the background a spot begins, °C'),
  minCells: z
    .int('The least size must be a whole number of cells.')
    .min(1, 'A spot has one cell at least.')
    .max(MOST_CELLS_A_SIDE ** 2, 'A spot cannot be larger than the picture.')
    .default(2),
});

export const thermalSpotsInput = z
  .object({
    width: side('width'),
    height: side('height'),
    celsius: z
      .array(cameraC)
      .max(MOST_CELLS_A_SIDE ** 2, 'The picture has too many cells.')
      .describe('row by row from the top left, °C'),
    ambientC,
    spots: spotLimits.prefault({}),
    emissivity: emissivity.optional(),
    board: z
      .object({
        corners: boardCorners.describe(
          'in cells: top left, top right, bottom right, bottom left, as it hangs upright',
        ),
        spaces: z
          .int('The number of spaces must be a whole number.')
          .min(2, 'A panel has 2 to 84 spaces.')
          .max(84, 'A panel has 2 to 84 spaces.')
          .refine((spaces) => spaces % 2 === 0, 'The number of spaces must be even.'),
      })
      .optional(),
  })
  .refine(({ width, height, celsius }) => celsius.length === width * height, {
    path: ['celsius'],
    message: 'There must be as many temperatures as cells: width × height.',
  })
  .superRefine(({ celsius, emissivity }, context) => {
    const impossible =
      emissivity && celsius.findIndex((value) => trueTemperature(value, emissivity) === null);
    if (impossible === undefined || impossible < 0) return;
    context.addIssue({
      code: 'custom',
      path: ['celsius', impossible],
      message:
        'What is mirrored would be more than all that was seen: check emissivity and reflected temperature.',
    });
  });
export type ThermalSpotsInput = z.input<typeof thermalSpotsInput>;

const point = z.object({ x: z.number(), y: z.number() });

export const thermalSpotsOutput = z.object({
  backgroundC: z.number().describe('median of all cells, °C'),
  maxC: z.number().describe('°C'),
  spots: z.array(
    z.object({
      cells: z.number(),
      maxC: z.number().describe('°C'),
      meanC: z.number().describe('°C'),
      overBackgroundC: z.number().describe('of its hottest cell, °C'),
      overAmbientC: z.number().describe('of its hottest cell, °C'),
      hottest: point.describe('cell'),
      centre: point.describe('mean of its cells'),
      board: z
        .object({ u: z.number(), v: z.number() })
        .nullable()
        .describe('where its hottest cell lies on the board, 0 to 1 from the top left; null: beside it'),
      space: z.number().nullable().describe('the space it lies at'),
    }),
  ),
});
export type ThermalSpots = z.infer<typeof thermalSpotsOutput>;
export type ThermalSpot = ThermalSpots['spots'][number];
