import { existsSync, mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** What lies here longer than this was left by something that ended. */
const OLD_MS = 24 * 3600 * 1000;

/** The process that made a folder of this kind, by its name. */
const MAKER = /-(\d+)-[^-/]{6}$/;

/**
 * Make a folder for what is needed for a while only. Its name says who made it, so that it is found where that ended.
 *
 * @param start how its path begins
 */
export const temporaryFolder = (start: string): string => mkdtempSync(`${start}-${process.pid}-`);

function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
}

/**
 * Remove the folders that programs of ours left behind: those whose maker is gone, and old ones that name none.
 *
 * @param folder where they lie
 * @param start how their names begin
 */
export function sweepTemporaryFolders(folder: string, start: string): void {
  if (!existsSync(folder)) return;
  for (const name of readdirSync(folder)) {
    if (!name.startsWith(start)) continue;
    const path = join(folder, name);
    const maker = MAKER.exec(name)?.[1];
    const age = Date.now() - (statSync(path, { throwIfNoEntry: false })?.mtimeMs ?? Date.now());
    if (maker === undefined ? age > OLD_MS : !isAlive(Number(maker)))
      rmSync(path, { recursive: true, force: true });
  }
}
