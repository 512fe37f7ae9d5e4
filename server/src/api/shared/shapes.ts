import { isTimeZone, NO_TIME_ZONE } from '@phylaxon/core/facts/calendar';
import { z } from 'zod';

export { byId } from '@phylaxon/core/commands';

export const nothing = z.object({});

/** In which time zone a page tells its times. */
export const inZone = z.object({
  zone: z.string().max(60).refine(isTimeZone, NO_TIME_ZONE).default('UTC'),
});
