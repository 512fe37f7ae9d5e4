import { z } from 'zod';
import { ambientC } from '../../facts/quantities/index.ts';
import { trueTemperature } from './trueTemperature.ts';
import * as messages from './messages.ts';

/** The longest side of a picture, in cells. */
export const MOST_CELLS_A_SIDE = 640;
/** How far outside its picture a board’s corner may lie, in cells: it may be cut off. */
const FARTHEST_CORNER = 10_000;
/** What a camera can show, in °C. */
export const CAMERA_RANGE_C = { from: -40, to: 600 } as const;

const side = (what: string) => {
  const message = messages.theMustBeFrom2To(what, MOST_CELLS_A_SIDE);
  return z.int(messages.theMustBeAWholeNumber(what)).min(2, message).max(MOST_CELLS_A_SIDE, message);
};

const cameraMessage = messages.aTemperatureMustBeFrom40;
const cameraC = z
  .number(messages.theTemperatureMustBeANumber)
  .min(CAMERA_RANGE_C.from, cameraMessage)
  .max(CAMERA_RANGE_C.to, cameraMessage);

const emissivityOf = (what: string) => {
  const message = messages.mustBeAbove0AndAt(what);
  return z.number(messages.mustBeANumber(what)).gt(0, message).max(1, message);
};

export const emissivity = z.object({
  measured: emissivityOf(messages.theEmissivitySetInTheCamera).default(0.95).describe('as set in the camera'),
  actual: emissivityOf(messages.theEmissivityOfTheSurface).describe('actual emissivity of the surface'),
  reflectedC: cameraC.describe('reflected temperature, °C'),
});

const coordinate = z
  .number(messages.thePositionOfACornerMust)
  .min(-FARTHEST_CORNER, messages.theCornerIsTooFarOutside)
  .max(FARTHEST_CORNER, messages.theCornerIsTooFarOutside);
const cell = z.object({ x: coordinate, y: coordinate });
export type CellPoint = z.output<typeof cell>;

/** The four corners of a board in a picture: top left, top right, bottom right, bottom left as it hangs upright. */
export const boardCorners = z
  .tuple([cell, cell, cell, cell], messages.aBoardHasFourCorners)
  .refine(isConvexClockwise, messages.enterTheCornersClockwiseFrom);
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
    .number(messages.theMinimumRiseMustBeA)
    .min(0, messages.theMinimumRiseMustBeFrom)
    .max(600, messages.theMinimumRiseMustBeFrom)
    .default(3)
    .describe('minimum rise of a hot spot above the background, °C'),
  minCells: z
    .int(messages.theMinimumSizeMustBeA)
    .min(1, messages.aHotSpotHasAtLeast)
    .max(MOST_CELLS_A_SIDE ** 2, messages.aHotSpotCannotBeLarger)
    .default(2),
});

export const thermalSpotsInput = z
  .object({
    width: side('width'),
    height: side('height'),
    celsius: z
      .array(cameraC)
      .max(MOST_CELLS_A_SIDE ** 2, messages.theImageHasTooManyPixels)
      .describe('row by row from the top left, °C'),
    ambientC,
    spots: spotLimits.prefault({}),
    emissivity: emissivity.optional(),
    board: z
      .object({
        corners: boardCorners.describe(
          'in pixels: top left, top right, bottom right, bottom left of the upright panel',
        ),
        spaces: z
          .int(messages.theNumberOfSpacesMustBe)
          .min(2, messages.aPanelHas2To84)
          .max(84, messages.aPanelHas2To84)
          .refine((spaces) => spaces % 2 === 0, messages.theNumberOfSpacesMustBeEven),
      })
      .optional(),
  })
  .refine(({ width, height, celsius }) => celsius.length === width * height, {
    path: ['celsius'],
    message: messages.enterOneTemperaturePerPixel,
  })
  .superRefine(({ celsius, emissivity }, context) => {
    const impossible =
      emissivity && celsius.findIndex((value) => trueTemperature(value, emissivity) === null);
    if (impossible === undefined || impossible < 0) return;
    context.addIssue({
      code: 'custom',
      path: ['celsius', impossible],
      message: messages.theReflectedPartWouldExceedThe,
    });
  });
export type ThermalSpotsInput = z.input<typeof thermalSpotsInput>;

const point = z.object({ x: z.number(), y: z.number() });

export const thermalSpotsOutput = z.object({
  backgroundC: z.number().describe('median of all pixels, °C'),
  maxC: z.number().describe('°C'),
  spots: z.array(
    z.object({
      cells: z.number(),
      maxC: z.number().describe('°C'),
      meanC: z.number().describe('°C'),
      overBackgroundC: z.number().describe('hottest pixel, °C'),
      overAmbientC: z.number().describe('hottest pixel, °C'),
      hottest: point.describe('cell'),
      centre: point.describe('mean of its pixels'),
      board: z
        .object({ u: z.number(), v: z.number() })
        .nullable()
        .describe(
          'position of its hottest pixel on the board, 0 to 1 from the top left; null if outside the board',
        ),
      space: z.number().nullable().describe('space it belongs to'),
    }),
  ),
});
export type ThermalSpots = z.infer<typeof thermalSpotsOutput>;
export type ThermalSpot = ThermalSpots['spots'][number];
