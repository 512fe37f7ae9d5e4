import { spawn, type ChildProcess } from 'node:child_process';
import { createInterface } from 'node:readline';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('../../../../', import.meta.url));

/** Bundled, a server starts four times as fast; once in a test’s process is enough. */
let programs: Promise<string> | null = null;

async function bundle(): Promise<string> {
  const folder = join(ROOT, 'node_modules/.cache/phylaxon/programs', String(process.pid));
  const { buildServer } = (await import(join(ROOT, 'scripts/build.mjs'))) as {
    buildServer: (folder: string) => Promise<void>;
  };
  await buildServer(folder);
  return folder;
}

/** A program of the server’s as it is built: `main`, `backup`, `restore`. */
export const programFile = async (name: string): Promise<string> =>
  join(await (programs ??= bundle()), `${name}.js`);

/** The real server in a process of its own. */
export interface ServerProcess {
  process: ChildProcess;
  /** Where its API is. */
  base: string;
  /** What it said when it started, line by line. */
  said: string[];
}

/**
 * Start the real server; resolves when it is ready.
 *
 * @param env its environment besides what this process has
 * @throws Error with what it said, if it ends before it is ready
 */
export async function startServer(env: Record<string, string>, args: string[] = []): Promise<ServerProcess> {
  const child = spawn(process.execPath, [await programFile('main'), ...args], {
    env: {
      ...process.env,
      NODE_OPTIONS: '',
      PORT: '0',
      LOG_LEVEL: 'silent',
      PHYLAXON_BACKUPS: 'off',
      ...env,
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const said: string[] = [];
  let base: string | null = null;
  const lines = createInterface(child.stdout);
  return new Promise((resolve, reject) => {
    lines.on('line', (line) => {
      said.push(line);
      base ??= /ready: (http:\/\/\S+)/.exec(line)?.[1] ?? null;
      if (base) resolve({ process: child, base: `${base}/api/v1`, said });
    });
    child.once('close', () => reject(new Error(said.join('\n'))));
  });
}

/** Send a request to a server; its status and what it answered. */
export async function send<T = { id: string }>(
  base: string,
  method: string,
  path: string,
  body?: object,
): Promise<{ status: number; body: T }> {
  const answer = await fetch(base + path, {
    method,
    ...(body && { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
  });
  return { status: answer.status, body: (await answer.json()) as T };
}
