import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('..', import.meta.url));

/** Run a command with its output shown, ended where it takes longer than a limit; resolves when it ends well, ends this process when it does not. */
export function run(command, args, env = {}, limitMs = undefined) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: 'inherit',
      env: { ...process.env, ...env },
      timeout: limitMs,
    });
    const pass = (signal) => child.kill(signal);
    process.on('SIGINT', pass);
    process.on('SIGTERM', pass);
    child.on('error', (error) => {
      console.error(`${command} cannot be run: ${error.message}`);
      process.exit(1);
    });
    child.on('exit', (code, signal) => {
      process.off('SIGINT', pass);
      process.off('SIGTERM', pass);
      if (code !== 0) process.exit(signal ? 1 : (code ?? 1));
      resolve();
    });
  });
}

export const npm = (...args) => run('npm', args);
export const node = (args, env, limitMs) => run(process.execPath, args, env, limitMs);
