import type { Trend } from '../../diagnosis/trends/index.ts';
import { sayPlace } from '../../panel/layout/index.ts';
import type { Breaker } from '../../record/entities/index.ts';

/**
 * Where something changes from year to year.
 *
 * @param trend of a breaker or of a leg
 * @param breakers of its panel, with what each feeds
 * @returns a few words
 * @example whereTrendIs({ breakerId: null, leg: 'A' }, []) // 'Leg A'
 */
export function whereTrendIs(
  { breakerId, leg }: Pick<Trend, 'breakerId' | 'leg'>,
  breakers: readonly { breaker: Pick<Breaker, 'id' | 'space' | 'poles' | 'half'>; label: string | null }[],
): string {
  const at = breakers.find(({ breaker }) => breaker.id === breakerId);
  if (!at) return `Leg ${leg}`;
  const { breaker, label } = at;
  return `${breaker.space === null ? 'The main' : `Space ${sayPlace(breaker)}`}${label === null ? '' : `, ${label}`}`;
}
