import {
  FACE_OUTCOMES,
  riseBand,
  TERMINAL_OUTCOMES,
  areUnbalanced,
  CONNECTION_LIMITS,
  HEAT_LIMITS,
  LOAD_LIMITS,
  sagOutcome,
  VOLTAGE_LIMITS,
  voltageWord,
  loadOutcome,
} from '../../facts/limits/index.ts';
import { median } from '../../facts/quantities/index.ts';
import { normal } from '../../facts/random/index.ts';
import {
  heatOf,
  soundContactOhms,
  soundJointOhms,
  NOTHING_ON,
  mayCarryAmps,
  chance,
  energised,
} from '../house/index.ts';
import { readHeat, readVolts } from './instruments.ts';
import { isBad } from './dangers.ts';
import { metered } from './meters.ts';
import { fewest, soaked, workable } from './moments.ts';
import { SIMULATED_DEAD_VOLTS, type Performs } from './performs.ts';
import type { SimulatedCase } from './simulatedCase.ts';

const share = (of: SimulatedCase, amps: number) => amps / of.house.subject.breaker.ratingAmps;

const parallel = (...ohms: number[]) => 1 / ohms.reduce((sum, one) => sum + 1 / one, 0);

/** What meters show, and what is seen behind the cover. */
export const MEASURING: Performs<
  | 'load-share'
  | 'outlet-voltage'
  | 'outlet-sag'
  | 'outlet-wiring'
  | 'face-temperature'
  | 'load-terminal-voltage'
  | 'line-side-voltage'
  | 'clamp-current'
  | 'terminal-temperature'
  | 'millivolt-drop'
  | 'insulation-resistance'
  | 'terminal-inspection'
  | 'stab-inspection'
  | 'conductor-vs-breaker'
  | 'leg-balance'
  | 'main-load-side-voltage'
  | 'neutral-joint-inspection'
  | 'part-match'
