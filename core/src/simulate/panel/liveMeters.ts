import { normal, type Random } from '../../facts/random/index.ts';
import type { KnownInstrument } from '../../facts/instruments/index.ts';
import { type Breaker, type Circuit, loadAmps } from '../../record/entities/index.ts';
import {
  heatOf,
  type SimulatedAppliance,
  type House,
  type SimulatedMoment,
  soundBreaker,
  soundHouse,
  type Rating,
  energised,
} from '../house/index.ts';

/** A circuit as it is drawn, in a house that is sound; what is warm about its breaker. */
export interface LiveCircuit {
  house: House;
  circuit: Pick<Circuit, 'loads'>;
  /** °C, as it is now: what is switched on warms it by and by. */
  terminalC: number;
  faceC: number;
}

/** What one instrument shows at one point. */
export interface SimulatedFigure {
  instrument: KnownInstrument;
  point: 'load-terminal' | 'outlet' | 'conductor' | 'plug' | 'terminal' | 'face';
  unit: 'V' | 'A' | 'W' | 'C';
  value: number;
}

/** Breaker and joints are two thirds of the way after so long, s. */
const WARMS_IN_SECONDS = 240;
/** Noise of one figure against the next: far less than what an instrument may err by. */
const NOISE = { volts: 0.05, share: 0.002, amps: 0.03, kelvin: 0.12 } as const;

/**
 * A drawn circuit as a circuit of the simulator’s house, cold.
 *
 * @param random where its numbers come from
 * @param breaker as drawn
 * @param circuit as drawn: its conductor, its length, its loads
 * @returns the circuit, with nothing on
 * @example liveCircuit(seeded(1), breaker, circuit).terminalC // that of the air
 */
export function liveCircuit(
  random: Random,
  breaker: Pick<Breaker, 'poles' | 'ratingAmps'>,
  circuit: Pick<Circuit, 'conductor' | 'lengthM' | 'loads'>,
): LiveCircuit {
  const house = soundHouse(random);
  const poles = breaker.poles === 2 ? 2 : 1;
  const unit = soundBreaker(random, breaker.ratingAmps as Rating, 'standard', poles, 12);
  const appliances = circuit.loads.map((load): SimulatedAppliance => ({
    name: load.name,
    amps: loadAmps(load),
    surge: null,
    fixed: false,
    outlet: 2,
    shortOhms: Infinity,
    leakOhms: Infinity,
    open: false,
  }));
  const subject = {
    ...house.subject,
    breaker: unit,
    legs: poles === 2 ? (['A', 'B'] as const).slice() : house.subject.legs.slice(0, 1),
    gauge: circuit.conductor?.gauge ?? '12',
    metres: circuit.lengthM ?? 15,
    appliances,
    device: 'none' as const,
  };
  return {
    house: { ...house, feeder: null, subject: subject as House['subject'] },
    circuit,
    terminalC: house.airC,
    faceC: house.airC,
  };
}

/**
 * What meters show of a circuit while some of its loads are on; its breaker warms or cools meanwhile.
 *
 * @param of the circuit as it was
 * @param on names of the loads that are on
 * @param seconds since it was looked at last, s
 * @param random where the noise comes from
 * @returns figures in V, A, W and °C, and the circuit as it is now
 * @example liveFigures(cold, ['Kettle'], 0.2, random).figures
 */
export function liveFigures(
  of: LiveCircuit,
  on: readonly string[],
  seconds: number,
  random: Random,
): { figures: SimulatedFigure[]; circuit: LiveCircuit } {
  const moment: SimulatedMoment = { on: new Set(on), starting: new Set(), wet: false, hot: false };
  const live = energised(of.house, moment);
  const settled = heatOf(of.house, moment, live);
  const step = 1 - Math.exp(-seconds / WARMS_IN_SECONDS);
  const circuit = {
    ...of,
    terminalC: of.terminalC + (settled.screw - of.terminalC) * step,
    faceC: of.faceC + (settled.face - of.faceC) * step,
  };
  const { poles } = of.house.subject.breaker;
  const noisy = (value: number, share: number, least: number) =>
    Math.max(0, value * (1 + share * normal(random)) + least * normal(random));
  const volts = (value: number) => round(noisy(value, 0, NOISE.volts), 1);
  const outlet = live.outletVolts(2) * poles;
  // The plug-in meter sits between the outlet and whatever is on, the first of it.
  const first = of.house.subject.appliances.find(({ name }) => on.includes(name));
  const drawn = of.circuit.loads.find(({ name }) => name === first?.name);
  const plugAmps = first ? (first.amps * outlet) / (120 * poles) : 0;
  const factor = drawn?.watts && drawn.voltAmperes ? Math.min(1, drawn.watts / drawn.voltAmperes) : 1;
  const figures: SimulatedFigure[] = [
    {
      instrument: 'contact-meter',
      point: 'load-terminal',
      unit: 'V',
      value: volts(Math.abs(live.volts('terminal 0') - live.volts('bar'))),
    },
    {
      instrument: 'clamp-meter',
      point: 'conductor',
      unit: 'A',
      value: round(noisy(live.subjectAmps, NOISE.share, NOISE.amps), 1),
    },
    { instrument: 'plug-in-meter', point: 'outlet', unit: 'V', value: volts(outlet) },
    {
      instrument: 'plug-in-meter',
      point: 'plug',
      unit: 'A',
      value: round(noisy(plugAmps, NOISE.share, 0), 2),
    },
    {
      instrument: 'plug-in-meter',
      point: 'plug',
      unit: 'W',
      value: round(noisy(plugAmps * outlet * factor, NOISE.share, 0), 1),
    },
    {
      instrument: 'spot-thermometer',
      point: 'terminal',
      unit: 'C',
      value: round(circuit.terminalC + NOISE.kelvin * normal(random), 1),
    },
    {
      instrument: 'spot-thermometer',
      point: 'face',
      unit: 'C',
      value: round(circuit.faceC + NOISE.kelvin * normal(random), 1),
    },
  ];
  return { figures, circuit };
}

/** To the last digit that the instrument shows. */
const round = (value: number, digits: number) => Number(value.toFixed(digits));
