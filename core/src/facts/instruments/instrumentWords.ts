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

const CATEGORY = 'CAT III, 600 V at least';

export const INSTRUMENT_WORDS: { readonly [I in KnownInstrument]: InstrumentWords } = {
  'contact-meter': {
    use: 'Volts between two points that its probes touch; whether something is dead.',
    category: CATEGORY,
    provesDead: true,
    heed: [
      'Prove it on a known live point before and after.',
      'A high-impedance meter shows 5 to 60 V on a dead conductor beside a live one: load it (low-impedance setting) before you believe that.',
    ],
  },
  'clamp-meter': {
    use: 'Amps in one conductor, without touching metal.',
    category: CATEGORY,
    provesDead: false,
    heed: [
      'Zero it first. Below 0.5 A it reads next to nothing.',
      'One conductor only: hot and neutral together read nothing; a coil of several turns reads that many times too much.',
    ],
  },
  'plug-in-meter': {
    use: 'Volts, amps and watts of one appliance, between its plug and the outlet.',
    category: null,
    provesDead: false,
    heed: ['The breaker feels amps: volts times amps counts, not watts.'],
  },
  'spot-thermometer': {
    use: 'The temperature of a surface, from a hand’s width away.',
    category: null,
    provesDead: false,
    heed: [
      'Its spot grows with distance, about a twelfth of it: for a breaker’s face 20 cm (8 in) at most.',
      'Bare shiny metal reads falsely cold: take the insulation beside it, or a patch of tape.',
    ],
  },
  'thermal-camera': {
    use: 'A picture of temperatures: which joint is hotter than its neighbors.',
    category: null,
    provesDead: false,
    heed: [
      'Between its own cells it is far truer than ± 2 °C (4 °F): compare neighbors in one picture.',
      'Bare shiny metal reads falsely cold.',
    ],
  },
  'non-contact-tester': {
    use: 'A warning that something near its tip is live.',
    category: CATEGORY,
    provesDead: false,
    heed: [
      'It warns and proves nothing: shielded, dry or well insulated conductors, or two legs that cancel, stay silent.',
    ],
  },
  'insulation-tester': {
    use: 'Megohms of a dead circuit at 500 V, every pair of conductors.',
    category: CATEGORY,
    provesDead: false,
    heed: [
      'Only on a circuit that is dead and proved dead, with loads and electronics off it, a protected unit’s neutral lifted.',
    ],
  },
  'millivolt-meter': {
    use: 'Millivolts across a closed breaker under load, against breakers like it.',
    category: CATEGORY,
    provesDead: false,
    heed: ['Read the current at the same moment: millivolts mean nothing without it.'],
  },
};
