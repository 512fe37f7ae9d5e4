import { z } from 'zod';
import * as messages from './messages.ts';

/** How many conductors are in a box or a raceway. */
export const conductorCount = z
  .int(messages.countConductors)
  .min(1, messages.countConductors)
  .max(200, messages.countConductors);
