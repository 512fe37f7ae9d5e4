import { ohmsPerMetre, type FeederGauge, type Material } from '../../facts/standards/index.ts';

/** The current goes there and comes back. */
const WIRES = 2;

/** A conductor along its way, with what it carries. */
export interface LoadedRun {
  conductor: { gauge: FeederGauge; material: Material };
  amps: number;
  /** One way, m. */
  lengthM: number;
  volts: number;
}

/**
 * What is lost along a conductor, there and back, in percent of the voltage.
 *
 * Source: NEC 2023, chapter 9, table 8, direct current at 75 °C.
 *
 * @param run the conductor, its current (A), its length one way (m) and the voltage (V)
 * @returns %
 * @throws RangeError for a gauge the material is not made in
 * @example voltageDropPercent({ conductor: { gauge: '12', material: 'copper' }, amps: 12, lengthM: 20, volts: 120 }) // 2.53…
 */
export const voltageDropPercent = ({ conductor, amps, lengthM, volts }: LoadedRun): number =>
  (100 * amps * WIRES * lengthM * ohmsPerMetre(conductor.gauge, conductor.material)) / volts;
