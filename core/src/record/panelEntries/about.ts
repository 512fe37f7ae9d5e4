import { z } from 'zod';
import { MOST_PREVIEW_CELLS } from '../heatMatrices/index.ts';
import { CHANNEL_QUANTITIES, CURVE_STEPS } from '../recordings/index.ts';

const figure = z.number();

const steps = z.array(figure.nullable()).max(CURVE_STEPS);
const curve = z.object({ least: steps, most: steps });
const share = z.number().min(0).max(1);

/** What is told of a recording without opening it. */
const recordingAbout = z.object({
  kind: z.literal('recording'),
  fromMs: figure.describe('ms since 1970'),
  toMs: figure.describe('ms since 1970'),
  samples: z.int(),
  intervalMs: figure.describe('usual time between two samples, ms'),
  channels: z.array(
    z.object({
      quantity: z.enum(CHANNEL_QUANTITIES),
      spread: z.object({ least: figure, mean: figure, most: figure }).nullable().describe('A, V or °C'),
      quarterHour: z
        .object({ fromMs: figure, mean: figure })
        .nullable()
        .describe('for currents: highest 15-minute average, A'),
      curve: curve.optional().describe('its course in steps of equal length; of the first two channels'),
    }),
  ),
});

/** What is told of a picture without opening it. */
const pictureAbout = z.object({
  kind: z.enum(['heat-matrix', 'photo']),
  width: z.int().describe('cells or pixels'),
  height: z.int().describe('cells or pixels'),
  preview: z
    .object({
      width: z.int(),
      height: z.int(),
      celsius: z.array(figure).max(MOST_PREVIEW_CELLS),
      hottest: z
        .object({ celsius: figure, x: share, y: share })
        .describe('its place as shares of width and height'),
    })
    .optional()
    .describe('of a temperature image: large cells, °C, row by row; missing in older attachments'),
});

/** What is told of an attachment without opening it. */
export const attachmentAbout = z.discriminatedUnion('kind', [recordingAbout, pictureAbout]);
export type AttachmentAbout = z.infer<typeof attachmentAbout>;
export type RecordingAbout = z.infer<typeof recordingAbout>;
