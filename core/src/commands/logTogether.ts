import { z } from 'zod';
import {
  eventInput,
  id,
  NOT_REPORTED,
  observationInput,
  QUANTITY_UNITS,
  readingInput,
  withError,
  type Reading,
} from '../record/entities/index.ts';
import { command, asKept, withLogged, byId, mayMeasureAt, mayTest } from './command/index.ts';
import * as messages from './messages.ts';

/** One thing to be logged, of whatever kind, with its breaker. */
export const togetherEntry = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('reading'), breakerId: id, entry: readingInput }),
  z.strictObject({ kind: z.literal('event'), breakerId: id, entry: eventInput }),
  z.strictObject({ kind: z.literal('observation'), breakerId: id, entry: observationInput }),
]);
export type TogetherEntry = z.input<typeof togetherEntry>;

const MOST = 200;

export const logTogetherCommand = command({
  id: 'log-together',
  method: 'post',
  path: '/panels/:id/log',
  tag: 'log',
  summary: 'Log entries of several types and breakers of a panel together, all of them or none',
  params: byId,
  body: z.strictObject({
    entries: z
      .array(togetherEntry)
      .min(1, messages.enterAtLeastOneEntry)
      .max(MOST, messages.enterAtMostEntriesAtA(MOST)),
  }),
  label: ({ entries }, where) =>
    messages.loggedAt(entries.length === 1 ? messages.oneEntry : messages.entries(entries.length), where),
  refuses: (profile, { entries }) =>
    mayMeasureAt(
      profile,
      entries.flatMap((one) => (one.kind === 'reading' ? [one.entry.point] : [])),
    ) ??
    mayTest(
      profile,
      entries.flatMap((one) => (one.kind === 'observation' ? [one.entry.test] : [])),
    ),
  caseOf: (_params, { entries }) => entries.find(({ entry }) => entry.caseId)?.entry.caseId ?? null,
  apply: (record, _params, { entries }) =>
    entries.reduce((now, { kind, breakerId, entry }) => {
      if (kind === 'event')
        return withLogged(now, breakerId, 'events', [
          { ...NOT_REPORTED, ...asKept(entry, breakerId, now.case.id) },
        ]);
      if (kind === 'observation')
        return withLogged(now, breakerId, 'observations', [asKept(entry, breakerId, now.case.id)]);
      const reading: Reading = {
        ambientC: null,
        ...asKept(withError(entry), breakerId, now.case.id),
        unit: QUANTITY_UNITS[entry.quantity],
      };
      return withLogged(now, breakerId, 'readings', [reading]);
    }, record),
});
