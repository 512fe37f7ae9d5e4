export { type StepWork, StepWorkProvider, now, useStepWork, whereOf } from './step.ts';
export { tryNow, useCaseRecord } from './useCaseRecord.ts';
