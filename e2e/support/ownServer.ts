import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';

const MAIN = fileURLToPath(new URL('../../server/dist/main.js', import.meta.url));

/** A server that a test has to itself. */
export interface OwnServer {
  base: string;
  /** What it said when it started. */
  said: string[];
  process: ChildProcess;
}

/**
 * Start the built server on an empty record of its own.
 *
 * @param env its environment besides what this process has
 * @param until it is ready once it said this
 */
export async function ownServer(env: Record<string, string>, until: RegExp): Promise<OwnServer> {
  const folder = mkdtempSync(join(tmpdir(), 'phylaxon-own-'));
  const child = spawn(process.execPath, [MAIN], {
    env: {
      ...process.env,
      PORT: '0',
      PHYLAXON_DB: join(folder, 'record.db'),
      PHYLAXON_BACKUPS: 'off',
      ...env,
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const said: string[] = [];
  for await (const line of createInterface(child.stdout)) {
    said.push(line);
    if (until.test(line)) break;
  }
  const base = said.map((line) => /ready: (https?:\/\/\S+)/.exec(line)?.[1]).find(Boolean);
  if (base === undefined) throw new Error(said.join('\n'));
  return { base, said, process: child };
}
