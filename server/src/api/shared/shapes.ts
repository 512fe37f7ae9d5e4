import { z } from 'zod';

export { inZone } from '@phylaxon/core/api';
export { byId } from '@phylaxon/core/commands';

export const nothing = z.object({});
