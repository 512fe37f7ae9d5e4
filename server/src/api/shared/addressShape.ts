import { z } from 'zod';
import * as messages from './messages.ts';

/** Whether it is where a server answers, and nothing behind that. */
function isOrigin(text: string): boolean {
  if (!URL.canParse(text)) return false;
  const { origin, protocol } = new URL(text);
  return origin === text && /^https?:$/.test(protocol);
}

/** Where the application is, for a code on a printed page. */
export const address = z
  .string()
  .max(200, messages.anAddressCanHaveAtMost)
  .refine(isOrigin, messages.enterOnlyTheServerAddressSuch)
  .optional()
  .describe('address of the application, for the QR code to one of its pages');
