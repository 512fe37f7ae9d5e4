import { eventInput, NOT_REPORTED } from '../record/entities/index.ts';
import { command, asKept, withLogged, byId } from './command/index.ts';

const NAMES = {
  trip: 'a trip',
  reset: 'a reset',
  handle: 'where the handle stands',
  'no-trip': 'a time it held',
} as const;

export const logEventCommand = command({
  id: 'log-event',
  method: 'post',
  path: '/breakers/:id/events',
  tag: 'log',
  summary: 'Log a trip, a reset, a time it held, or where the handle stands',
  params: byId,
  body: eventInput,
  label: ({ kind }, where) => `Logged ${NAMES[kind]} at ${where}`,
  caseOf: (_params, { caseId }) => caseId,
  apply: (record, { id }, event) =>
    withLogged(record, id, 'events', [{ ...NOT_REPORTED, ...asKept(event, id, record.case.id) }]),
});
