import { createHash, randomBytes, randomInt, timingSafeEqual } from 'node:crypto';

/** 256 random bits, as text for a cookie or an address. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** What is kept of a token: it is random, so a plain hash gives nothing away. */
export const tokenHash = (token: string): string => createHash('sha256').update(token).digest('hex');

/** Letters and digits that are not taken for each other when they are read aloud. */
const CODE_CHARACTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
const CODE_LENGTH = 12;

/** A code to be typed once, from the server’s console. */
export const newSetupCode = (): string =>
  Array.from({ length: CODE_LENGTH }, () => CODE_CHARACTERS[randomInt(CODE_CHARACTERS.length)]).join('');

/** Whether two secrets are the same, in a time that does not tell how much of them is. */
export const isSameSecret = (a: string, b: string): boolean =>
  timingSafeEqual(Buffer.from(tokenHash(a)), Buffer.from(tokenHash(b)));
