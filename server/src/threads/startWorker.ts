import { Worker, type WorkerOptions } from 'node:worker_threads';

const isBundled = !import.meta.url.endsWith('.ts');

/** From its sources a thread needs to be told how to read TypeScript. */
const FROM_SOURCE = `
const { program, tsx } = require('node:worker_threads').workerData;
import(tsx).then(({ register }) => { register(); return import(program); });
`;

/**
 * Start one of the server's worker threads.
 *
 * @param name its program under `server/src`, such as `files/fileWorker`
 */
export function startWorker(name: string, options: WorkerOptions = {}): Worker {
  if (isBundled) return new Worker(new URL(`./${name}.js`, import.meta.url), options);
  const program = new URL(`../${name}.ts`, import.meta.url).href;
  const tsx = import.meta.resolve('tsx/esm/api');
  return new Worker(FROM_SOURCE, { ...options, eval: true, workerData: { program, tsx } });
}
