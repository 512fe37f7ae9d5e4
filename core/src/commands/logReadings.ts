import { z } from 'zod';
import { QUANTITY_UNITS, readingInput, withError, type Reading } from '../record/entities/index.ts';
import { command, asKept, withLogged, byId, mayMeasureAt } from './command/index.ts';
import * as messages from './messages.ts';

export const logReadingsCommand = command({
  id: 'log-readings',
  method: 'post',
  path: '/breakers/:id/readings',
  tag: 'log',
  summary: 'Log readings taken together, all of them or none',
  params: byId,
  body: z.strictObject({
    readings: z
      .array(readingInput)
      .min(1, messages.enterAtLeastOneReading)
      .max(50, messages.enterAtMost50ReadingsAt),
  }),
  label: ({ readings }, where) =>
    messages.loggedAt(readings.length === 1 ? messages.aReading : messages.readings(readings.length), where),
  refuses: (profile, { readings }) =>
    mayMeasureAt(
      profile,
      readings.map(({ point }) => point),
    ),
  caseOf: (_params, { readings }) => readings.find(({ caseId }) => caseId)?.caseId ?? null,
  apply: (record, { id }, { readings }) =>
    withLogged(
      record,
      id,
      'readings',
      readings.map((one): Reading => ({
        ambientC: null,
        ...asKept(withError(one), id, record.case.id),
        unit: QUANTITY_UNITS[one.quantity],
      })),
    ),
});
