import { z } from 'zod';
import { beliefFrom, effectiveRatingInput, openingTimesShape } from '../breakerEstimate/index.ts';
import { seeded } from '../../facts/random/index.ts';
import { atAmbient, bandFor, curvePoints, MAGNETIC_PICKUP, type Edge } from '../trip/index.ts';
import { aboutChanges, Stretches } from './loadClock.ts';
import { currentOf, opensAfter, type BreakerElement } from './runProfile.ts';
import { profileQuestion } from './schema.ts';
import { thisBreaker } from './breakers.ts';
import * as messages from './messages.ts';

/** So many changes of the current are worked through at most: alone, and with a record, once for each unit it may be. */
const MOST_CHANGES = { alone: 1_000_000, withRecord: 100_000 } as const;

export const profileInput = profileQuestion
  .safeExtend({
    curve: curvePoints.optional().describe('printed curve of its family; the standard band if left out'),
    events: effectiveRatingInput.shape.events
      .default([])
      .describe('record of this breaker, for its own times'),
  })
  .superRefine((question, context) => {
    const most = question.events.length > 0 ? MOST_CHANGES.withRecord : MOST_CHANGES.alone;
    if (aboutChanges(question) <= most) return;
    const limit = most.toLocaleString('en-US');
    const message = messages.theCurrentChangesMoreThanTimes(limit);
    context.addIssue({ code: 'custom', path: ['hours'], message });
  });
export type ProfileInput = z.input<typeof profileInput>;

const seconds = z.number().nullable();

export const profileOutput = z.object({
  peakAmps: z.number(),
  rmsAmps: z.number().describe('steady current with the same heating'),
  changes: z.int().describe('intervals of steady current in the profile'),
  sound: z.object({
    fastestSeconds: seconds.describe('most sensitive sound breaker; null if it holds'),
    slowestSeconds: seconds.describe('least sensitive sound breaker'),
  }),
  unit: openingTimesShape.nullable().describe('this breaker, by its record; null without a record'),
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
  const { stretches, figures } = stretchesOf(question);
  const opensIn = (unit: BreakerElement) => opensAfter(unit, ratingAmps, new Stretches(stretches), horizon);
  const opens = (edge: Edge) =>
    finite(opensIn({ ...atAmbient(band[edge], ambientC), pickup: MAGNETIC_PICKUP[edge] }));
  return {
    ...figures,
    sound: { fastestSeconds: opens('mostSensitive'), slowestSeconds: opens('leastSensitive') },
    unit: events.length === 0 ? null : ofThisUnit(question, opensIn),
  };
}

const finite = (value: number) => (value === Infinity ? null : value);

function ofThisUnit(
  { ratingAmps, events, ambientC }: z.output<typeof profileInput>,
  opensIn: (unit: BreakerElement) => number,
): ProfileTimes['unit'] {
  const draw = thisBreaker(beliefFrom({ ratingAmps, events }), ambientC);
  const random = seeded(1);
  const times = Array.from({ length: DRAWN_UNITS }, () => opensIn(draw(random))).sort((a, b) => a - b);
  const at = (share: number) => finite(times[Math.floor(share * DRAWN_UNITS)]!);
  const never = times.filter((seconds) => seconds === Infinity).length / DRAWN_UNITS;
  return { p05: at(0.05), p50: at(0.5), p95: at(0.95), never };
}

/** The stretches of a profile, worked out once for all units, with their figures. */
function stretchesOf(question: z.output<typeof profileInput>) {
  const current = currentOf(question);
  const horizon = question.hours * 3600;
  const [amps, lengths]: [number[], number[]] = [[], []];
  let [elapsed, peakAmps, heat] = [0, 0, 0];
  while (elapsed < horizon) {
    const length = current.next(horizon - elapsed);
    amps.push(current.amps);
    lengths.push(length);
    peakAmps = Math.max(peakAmps, current.amps);
    heat += current.amps ** 2 * length;
    elapsed += length;
  }
  return {
    stretches: { amps: Float64Array.from(amps), seconds: Float64Array.from(lengths) },
    figures: { peakAmps, rmsAmps: Math.sqrt(heat / horizon), changes: amps.length },
  };
}
