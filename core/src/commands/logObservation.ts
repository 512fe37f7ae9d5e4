import { observationInput } from '../record/entities/index.ts';
import { command, asKept, withLogged, byId, mayTest } from './command/index.ts';
import * as messages from './messages.ts';

export const logObservationCommand = command({
  id: 'log-observation',
  method: 'post',
  path: '/breakers/:id/observations',
  tag: 'log',
  summary: 'Log something seen, heard, felt or tested',
  params: byId,
  body: observationInput,
  label: (_body, where) => messages.loggedAnObservationAt(where),
  refuses: (profile, { test }) => mayTest(profile, [test]),
  caseOf: (_params, { caseId }) => caseId,
  apply: (record, { id }, seen) => withLogged(record, id, 'observations', [asKept(seen, id, record.case.id)]),
});
