import { Worker, type WorkerOptions } from 'node:worker_threads';

const isBundled = !import.meta.url.endsWith('.ts');

/**
 * A program of the server’s that runs in a thread, and how a thread is to be started for it: from its sources it needs to
 * be told how to read TypeScript.
 *
 * @param name its program under `server/src`, such as `files/fileWorker`
 */
export const workerProgram = (name: string): { filename: string; execArgv?: string[] } =>
  isBundled
    ? { filename: new URL(`./${name}.js`, import.meta.url).href }
    : {
        filename: new URL(`../${name}.ts`, import.meta.url).href,
        execArgv: ['--import', import.meta.resolve('tsx')],
      };

/** Start one of the server's worker threads. */
export function startWorker(name: string, options: WorkerOptions = {}): Worker {
  const { filename, execArgv } = workerProgram(name);
  return new Worker(new URL(filename), { ...options, ...(execArgv && { execArgv }) });
}
