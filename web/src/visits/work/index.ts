import { later } from '../../shared/ui/index.ts';

export { EndScreen } from './EndScreen.tsx';
export const NextStep = later(async () => (await import('./NextStep.tsx')).default);
