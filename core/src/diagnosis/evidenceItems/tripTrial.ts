import { z } from 'zod';
import { trialEvent, type EffectiveRating } from '../../physics/breakerEstimate/index.ts';
import { id, instant } from '../../record/entities/index.ts';

/** What an event on record tells of the bimetal: a trip, or a time that it held. */
export const tripTrial = z.object({
  eventId: id,
  at: instant,
  outcome: z.enum(['tripped', 'held']),
  amps: z.number().nullable().describe('null if the current is not known'),
  seconds: z.number().nullable().describe('null if it was not timed'),
  event: trialEvent
    .nullable()
    .describe('as effective-rating uses it; null if it says nothing about the thermal element'),
  tells: z.enum(['consistent', 'too-early', 'too-late', 'nothing']),
  text: z.string().describe('reason, as a sentence'),
});

export type TripTrial = z.infer<typeof tripTrial>;

/** What the record of a unit says of it, and how many events say it. */
export interface BreakerEstimate {
  trips: number;
  holds: number;
  rating: EffectiveRating;
}
