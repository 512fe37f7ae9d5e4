import { later } from '../../shared/ui/index.ts';

export const BreakerForm = later(async () => (await import('./BreakerForm.tsx')).default);
export const BreakerPlace = later(async () => (await import('./BreakerPlace.tsx')).default);
export const DirectoryForm = later(async () => (await import('./DirectoryForm.tsx')).default);
export const OpeningForm = later(async () => (await import('./OpeningForm.tsx')).default);
export const PanelForm = later(async () => (await import('./PanelForm.tsx')).default);
