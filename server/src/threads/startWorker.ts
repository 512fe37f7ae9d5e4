import { Worker, type WorkerOptions } from 'node:worker_threads';

const isBundled = !import.meta.url.endsWith('.ts');

/** Registers in the thread itself how TypeScript is read: what the process that starts it registered does not hold there. */
const registerTypeScript = () =>
  `data:text/javascript,import { register } from '${import.meta.resolve('tsx/esm/api')}'; register();`;

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
        execArgv: ['--import', registerTypeScript()],
      };

/** Start one of the server's worker threads. */
export function startWorker(name: string, options: WorkerOptions = {}): Worker {
  const { filename, execArgv } = workerProgram(name);
  return new Worker(new URL(filename), { ...options, ...(execArgv && { execArgv }) });
}
