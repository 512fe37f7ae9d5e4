import { chmodSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { issueAuthority, issueServer, readCertificate, type Issued } from './issue.ts';
import * as messages from './messages.ts';

const DAY_MS = 86_400_000;
/** With fewer days left a certificate is renewed. */
const RENEWED_MS = 30 * DAY_MS;

/** What a server listens with over TLS. */
export interface ServerIdentity {
  cert: string;
  key: string;
  /** What devices are to trust; `null`: the certificate was given, its authority is known to them. */
  authority: { certificate: string; fingerprint: string } | null;
}

/** A file that is there whole or not at all, and readable by nobody else. */
function writeWhole(path: string, content: string) {
  const beside = `${path}.new`;
  writeFileSync(beside, content, { mode: 0o600 });
  chmodSync(beside, 0o600);
  renameSync(beside, path);
}

function read(folder: string, name: string): Issued | null {
  const [certificate, key] = [join(folder, `${name}.pem`), join(folder, `${name}.key`)];
  return existsSync(certificate) && existsSync(key)
    ? { certificate: readFileSync(certificate, 'utf8'), key: readFileSync(key, 'utf8') }
    : null;
}

function keep(folder: string, name: string, { certificate, key }: Issued) {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeWhole(join(folder, `${name}.key`), key);
  writeWhole(join(folder, `${name}.pem`), certificate);
}

/**
 * The certificate of this server, from its own authority: made at first, and made anew where it is about to end or this machine has
 * other names by now. The authority stays, so devices that trust it go on.
 *
 * @param folder where they are kept
 * @param names by which the server is reached
 * @param machine how devices list the authority
 * @param now ms since 1970
 */
export async function serverIdentity(
  folder: string,
  names: readonly string[],
  machine: string,
  now = Date.now(),
): Promise<ServerIdentity> {
  let authority = read(folder, 'authority');
  if (!authority || (await readCertificate(authority.certificate)).notAfter < now + RENEWED_MS) {
    authority = await issueAuthority(messages.phylaxonOn(machine), now);
    keep(folder, 'authority', authority);
    keep(folder, 'server', await issueServer(authority, names, now));
  }
  let server = read(folder, 'server');
  const facts = server && (await readCertificate(server.certificate));
  const serves =
    facts && facts.notAfter > now + RENEWED_MS && names.every((name) => facts.names.includes(name));
  if (!server || !serves) {
    server = await issueServer(authority, names, now);
    keep(folder, 'server', server);
  }
  const { fingerprint } = await readCertificate(authority.certificate);
  return {
    cert: `${server.certificate}\n${authority.certificate}`,
    key: server.key,
    authority: { certificate: authority.certificate, fingerprint },
  };
}

/**
 * A certificate that was given.
 *
 * @param certificate its file, with those above it
 * @param key the file of its key
 * @throws Error in one line
 */
export function givenIdentity(certificate: string, key: string): ServerIdentity {
  try {
    return { cert: readFileSync(certificate, 'utf8'), key: readFileSync(key, 'utf8'), authority: null };
  } catch (error) {
    throw new Error(messages.theCertificateCannotBeRead(String(error)), { cause: error });
  }
}
