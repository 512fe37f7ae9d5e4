import * as messages from './messages.ts';

/** Kinds of unit by what makes them open: heat and magnet alone, or electronics as well; and surge protection. */
export const BREAKER_KINDS = ['standard', 'gfci', 'afci', 'dual', 'surge'] as const;

export type BreakerKind = (typeof BREAKER_KINDS)[number];

/**
 * Whether a unit opens for leakage or arcs as well: it has a test button, and a neutral of its own.
 *
 * @param kind of the unit
 * @returns whether it does
 * @example isProtected('dual') // true
 */
export const isProtected = (kind: BreakerKind): boolean =>
  kind === 'gfci' || kind === 'afci' || kind === 'dual';

/** Kinds of breaker in words. */
export const BREAKER_KIND_WORDS: Record<BreakerKind, string> = {
  standard: 'standard',
  gfci: 'GFCI',
  afci: 'AFCI',
  dual: messages.gfciAndAfci,
  surge: messages.surgeProtectiveDevice,
};
