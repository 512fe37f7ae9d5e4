import { ohmsPerMetre } from '../../facts/standards/index.ts';
import type { SimulatedAppliance, House, SimulatedMoment } from './house.ts';
import { solveNetwork, type Branch, type Solved } from './network.ts';

const LEGS = ['A', 'B'] as const;

/** Copper of the subject’s cable is rarely at 75 °C: at some 35 °C it is this share of the table. */
const WARM_COPPER = 0.87;
/** From the panel to the first outlet, and between outlets, as shares of the run. */
const PARTS = [0.5, 0.25, 0.25] as const;
/** The grounding conductor, Ω: leakage comes home by it. */
const GROUND_OHMS = 0.2;
/** Inside a generator or an inverter, Ω. */
const SOURCE_OHMS = 0.3;

/** What a load is at its nominal voltage, Ω. */
const loadOhms = (amps: number, volts: number) => (amps > 0 ? volts / amps : Infinity);

/** Whether a pole of the subject’s breaker connects. */
export const closes = ({ breaker }: House['subject']): boolean =>
  breaker.welded || (breaker.handle === 'on' && !breaker.halfReset);

/** The run of another circuit, there and back, Ω. */
const OTHER_RUN_OHMS = 0.1;

/** Which bus another circuit sits on: four of them in the sub-panel, if there is one. */
const otherBus = (house: House, leg: 'A' | 'B', i: number) =>
  house.feeder && i % 4 < 2 ? `sub ${leg}` : `bus ${leg}`;
/** Where its current goes back. */
const sharing = (house: House, i: number) => (house.sharesNeutral && i === 0 ? 'return 0' : 'bar');

/** A house as a network; named branches can be read with a clamp. */
export interface Wired {
  branches: Branch[];
  /** Current of the subject through each of its screws, back by its neutral, and to ground. */
  screw: Branch[];
  stab: Branch[];
  contact: Branch[];
  neutral: Branch | null;
  supply: Record<'A' | 'B' | 'neutral', Branch>;
  main: Record<'A' | 'B', Branch>;
  bus: Record<'A' | 'B', Branch>;
  joints: Branch[];
}

/** Extra things connected for a measurement. */
export interface Extra {
  /** A known load plugged in at the last outlet, A. */
  knownLoadAmps?: number;
  mainOff?: boolean;
  branchOff?: boolean;
  liftedWire?: boolean;
}

/**
 * The branches of a house at a moment: two sources in series with the neutral between them, the main, the bus, the
 * subject’s circuit in full, every other circuit as one load.
 */
