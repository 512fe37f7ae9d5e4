import { later } from '../../shared/ui/index.ts';

export { AskStep } from './AskStep.tsx';
export const DecidedStep = later(async () => (await import('./DecidedStep.tsx')).default);
export const ElectricianStep = later(async () => (await import('./ElectricianStep.tsx')).default);
export const FindStep = later(async () => (await import('./FindStep.tsx')).default);
export const IsolateStep = later(async () => (await import('./IsolateStep.tsx')).default);
export { LooksStep } from './LooksStep.tsx';
export const ResetStep = later(async () => (await import('./ResetStep.tsx')).default);
export { StopScreen } from './StopScreen.tsx';
export { caseTitle } from './tellThem.ts';
