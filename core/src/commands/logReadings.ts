import { z } from 'zod';
import { QUANTITY_UNITS, readingInput, withError, type Reading } from '../record/entities/index.ts';
import { command, asKept, withLogged, byId, mayMeasureAt } from './command/index.ts';

export const logReadingsCommand = command({
  id: 'log-readings',
  method: 'post',
  path: '/breakers/:id/readings',
  tag: 'log',
  summary: 'Log readings taken together: all of them or none',
  params: byId,
  body: z.strictObject({
    readings: z
      .array(readingInput)
      .min(1, 'Give at least one reading.')
      .max(50, 'At most 50 readings at a time.'),
  }),
  label: ({ readings }, where) =>
    `Logged ${readings.length === 1 ? 'a reading' : `${readings.length} readings`} at ${where}`,
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
