/**
 * A connection on the path of the power: sound, high-resistance, or open. Over a high-resistance connection the voltage
 * drops under load.
 */
export type ConnectionState = 'ok' | 'high' | 'open';

/** The two legs: the one that feeds the circuit in question, and the other. */
export interface Legs {
  own: ConnectionState;
  other: ConnectionState;
}

/** A switch on the path with its two poles, behind or ahead of others. */
export interface Switch extends Legs {
  isClosed: boolean;
}

/** Where the handle of the breaker really stands. `half`: it looks on, or one half does, and a pole is open. */
export type HandleState = 'on' | 'off' | 'tripped' | 'half';

/**
 * The path of the power, from the utility to the appliance, with the state of each part:
 * utility → service → main → bus → (feeder breaker → feeder conductors → sub-panel) → bus stab → contacts → terminal →
 * wiring → protected outlet → appliance, and back along the neutral.
 */
export interface PathState {
  /** Whether the utility supplies the street. */
  street: boolean;
  service: Legs & { neutral: ConnectionState };
  main: Switch;
  bus: Legs;
  /** The feeder to the sub-panel that the circuit is in; null: the circuit is in the main panel. */
  feeder: (Switch & { conductors: Legs & { neutral: ConnectionState }; bus: Legs }) | null;
  /** Which breaker is looked at and measured: the branch breaker, or the feeder breaker ahead of it. */
  subject: 'branch' | 'feeder';
  /** Where the supply legs are read: at the main, or at the lugs of the sub-panel. */
  supplyAt: 'main' | 'sub-panel';
  handle: HandleState;
  /** Whether the contacts were open when the voltages were read, though the fault would let them close. */
  isReadOpen: boolean;
  stab: Legs;
  contacts: Legs;
  terminal: ConnectionState;
  wiring: { hot: ConnectionState; neutral: ConnectionState; from: 'panel' | 'middle' | 'end' };
  /** A protected outlet on the way. */
  device: 'closed' | 'tripped';
  /** The appliance or lamp itself has failed. */
  applianceFailed: boolean;
  /** The outlet is fed by another breaker than the one looked at. */
  fedByOther: 'no' | 'energized' | 'open';
  /** The neutral that the circuit shares with another one. */
  sharedNeutral: ConnectionState;
}

const SOUND_LEGS: Legs = { own: 'ok', other: 'ok' };

/** A sound path in a main panel, with the breaker on. */
export const SOUND_PATH: PathState = {
  street: true,
  service: { ...SOUND_LEGS, neutral: 'ok' },
  main: { ...SOUND_LEGS, isClosed: true },
  bus: SOUND_LEGS,
  feeder: null,
  subject: 'branch',
  supplyAt: 'main',
  handle: 'on',
  isReadOpen: false,
  stab: SOUND_LEGS,
  contacts: SOUND_LEGS,
  terminal: 'ok',
  wiring: { hot: 'ok', neutral: 'ok', from: 'panel' },
  device: 'closed',
  applianceFailed: false,
  fedByOther: 'no',
  sharedNeutral: 'ok',
};

/** A sound feeder to a sub-panel. */
export const SOUND_FEEDER: NonNullable<PathState['feeder']> = {
  ...SOUND_LEGS,
  isClosed: true,
  conductors: { ...SOUND_LEGS, neutral: 'ok' },
  bus: SOUND_LEGS,
};

/** One place where the power may be interrupted, and how often it is that place. */
export interface FaultPlace {
  /** Share of the cause’s cases. */
  share: number;
  /** What differs from a sound path. */
  path: Partial<PathState>;
}

/**
 * A path with a fault.
 *
 * @param changes what differs from a sound path
 * @returns the whole path
 * @example pathWith({ handle: 'off' }).main.isClosed // true
 */
export const pathWith = (changes: Partial<PathState>): PathState => ({ ...SOUND_PATH, ...changes });
