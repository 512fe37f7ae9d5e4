import { z } from 'zod';

export { byId } from '@phylaxon/core/commands';

export const nothing = z.object({});
