import { z } from 'zod';
import { isTimeZone, NO_TIME_ZONE } from '../facts/calendar/index.ts';
import { id } from '../record/entities/index.ts';

/** In which time zone a page tells its times. */
export const inZone = z.object({
  zone: z.string().max(60).refine(isTimeZone, NO_TIME_ZONE).default('UTC'),
});

/** A name the sender gives its file, to ask how far it is (see `GET /imports/:id`). */
export const job = id.optional().describe('name for progress requests');
