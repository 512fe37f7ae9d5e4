import { later } from '../../shared/ui/index.ts';

export const Log = later(async () => (await import('./Log.tsx')).default);
export { destinationOf, type LogTab } from './destinations.ts';
