import { restoreBackup } from './backups/index.ts';
import { photosBeside } from './store/index.ts';

const { PHYLAXON_DB = 'data/phylaxon.db' } = process.env;
const [copy] = process.argv.slice(2);
const say = (line: string) => process.stdout.write(`${line}\n`);

async function main() {
  if (!copy) throw new Error('Name the backup: npm run restore -- FILE');
  const { kept } = await restoreBackup(copy, PHYLAXON_DB, photosBeside(PHYLAXON_DB));
  say(`Restored ${copy} as ${PHYLAXON_DB}.`);
  if (kept !== null) {
    say(`The replaced database is kept: ${kept}`);
    say(`To restore it: npm run restore -- ${kept}`);
  }
}

main().catch((error: unknown) => {
  say(error instanceof Error ? error.message : String(error));
  process.exitCode = 1;
});
