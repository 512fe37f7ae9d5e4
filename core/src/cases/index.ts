export * from './schema.ts';
export * from './findBreaker.ts';
export { caseEvidence } from './caseEvidence.ts';
export { lookAtCase, type CaseStep, type CaseView } from './lookAtCase.ts';
export { testsOf } from './stepTests.ts';
export type { Isolation } from './isolation.ts';
export * from './handOver.ts';
export * from './handOverFile.ts';
