export { oneAtATime } from './oneAtATime.ts';
export { startWorker } from './startWorker.ts';
export { TooBusy, FairQueue } from './fairQueue.ts';
export { workerPool } from './workerPool.ts';
export { standBack } from './standBack.ts';
export { memoryLimits, saveMemory } from './memory.ts';
export { patientMs } from './patience.ts';
export { Queue } from './queue.ts';
