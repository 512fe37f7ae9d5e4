import { writeBackup } from './backups/index.ts';
import { photosBeside } from './store/index.ts';

const { PHYLAXON_DB = 'data/phylaxon.db' } = process.env;
const [target] = process.argv.slice(2);
const say = (line: string) => process.stdout.write(`${line}\n`);

async function main() {
  if (!target) throw new Error('Say where the copy is to go: npm run backup -- FILE.zip');
  const { bytes, photos, missing } = await writeBackup(PHYLAXON_DB, photosBeside(PHYLAXON_DB), target);
  say(
    `Copied ${PHYLAXON_DB} with ${photos} pictures to ${target} (${(bytes / 1e6).toFixed(1)} MB), opened again and found whole.`,
  );
  if (missing > 0) say(`Mind: ${missing} pictures the record speaks of are not on the disk.`);
}

main().catch((error: unknown) => {
  say(error instanceof Error ? error.message : String(error));
  process.exitCode = 1;
});
