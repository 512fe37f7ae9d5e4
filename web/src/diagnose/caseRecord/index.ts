export { type StepWork, StepWorkProvider, now, useCaseAction, useStepWork, whereOf } from './step.ts';
export { tryNow, useCaseRecord } from './useCaseRecord.ts';
