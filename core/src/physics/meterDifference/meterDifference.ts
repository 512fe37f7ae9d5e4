import { sayQuantity } from '../../facts/quantities/index.ts';
import { METER_ERRORS, POWER_FACTORS } from './meterErrors.ts';
import {
  meterDifferenceInput,
  type MeterDifference,
  type MeterDifferenceInput,
  type MeterDifferenceQuestion,
} from './schema.ts';
import * as messages from './messages.ts';

const SECONDS_AN_HOUR = 3600;

/** A power with the standard deviation of its error, W. */
interface Measured {
  watts: number;
  sd: number;
}

/**
 * The power that a meter shows by its pulses or turns.
 *
 * @param wattHours of one pulse or turn, Wh
 * @param count pulses or turns
 * @param seconds from the first to the last, s
 * @returns W
 * @example meterWatts(1, 10, 30) // 1200
 */
export const meterWatts = (wattHours: number, count: number, seconds: number): number =>
  (SECONDS_AN_HOUR * wattHours * count) / seconds;

/** Each reading with its error: reaction at both marks of a count, or half a step of a display. */
function measured(question: MeterDifferenceQuestion): Measured[] {
  if (question.meter === 'display') {
    const sd = question.stepWatts / Math.sqrt(12);
    return question.readings.map(({ watts }) => ({ watts, sd }));
  }
  const { wattHours } = question;
  const mark = question.meter === 'disk' ? METER_ERRORS.diskMarkSeconds : METER_ERRORS.lampMarkSeconds;
  return question.readings.map(({ count, seconds }) => {
    const watts = meterWatts(wattHours, count, seconds);
    return { watts, sd: (watts * Math.SQRT2 * mark) / seconds };
  });
}

const sumOf = (list: readonly number[]) => list.reduce((all, one) => all + one, 0);

/** The mean of all readings with the circuit on, each less the mean of the two beside it. */
function differenceOf(all: readonly Measured[]): Measured {
  const on = all.filter((_, i) => i % 2 === 1);
  const off = all.filter((_, i) => i % 2 === 0);
  // The first and the last stand beside one reading with the circuit on, those between beside two.
  const weights = off.map((_, i) => (i === 0 || i === off.length - 1 ? 0.5 : 1) / on.length);
  const watts =
    sumOf(on.map((one) => one.watts)) / on.length - sumOf(off.map((one, i) => weights[i]! * one.watts));
  const variance =
    sumOf(on.map(({ sd }) => sd ** 2)) / on.length ** 2 +
    sumOf(off.map(({ sd }, i) => (weights[i]! * sd) ** 2)) +
    // What is always on in a house moves a little, in each reading by itself.
    METER_ERRORS.restlessWatts ** 2 * (1 / on.length + sumOf(weights.map((one) => one ** 2)));
  return { watts, sd: Math.sqrt(variance + (METER_ERRORS.meterShare * watts) ** 2) };
}

/** The largest change of the house without the circuit, and what it may be by the errors alone, W. */
function changeOfRest(all: readonly Measured[]) {
  const off = all.filter((_, i) => i % 2 === 0);
  const changes = off.slice(1).map((one, i) => ({
    watts: Math.abs(one.watts - off[i]!.watts),
    usual:
      METER_ERRORS.coverage * Math.sqrt(one.sd ** 2 + off[i]!.sd ** 2 + 2 * METER_ERRORS.restlessWatts ** 2),
  }));
  return {
    watts: Math.max(...changes.map(({ watts }) => watts)),
    isTooLarge: changes.some(({ watts, usual }) => watts > usual),
  };
}

/**
 * The current of a circuit that cannot be plugged into a meter, with the cover closed: what the utility meter shows with the
 * circuit on, less what it shows with it off. It is read off, on and off again, so that anything else that switches in the house
 * shows. The errors are of the marks that start and stop a count or of the display’s step, of the meter, of what is always
 * on, and of the power factor, which makes the current larger than power over voltage.
 *
 * @param input kind of meter; watt-hours of a pulse or turn (Wh) or the display’s step (W); readings in turns, off first; voltage of
 *   the circuit (V) and what it feeds
 * @returns power (W) and current (A) with their 95% ranges; not ok where the rest of the house changed or the difference is
 *   smaller than its error, with the reason
 * @throws ZodError where a figure is impossible, or the readings do not begin and end with the circuit off
 * @example
 * meterDifference({ meter: 'pulse', wattHours: 1, volts: 240, load: 'resistive', readings: [
 *   { count: 5, seconds: 60 }, { count: 80, seconds: 60 }, { count: 5, seconds: 60 }] }).amps // 18.75
 */
export function meterDifference(input: MeterDifferenceInput): MeterDifference {
  const question = meterDifferenceInput.parse(input);
  const all = measured(question);
  const { watts, sd } = differenceOf(all);
  const rest = changeOfRest(all);
  const errorWatts = METER_ERRORS.coverage * sd;
  const factor = POWER_FACTORS[question.load];
  const wattsRange = { low: Math.max(0, watts - errorWatts), high: Math.max(0, watts + errorWatts) };
  const inAmps = (power: number, powerFactor: number) => Math.max(0, power) / (question.volts * powerFactor);
  const reasons: MeterDifference['reasons'] = [];
  const inWatts = (value: number) => sayQuantity(value, 'W', 0);
  if (rest.isTooLarge)
    reasons.push({ code: 'rest-changed', text: messages.restChanged(inWatts(rest.watts)) });
  if (watts < -errorWatts) reasons.push({ code: 'negative', text: messages.negative });
  else if (watts < errorWatts)
    reasons.push({ code: 'below-error', text: messages.belowTheError(inWatts(errorWatts)) });
  return {
    ok: reasons.length === 0,
    ...{ watts, wattsRange, reasons },
    amps: inAmps(watts, factor.usual),
    ampsRange: { low: inAmps(wattsRange.low, factor.most), high: inAmps(wattsRange.high, factor.least) },
    restChangedWatts: rest.watts,
  };
}
