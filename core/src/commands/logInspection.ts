import { BEHIND_THE_COVER, PROFILE_LEVEL } from '../facts/vocabulary/index.ts';
import { inspectionInput } from '../record/entities/index.ts';
import { INSPECTIONS } from '../record/inspections/index.ts';
import { command, byId } from './command/index.ts';

export const logInspectionCommand = command({
  id: 'log-inspection',
  method: 'post',
  path: '/breakers/:id/inspections',
  tag: 'log',
  summary: 'Log what was inspected and found',
  params: byId,
  body: inspectionInput,
  label: ({ kind }, where) => `Logged ${INSPECTIONS[kind].name.toLowerCase()} at ${where}`,
  refuses: (profile, { kind }) =>
    INSPECTIONS[kind].level > PROFILE_LEVEL[profile] ? BEHIND_THE_COVER : null,
  caseOf: (_params, { caseId }) => caseId,
});
