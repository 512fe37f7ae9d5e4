export { seriesOf } from './series.ts';
export { listEntries, storyOf } from './story.ts';
