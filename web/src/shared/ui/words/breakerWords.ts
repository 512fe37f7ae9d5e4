import { legsOf, sayPlace, BREAKER_KIND_WORDS, type BreakerKind } from '@phylaxon/core/panel/layout';
import type { Breaker } from '@phylaxon/core/record/entities';

export { BREAKER_KIND_WORDS as KIND_WORDS };

/** Kinds of breaker, short as on the board. */
export const KIND_SHORT: Record<BreakerKind, string> = {
  standard: '',
  gfci: 'GF',
  afci: 'AF',
  dual: 'GF+AF',
  surge: 'surge',
};

/** Where a breaker sits: "Main", "4", "5–7", "19 upper", "5–7 inner". */
export const placeText = sayPlace;

/** What its width is, in words. */
export function sizeText({ poles, half }: Pick<Breaker, 'poles' | 'half'>): string {
  if (half === 'inner' || half === 'outer') return `two-pole, ${half} pair of a quad`;
  if (half !== null) return 'narrow';
  return poles === 2 ? 'two-pole' : 'one-pole';
}

/** What a breaker is, in a line. */
export function breakerText(breaker: Breaker): string {
  const legs =
    breaker.space === null ? 'both legs' : legWords({ space: breaker.space, poles: breaker.poles });
  const parts = [
    `${breaker.ratingAmps} A ${BREAKER_KIND_WORDS[breaker.kind]}`,
    sizeText(breaker),
    legs,
    breaker.tiedWith !== null && 'handle tie',
    breaker.family,
  ];
  return parts.filter(Boolean).join(' · ');
}

const legWords = (place: { space: number; poles: number }) => {
  const legs = legsOf(place);
  return legs.length === 2 ? 'both legs' : `leg ${legs[0]}`;
};
