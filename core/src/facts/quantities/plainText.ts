import * as messages from './messages.ts';

const TAB = 9;
const NEWLINE = 10;
const RETURN = 13;
const FIRST_PRINTED = 32;

/**
 * Whether a text can be stored and shown as it is: no control characters but line breaks and tabs, no halves of
 * a character.
 *
 * @param text any text
 * @returns whether it is
 * @example isPlainText('Kettle\n3 kW') // true
 * @example isPlainText('a\u0000b') // false
 */
export function isPlainText(text: string): boolean {
  for (const character of text) {
    const code = character.codePointAt(0)!;
    if (code < FIRST_PRINTED && code !== TAB && code !== NEWLINE && code !== RETURN) return false;
    if (code >= 0xd800 && code <= 0xdfff) return false;
  }
  return true;
}

export const NOT_PLAIN = messages.theTextContainsCharactersThat;
