import type { OutcomeOf, TestId } from '../../facts/vocabulary/index.ts';
import type { ConnectionState, HandleState, Legs, PathState } from './pathState.ts';

/** Tests that read the path of the power. */
export const PATH_TESTS = [
  'power-loss-extent',
  'handle-position',
  'handle-finger-test',
  'trip-indicator',
  'downstream-device',
  'upstream-breaker',
  'outlet-voltage',
  'load-terminal-voltage',
  'line-side-voltage',
  'main-load-side-voltage',
  'neighbours-power',
] as const satisfies readonly TestId[];
export type PathTest = (typeof PATH_TESTS)[number];

/** What is known of the breaker and of what was done with it when the path is read. */
export interface ReadingContext {
  poles: 1 | 2 | null;
  /** Whether a reset was done, and held, before the voltages were read; null: nobody tried. */
  resetHeld: boolean | null;
  /** Whether the handle was pushed fully off and on; null: nobody said. */
  resetComplete: boolean | null;
}

/** Probabilities of the outcomes of one test; outcomes left out have none. */
export type ReadingOdds<T extends TestId> = Partial<Record<OutcomeOf<T>, number>>;

/** Probabilities of a voltage at one point: dead, low, normal, high. */
interface Volts {
  zero: number;
  low: number;
  normal: number;
  high: number;
}
const DEAD: Volts = { zero: 1, low: 0, normal: 0, high: 0 };
const NORMAL: Volts = { zero: 0, low: 0, normal: 1, high: 0 };
/** Over a high-resistance connection the voltage is low under load, and normal without. */
const DROPPED: Volts = { zero: 0.1, low: 0.55, normal: 0.35, high: 0 };
/** A dead leg reads nothing, or what comes back through an appliance between the legs. */
const BACK_THROUGH_APPLIANCES: Volts = { zero: 0.68, low: 0.3, normal: 0.02, high: 0 };
/** A dead pole of a pair reads nothing, or its other pole through the appliance on it. */
const THROUGH_OWN_APPLIANCE: Volts = { zero: 0.62, low: 0.13, normal: 0.25, high: 0 };
/** With the service neutral open, each leg takes its share of the whole by its load. */
const BY_LOAD: Volts = { zero: 0.01, low: 0.42, normal: 0.14, high: 0.43 };
/** With the neutral of the branch or the feeder open, a meter from hot to neutral reads little or nothing. */
const NO_RETURN: Volts = { zero: 0.8, low: 0.16, normal: 0.04, high: 0 };

const worst = (...connections: readonly ConnectionState[]): ConnectionState =>
  connections.includes('open') ? 'open' : connections.includes('high') ? 'high' : 'ok';

const LEGS = ['own', 'other'] as const;
type Leg = (typeof LEGS)[number];

/** Connections of one leg from the utility to a point. */
const legTo = (
  path: PathState,
  leg: Leg,
  point: 'service' | 'main' | 'bus' | 'feeder' | 'lugs' | 'panel',
): ConnectionState => {
  const { service, main, bus, feeder, street } = path;
  const supply = street ? service[leg] : 'open';
  if (point === 'service') return supply;
  const afterMain = worst(supply, main.isClosed ? main[leg] : 'open');
  if (point === 'main') return afterMain;
  const onBus = worst(afterMain, bus[leg]);
  if (point === 'bus' || feeder === null) return onBus;
  const afterFeeder = worst(onBus, feeder.isClosed ? feeder[leg] : 'open');
  if (point === 'feeder') return afterFeeder;
  const atLugs = worst(afterFeeder, feeder.conductors[leg]);
  return point === 'lugs' ? atLugs : worst(atLugs, feeder.bus[leg]);
};

/** Whether a leg is dead for good, with the other one alive to come back through an appliance. */
const comesBack = (path: PathState, leg: Leg, point: Parameters<typeof legTo>[2]): boolean =>
  legTo(path, leg, point) === 'open' &&
  legTo(path, leg === 'own' ? 'other' : 'own', point) !== 'open' &&
  // An appliance between the legs hangs on the same side of the break.
  path.street;

function voltsOf(path: PathState, leg: Leg, point: Parameters<typeof legTo>[2]): Volts {
  const connection = legTo(path, leg, point);
  if (connection === 'open') return comesBack(path, leg, point) ? BACK_THROUGH_APPLIANCES : DEAD;
  if (path.service.neutral !== 'ok') return BY_LOAD;
  const neutral = point === 'panel' && path.feeder ? path.feeder.conductors.neutral : 'ok';
  if (neutral === 'open') return BY_LOAD;
  return connection === 'high' || neutral === 'high' ? DROPPED : NORMAL;
}

