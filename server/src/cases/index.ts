export { caseFileOf, decisionInCase } from './caseFileOf.ts';
export { openSummaries, summariesOf } from './summaries.ts';
export { suspectsOf } from './suspectsOf.ts';
