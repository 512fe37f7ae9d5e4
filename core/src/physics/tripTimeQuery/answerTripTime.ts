import { z } from 'zod';
import {
  beliefFrom,
  effectiveRatingInput,
  openingTimes,
  openingTimesShape,
  segment,
} from '../breakerEstimate/index.ts';
import { amps } from '../../facts/quantities/index.ts';
import {
  atAmbient,
  bandFor,
  curvePoints,
  edgeOpens,
  heatAfter,
  tripWindowInput,
  type Edge,
} from '../trip/index.ts';
import * as messages from './messages.ts';

const { ratingAmps, ambientC } = tripWindowInput.shape;

export const tripTimeInput = z.object({
  ratingAmps,
  amps,
  before: z.array(segment).max(20, messages.enterAtMost20EarlierIntervals).default([]),
  ambientC,
  curve: curvePoints.optional().describe('printed curve of its family; the standard band if left out'),
  events: effectiveRatingInput.shape.events.default([]).describe('record of this breaker, for its own times'),
});
export type TripTimeInput = z.input<typeof tripTimeInput>;

const seconds = z.number().nullable();

export const tripTimeOutput = z.object({
  sound: z.object({ fastestSeconds: seconds, slowestSeconds: seconds }),
  openedBefore: z.boolean().describe('true if the earlier load may already have tripped a sound breaker'),
  unit: openingTimesShape.nullable().describe('this breaker, by its record; null without a record'),
});
export type TripTimeAnswer = z.infer<typeof tripTimeOutput>;

/**
 * How long a breaker takes at a current, after what it carried before: any sound breaker, and this one by its record.
 *
 * @param input rating and current (A), what ran before from cold (A, s), ambient (°C)
 * @returns seconds from now, soonest and latest of a sound breaker, and 5, 50 and 95% of this unit; null: never
 * @throws ZodError where a figure is impossible
 * @example answerAsk({ ratingAmps: 20, amps: 40 }).sound // { fastestSeconds: 11.3…, slowestSeconds: 120 }
 */
export function answerTripTime(input: TripTimeInput): TripTimeAnswer {
  const { ratingAmps, amps, before, ambientC, curve, events } = tripTimeInput.parse(input);
  const band = bandFor(ratingAmps, curve);
  let openedBefore = false;
  const opens = (edge: Edge) => {
    const element = atAmbient(band[edge], ambientC);
    let heat = 0;
    for (const one of before) {
      heat = heatAfter(element.tauSeconds, heat, one.amps / ratingAmps, one.seconds);
      openedBefore ||= heat >= element.thresholdSquared;
    }
    return edgeOpens(edge, element, amps / ratingAmps, heat);
  };
  return {
    sound: { fastestSeconds: opens('mostSensitive'), slowestSeconds: opens('leastSensitive') },
    openedBefore,
    unit:
      events.length === 0 ? null : openingTimes(beliefFrom({ ratingAmps, events }), amps, before, ambientC),
  };
}
