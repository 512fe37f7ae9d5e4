export { type StepWork, StepWorkProvider, now, useOnce, useStepWork, whereOf } from './step.ts';
export { tryNow, useCaseRecord } from './useCaseRecord.ts';
