export { ReportBlocks } from './ReportBlocks.tsx';
