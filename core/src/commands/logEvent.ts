import { eventInput, NOT_REPORTED } from '../record/entities/index.ts';
import { command, asKept, withLogged, byId } from './command/index.ts';
import * as messages from './messages.ts';

const NAMES = {
  trip: messages.aTrip,
  reset: messages.aReset,
  handle: messages.theHandlePosition,
  'no-trip': messages.aHold,
} as const;

export const logEventCommand = command({
  id: 'log-event',
  method: 'post',
  path: '/breakers/:id/events',
  tag: 'log',
  summary: 'Log a trip, a reset, a hold, or the handle position',
  params: byId,
  body: eventInput,
  label: ({ kind }, where) => messages.loggedAt(NAMES[kind], where),
  caseOf: (_params, { caseId }) => caseId,
  apply: (record, { id }, event) =>
    withLogged(record, id, 'events', [{ ...NOT_REPORTED, ...asKept(event, id, record.case.id) }]),
});
