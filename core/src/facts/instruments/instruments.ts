import * as messages from './messages.ts';

/** What a reading may be taken with. */
export const INSTRUMENTS = [
  'unknown',
  'contact-meter',
  'clamp-meter',
  'plug-in-meter',
  'spot-thermometer',
  'thermal-camera',
  'non-contact-tester',
  'insulation-tester',
  'millivolt-meter',
] as const;
export type Instrument = (typeof INSTRUMENTS)[number];
export type KnownInstrument = Exclude<Instrument, 'unknown'>;

/** What each kind is called, within a sentence. */
export const INSTRUMENT_NAMES: { readonly [I in KnownInstrument]: string } = {
  'contact-meter': messages.contactMeter,
  'clamp-meter': messages.clampMeter,
  'plug-in-meter': messages.plugInMeter,
  'spot-thermometer': messages.infraredThermometer,
  'thermal-camera': messages.infraredCamera,
  'non-contact-tester': messages.nonContactTester,
  'insulation-tester': messages.insulationTester,
  'millivolt-meter': messages.millivoltMeter,
};

/** How truly something is read: ± (percent of the reading + so many digits of the resolution), and never less than `least`. */
export interface Accuracy {
  percent: number;
  digits: number;
  /** The last digit shown, in the unit of the reading. */
  resolution: number;
  /** In the unit of the reading. */
  least: number;
}

/** One quantity that an instrument reads. Units: V, A, W, °C, mV. */
export interface Reads extends Accuracy {
  quantity: 'voltage' | 'current' | 'power' | 'temperature' | 'millivolts';
  from: number;
  to: number;
}

const reads = (
  quantity: Reads['quantity'],
  from: number,
  to: number,
  accuracy: Partial<Accuracy> & Pick<Accuracy, 'percent' | 'resolution'>,
): Reads => ({ digits: 0, least: 0, ...accuracy, quantity, from, to });

/** What each kind reads, as truly as is usual for it; a person’s own may be better or worse, and can be set. */
export const INSTRUMENT_READS: { readonly [I in KnownInstrument]: readonly Reads[] } = {
  'contact-meter': [
    reads('voltage', 0, 600, { percent: 1, digits: 3, resolution: 0.1 }),
    reads('millivolts', 0, 600, { percent: 1, digits: 3, resolution: 0.1 }),
  ],
  'clamp-meter': [reads('current', 0.5, 400, { percent: 2, digits: 5, resolution: 0.1 })],
  'plug-in-meter': [
    reads('voltage', 90, 140, { percent: 1, resolution: 0.1 }),
    reads('current', 0, 15, { percent: 1, resolution: 0.01 }),
    reads('power', 0, 1800, { percent: 1, resolution: 0.1 }),
  ],
  'spot-thermometer': [reads('temperature', -30, 400, { percent: 2, resolution: 0.1, least: 2 })],
  'thermal-camera': [reads('temperature', -20, 400, { percent: 2, resolution: 0.1, least: 2 })],
  'non-contact-tester': [],
  'insulation-tester': [],
  'millivolt-meter': [reads('millivolts', 0, 2000, { percent: 0.5, digits: 3, resolution: 0.1 })],
};

/**
 * How far off a reading may be.
 *
 * @param value in the unit of the reading: V, A, W, °C or mV
 * @param accuracy percent of the reading, digits of the resolution, and the least it is
 * @returns ± in the same unit
 * @example errorBy(16.1, { percent: 2, digits: 0, resolution: 0.1, least: 0 }) // 0.322
 */
export function errorBy(value: number, { percent, digits, resolution, least }: Accuracy): number {
  const error = (Math.abs(value) * percent) / 100 + digits * resolution;
  // An error is good to a few digits: no more of them are kept.
  return Math.max(least, Number(error.toPrecision(6)));
}

/**
 * How far off a usual instrument of a kind may read.
 *
 * @param instrument its kind
 * @param quantity what is read
 * @param value in V, A, W, °C or mV
 * @returns ± in the same unit; `null`: nothing is known of the instrument, or it does not read that
 * @example usualError('contact-meter', 'voltage', 120) // 1.5
 */
export function usualError(
  instrument: Instrument,
  quantity: Reads['quantity'],
  value: number,
): number | null {
  if (instrument === 'unknown') return null;
  const found = INSTRUMENT_READS[instrument].find((one) => one.quantity === quantity);
  return found ? errorBy(value, found) : null;
}

/**
 * The last digit that an instrument of a kind shows.
 *
 * @param instrument its kind
 * @param quantity what is read
 * @returns in V, A, W, °C or mV; 0: it does not read that
 * @example resolutionOf('clamp-meter', 'current') // 0.1
 */
export const resolutionOf = (instrument: Instrument, quantity: Reads['quantity']): number =>
  instrument === 'unknown'
    ? 0
    : (INSTRUMENT_READS[instrument].find((one) => one.quantity === quantity)?.resolution ?? 0);

/**
 * The instrument a figure is usually taken with, where nobody says.
 *
 * @param quantity what is read
 * @param point where
 * @returns its kind
 * @example usualInstrument('current', 'conductor') // 'clamp-meter'
 */
export function usualInstrument(quantity: Reads['quantity'], point: string): KnownInstrument {
  if (quantity === 'temperature') return 'spot-thermometer';
  if (quantity === 'millivolts') return 'millivolt-meter';
  if (quantity === 'power' || point === 'plug' || point === 'outlet') return 'plug-in-meter';
  return quantity === 'current' ? 'clamp-meter' : 'contact-meter';
}
