export { oneAtATime } from './oneAtATime.ts';
export { startWorker, workerProgram } from './startWorker.ts';
export { TooBusy, Turns } from './turns.ts';
