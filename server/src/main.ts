import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { createApp } from './app/index.ts';
import { seedDemo } from './demo/index.ts';
import { PhotoFolder } from './photos/index.ts';
import { answerUnreadable } from './http/index.ts';
import { Store } from './store/index.ts';
import { redecideOutdated } from './verdict/index.ts';

const {
  PORT = '4620',
  HOST = '127.0.0.1',
  PHYLAXON_DB = 'data/phylaxon.db',
  PHYLAXON_HOSTS = '',
  LOG_LEVEL = 'warn',
} = process.env;
const isDemo = process.argv.includes('--demo');

const isLoopback = (host: string) => /^(localhost$|127\.|::1$)/i.test(host);

const isEverywhere = (host: string) => ['0.0.0.0', '::'].includes(host);

const logger = pino({ level: LOG_LEVEL });
const say = (line: string) => process.stdout.write(`${line}\n`);

function port(): number {
  const number = Number(PORT);
  if (Number.isInteger(number) && number >= 0 && number < 65_536) return number;
  throw new Error(`PORT must be a number from 0 to 65535, not “${PORT}”.`);
}

async function openRecord(): Promise<Store> {
  try {
    return await Store.open(PHYLAXON_DB);
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    throw new Error(`The record ${PHYLAXON_DB} cannot be opened: ${why}. Set PHYLAXON_DB to another file.`, {
      cause: error,
    });
  }
}

async function main() {
  const store = await openRecord();
  await store.write(redecideOutdated);
  if (isDemo) await seedDemo(store);
  const photos = new PhotoFolder(`${PHYLAXON_DB}-photos`);
  await photos.sweep(store);
  const hosts = [...PHYLAXON_HOSTS.split(/[\s,]+/), HOST].filter(
    (host) => host !== '' && !isEverywhere(host),
  );
  const webRoot = fileURLToPath(new URL('../../web/dist', import.meta.url));
  const server = createApp({ store, photos, logger, webRoot, hosts }).listen(port(), HOST);

  server.on('clientError', answerUnreadable);
  server.on('listening', () => {
    const address = server.address();
    const bound = typeof address === 'object' && address ? address.port : PORT;
    say(`Phylaxon is ready: http://${HOST.includes(':') ? `[${HOST}]` : HOST}:${bound}`);
    say(`Record: ${PHYLAXON_DB}. Stop with Ctrl-C.`);
    if (!isLoopback(HOST)) {
      say('Mind: it listens beyond this machine, and there are no accounts.');
      say('Everybody who can reach it can read, change and wipe the record.');
    }
  });
  server.on('error', (error: NodeJS.ErrnoException) => {
    say(error.code === 'EADDRINUSE' ? `Port ${PORT} is taken: set PORT to another.` : error.message);
    process.exitCode = 1;
    void store.close();
  });

  let stopping = false;
  const stop = () => {
    if (stopping) return;
    stopping = true;
    server.close(() => void store.close().then(() => process.exit(0)));
    server.closeAllConnections();
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
}

main().catch((error: unknown) => {
  say(error instanceof Error ? error.message : String(error));
  process.exit(1);
});
