import { afterAll, describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { givenIdentity, ownHostNames, serverIdentity } from './index.ts';

const root = mkdtempSync(join(tmpdir(), 'phylaxon-certificates-'));
afterAll(() => rmSync(root, { recursive: true, force: true }));

const openssl = (...args: string[]) =>
  execFileSync('openssl', args, { encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] });
const NAMES = ['shed', 'shed.local', 'localhost', '192.168.7.20', '127.0.0.1', '::1'];
const DAY_MS = 86_400_000;

describe('a certificate of this server’s own', () => {
  test('openssl verifies the chain for every name and address; nobody else reads the keys', async () => {
    const folder = join(root, 'chain');
    const { cert, authority } = await serverIdentity(folder, NAMES, 'shed');
    const [chain, ca] = [join(root, 'chain.pem'), join(root, 'ca.pem')];
    writeFileSync(chain, cert);
    writeFileSync(ca, authority!.certificate);
    for (const name of NAMES) {
      const how = /^[\d.]+$|:/.test(name) ? '-verify_ip' : '-verify_hostname';
      expect(
        openssl('verify', '-x509_strict', '-purpose', 'sslserver', '-CAfile', ca, how, name, chain),
      ).toMatch(/: OK/);
    }
    expect(() => openssl('verify', '-CAfile', ca, '-verify_hostname', 'elsewhere.example', chain)).toThrow();
    const text = openssl('x509', '-in', chain, '-noout', '-text');
    expect(text).toContain('DNS:shed.local');
    expect(text).toContain('IP Address:192.168.7.20');
    const shown = openssl('x509', '-in', ca, '-noout', '-fingerprint', '-sha256');
    expect(shown.trim().split('=')[1]).toBe(authority!.fingerprint);
    for (const key of ['authority.key', 'server.key'])
      expect(statSync(join(folder, key)).mode & 0o077).toBe(0);
  });

  test('it is made anew with another name, and before it ends; the authority stays', async () => {
    const folder = join(root, 'renewed');
    const first = await serverIdentity(folder, NAMES, 'shed');
    expect((await serverIdentity(folder, NAMES, 'shed')).cert).toBe(first.cert);
    const named = await serverIdentity(folder, [...NAMES, '10.0.0.9'], 'shed');
    expect(named.cert).not.toBe(first.cert);
    expect(named.authority).toEqual(first.authority);
    const later = await serverIdentity(folder, NAMES, 'shed', Date.now() + 370 * DAY_MS);
    expect(later.cert).not.toBe(named.cert);
    expect(later.authority).toEqual(first.authority);
    const muchLater = await serverIdentity(folder, NAMES, 'shed', Date.now() + 3640 * DAY_MS);
    expect(muchLater.authority).not.toEqual(first.authority);
  });

  test('one that is given is taken as it is, or refused in one line', async () => {
    const folder = join(root, 'given');
    await serverIdentity(folder, NAMES, 'shed');
    const [certificate, key] = ['server.pem', 'server.key'].map((name) => join(folder, name)) as [
      string,
      string,
    ];
    expect(givenIdentity(certificate, key)).toEqual({
      cert: readFileSync(certificate, 'utf8'),
      key: readFileSync(key, 'utf8'),
      authority: null,
    });
    expect(() => givenIdentity(join(folder, 'none.pem'), key)).toThrow(/PHYLAXON_TLS_CERT/);
  });

  test('this machine’s names and addresses are in it', () => {
    const names = ownHostNames(['Barn.Example']);
    for (const name of ['localhost', '127.0.0.1', 'barn.example']) expect(names).toContain(name);
    expect(new Set(names).size).toBe(names.length);
  });
});
