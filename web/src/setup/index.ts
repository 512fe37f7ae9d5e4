export { BreakerForm } from './BreakerForm.tsx';
export { BreakerPlace } from './BreakerPlace.tsx';
export { DirectoryForm } from './DirectoryForm.tsx';
export { OpeningForm } from './OpeningForm.tsx';
export { PanelForm } from './PanelForm.tsx';
