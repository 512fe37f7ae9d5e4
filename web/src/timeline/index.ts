export { KIND_NAMES, POINT_WORDS, timelineLine } from './entries.ts';
export { TimelineView } from './TimelineView.tsx';
