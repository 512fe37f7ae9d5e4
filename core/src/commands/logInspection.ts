import { BEHIND_THE_COVER, PROFILE_LEVEL } from '../facts/vocabulary/index.ts';
import { inspectionInput } from '../record/entities/index.ts';
import { INSPECTIONS } from '../record/inspections/index.ts';
import { command, byId } from './command/index.ts';
import * as messages from './messages.ts';

export const logInspectionCommand = command({
  id: 'log-inspection',
  method: 'post',
  path: '/breakers/:id/inspections',
  tag: 'log',
  summary: 'Log an inspection and its findings',
  params: byId,
  body: inspectionInput,
  label: ({ kind }, where) => messages.loggedAt(INSPECTIONS[kind].name.toLowerCase(), where),
  refuses: (profile, { kind }) =>
    INSPECTIONS[kind].level > PROFILE_LEVEL[profile] ? BEHIND_THE_COVER : null,
  caseOf: (_params, { caseId }) => caseId,
});
