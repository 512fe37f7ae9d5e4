export { caseRecordOf, decisionInCase } from './caseRecordOf.ts';
export { openSummaries, summariesOf } from './summaries.ts';
export { suspectsOf } from './suspectsOf.ts';
