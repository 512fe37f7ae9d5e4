import type { PathState } from './pathState.ts';
import {
  comesBack,
  SUPPLY_LEGS,
  legTo,
  worst,
  type SupplyLeg,
  type ReadingContext,
  type ReadingOdds,
} from './readingContext.ts';

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

function voltsOf(path: PathState, leg: SupplyLeg, point: Parameters<typeof legTo>[2]): Volts {
  const connection = legTo(path, leg, point);
  if (connection === 'open') return comesBack(path, leg, point) ? BACK_THROUGH_APPLIANCES : DEAD;
  if (path.service.neutral !== 'ok') return BY_LOAD;
  const neutral = point === 'panel' && path.feeder ? path.feeder.conductors.neutral : 'ok';
  if (neutral === 'open') return BY_LOAD;
  return connection === 'high' || neutral === 'high' ? DROPPED : NORMAL;
}

/** Volts on one leg past the breaker that is looked at. */
function atTerminal(path: PathState, leg: SupplyLeg, context: ReadingContext): Volts {
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

export function loadTerminal(path: PathState, context: ReadingContext): ReadingOdds<'load-terminal-voltage'> {
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

export function outlet(path: PathState, context: ReadingContext): ReadingOdds<'outlet-voltage'> {
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

export function lineSide(path: PathState): ReadingOdds<'line-side-voltage'> {
  const point = path.supplyAt === 'sub-panel' ? 'lugs' : 'service';
  const neutral =
    path.supplyAt === 'sub-panel' && path.feeder
      ? worst(path.service.neutral, path.feeder.conductors.neutral)
      : path.service.neutral;
  const dead = SUPPLY_LEGS.filter((leg) => legTo(path, leg, point) === 'open').length;
  if (dead === 2) return { 'both-missing': 1 };
  if (dead === 1) return { 'one-leg-missing': 0.97, 'legs-unequal': 0.03 };
  if (neutral === 'open') return { 'legs-unequal': 0.9, 'both-legs-normal': 0.1 };
  if (neutral === 'high') return { 'legs-unequal': 0.7, 'both-legs-normal': 0.3 };
  const high = SUPPLY_LEGS.some((leg) => legTo(path, leg, point) === 'high');
  return high
    ? { 'legs-unequal': 0.35, 'both-legs-normal': 0.5, 'one-leg-missing': 0.15 }
    : { 'both-legs-normal': 1 };
}

export function mainLoadSide(path: PathState): ReadingOdds<'main-load-side-voltage'> {
  const dead = SUPPLY_LEGS.filter((leg) => legTo(path, leg, 'main') === 'open').length;
  return dead === 2 ? { 'both-missing': 1 } : dead === 1 ? { 'one-missing': 1 } : { 'both-normal': 1 };
}
