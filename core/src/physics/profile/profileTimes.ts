import { z } from 'zod';
import { beliefFrom, effectiveRatingInput, openingTimesShape } from '../breakerEstimate/index.ts';
import { seeded } from '../../facts/random/index.ts';
import { atAmbient, bandFor, curvePoints, MAGNETIC_PICKUP, type Edge } from '../trip/index.ts';
import { currentOf, opensAfter } from './runProfile.ts';
import { profileQuestion } from './schema.ts';
import { thisBreaker } from './breakers.ts';

export const profileInput = profileQuestion.safeExtend({
  curve: curvePoints.optional().describe('the printed curve of its family; the standard’s band if left out'),
  events: effectiveRatingInput.shape.events.default([]).describe('its record, for this breaker’s own times'),
});
export type ProfileInput = z.input<typeof profileInput>;

const seconds = z.number().nullable();

export const profileOutput = z.object({
  peakAmps: z.number(),
  rmsAmps: z.number().describe('the steady current that heats as much'),
  changes: z.int().describe('stretches of steady current in the profile'),
  sound: z.object({
    fastestSeconds: seconds.describe('the most sensitive sound breaker; null: it holds'),
    slowestSeconds: seconds.describe('the least sensitive'),
  }),
  unit: openingTimesShape.nullable().describe('this breaker, by its record; null without one'),
});
export type ProfileTimes = z.infer<typeof profileOutput>;

/** So many units stand for what is believed of this one. */
const DRAWN_UNITS = 400;

/**
 * When a breaker opens on a load as it really runs, all its parts starting together from cold: any sound
 * unit, and this one by its record. Each stretch of steady current is worked exactly, in one step.
 *
 * @param input rating (A), ambient (°C), hours to look, and loads with their cycles or a logged current
 * @returns s of the soonest and the latest sound one, and of this one
 * @throws ZodError where a figure is impossible
 * @example profileTimes({ ratingAmps: 20, loads: [{ id: 'a', amps: 40 }] }).sound.slowestSeconds // 120
 */
export function profileTimes(input: ProfileInput): ProfileTimes {
  const question = profileInput.parse(input);
  const { ratingAmps, ambientC, hours, curve, events } = question;
  const band = bandFor(ratingAmps, curve);
  const horizon = hours * 3600;
  const opens = (edge: Edge) => {
    const unit = { ...atAmbient(band[edge], ambientC), pickup: MAGNETIC_PICKUP[edge] };
    return finite(opensAfter(unit, ratingAmps, currentOf(question), horizon));
  };
  return {
    ...figuresOf(question),
    sound: { fastestSeconds: opens('mostSensitive'), slowestSeconds: opens('leastSensitive') },
    unit: events.length === 0 ? null : ofThisUnit(question, horizon),
  };
}

const finite = (value: number) => (value === Infinity ? null : value);

function ofThisUnit(question: z.output<typeof profileInput>, horizon: number): ProfileTimes['unit'] {
  const { ratingAmps, events, ambientC } = question;
  const draw = thisBreaker(beliefFrom({ ratingAmps, events }), ambientC);
  const random = seeded(1);
  const times = Array.from({ length: DRAWN_UNITS }, () =>
    opensAfter(draw(random), ratingAmps, currentOf(question), horizon),
  ).sort((a, b) => a - b);
  const at = (share: number) => finite(times[Math.floor(share * DRAWN_UNITS)]!);
  const never = times.filter((seconds) => seconds === Infinity).length / DRAWN_UNITS;
  return { p05: at(0.05), p50: at(0.5), p95: at(0.95), never };
}

function figuresOf(question: z.output<typeof profileInput>) {
  const current = currentOf(question);
  const horizon = question.hours * 3600;
  let [elapsed, peakAmps, heat, changes] = [0, 0, 0, 0];
  while (elapsed < horizon) {
    const seconds = current.next(horizon - elapsed);
    peakAmps = Math.max(peakAmps, current.amps);
    heat += current.amps ** 2 * seconds;
    elapsed += seconds;
    changes++;
  }
  return { peakAmps, rmsAmps: Math.sqrt(heat / horizon), changes };
}
