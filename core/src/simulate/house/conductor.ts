import { AMPACITY, SMALL_CONDUCTOR_LIMIT_AMPS } from '../../facts/standards/index.ts';
import type { House } from './house.ts';

/** The largest breaker the subject’s conductor may have, A: the small-conductor limit, else its 60 °C ampacity. */
export const mayCarryAmps = ({ gauge }: House['subject']): number =>
  SMALL_CONDUCTOR_LIMIT_AMPS.copper[gauge] ?? AMPACITY.copper[gauge][60];
