import { resetOwner } from './accounts/index.ts';

const { PHYLAXON_DB = 'data/phylaxon.db' } = process.env;
const [name] = process.argv.slice(2);
const say = (line: string) => process.stdout.write(`${line}\n`);

resetOwner(PHYLAXON_DB, name).then(
  (reset) => {
    say(`${reset.name} has a new password: ${reset.password}`);
    say('All sessions of this owner have ended. The reset is in the activity list.');
  },
  (error: unknown) => {
    say(error instanceof Error ? error.message : String(error));
    process.exitCode = 1;
  },
);
