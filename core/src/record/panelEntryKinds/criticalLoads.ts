import { z } from 'zod';
import { id } from '../entities/index.ts';
import { panelEntryKind, namedInList } from './panelEntryKind.ts';
import { counted } from '../../facts/quantities/index.ts';
import * as messages from './messages.ts';

/** What must not lose power, as whoever uses the place says it; the latest holds. */
export const keepsPower = panelEntryKind({
  name: messages.criticalLoads,
  fields: z.strictObject({
    breakerIds: z
      .array(id)
      .max(84, messages.aPanelHasAtMost84)
      .refine((ids) => new Set(ids).size === ids.length, messages.enterEachBreakerOnce)
      .describe('empty if there are no critical loads here'),
  }),
  attachment: null,
  refuses: () => null,
  say: ({ breakerIds }) =>
    breakerIds.length === 0
      ? messages.noCriticalLoadsHere
      : messages.markedAsCritical(counted(breakerIds.length, 'breaker', 'breakers')),
  breakers: ({ breakerIds }) => namedInList(['content', 'breakerIds'], breakerIds),
});
export type CriticalLoads = z.output<typeof keepsPower.fields>;
