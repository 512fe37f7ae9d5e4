export { oneAtATime } from './oneAtATime.ts';
export { startWorker, workerProgram } from './startWorker.ts';
export { TooBusy, Turns } from './turns.ts';
export { standBack } from './standBack.ts';
export { holding, saveMemory } from './memory.ts';
