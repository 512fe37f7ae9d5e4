import { z } from 'zod';
import { isPlainText, NOT_PLAIN } from '../../facts/quantities/index.ts';
import { LEGS } from '../../panel/layout/index.ts';
import { id } from '../entities/index.ts';
import { CHANNEL_QUANTITIES, MOST_RECORDING_CHANNELS } from '../recordings/index.ts';
import { electriciansOnly, panelEntryKind } from './panelEntryKind.ts';
import * as messages from './messages.ts';

/** What a channel was clipped to. */
export const channelPlace = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('breaker'),
    breakerId: id,
    pole: z
      .union([z.literal(1), z.literal(2)])
      .nullable()
      .default(null)
      .describe('pole of a two-pole breaker; null for either'),
  }),
  z.strictObject({ kind: z.literal('leg'), leg: z.enum(LEGS) }),
  z.strictObject({ kind: z.literal('air') }),
  z.strictObject({ kind: z.literal('other') }),
]);
export type ChannelPlace = z.output<typeof channelPlace>;

const shortText = (what: string) =>
  z.string().trim().max(120, messages.canHaveAtMost120Characters(what)).refine(isPlainText, NOT_PLAIN);

export const recordingChannel = z.strictObject({
  name: shortText(messages.theChannelName).describe('column heading in the file'),
  quantity: z.enum(CHANNEL_QUANTITIES),
  at: channelPlace,
});
export type RecordingChannel = z.output<typeof recordingChannel>;

/** What a logger wrote down over hours or days; its samples lie beside it. */
export const recording = panelEntryKind({
  name: messages.recording,
  fields: z.strictObject({
    channels: z
      .array(recordingChannel)
      .min(1, messages.aRecordingHasAtLeastOne)
      .max(MOST_RECORDING_CHANNELS, messages.aRecordingHasAtMostChannels(MOST_RECORDING_CHANNELS)),
    shiftedSeconds: z
      .number(messages.theClockCorrectionMustBeA)
      .min(-31_557_600, messages.theClockCanBeCorrectedBy)
      .max(31_557_600, messages.theClockCanBeCorrectedBy)
      .default(0)
      .describe('correction of the logger’s clock, s'),
    file: shortText(messages.theFileName).default('').describe('file name'),
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
