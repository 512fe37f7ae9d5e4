import { writeBackup } from './backups/index.ts';
import { photosBeside } from './store/index.ts';

const { PHYLAXON_DB = 'data/phylaxon.db' } = process.env;
const [target] = process.argv.slice(2);
const say = (line: string) => process.stdout.write(`${line}\n`);

async function main() {
  if (!target) throw new Error('Enter the backup file: npm run backup -- FILE.zip');
  const { bytes, photos, missing } = await writeBackup(PHYLAXON_DB, photosBeside(PHYLAXON_DB), target);
  say(
    `Backed up ${PHYLAXON_DB} with ${photos} photos to ${target} (${(bytes / 1e6).toFixed(1)} MB), opened again and verified.`,
  );
  if (missing > 0) say(`Warning: ${missing} photos on record are missing from the disk.`);
}

main().catch((error: unknown) => {
  say(error instanceof Error ? error.message : String(error));
  process.exitCode = 1;
});
