export { KIND_NAMES, storyLine } from './entries.ts';
export { Story } from './Story.tsx';
