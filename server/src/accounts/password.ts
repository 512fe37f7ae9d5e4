import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';
import { MOST_PASSWORD } from '@phylaxon/core/record/accounts';
import { FairQueue } from '../threads/index.ts';

const derive = promisify<string, Buffer, number, { N: number; r: number; p: number; maxmem: number }, Buffer>(
  scrypt,
);

/** What one try costs: 2^15 blocks of 1 kB, about a tenth of a second. */
const COST = { N: 2 ** 15, r: 8, p: 1 };
const MEMORY_BYTES = 64 * 1024 ** 2;
const SALT_BYTES = 16;
const HASH_BYTES = 32;

/** Each takes 32 MB while it is worked: a few at a time, and so many of one client’s may wait. */
const queue = new FairQueue(2, 40);

const hashOf = (password: string, salt: Buffer, cost: typeof COST) =>
  derive(password.normalize('NFC'), salt, HASH_BYTES, { ...cost, maxmem: MEMORY_BYTES });

/**
 * What is kept of a password: a salted hash, with what it cost (scrypt).
 *
 * @param client whose turn it is
 */
export async function hashPassword(password: string, client: string): Promise<string> {
  const salt = randomBytes(SALT_BYTES);
  const hash = await queue.run(client, () => hashOf(password, salt, COST));
  return ['scrypt', COST.N, COST.r, COST.p, salt.toString('base64'), hash.toString('base64')].join('$');
}

/** Fits no password: for names that nobody has, so that they take as long as others. */
const NOBODY = [
  'scrypt',
  COST.N,
  COST.r,
  COST.p,
  randomBytes(SALT_BYTES).toString('base64'),
  randomBytes(HASH_BYTES).toString('base64'),
].join('$');

/**
 * Whether a password fits what was kept of one, in the same time where there is none.
 *
 * @param kept `null`: there is no such account
 * @param client whose turn it is
 */
export async function fitsPassword(password: string, kept: string | null, client: string): Promise<boolean> {
  const [, n, r, p, salt, hash] = (kept ?? NOBODY).split('$') as [
    string,
    string,
    string,
    string,
    string,
    string,
  ];
  const expected = Buffer.from(hash, 'base64');
  // No password is longer: whatever is, is worked like any other, and does not fit.
  const isTooLong = [...password].length > MOST_PASSWORD;
  const found = await queue.run(client, () =>
    hashOf(isTooLong ? '' : password, Buffer.from(salt, 'base64'), {
      N: Number(n),
      r: Number(r),
      p: Number(p),
    }),
  );
  return timingSafeEqual(found, expected) && kept !== null && !isTooLong;
}