> = {
  'load-share': (of) => loadOutcome(share(of, metered(of, 'load-share')[0]!)),
  'outlet-voltage': (of) => voltageWord(metered(of, 'outlet-voltage')[0]!),
  'outlet-sag': (of) => {
    const found = workable(of);
    const idle = readVolts(found, 'outlet', NOTHING_ON);
    const loaded = readVolts(found, 'outlet', NOTHING_ON, { knownLoadAmps: 12 });
    // Where there is nothing, nothing drops.
    if (idle < SIMULATED_DEAD_VOLTS) return 'under-3-percent';
    return sagOutcome((idle - loaded) / idle);
  },
  'outlet-wiring': (of, random) => {
    const { neutralJointOhms, barOhms } = of.house.subject;
    if (Math.max(...neutralJointOhms, barOhms) > CONNECTION_LIMITS.openNeutral) return 'open-neutral';
    if (chance(random, 0.05)) return 'open-ground';
    return chance(random, 0.02) ? 'reversed' : 'correct';
  },
  'face-temperature': (of) => {
    const { face, peerFace } = readHeat(workable(of), soaked(of));
    return FACE_OUTCOMES[riseBand(face - peerFace)];
  },
  'load-terminal-voltage': (of) => {
    const poles = metered(of, 'load-terminal-voltage').map(voltageWord);
    const zero = poles.filter((word) => word === 'zero').length;
    if (zero === poles.length) return 'zero';
    if (zero > 0) return 'one-pole-zero';
    return poles.includes('low') ? 'low' : 'normal';
  },
  'line-side-voltage': (of) => {
    const [a, b] = metered(of, 'line-side-voltage') as [number, number];
    const missing = [a, b].filter((volts) => volts < SIMULATED_DEAD_VOLTS).length;
    if (missing === 2) return 'both-missing';
    if (missing === 1) return 'one-leg-missing';
    return Math.abs(a - b) > VOLTAGE_LIMITS.legsUnequal ? 'legs-unequal' : 'both-legs-normal';
  },
  'clamp-current': (of) => loadOutcome(share(of, metered(of, 'clamp-current')[0]!)),
  'terminal-temperature': (of) => {
    const { screw, peerScrew } = readHeat(workable(of), soaked(of));
    return TERMINAL_OUTCOMES[riseBand(screw - peerScrew)];
  },
  'millivolt-drop': (of, random) => {
    const { breaker } = of.house.subject;
    // Some put their lead to the bus, some to the jaw.
    const ohms =
      (chance(random, 0.5) ? breaker.stabOhms : 0) +
      median(breaker.contactOhms.filter((one) => one < Infinity))!;
    const peers =
      (soundContactOhms(breaker.ratingAmps) + soundJointOhms(breaker.ratingAmps)) *
      (1 + 0.12 * normal(random));
    if (!(ohms / peers > CONNECTION_LIMITS.dropRaised)) return 'like-peers';
    return ohms / peers > CONNECTION_LIMITS.dropHigh ? 'high' : 'raised';
  },
  'insulation-resistance': (of, random) => {
    const { subject } = of.house;
    const leak = of.everything.wet ? subject.wetLeakOhms : subject.dryLeakOhms;
    // Some measure from hot to ground only.
    const neutral = chance(random, 0.7) ? subject.neutralGroundOhms : Infinity;
    const ohms = parallel(subject.shortOhms, leak, neutral, 2e7) * (1 + 0.1 * normal(random));
    if (ohms < CONNECTION_LIMITS.insulationShort) return 'near-zero';
    return ohms < CONNECTION_LIMITS.insulationLow ? 'under-1-megohm' : 'over-1-megohm';
  },
  'terminal-inspection': (of, random) => {
    const { breaker } = of.house.subject;
    if (breaker.shared) return 'two-wires-one-terminal';
    const { screw } = heatOf(workable(of).house, soaked(of));
    if (screw > HEAT_LIMITS.charsC && chance(random, 0.8)) return 'discoloured-or-melted';
    if (of.house.water !== 'dry' && breaker.screwOhms > 1.8 * soundJointOhms(breaker.ratingAmps))
      return 'corroded';
    return isBad(breaker, breaker.screwOhms) ? 'loose' : 'clean-and-tight';
  },
  'stab-inspection': ({ house: { subject } }) =>
    isBad(subject.breaker, subject.breaker.stabOhms) ? 'pitted-or-burnt' : 'clean',
  'conductor-vs-breaker': ({ house: { subject } }) => {
    const limit = mayCarryAmps(subject);
    if (subject.breaker.ratingAmps > limit) return 'wire-too-small';
    return subject.breaker.ratingAmps < LOAD_LIMITS.continuousShare * limit ? 'wire-has-room' : 'matched';
  },
  'leg-balance': (of) => {
    const live = energised(workable(of).house, { ...of.everything, on: fewest(of) });
    const [a, b] = [Math.abs(live.amps(live.main.A)), Math.abs(live.amps(live.main.B))];
    return areUnbalanced(a, b) ? 'unbalanced' : 'balanced';
  },
  'main-load-side-voltage': (of) => {
    const live = energised(workable(of).house, { ...of.everything, on: fewest(of) });
    const missing = ['bus A', 'bus B'].filter(
      (bus) => Math.abs(live.volts(bus) - live.volts('bar')) < SIMULATED_DEAD_VOLTS,
    ).length;
    return missing === 2 ? 'both-missing' : missing === 1 ? 'one-missing' : 'both-normal';
  },
  'neutral-joint-inspection': ({ house: { subject } }) => {
    if (subject.breaker.neutralElsewhere) return 'on-the-wrong-bar';
    return subject.barOhms > 0.05 ? 'loose-or-burnt' : 'clean-and-tight';
  },
  'part-match': ({ house: { subject } }) => (subject.breaker.listed ? 'listed' : 'not-listed'),
};
