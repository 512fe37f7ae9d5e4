export { BreakerForm } from './BreakerForm.tsx';
export { PanelForm } from './PanelForm.tsx';
