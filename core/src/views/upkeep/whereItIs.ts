import type { Trend } from '../../diagnosis/trends/index.ts';
import { capital } from '../../facts/quantities/index.ts';
import { atPlace } from '../../panel/layout/index.ts';
import type { Breaker } from '../../record/entities/index.ts';
import * as messages from './messages.ts';

interface Named {
  breaker: Pick<Breaker, 'space' | 'poles' | 'half'>;
  label: string | null;
}

/**
 * Where a breaker sits and what it feeds, as a heading.
 *
 * @param entry the breaker with the name of its circuit
 * @returns a few words
 * @example whereItIs({ breaker: { space: 7, poles: 1, half: null }, label: 'Hall' }) // 'Space 7, Hall'
 */
export const whereItIs = ({ breaker, label }: Named): string =>
  capital(atPlace(breaker)) + (label === null ? '' : `, ${label}`);

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
  breakers: readonly (Named & { breaker: Pick<Breaker, 'id'> })[],
): string {
  const at = breakers.find(({ breaker }) => breaker.id === breakerId);
  return at ? whereItIs(at) : messages.leg(leg);
}
