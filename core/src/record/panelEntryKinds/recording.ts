import { z } from 'zod';
import { isPlainText, NOT_PLAIN } from '../../facts/quantities/index.ts';
import { LEGS } from '../../panel/layout/index.ts';
import { id } from '../entities/index.ts';
import { CHANNEL_QUANTITIES, MOST_RECORDING_CHANNELS } from '../recordings/index.ts';
import { electriciansOnly, panelEntryKind } from './panelEntryKind.ts';

/** What a channel was clipped to. */
export const channelPlace = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('breaker'),
    breakerId: id,
    pole: z
      .union([z.literal(1), z.literal(2)])
      .nullable()
      .default(null)
      .describe('of a two-pole; null: either'),
  }),
  z.strictObject({ kind: z.literal('leg'), leg: z.enum(LEGS) }),
  z.strictObject({ kind: z.literal('air') }),
  z.strictObject({ kind: z.literal('other') }),
]);
export type ChannelPlace = z.output<typeof channelPlace>;

const shortText = (what: string) =>
  z.string().trim().max(120, `${what} may have 120 characters at most.`).refine(isPlainText, NOT_PLAIN);

export const recordingChannel = z.strictObject({
  name: shortText('A channel’s name').describe('as its column was headed'),
  quantity: z.enum(CHANNEL_QUANTITIES),
  at: channelPlace,
});
export type RecordingChannel = z.output<typeof recordingChannel>;

/** What a logger wrote down over hours or days; its samples lie beside it. */
export const recording = panelEntryKind({
  name: 'Logger recording',
  fields: z.strictObject({
    channels: z
      .array(recordingChannel)
      .min(1, 'A recording has one channel at least.')
      .max(MOST_RECORDING_CHANNELS, `A recording has ${MOST_RECORDING_CHANNELS} channels at most.`),
    shiftedSeconds: z
      .number('The correction of the clock must be a number.')
      .min(-31_557_600, 'The clock can be set right by a year at most.')
      .max(31_557_600, 'The clock can be set right by a year at most.')
      .default(0)
      .describe('by how much the logger’s clock was set right, s'),
    file: shortText('The file’s name').default('').describe('its name'),
  }),
  attachment: 'recording',
  refuses: electriciansOnly,
  say: ({ channels }) => channels.map(({ name, quantity }) => name || quantity).join(', '),
  breakers: ({ channels }) =>
    channels.flatMap(({ at }, i) =>
      at.kind === 'breaker'
        ? [{ path: ['content', 'channels', i, 'at', 'breakerId'], breakerId: at.breakerId }]
        : [],
    ),
});
