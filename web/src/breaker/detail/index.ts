export { BreakerDetailView } from './BreakerDetailView.tsx';
