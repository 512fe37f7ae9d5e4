import { once } from 'node:events';
import { Worker } from 'node:worker_threads';

/** What the server’s health and its memory were while it was watched. */
export interface Watched {
  /** How long each answer of `health` took, ms. */
  ms: number[];
  mostMB: number;
}

/** In a thread of its own, so that it measures the server and not whatever loads it. */
const WATCH = `
const { parentPort, workerData: { base, pid } } = require('node:worker_threads');
const { readFileSync } = require('node:fs');
const ms = [];
let [most, isDone] = [0, false];
parentPort.once('message', () => { isDone = true; });
(async () => {
  while (!isDone) {
    const began = performance.now();
    const { status } = await fetch(base + '/health');
    ms.push(status === 200 ? performance.now() - began : Infinity);
    most = Math.max(most, Number(/VmRSS:\\s+(\\d+)/.exec(readFileSync('/proc/' + pid + '/status', 'utf8'))[1]) / 1024);
    await new Promise((done) => setTimeout(done, 50));
  }
  parentPort.postMessage({ ms, mostMB: most });
})();
`;

/** Watch a server until it is said that this is enough. */
export function watchHealth(base: string, pid: number): () => Promise<Watched> {
  const thread = new Worker(WATCH, { eval: true, workerData: { base, pid } });
  const message = once(thread, 'message') as Promise<[Watched]>;
  return async () => {
    thread.postMessage('enough');
    return (await message)[0];
  };
}
