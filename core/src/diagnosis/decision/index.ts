export * from './decision.ts';
export { casesOfHundred, sayConfidence, saySureness } from './saySureness.ts';
export { decide, decideAlone } from './decide.ts';
/** Which rules decide; a verdict is stored with it. Changes when a decision may come out otherwise. */
export const ENGINE = 'engine-13';
export { cautionText } from './cautions.ts';
export * from './wouldChange.ts';
export { earlierCasesReason } from './earlierCasesReason.ts';
export { assessRecord } from '../recordAssessment/index.ts';
export { noMoreTrials } from './resetLimit.ts';
export { recordHazard, type RecordHazard } from '../recordAssessment/index.ts';
