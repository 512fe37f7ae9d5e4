import type { Gauge } from '../../facts/standards/index.ts';
import type { CauseId } from '../../facts/vocabulary/index.ts';

/** Something that can be switched on. */
export interface SimulatedAppliance {
  name: string;
  /** What it draws at its nominal voltage while it runs, A. */
  amps: number;
  /** The surge of a motor as it starts: times its running current, and how long, s. */
  surge: { times: number; seconds: number } | null;
  /** Wired in: it cannot be unplugged. */
  fixed: boolean;
  /** Which outlet it is at, the first being the nearest to the panel. */
  outlet: 0 | 1 | 2;
  /** Parallel to it: a short, or leakage to its case, Ω. */
  shortOhms: number;
  leakOhms: number;
  /** It is dead inside. */
  open: boolean;
}

export type HouseBreakerKind = 'standard' | 'gfci' | 'afci' | 'dual';

/** A breaker: a bimetal, a magnet, contacts, a latch, perhaps electronics; and its two joints. */
export interface HouseBreaker {
  kind: HouseBreakerKind;
  ratingAmps: number;
  poles: 1 | 2;
  ageYears: number;
  newlyFitted: boolean;
  /** Its bimetal at 25 °C, and where its magnet picks up, in ratings. */
  thresholdSquared: number;
  tauSeconds: number;
  pickup: number;
  /** Through each closed pole, Ω; `Infinity`: that pole no longer closes. */
  contactOhms: number[];
  /** It does not open, whatever its handle says. */
  welded: boolean;
  /** Heat and magnet no longer move it; its handle is stiff. */
  seized: boolean;
  /** How often it latches, 0 to 1, and whether it feels gritty. */
  latches: number;
  gritty: boolean;
  /** Trips for nothing, per hour. */
  nuisancePerHour: number;
  button: 'none' | 'works' | 'dead' | 'stays-out';
  /** Its neutral goes to another bar: it sees its whole load as leakage. */
  neutralElsewhere: boolean;
  indicator: boolean;
  listed: boolean;
  /** The joints to the bus and to its conductor, Ω. */
  stabOhms: number;
  screwOhms: number;
  /** A joint that makes and breaks: it sparks and flickers. */
  stabArcs: boolean;
  screwArcs: boolean;
  /** Two conductors under its screw. */
  shared: boolean;
  handle: 'on' | 'off' | 'tripped';
  /** How the handle looks to somebody who does not touch it. */
  looks: 'on' | 'middle' | 'off' | 'one-half-low';
  /** It was pushed back on without having been off: it is open all the same. */
  halfReset: boolean;
}

/** A branch circuit: its breaker, its run, and what is on it. */
export interface SimulatedCircuit {
  breaker: HouseBreaker;
  /** The bus each pole sits on. */
  legs: ('A' | 'B')[];
  gauge: Gauge;
  metres: number;
  appliances: SimulatedAppliance[];
  /** Joints before each of the three outlets, Ω: in the hot conductor and in the neutral. */
  hotJointOhms: number[];
  neutralJointOhms: number[];
  /** Its neutral on the bar, Ω. */
  barOhms: number;
  /** A short in fixed wiring, Ω, and leakage to ground when dry and when wet. */
  shortOhms: number;
  dryLeakOhms: number;
  wetLeakOhms: number;
  /** Neutral touching ground past the breaker, Ω. */
  neutralGroundOhms: number;
  /** How often a loose joint past the breaker arcs while current flows, per minute. */
  arcsPerMinute: number;
  /** A protected outlet before the second outlet. */
  device: 'none' | 'closed' | 'open';
}

/** A house with its supply, its panel and the circuit that is complained of. */
export interface House {
  /** Half of the transformer’s voltage, V. */
  emf: number;
  /** Service conductors and their joints up to the main, Ω. */
  supplyOhms: { A: number; B: number; neutral: number };
  /** Through each pole of the main; lugs and bus bars behind it, Ω. */
  mainOhms: { A: number; B: number };
  busOhms: { A: number; B: number };
  busArcs: boolean;
  mainWelded: boolean;
  /** A feeder breaker to the sub-panel that the circuit sits in; `null`: it sits in the main panel. */
  feeder: { closed: boolean } | null;
  mainClosed: boolean;
  /** The subject’s outlets hang on another breaker than the directory says, which is on or has opened. */
  fedByOther: 'on' | 'open' | null;
  /** Another source feeds in behind the main, or into the circuit. */
  backfeed: 'panel' | 'circuit' | null;
  /** The circuit that is complained of. */
  subject: SimulatedCircuit;
  /** The others: what each draws as a rule. The first sits on the other leg beside the subject. */
  others: { leg: 'A' | 'B'; amps: number; dead: boolean }[];
  /** What runs on 240 V elsewhere in the house, A. */
  acrossAmps: number;
  /** The first of the others shares the subject’s neutral. */
  sharesNeutral: boolean;
  airC: number;
  /** How much warmer the air around the panel gets on a hot day, K. */
  hotDayC: number;
  water: 'dry' | 'rust' | 'wet';
  streetDark: boolean;
  ageYears: number;
  familyWithdrawn: boolean;
  recent: 'none' | 'new-appliance' | 'new-wiring-or-breaker' | 'digging-or-drilling';
  cause: CauseId | 'none';
}

/** What is so at a moment: what is switched on, and the weather. */
export interface SimulatedMoment {
  /** Names of the appliances of the subject that are on; motors that are just starting. */
  on: ReadonlySet<string>;
  starting: ReadonlySet<string>;
  wet: boolean;
  hot: boolean;
}

export const NOTHING_ON: SimulatedMoment = { on: new Set(), starting: new Set(), wet: false, hot: false };