/**
 * How often the contacts are closed when the voltages are read. A load terminal is read on a breaker that was reset and is
 * on; one that did not hold, or only looks on, is read open.
 *
 * @param handle where the handle really stands
 * @param context what was done before
 * @returns share, 0 to 1
 * @example closedShare('on', { poles: 1, resetHeld: null, resetComplete: null }) // 1
 */
export function closedShare(handle: HandleState, { resetHeld, resetComplete }: ReadingContext): number {
  if (handle === 'on') return 1;
  if (resetHeld === true) return resetComplete === false ? 0.5 : 0.96;
  if (resetHeld === false) return 0.06;
  if (resetComplete === false) return 0.1;
  return { off: 0.5, tripped: 0.6, half: 0.2 }[handle];
}

/** Volts on one leg past the breaker that is looked at. */
function atTerminal(path: PathState, leg: Leg, context: ReadingContext): Volts {
  if (path.subject === 'feeder') return voltsOf(path, leg, 'feeder');
  const through = worst(path.stab[leg], path.contacts[leg]);
  if (through === 'open') {
    const pair = leg === 'own' ? 'other' : 'own';
    const isFedBack = context.poles === 2 && worst(path.stab[pair], path.contacts[pair]) !== 'open';
    return isFedBack && path.handle === 'on' ? THROUGH_OWN_APPLIANCE : DEAD;
  }
  const before = voltsOf(path, leg, 'panel');
  const after = through === 'high' ? worstVolts(before) : before;
  // One half of a pair may stand closed.
  return path.isReadOpen && !(path.handle === 'half' && leg === 'other') ? DEAD : after;
}

/** The same point read over a high-resistance connection. */
const worstVolts = ({ zero, low, normal, high }: Volts): Volts => ({
  zero: zero + DROPPED.zero * normal,
  low: low + high + DROPPED.low * normal,
  normal: DROPPED.normal * normal,
  high: 0,
});

function loadTerminal(path: PathState, context: ReadingContext): ReadingOdds<'load-terminal-voltage'> {
  const own = atTerminal(path, 'own', context);
  const ofOne = { normal: own.normal + own.high, low: own.low, zero: own.zero };
  const poles = path.subject === 'feeder' ? 2 : context.poles;
  if (poles === 1) return ofOne;
  const other = atTerminal(path, 'other', context);
  const alive = (volts: Volts) => 1 - volts.zero;
  // One handle moves both poles: they are open together, unless a pole is.
  const bothZero = Math.min(own.zero, other.zero);
  const oneZero = own.zero + other.zero - 2 * bothZero;
  const bothAlive = 1 - bothZero - oneZero;
  const low = Math.max(own.low / Math.max(1e-9, alive(own)), other.low / Math.max(1e-9, alive(other)));
  const ofTwo = {
    zero: bothZero,
    'one-pole-zero': oneZero,
    low: bothAlive * Math.min(1, low),
    normal: bothAlive * (1 - Math.min(1, low)),
  };
  if (poles === 2) return ofTwo;
  return {
    zero: TWO_POLES * ofTwo.zero + (1 - TWO_POLES) * ofOne.zero,
    'one-pole-zero': TWO_POLES * ofTwo['one-pole-zero'],
    low: TWO_POLES * ofTwo.low + (1 - TWO_POLES) * ofOne.low,
    normal: TWO_POLES * ofTwo.normal + (1 - TWO_POLES) * ofOne.normal,
  };
}
/** How often a breaker has two poles, where nobody said. */
const TWO_POLES = 0.25;

function outlet(path: PathState, context: ReadingContext): ReadingOdds<'outlet-voltage'> {
  const { wiring, device, fedByOther, terminal, sharedNeutral } = path;
  if (fedByOther !== 'no') return fedByOther === 'energized' ? NORMAL : DEAD;
  if (sharedNeutral === 'open') return { zero: 0.05, low: 0.27, normal: 0.08, high: 0.6 };
  const hot = worst(terminal, wiring.hot);
  if (hot === 'open' || device === 'tripped') return { zero: 0.95, low: 0.03, normal: 0.02 };
  if (wiring.neutral === 'open') return NO_RETURN;
  const before = path.subject === 'feeder' ? voltsOf(path, 'own', 'panel') : atTerminal(path, 'own', context);
  const own = before;
  return hot === 'high' || wiring.neutral === 'high' || sharedNeutral === 'high' ? worstVolts(own) : own;
}

