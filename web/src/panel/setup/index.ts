import { later } from '../../shared/ui/index.ts';

export const BreakerForm = later(async () => (await import('./BreakerForm.tsx')).BreakerForm);
export { BreakerPlace } from './BreakerPlace.tsx';
export const DirectoryForm = later(async () => (await import('./DirectoryForm.tsx')).DirectoryForm);
export const OpeningForm = later(async () => (await import('./OpeningForm.tsx')).OpeningForm);
export const PanelForm = later(async () => (await import('./PanelForm.tsx')).PanelForm);
