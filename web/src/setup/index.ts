export { BreakerForm } from './BreakerForm.tsx';
export { DirectoryForm } from './DirectoryForm.tsx';
export { PanelForm } from './PanelForm.tsx';
