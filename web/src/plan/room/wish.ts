import type { Equipment, ProtectedPlace } from '@phylaxon/core/code/protectionByPlace';
import { LOAD_LIMITS } from '@phylaxon/core/facts/limits';
import { amps } from '@phylaxon/core/facts/quantities';
import type { BreakerKind } from '@phylaxon/core/panel/layout';
import { toNumber } from '../../shared/ui/index.ts';

/** What is wanted, as it was chosen. */
export interface Wish {
  title: string;
  poles: 1 | 2;
  ratingAmps: number;
  place: ProtectedPlace | '';
  equipment: Equipment | '';
  space: number | null;
  section: 'upper' | 'lower' | 'either';
  kind: BreakerKind | 'by-place';
  isInlet: boolean;
  /** It feeds the panel: it is no load. */
  isSource: boolean;
  /** Current of the load, as typed; empty: four fifths of the breaker. */
  amps: string;
  continuous: boolean;
}

/** A new circuit of which no load is entered is taken at this share of its breaker. */
export const USUAL_SHARE = LOAD_LIMITS.continuousShare;

/** The load of a wish, A; `null`: what was typed is no current. */
export function wishedAmps({ amps: typed, ratingAmps }: Pick<Wish, 'amps' | 'ratingAmps'>): number | null {
  const entered = toNumber(typed);
  if (entered === null) return USUAL_SHARE * ratingAmps;
  return amps.safeParse(entered).data ?? null;
}

/** The place and the equipment of a wish, as far as they were said. */
export const servedBy = ({
  place,
  equipment,
}: Pick<Wish, 'place' | 'equipment'>): (ProtectedPlace | Equipment)[] =>
  [place, equipment].filter((one) => one !== '');
