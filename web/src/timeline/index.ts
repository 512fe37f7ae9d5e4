export { KIND_NAMES, timelineLine } from './entries.ts';
export { TimelineView } from './TimelineView.tsx';
