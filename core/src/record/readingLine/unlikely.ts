import { LOAD_LIMITS, VOLTAGE_LIMITS } from '../../facts/limits/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import { QUANTITY_UNITS, type Reading } from '../entities/index.ts';
import type { LineReading } from './schema.ts';
import * as messages from './messages.ts';

/** Of a volt-meter at a dwelling’s panel: no more than this from one leg to neutral, or from leg to leg, V. */
const MOST_VOLTS = VOLTAGE_LIMITS.likelyMost;
const MOST_ACROSS = VOLTAGE_LIMITS.likelyMostAcross;
/** A breaker long open on such a current, in ratings. */
const MOST_RATINGS = LOAD_LIMITS.likelyMostRatings;
/** So far from what was read there before, a decimal point may have slipped. */
const TIMES = 6;

type Before = Pick<Reading, 'quantity' | 'point' | 'value'>;

/**
 * Why a figure is out of all likelihood, though hardware can show it: it is asked back once before it is stored.
 *
 * @param reading as it was understood
 * @param ratingAmps of its breaker, A
 * @param before what was read at this breaker before, V, A, °C, W or mV
 * @returns a sentence; `null`: it is likely enough
 * @example unlikely({ quantity: 'current', point: 'conductor', value: 1.31 }, 20, [{ quantity: 'current', point: 'conductor', value: 13 }])
 *   // '1.3 A, where 13 A was read before. Has a decimal point slipped?'
 */
export function unlikely(
  { quantity, point, value }: Pick<LineReading, 'quantity' | 'point' | 'value'>,
  ratingAmps: number,
  before: readonly Before[],
): string | null {
  const unit = QUANTITY_UNITS[quantity];
  const shown = sayQuantity(value, unit, 2);
  if (quantity === 'voltage') {
    const most = point === 'legs' || point === 'outlet' ? MOST_ACROSS : MOST_VOLTS;
    if (value > most) return messages.isMoreThanThisSupplyCan(shown);
  }
  if (quantity === 'current' && value > ratingAmps * MOST_RATINGS)
    return messages.isTheRatingABreakerWould(
      shown,
      sayQuantity(value / ratingAmps, 'times', 1),
      sayQuantity(ratingAmps, 'A'),
    );
  if (quantity === 'temperature' && value > 150) return messages.nothingInAPanelSurvivesDid(shown);
  if (quantity !== 'current' && quantity !== 'millivolts') return null;
  const usual = before.filter((one) => one.quantity === quantity && one.point === point && one.value > 0);
  if (usual.length === 0 || value === 0) return null;
  const off = Math.min(...usual.map((one) => Math.max(value / one.value, one.value / value)));
  // An idle circuit draws little: only what looks like the same digits with another point is asked back.
  const slipped = usual.some((one) =>
    [10, 100].some((by) => near(value * by, one.value) || near(value / by, one.value)),
  );
  if (off < TIMES || !slipped) return null;
  const last = usual.at(-1)!;
  return messages.theReadingBeforeWasCheckThe(shown, sayQuantity(last.value, unit, 2));
}

/** Alike within a quarter. */
const near = (a: number, b: number) => Math.abs(a - b) <= 0.25 * Math.max(a, b);
