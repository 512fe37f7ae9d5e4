/**
 * A text with a capital at its beginning.
 *
 * @param text words
 * @returns the same words
 * @example capital('space 7') // 'Space 7'
 */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
