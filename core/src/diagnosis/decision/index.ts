export * from './decision.ts';
export { decide } from './decide.ts';
/** Which rules decide; a verdict is stored with it. Changes when a decision may come out otherwise. */
export const ENGINE = 'engine-7';
export { cautionText } from './cautions.ts';
export * from './diagnosis.ts';
export { assess, rankedCauses } from './assess.ts';
export { dangersIn, type Circumstances, type Danger } from './dangersIn.ts';
export { diagnose } from './diagnose.ts';
export { assessRecord } from './fromRecord.ts';
export { noMoreTrials } from './resetRules.ts';
export { mayDoInDanger, nextTests, TRIALS } from './nextTests.ts';
export { isSettled, priceOfAsking, worthAsking } from './settled.ts';
export { forPerson } from './whoDoesIt.ts';
export { bearsOn, canBe } from './bearsOn.ts';
export { aboutLeft } from './aboutLeft.ts';
export { canPutRight } from './rightActions.ts';
export { endangers } from './losses.ts';
export { type Assessment } from './assessment.ts';
