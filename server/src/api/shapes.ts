import { id } from '@phylaxon/core/record/entities';
import { z } from 'zod';

/** Parameters of a route about one thing. */
export const byId = z.object({ id });

/** The answer to what was logged or fitted. */
export const ids = z.object({ ids: z.array(id) });

export const nothing = z.object({});
