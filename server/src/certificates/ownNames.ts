import { hostname, networkInterfaces } from 'node:os';

/**
 * By which names and addresses this machine is reached.
 *
 * @param added further ones
 */
export function ownHostNames(added: readonly string[]): string[] {
  const machine = hostname().toLowerCase();
  const addresses = Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    // An address of the link alone has a zone, which no certificate can name.
    .filter(({ address }) => !address.startsWith('fe80:'))
    .map(({ address }) => address);
  const local = machine.includes('.') ? [machine] : [machine, `${machine}.local`];
  return [...new Set([...local, 'localhost', ...added.map((name) => name.toLowerCase()), ...addresses])];
}

/** The address that others on the house’s network reach this machine by; `null`: there is none. */
export function networkAddress(): string | null {
  const found = Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .find(({ family, internal }) => family === 'IPv4' && !internal);
  return found?.address ?? null;
}
