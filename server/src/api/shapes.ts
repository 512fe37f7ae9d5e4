import { z } from 'zod';

export { byId } from '@phylaxon/core/commands';

export const nothing = z.object({});

const isZone = (name: string) => {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
};
/** In which time zone a page tells its times. */
export const inZone = z.object({
  zone: z.string().max(60).refine(isZone, 'This time zone is not known.').default('UTC'),
});
