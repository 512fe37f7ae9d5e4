export { TimelineView } from './TimelineView.tsx';
