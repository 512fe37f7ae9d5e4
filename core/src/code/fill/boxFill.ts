import { z } from 'zod';
import { BOX_COUNTS, BOX_VOLUMES_IN3 } from '../../facts/standards/index.ts';
import { conductorCount } from './conductorCount.ts';
import * as messages from './messages.ts';

/** Gauges whose volume in a box is listed. */
export const BOX_GAUGES = [
  '14',
  '12',
  '10',
  '8',
  '6',
] as const satisfies readonly (keyof typeof BOX_VOLUMES_IN3)[];

const some = z.int(messages.countDevices).min(0, messages.countDevices).max(50, messages.countDevices);

export const boxFillInput = z.object({
  gauge: z.enum(BOX_GAUGES, messages.theGaugeMustBe).describe('largest conductor in the box'),
  conductors: conductorCount.describe('that end in the box or are spliced there, without grounds'),
  grounds: some.default(0),
  devices: some.default(0).describe('receptacles and switches, each on its own strap'),
  clamps: z.boolean().default(false).describe('cable clamps inside the box'),
});
export type BoxFillInput = z.input<typeof boxFillInput>;

/** What a box must hold. */
export interface BoxFill {
  /** Volumes counted, in conductors. */
  count: number;
  volumeIn3: number;
}

/**
 * The least volume of a box: each conductor once, each device twice, all internal clamps once, and grounds once for the first
 * four and a quarter for each further one, all by the largest conductor in the box.
 *
 * Source: NEC 2023, 314.16(B) and Table 314.16(B)(1).
 *
 * @param input gauge, and how many conductors, grounds and devices; whether clamps are inside
 * @returns the count in conductors, and the volume (in³)
 * @throws ZodError where a count is impossible
 * @example boxFill({ gauge: '12', conductors: 4, grounds: 2, devices: 1, clamps: true }).volumeIn3 // 18
 */
export function boxFill(input: BoxFillInput): BoxFill {
  const { gauge, conductors, grounds, devices, clamps } = boxFillInput.parse(input);
  const { device, clamps: clampCount, firstGrounds, grounds: groundCount, furtherGround } = BOX_COUNTS;
  const further = Math.max(0, grounds - firstGrounds);
  const count =
    conductors +
    device * devices +
    (clamps ? clampCount : 0) +
    (grounds > 0 ? groundCount + furtherGround * further : 0);
  return { count, volumeIn3: count * BOX_VOLUMES_IN3[gauge] };
}
