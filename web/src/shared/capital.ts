/** Words as they begin a line. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Words that stand alone, within a sentence; what is spelled in capitals stays so. */
export const uncapital = (text: string): string =>
  /^[A-Z][a-z]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
