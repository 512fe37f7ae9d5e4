import { z } from 'zod';

/** Whether it is where a server answers, and nothing behind that. */
function isOrigin(text: string): boolean {
  if (!URL.canParse(text)) return false;
  const { origin, protocol } = new URL(text);
  return origin === text && /^https?:$/.test(protocol);
}

/** Where the application is, for a code on a printed page. */
export const address = z
  .string()
  .max(200, 'An address may have 200 characters at most.')
  .refine(isOrigin, 'Give the address of the server alone, such as http://panel.local:4710.')
  .optional()
  .describe('of the application, for the code that leads to a page of it');
