/**
 * A text with a capital at its beginning.
 *
 * @param text words
 * @returns the same words
 * @example capital('space 7') // 'Space 7'
 */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/**
 * Words that stand alone, within a sentence; what is spelled in capitals stays so.
 *
 * @param text any text
 * @returns the same, with a small letter at its beginning
 * @example uncapital('Space 7') // 'space 7'
 * @example uncapital('GFCI breaker') // 'GFCI breaker'
 */
export const uncapital = (text: string): string =>
  /^[A-Z][a-z]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
