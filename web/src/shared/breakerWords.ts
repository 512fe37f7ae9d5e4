import { legsOf } from '@phylaxon/core/panel';
import type { Breaker, BreakerKind } from '@phylaxon/core/record';

/** Kinds of breaker in words, and short as on the board. */
export const KIND_WORDS: Record<BreakerKind, string> = {
  standard: 'standard',
  gfci: 'ground-fault',
  afci: 'arc-fault',
  dual: 'ground- and arc-fault',
};
export const KIND_SHORT: Record<BreakerKind, string> = {
  standard: '',
  gfci: 'GF',
  afci: 'AF',
  dual: 'GF+AF',
};

type Placed = Pick<Breaker, 'space' | 'poles' | 'half'>;

/** Where a breaker sits: "Main", "4", "5–7", "19 upper". */
export function placeText({ space, poles, half }: Placed): string {
  if (space === null) return 'Main';
  if (poles === 2) return `${space}–${space + 2}`;
  return half === null ? String(space) : `${space} ${half}`;
}

/** What a breaker is, in a line. */
export function breakerText(breaker: Breaker): string {
  const legs =
    breaker.space === null ? 'both legs' : legWords({ space: breaker.space, poles: breaker.poles });
  const parts = [
    `${breaker.ratingAmps} A ${KIND_WORDS[breaker.kind]}`,
    breaker.poles === 2 ? 'two-pole' : breaker.half === null ? 'one-pole' : 'narrow',
    legs,
    breaker.family,
  ];
  return parts.filter(Boolean).join(' · ');
}

const legWords = (place: { space: number; poles: number }) => {
  const legs = legsOf(place);
  return legs.length === 2 ? 'both legs' : `leg ${legs[0]}`;
};
