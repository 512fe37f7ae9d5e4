import { restoreBackup } from './backups/index.ts';
import { photosBeside } from './store/index.ts';

const { PHYLAXON_DB = 'data/phylaxon.db' } = process.env;
const [copy] = process.argv.slice(2);
const say = (line: string) => process.stdout.write(`${line}\n`);

async function main() {
  if (!copy) throw new Error('Say which copy: npm run restore -- FILE');
  const { kept } = await restoreBackup(copy, PHYLAXON_DB, photosBeside(PHYLAXON_DB));
  say(`Brought ${copy} back as ${PHYLAXON_DB}.`);
  if (kept !== null) {
    say(`What was there is kept: ${kept}`);
    say(`To bring that back: npm run restore -- ${kept}`);
  }
}

main().catch((error: unknown) => {
  say(error instanceof Error ? error.message : String(error));
  process.exitCode = 1;
});
