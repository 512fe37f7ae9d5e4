export { startWorker } from './startWorker.ts';