function lineSide(path: PathState): ReadingOdds<'line-side-voltage'> {
  const point = path.supplyAt === 'sub-panel' ? 'lugs' : 'service';
  const neutral =
    path.supplyAt === 'sub-panel' && path.feeder
      ? worst(path.service.neutral, path.feeder.conductors.neutral)
      : path.service.neutral;
  const dead = LEGS.filter((leg) => legTo(path, leg, point) === 'open').length;
  if (dead === 2) return { 'both-missing': 1 };
  if (dead === 1) return { 'one-leg-missing': 0.97, 'legs-unequal': 0.03 };
  if (neutral === 'open') return { 'legs-unequal': 0.9, 'both-legs-normal': 0.1 };
  if (neutral === 'high') return { 'legs-unequal': 0.7, 'both-legs-normal': 0.3 };
  const high = LEGS.some((leg) => legTo(path, leg, point) === 'high');
  return high
    ? { 'legs-unequal': 0.35, 'both-legs-normal': 0.5, 'one-leg-missing': 0.15 }
    : { 'both-legs-normal': 1 };
}

function mainLoadSide(path: PathState): ReadingOdds<'main-load-side-voltage'> {
  const dead = LEGS.filter((leg) => legTo(path, leg, 'main') === 'open').length;
  return dead === 2 ? { 'both-missing': 1 } : dead === 1 ? { 'one-missing': 1 } : { 'both-normal': 1 };
}

/** What is dead, by the widest part of the path that is interrupted. */
function extent(path: PathState, { resetHeld }: ReadingContext): ReadingOdds<'power-loss-extent'> {
  const { feeder, stab, contacts, wiring, handle } = path;
  const dead = (point: Parameters<typeof legTo>[2]) =>
    LEGS.filter((leg) => legTo(path, leg, point) === 'open').length;
  if (dead('main') === 2) return { 'whole-house': 0.95, 'half-the-house': 0.02, 'several-circuits': 0.02 };
  if (dead('main') === 1) return { 'half-the-house': 0.84, 'several-circuits': 0.13, 'one-circuit': 0.02 };
  if (dead('bus') > 0) return { 'half-the-house': 0.6, 'several-circuits': 0.35, 'one-circuit': 0.05 };
  if (feeder && dead('panel') === 2)
    return { 'several-circuits': 0.82, 'whole-house': 0.06, 'one-circuit': 0.08, 'half-the-house': 0.04 };
  if (feeder && dead('panel') === 1)
    return { 'several-circuits': 0.72, 'half-the-house': 0.14, 'one-circuit': 0.12 };
  if (path.service.neutral !== 'ok' || feeder?.conductors.neutral === 'open')
    return { none: 0.72, 'several-circuits': 0.17, 'half-the-house': 0.06, 'one-device': 0.04 };
  if (path.sharedNeutral !== 'ok')
    return { none: 0.55, 'several-circuits': 0.17, 'one-circuit': 0.22, 'part-of-one-circuit': 0.06 };
  if (path.fedByOther === 'open') return { 'one-circuit': 0.85, 'part-of-one-circuit': 0.12, none: 0.03 };
  const broken = (legs: Legs) => legs.own === 'open';
  if (broken(stab) || broken(contacts) || path.terminal === 'open')
    return { 'one-circuit': 0.95, 'one-device': 0.04, 'several-circuits': 0.01 };
  if (handle !== 'on') {
    // Who has reset it before anybody asked finds nothing dead.
    const back = resetHeld === true ? 0.12 : 0.05;
    return {
      'one-circuit': 0.92 - back,
      'one-device': 0.03,
      'part-of-one-circuit': 0.03,
      'several-circuits': 0.005,
      none: back,
    };
  }
  if (path.device === 'tripped')
    return { 'part-of-one-circuit': 0.8, 'one-device': 0.08, 'one-circuit': 0.12 };
  if (wiring.hot === 'open' || wiring.neutral === 'open')
    return {
      panel: { 'one-circuit': 0.82, 'part-of-one-circuit': 0.16, 'one-device': 0.02 },
      middle: { 'part-of-one-circuit': 0.86, 'one-circuit': 0.12, 'one-device': 0.02 },
      end: { 'part-of-one-circuit': 0.5, 'one-device': 0.46, 'one-circuit': 0.04 },
    }[wiring.from];
  if (path.applianceFailed) return { 'one-device': 0.92, 'part-of-one-circuit': 0.06, none: 0.02 };
  return { none: 0.95, 'one-circuit': 0.03, 'one-device': 0.02 };
}

