export { capital } from '@phylaxon/core/facts/quantities';

/** Words that stand alone, within a sentence; what is spelled in capitals stays so. */
export const uncapital = (text: string): string =>
  /^[A-Z][a-z]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
