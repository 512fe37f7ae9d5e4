import 'reflect-metadata';
import { KeyObject, randomBytes, webcrypto } from 'node:crypto';
import { isIP } from 'node:net';
import * as x509 from '@peculiar/x509';

x509.cryptoProvider.set(webcrypto as never);

const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const DAY_MS = 86_400_000;
/** Clocks of phones differ. */
const EARLIER_MS = DAY_MS;
const AUTHORITY_MS = 3650 * DAY_MS;
/** Phones take none that lasts longer than 398 days. */
const SERVER_MS = 390 * DAY_MS;

/** A certificate with its key, as text (PEM). */
export interface Issued {
  certificate: string;
  key: string;
}

const serialNumber = () => `00${randomBytes(16).toString('hex')}`;
const newKeys = () => webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);

const pemOf = (key: webcrypto.CryptoKey): string =>
  KeyObject.from(key).export({ type: 'pkcs8', format: 'pem' }) as string;

const keyOf = (pem: string) =>
  webcrypto.subtle.importKey('pkcs8', x509.PemConverter.decodeFirst(pem), ALGORITHM, true, ['sign']);

/**
 * A new certificate authority: for this record only, and for certificates of servers only.
 *
 * @param name how devices list it
 * @param now ms since 1970
 */
export async function issueAuthority(name: string, now: number): Promise<Issued> {
  const keys = await newKeys();
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serialNumber(),
    name: [{ CN: [name] }],
    notBefore: new Date(now - EARLIER_MS),
    notAfter: new Date(now + AUTHORITY_MS),
    signingAlgorithm: ALGORITHM,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  });
  return { certificate: certificate.toString('pem'), key: pemOf(keys.privateKey) };
}

/**
 * A certificate for this server, signed by its authority.
 *
 * @param authority as `issueAuthority` gave it
 * @param names host names and addresses by which the server is reached
 * @param now ms since 1970
 */
export async function issueServer(authority: Issued, names: readonly string[], now: number): Promise<Issued> {
  const keys = await newKeys();
  const issuer = new x509.X509Certificate(authority.certificate);
  const certificate = await x509.X509CertificateGenerator.create({
    serialNumber: serialNumber(),
    subject: [{ CN: [names[0]!.slice(0, 64)] }],
    issuer: issuer.subjectName,
    notBefore: new Date(now - EARLIER_MS),
    notAfter: new Date(Math.min(now + SERVER_MS, issuer.notAfter.getTime())),
    signingAlgorithm: ALGORITHM,
    publicKey: keys.publicKey,
    signingKey: await keyOf(authority.key),
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension(
        names.map((name) => ({ type: isIP(name) ? ('ip' as const) : ('dns' as const), value: name })),
      ),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      await x509.AuthorityKeyIdentifierExtension.create(issuer.publicKey),
    ],
  });
  return { certificate: certificate.toString('pem'), key: pemOf(keys.privateKey) };
}

/** What of a certificate decides whether it still serves. */
export interface CertificateFacts {
  names: string[];
  notAfter: number;
  /** SHA-256, in pairs, as devices show it. */
  fingerprint: string;
}

/** Read a certificate. */
export async function readCertificate(pem: string): Promise<CertificateFacts> {
  const certificate = new x509.X509Certificate(pem);
  const names = certificate.getExtension(x509.SubjectAlternativeNameExtension)?.names.items ?? [];
  const print = Buffer.from(await certificate.getThumbprint('SHA-256'))
    .toString('hex')
    .toUpperCase();
  return {
    names: names.map(({ value }) => value),
    notAfter: certificate.notAfter.getTime(),
    fingerprint: print.match(/../g)!.join(':'),
  };
}
