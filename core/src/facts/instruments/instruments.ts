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

/** What an instrument is for, what it reads, and what people take it for in error. */
export interface InstrumentFacts {
  name: string;
  use: string;
  reads: readonly Reads[];
  /** Measurement category that work in a panel asks for; null: it touches nothing live. */
  category: string | null;
  /** Whether its “dead” may be believed, once it was proved on a known live point before and after. */
  provesDead: boolean;
  heed: readonly string[];
}

const CATEGORY = 'CAT III, 600 V at least';

const reads = (
  quantity: Reads['quantity'],
  from: number,
  to: number,
  accuracy: Partial<Accuracy> & Pick<Accuracy, 'percent' | 'resolution'>,
): Reads => ({ digits: 0, least: 0, ...accuracy, quantity, from, to });

/** Figures usual for each kind of instrument; a person’s own may be better or worse, and can be set. */
export const INSTRUMENT_FACTS: { readonly [I in KnownInstrument]: InstrumentFacts } = {
  'contact-meter': {
    name: 'contact meter',
    use: 'Volts between two points that its probes touch; whether something is dead.',
    reads: [
      reads('voltage', 0, 600, { percent: 1, digits: 3, resolution: 0.1 }),
      reads('millivolts', 0, 600, { percent: 1, digits: 3, resolution: 0.1 }),
    ],
    category: CATEGORY,
    provesDead: true,
    heed: [
      'Prove it on a known live point before and after.',
      'A high-impedance meter shows 5 to 60 V on a dead conductor beside a live one: load it (low-impedance setting) before you believe that.',
    ],
  },
  'clamp-meter': {
    name: 'clamp meter',
    use: 'Amps in one conductor, without touching metal.',
    reads: [reads('current', 0.5, 400, { percent: 2, digits: 5, resolution: 0.1 })],
    category: CATEGORY,
    provesDead: false,
    heed: [
      'Zero it first. Below 0.5 A it reads next to nothing.',
      'One conductor only: hot and neutral together read nothing; a coil of several turns reads that many times too much.',
    ],
  },
  'plug-in-meter': {
    name: 'plug-in meter',
    use: 'Volts, amps and watts of one appliance, between its plug and the outlet.',
    reads: [
      reads('voltage', 90, 140, { percent: 1, resolution: 0.1 }),
      reads('current', 0, 15, { percent: 1, resolution: 0.01 }),
      reads('power', 0, 1800, { percent: 1, resolution: 0.1 }),
    ],
    category: null,
    provesDead: false,
    heed: ['The breaker feels amps: volts times amps counts, not watts.'],
  },
  'spot-thermometer': {
    name: 'spot thermometer',
    use: 'The temperature of a surface, from a hand’s width away.',
    reads: [reads('temperature', -30, 400, { percent: 2, resolution: 0.1, least: 2 })],
    category: null,
    provesDead: false,
    heed: [
      'Its spot grows with distance, about a twelfth of it: for a breaker’s face 20 cm (8 in) at most.',
      'Bare shiny metal reads falsely cold: take the insulation beside it, or a patch of tape.',
    ],
  },
  'thermal-camera': {
    name: 'thermal camera',
    use: 'A picture of temperatures: which joint is hotter than its neighbors.',
    reads: [reads('temperature', -20, 400, { percent: 2, resolution: 0.1, least: 2 })],
    category: null,
    provesDead: false,
    heed: [
      'Between its own cells it is far truer than ± 2 °C (4 °F): compare neighbors in one picture.',
      'Bare shiny metal reads falsely cold.',
    ],
  },
  'non-contact-tester': {
    name: 'non-contact tester',
    use: 'A warning that something near its tip is live.',
    reads: [],
    category: CATEGORY,
    provesDead: false,
    heed: [
      'It warns and proves nothing: shielded, dry or well insulated conductors, or two legs that cancel, stay silent.',
    ],
  },
  'insulation-tester': {
    name: 'insulation tester',
    use: 'Megohms of a dead circuit at 500 V, every pair of conductors.',
    reads: [],
    category: CATEGORY,
    provesDead: false,
    heed: [
      'Only on a circuit that is dead and proved dead, with loads and electronics off it, a protected unit’s neutral lifted.',
    ],
  },
  'millivolt-meter': {
    name: 'millivolt meter',
    use: 'Millivolts across a closed breaker under load, against breakers like it.',
    reads: [reads('millivolts', 0, 2000, { percent: 0.5, digits: 3, resolution: 0.1 })],
    category: CATEGORY,
    provesDead: false,
    heed: ['Read the current at the same moment: millivolts mean nothing without it.'],
  },
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
  return Math.max(least, (Math.abs(value) * percent) / 100 + digits * resolution);
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
  const found = INSTRUMENT_FACTS[instrument].reads.find((one) => one.quantity === quantity);
  return found ? errorBy(value, found) : null;
}

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
