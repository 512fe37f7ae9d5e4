import { z } from 'zod';
import { instant } from '../entities/index.ts';

/** The server’s clock as it is told. */
export const serverClock = z.object({
  now: instant,
  newest: instant.nullable().describe('time of the newest change on record'),
});
export type ServerClock = z.infer<typeof serverClock>;
