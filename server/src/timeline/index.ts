export { seriesOf } from './series.ts';
export { listEntries, timelineOf } from './timeline.ts';
