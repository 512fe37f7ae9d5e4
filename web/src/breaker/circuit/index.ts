import { later } from '../../shared/ui/index.ts';

export const CircuitForm = later(async () => (await import('./CircuitForm.tsx')).default);
export { ClampedAgainstKnown } from './ClampedAgainstKnown.tsx';
