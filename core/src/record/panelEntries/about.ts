import { z } from 'zod';
import { CHANNEL_QUANTITIES } from '../recordings/index.ts';

const figure = z.number();

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
    }),
  ),
});

/** What is told of a picture without opening it. */
const pictureAbout = z.object({
  kind: z.enum(['heat-matrix', 'photo']),
  width: z.int().describe('cells or pixels'),
  height: z.int().describe('cells or pixels'),
});

/** What is told of an attachment without opening it. */
export const attachmentAbout = z.discriminatedUnion('kind', [recordingAbout, pictureAbout]);
export type AttachmentAbout = z.infer<typeof attachmentAbout>;
export type RecordingAbout = z.infer<typeof recordingAbout>;
