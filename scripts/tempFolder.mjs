import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Whatever a test leaves in the system’s temporary folder goes into one of this run’s, which goes with it. */
export function ownTempFolder() {
  const folder = mkdtempSync(join(tmpdir(), 'phylaxon-tests-'));
  process.env.TMPDIR = folder;
  process.on('exit', () => rmSync(folder, { recursive: true, force: true, maxRetries: 5 }));
}