/** The handle that is looked at, as it really stands. */
const handleOf = (path: PathState): PathState['handle'] =>
  path.subject === 'feeder' ? (path.feeder?.isClosed === false ? 'tripped' : 'on') : path.handle;

function handlePosition(path: PathState, { poles }: ReadingContext): ReadingOdds<'handle-position'> {
  const low = poles === 1 ? 0 : 0.02;
  switch (handleOf(path)) {
    case 'on':
      return { on: 0.985, middle: 0.005, off: 0.01 };
    case 'off':
      return { off: 0.95, middle: 0.03, on: 0.02 };
    case 'tripped':
      return { middle: 0.7 - low, off: 0.16, on: 0.14, 'one-half-low': low };
    case 'half':
      return {
        on: 0.44,
        middle: 0.3,
        off: 0.05,
        'one-half-low': poles === 1 ? 0.001 : poles === 2 ? 0.35 : 0.2,
      };
  }
}

function fingerTest(path: PathState): ReadingOdds<'handle-finger-test'> {
  return {
    on: { firm: 0.975, gives: 0.025 },
    off: { firm: 0.8, gives: 0.2 },
    tripped: { gives: 0.9, firm: 0.1 },
    half: { gives: 0.93, firm: 0.07 },
  }[handleOf(path)];
}

function indicator(path: PathState): ReadingOdds<'trip-indicator'> {
  const state = handleOf(path);
  return state === 'tripped' || state === 'half'
    ? { shown: 0.46, 'not-shown': 0.05, 'no-indicator': 0.49 }
    : { shown: 0.015, 'not-shown': 0.485, 'no-indicator': 0.5 };
}

const downstream = ({ device }: PathState): ReadingOdds<'downstream-device'> =>
  device === 'tripped'
    ? { tripped: 0.95, 'not-tripped': 0.03, 'none-found': 0.02 }
    : { tripped: 0.015, 'not-tripped': 0.535, 'none-found': 0.45 };

const upstream = ({ main, feeder }: PathState): ReadingOdds<'upstream-breaker'> =>
  main.isClosed && (feeder === null || feeder.isClosed)
    ? { on: 0.98, 'tripped-or-off': 0.02 }
    : { on: 0.03, 'tripped-or-off': 0.97 };

const neighbours = ({ street }: PathState): ReadingOdds<'neighbours-power'> =>
  street ? { on: 0.98, 'off-too': 0.02 } : { on: 0.03, 'off-too': 0.97 };

const READERS: { readonly [T in PathTest]: (path: PathState, context: ReadingContext) => ReadingOdds<T> } = {
  'power-loss-extent': extent,
  'handle-position': handlePosition,
  'handle-finger-test': fingerTest,
  'trip-indicator': indicator,
  'downstream-device': downstream,
  'upstream-breaker': upstream,
  'outlet-voltage': outlet,
  'load-terminal-voltage': loadTerminal,
  'line-side-voltage': lineSide,
  'main-load-side-voltage': mainLoadSide,
  'neighbours-power': neighbours,
};

/**
 * What a test shows with the path in a certain state.
 *
 * @param test a test that reads the path
 * @param path the state of every part of the path
 * @param context poles of the breaker, and whether it was reset before
 * @returns probability of each outcome
 * @example readPath('neighbours-power', SOUND_PATH, { poles: 1, resetHeld: null }).on // 0.98
 */
export const readPath = <T extends PathTest>(
  test: T,
  path: PathState,
  context: ReadingContext,
): ReadingOdds<T> => READERS[test](path, context);

/**
 * Whether the power comes back when the breaker is reset all the way.
 *
 * @param path the state of every part of the path
 * @returns false where something else on the path is open
 * @example comesBackByReset(SOUND_PATH) // true
 */
export const comesBackByReset = (path: PathState): boolean => {
  const { stab, contacts, terminal, wiring, device, applianceFailed, fedByOther } = path;
  return (
    legTo(path, 'own', 'panel') !== 'open' &&
    stab.own !== 'open' &&
    contacts.own !== 'open' &&
    terminal !== 'open' &&
    wiring.hot !== 'open' &&
    wiring.neutral !== 'open' &&
    device === 'closed' &&
    !applianceFailed &&
    fedByOther !== 'open'
  );
};

/**
 * Whether the supply reaches the breaker at all.
 *
 * @param path the state of every part of the path
 * @returns false where the path is open ahead of the breaker
 * @example isEnergized(SOUND_PATH) // true
 */
export const isEnergized = (path: PathState): boolean => legTo(path, 'own', 'panel') !== 'open';
