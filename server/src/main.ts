import { existsSync, statSync } from 'node:fs';
import { createServer } from 'node:http';
import { hostname } from 'node:os';
import { basename, dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { toString as qrText } from 'qrcode';
import type { EntityManager } from 'typeorm';
import { Access } from './accounts/index.ts';
import { createApp } from './app/index.ts';
import { sweepAttachments } from './attachments/index.ts';
import { BackupKeeper, backupsToKeep, onRecord, takeWaiting } from './backups/index.ts';
import {
  givenIdentity,
  networkAddress,
  ownHostNames,
  serverIdentity,
  type ServerIdentity,
} from './certificates/index.ts';
import { Changes } from './changes/index.ts';
import { seedDemo } from './demo/index.ts';
import { PhotoFolder } from './photos/index.ts';
import { answerUnreadable } from './http/index.ts';
import { sweepTemporaryFolders, UPLOADS } from './files/index.ts';
import { secureListener } from './listener/index.ts';
import { outputTo } from './output/index.ts';
import { photosBeside, LOOKED_THROUGH_BYTES, RecordRefused, Store, StoreError } from './store/index.ts';
import { redecideOutdated } from './recordService/index.ts';
import { saveMemory } from './threads/index.ts';
import * as messages from './messages.ts';

/** On the house’s own network, over HTTPS. */
const isLan = process.argv.includes('--lan');

const {
  PORT = '4620',
  HOST = isLan ? '0.0.0.0' : '127.0.0.1',
  PHYLAXON_DB = 'data/phylaxon.db',
  PHYLAXON_HOSTS = '',
  PHYLAXON_BACKUPS,
  PHYLAXON_ACCOUNTS = '',
  PHYLAXON_TLS_CERT,
  PHYLAXON_TLS_KEY,
  LOG_LEVEL = 'warn',
} = process.env;
saveMemory();

const isDemo = process.argv.includes('--demo');

const isLoopback = (host: string) => /^(localhost$|127\.|::1$)/i.test(host);

const isEverywhere = (host: string) => ['0.0.0.0', '::'].includes(host);

const output = outputTo(1);
const { say } = output;
const logger = pino({ level: LOG_LEVEL }, output.stream);
// What a library says, or Node itself, finds no full disk either.
for (const stream of [process.stdout, process.stderr]) stream.on('error', () => undefined);

/** End, once what was said is written as far as it can be. */
function end(code: number): void {
  void output.end().then(() => process.exit(code));
}

function port(): number {
  const number = Number(PORT);
  if (Number.isInteger(number) && number >= 0 && number < 65_536) return number;
  throw new Error(`PORT must be a number from 0 to 65535, not “${PORT}”.`);
}

async function openRecord(): Promise<Store> {
  try {
    return await Store.open(PHYLAXON_DB);
  } catch (error) {
    if (error instanceof RecordRefused) throw error;
    const why = error instanceof Error ? error.message : String(error);
    throw new Error(`The database ${PHYLAXON_DB} cannot be opened: ${why} Set PHYLAXON_DB to another file.`, {
      cause: error,
    });
  }
}

/** A large file is looked through while it is already in use. */
async function lookThrough(store: Store) {
  if (!existsSync(store.file) || statSync(store.file).size <= LOOKED_THROUGH_BYTES) return;
  const damage = await onRecord<string[]>({ kind: 'check', record: store.file, how: 'quick_check' });
  if (damage.length === 0) return;
  store.tellDamaged();
  say(`The database ${store.file} is damaged: ${damage[0]}.`);
  say('Stop Phylaxon and restore the last good backup: npm run restore -- COPY.zip');
}

/** With no room to store new decisions the old ones stand; what is on record can be read all the same. */
async function whereItCan(store: Store, work: (manager: EntityManager) => Promise<unknown>) {
  try {
    await store.write(work);
  } catch (error) {
    if (!(error instanceof StoreError)) throw error;
    say(error.message);
  }
}

/** Where programs of ours leave something behind when they are ended in the middle. */
const temporaryFolders = (): [folder: string, start: string][] => [
  [UPLOADS.folder, UPLOADS.start],
  [dirname(resolve(PHYLAXON_DB)), `${basename(PHYLAXON_DB)}-restoring`],
  [`${PHYLAXON_DB}-backups`, '.backup'],
];

/** How often it is looked whether a copy waits to be brought back. */
const RESTORE_LOOK_MS = 1000;

/** So many connections may wait to be accepted while the server is busy; more are dropped by the system. */
const BACKLOG = 4096;

/** A browser asks again on a connection that rested for less than this; closed sooner, it may ask just as it is closed. */
const KEPT_OPEN_MS = 75_000;

/** With it the first account is made. */
function saySetupCode({ setupCode }: Access) {
  if (setupCode === null) return;
  say(messages.createTheFirstAccountWith);
  say(`Setup code: ${setupCode}`);
}

/** How often it is looked whether the certificate is about to end, or this machine has another address. */
const RENEWAL_LOOK_MS = 3_600_000;

/** Where phones find it, as an address and as a code to scan: first how to trust it. */
async function sayNetworkAddress(bound: number, own: ServerIdentity['authority']) {
  const address = networkAddress();
  if (address === null) return say(messages.thisComputerIsOnNoNetwork);
  const trust = `http://${address}:${bound}/trust`;
  if (own) say(messages.fingerprintOfTheCertificate(own.fingerprint));
  say(messages.onOtherDevices(`https://${address}:${bound}`, trust));
  say(await qrText(trust, { type: 'terminal', small: true }));
}

async function main() {
  const keep = isDemo ? 0 : backupsToKeep(PHYLAXON_BACKUPS);
  const store = await openRecord();
  if (store.keptBefore !== null)
    say(`Upgraded to this version. The database from before is kept: ${store.keptBefore}`);
  const photoFolder = photosBeside(PHYLAXON_DB);
  await whereItCan(store, redecideOutdated);
  if (isDemo) await seedDemo(store);
  for (const [folder, start] of temporaryFolders()) sweepTemporaryFolders(folder, start);
  const photos = new PhotoFolder(photoFolder);
  await photos.sweep(store);
  await whereItCan(store, sweepAttachments);
  const changes = new Changes();
  const backups = new BackupKeeper(PHYLAXON_DB, photoFolder, keep);
  const webRoot = fileURLToPath(new URL('../../web/dist', import.meta.url));
  const hosts = [...PHYLAXON_HOSTS.split(/[\s,]+/), HOST].filter(
    (host) => host !== '' && !isEverywhere(host),
  );

  let isRestoring = false;
  const restoreLook = setInterval(() => {
    if (isRestoring) return;
    isRestoring = true;
    takeWaiting(PHYLAXON_DB, photoFolder, (exchange) => store.exchange(exchange))
      .then(async (taken) => {
        if (!taken) return;
        await whereItCan(store, redecideOutdated);
        await access.start(needsAccounts);
        saySetupCode(access);
        changes.announceAll();
        say(`A backup was restored as ${PHYLAXON_DB}.`);
      })
      .catch((error: unknown) => say(`A backup could not be restored: ${String(error)}`))
      .finally(() => (isRestoring = false));
  }, RESTORE_LOOK_MS);
  restoreLook.unref();

  const access = new Access(store, (error) => logger.error(error));
  const needsAccounts = PHYLAXON_ACCOUNTS.toLowerCase() === 'on' || !isLoopback(HOST);
  await access.start(needsAccounts);
  const identify = (): Promise<ServerIdentity> | ServerIdentity =>
    PHYLAXON_TLS_CERT && PHYLAXON_TLS_KEY
      ? givenIdentity(PHYLAXON_TLS_CERT, PHYLAXON_TLS_KEY)
      : serverIdentity(`${PHYLAXON_DB}-certificates`, ownHostNames(hosts), hostname());
  let identity = isLan || PHYLAXON_TLS_CERT ? await identify() : null;
  const authority = () => identity?.authority ?? null;
  const app = createApp({ store, photos, logger, webRoot, hosts, changes, backups, access, authority });
  // One that names no host is answered like one that names a foreign one, not by Node in a shape of its own.
  const options = {
    requireHostHeader: false,
    keepAliveTimeout: KEPT_OPEN_MS,
    headersTimeout: 2 * KEPT_OPEN_MS,
  };
  const secure = identity && secureListener(identity, options, app);
  const plain = secure ? null : createServer(options, app);
  const server = (secure?.server ?? plain!).listen({ port: port(), host: HOST, backlog: BACKLOG });
  for (const one of secure?.servers ?? [plain!]) one.on('clientError', answerUnreadable);
  const renewal = setInterval(() => {
    if (!secure) return;
    Promise.resolve(identify())
      .then((renewed) => secure.renew((identity = renewed)))
      .catch((error: unknown) => logger.error(error));
  }, RENEWAL_LOOK_MS);
  renewal.unref();

  server.on('listening', () => {
    const address = server.address();
    const bound = typeof address === 'object' && address ? address.port : PORT;
    const scheme = secure ? 'https' : 'http';
    say(`Phylaxon is ready: ${scheme}://${HOST.includes(':') ? `[${HOST}]` : HOST}:${bound}`);
    say(`Database: ${PHYLAXON_DB}. Stop with Ctrl-C.`);
    backups.start();
    lookThrough(store).catch((error: unknown) => say(`The database could not be checked: ${String(error)}`));
    if (isLan) void sayNetworkAddress(Number(bound), authority());
    saySetupCode(access);
    if (!isLoopback(HOST) && !secure) say(messages.otherComputersReachThisServer);
  });
  server.on('error', (error: NodeJS.ErrnoException) => {
    say(error.code === 'EADDRINUSE' ? messages.portIsInUseSetPort(PORT) : error.message);
    process.exitCode = 1;
    void store.close();
  });

  let stopping = false;
  const stop = () => {
    if (stopping) return;
    stopping = true;
    backups.stop();
    clearInterval(restoreLook);
    clearInterval(renewal);
    access.stop();
    server.close(() => void store.close().then(() => end(0)));
    (secure ?? plain!).closeAllConnections();
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
}

main().catch((error: unknown) => {
  say(error instanceof Error ? error.message : String(error));
  end(1);
});
