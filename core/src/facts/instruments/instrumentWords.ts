import type { KnownInstrument } from './instruments.ts';

/** What an instrument is for, and what people take it for in error. */
export interface InstrumentWords {
  use: string;
  /** Measurement category that work in a panel asks for; null: it touches nothing live. */
  category: string | null;
  /** Whether its “dead” may be believed, once it was proved on a known live point before and after. */
  provesDead: boolean;
  heed: readonly string[];
}

const CATEGORY = 'CAT III, at least 600 V';

export const INSTRUMENT_WORDS: { readonly [I in KnownInstrument]: InstrumentWords } = {
  'contact-meter': {
    use: 'Measures voltage between two points, and verifies absence of voltage.',
    category: CATEGORY,
    provesDead: true,
    heed: [
      'Verify it on a known live source before and after.',
      'A high-impedance meter can read 5 to 60 V on a de-energized conductor beside an energized one. Measure again with the low-impedance setting before you trust that reading.',
    ],
  },
  'clamp-meter': {
    use: 'Measures the current in one conductor without touching metal.',
    category: CATEGORY,
    provesDead: false,
    heed: [
      'Zero the meter first. Readings under 0.5 A are not reliable.',
      'Clamp only one conductor: hot and neutral together cancel, and a coil of several turns multiplies the reading.',
    ],
  },
  'plug-in-meter': {
    use: 'Measures volts, amps and watts of one appliance, between its plug and the outlet.',
    category: null,
    provesDead: false,
    heed: ['A breaker responds to amps, so use volts times amps, not watts.'],
  },
  'spot-thermometer': {
    use: 'Measures the temperature of a surface from a hand’s width away.',
    category: null,
    provesDead: false,
    heed: [
      'Its spot grows with distance, to about one twelfth of it. For a breaker face, stay within 8 in (20 cm).',
      'Bare shiny metal reads too cold: aim at the insulation next to it, or at a piece of electrical tape.',
    ],
  },
  'thermal-camera': {
    use: 'Shows temperatures as an image, to find connections hotter than their neighbors.',
    category: null,
    provesDead: false,
    heed: [
      'Differences within one image are much more accurate than ± 2 °C (4 °F): compare neighbors in one image.',
      'Bare shiny metal reads too cold.',
    ],
  },
  'non-contact-tester': {
    use: 'Warns that something near its tip is energized.',
    category: CATEGORY,
    provesDead: false,
    heed: [
      'It can miss voltage: in shielded, dry or well-insulated conductors, or where two legs cancel. Never use it to verify absence of voltage.',
    ],
  },
  'insulation-tester': {
    use: 'Measures the insulation resistance of a de-energized circuit at 500 V, between every pair of conductors.',
    category: CATEGORY,
    provesDead: false,
    heed: [
      'Use it only on a circuit that is de-energized and verified, with loads and electronics disconnected and the neutral of a GFCI or AFCI breaker removed.',
    ],
  },
  'millivolt-meter': {
    use: 'Measures the voltage drop across a closed breaker under load, to compare with similar breakers.',
    category: CATEGORY,
    provesDead: false,
    heed: ['Measure the current at the same time: the voltage drop means nothing without it.'],
  },
};
