import { z } from 'zod';
import { id } from '../entities/index.ts';
import { panelEntryKind, namedInList } from './panelEntryKind.ts';
import { counted } from '../../facts/quantities/index.ts';

/** What must not lose power, as whoever uses the place says it; the latest holds. */
export const keepsPower = panelEntryKind({
  name: 'What must not lose power',
  fields: z.strictObject({
    breakerIds: z
      .array(id)
      .max(84, 'A panel has 84 breakers at most.')
      .refine((ids) => new Set(ids).size === ids.length, 'Each breaker once.')
      .describe('none: nothing here must not'),
  }),
  attachment: null,
  refuses: () => null,
  say: ({ breakerIds }) =>
    breakerIds.length === 0
      ? 'No critical loads here'
      : `${counted(breakerIds.length, 'breaker', 'breakers')} must not lose power`,
  breakers: ({ breakerIds }) => namedInList(['content', 'breakerIds'], breakerIds),
});
export type CriticalLoads = z.output<typeof keepsPower.fields>;