export function wire(house: House, moment: SimulatedMoment, extra: Extra = {}): Wired {
  const { subject, emf, supplyOhms, mainOhms, busOhms } = house;
  const { breaker } = subject;
  const branches: Branch[] = [];
  const put = (from: string, to: string, ohms: number, more: Partial<Branch> = {}): Branch => {
    const branch = { from, to, ohms, ...more };
    branches.push(branch);
    return branch;
  };
  const sign = { A: 1, B: -1 } as const;
  const source = (leg: 'A' | 'B') => put(`line ${leg}`, 'star', supplyOhms[leg], { emf: sign[leg] * emf });
  const supply = { A: source('A'), B: source('B'), neutral: put('bar', 'star', supplyOhms.neutral) };
  const mainOpen = !house.mainWelded && (!house.mainClosed || extra.mainOff === true);
  const main = {
    A: put('line A', 'lug A', mainOpen ? Infinity : mainOhms.A),
    B: put('line B', 'lug B', mainOpen ? Infinity : mainOhms.B),
  };
  if (house.backfeed === 'panel' && mainOpen)
    for (const leg of LEGS) put(`lug ${leg}`, 'bar', SOURCE_OHMS, { emf: sign[leg] * emf });
  const bus = { A: put('lug A', 'bus A', busOhms.A), B: put('lug B', 'bus B', busOhms.B) };
  for (const leg of LEGS)
    if (house.feeder) put(`bus ${leg}`, `sub ${leg}`, house.feeder.closed ? 0.004 : Infinity);
  const home = house.feeder ? 'sub' : 'bus';

  house.others.forEach(({ leg, amps, dead }, i) => {
    const ohms = dead ? Infinity : OTHER_RUN_OHMS + loadOhms(amps, 120);
    put(otherBus(house, leg, i), sharing(house, i), ohms);
  });
  put('bus A', 'bus B', loadOhms(house.acrossAmps, 240));

  const open = !closes(subject) || (extra.branchOff === true && !breaker.welded);
  const perMetre = ohmsPerMetre(subject.gauge, 'copper') * WARM_COPPER;
  const [stab, contact, screw, joints]: [Branch[], Branch[], Branch[], Branch[]] = [[], [], [], []];
  subject.legs.forEach((leg, pole) => {
    stab.push(put(`${home} ${leg}`, `jaw ${pole}`, breaker.stabOhms));
    contact.push(put(`jaw ${pole}`, `terminal ${pole}`, open ? Infinity : breaker.contactOhms[pole]!));
    const elsewhere = extra.liftedWire === true || house.fedByOther !== null;
    screw.push(put(`terminal ${pole}`, `run ${pole}`, elsewhere ? Infinity : breaker.screwOhms));
    if (house.fedByOther === 'on') put(`${home} ${leg}`, `run ${pole}`, breaker.screwOhms);
    let before = `run ${pole}`;
    PARTS.forEach((part, outlet) => {
      const device = outlet === 1 && subject.device === 'open' ? Infinity : 0;
      const joint = pole === 0 ? subject.hotJointOhms[outlet]! : 0.001;
      joints.push(put(before, `outlet ${outlet} ${pole}`, perMetre * subject.metres * part + joint + device));
      before = `outlet ${outlet} ${pole}`;
    });
  });
  const twoPole = breaker.poles === 2;
  let neutral: Branch | null = null;
  if (!twoPole) {
    neutral = put('return 0', 'bar', subject.barOhms);
    let before = 'return 0';
    PARTS.forEach((part, outlet) => {
      joints.push(
        put(
          `neutral ${outlet}`,
          before,
          perMetre * subject.metres * part + subject.neutralJointOhms[outlet]!,
        ),
      );
      before = `neutral ${outlet}`;
    });
  }
  const back = (outlet: number) => (twoPole ? `outlet ${outlet} 1` : `neutral ${outlet}`);
  const nominal = twoPole ? 240 : 120;
  put('earth', 'bar', GROUND_OHMS);
  for (const one of subject.appliances) {
    if (!moment.on.has(one.name)) continue;
    const at = `outlet ${one.outlet} 0`;
    put(at, back(one.outlet), drawn(one, nominal, moment.starting.has(one.name)));
    if (one.shortOhms < Infinity) put(at, back(one.outlet), one.shortOhms);
    if (one.leakOhms < Infinity) put(at, 'earth', one.leakOhms);
  }
  if (subject.shortOhms < Infinity) put('outlet 1 0', back(1), subject.shortOhms);
  const leak = moment.wet ? subject.wetLeakOhms : subject.dryLeakOhms;
  if (leak < Infinity) put('outlet 1 0', 'earth', leak);
  if (subject.neutralGroundOhms < Infinity && !twoPole) put('neutral 1', 'earth', subject.neutralGroundOhms);
  if (extra.knownLoadAmps) put('outlet 2 0', back(2), loadOhms(extra.knownLoadAmps, nominal));
  return { branches, screw, stab, contact, neutral, supply, main, bus, joints };
}

const drawn = (one: SimulatedAppliance, nominal: number, starting: boolean) =>
  one.open ? Infinity : loadOhms(one.amps * (starting && one.surge ? one.surge.times : 1), nominal);

/** A house at a moment, solved. */
export interface Live extends Wired, Solved {
  /** Current through the subject’s breaker, A: the greater of its poles. */
  subjectAmps: number;
  /** What leaves by its hot side and does not come back by its neutral, A. */
  residualAmps: number;
  /** Volts at an outlet, hot to neutral; for two poles half of hot to hot. */
  outletVolts: (outlet: number) => number;
  /** Volts on another circuit. */
  otherVolts: (i: number) => number;
}

/**
 * Solve a house at a moment.
 *
 * @example energised(soundHouse(seeded(1)), NOTHING_ON).outletVolts(2) // about 120
 */
export function energised(house: House, moment: SimulatedMoment, extra: Extra = {}): Live {
  const wired = wire(house, moment, extra);
  const solved = solveNetwork(wired.branches, 'star');
  const { poles } = house.subject.breaker;
  const through = wired.screw.map((branch) => solved.amps(branch));
  const hot = through.reduce((a, b) => a + b, 0);
  const returned = wired.neutral ? solved.amps(wired.neutral) : 0;
  const shared = house.sharesNeutral ? through[0]! : returned;
  return {
    ...wired,
    ...solved,
    subjectAmps: Math.max(...through.map(Math.abs)),
    // Where another breaker feeds the outlets, neither their hot nor their neutral comes to this one.
    residualAmps: house.fedByOther !== null ? 0 : Math.abs(poles === 2 ? hot : through[0]! - shared),
    otherVolts: (i) => {
      const { leg, dead } = house.others[i]!;
      return dead ? 0 : Math.abs(solved.volts(otherBus(house, leg, i)) - solved.volts(sharing(house, i)));
    },
    outletVolts: (outlet) =>
      Math.abs(
        poles === 2
          ? (solved.volts(`outlet ${outlet} 0`) - solved.volts(`outlet ${outlet} 1`)) / 2
          : solved.volts(`outlet ${outlet} 0`) - solved.volts(`neutral ${outlet}`),
      ),
  };
}
