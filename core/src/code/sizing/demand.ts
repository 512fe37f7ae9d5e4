import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import type { Nameplate, SizingQuestion } from './schema.ts';

type DemandQuestion = Pick<SizingQuestion, 'rules' | 'loads'> & { nameplate?: Nameplate };

/**
 * The sum of the loads, in A.
 *
 * @param loads each with its A
 * @returns A
 * @example connectedAmps([{ id: 'press', amps: 10, continuous: false }]) // 10
 */
export function connectedAmps(loads: SizingQuestion['loads']): number {
  return loads.reduce((sum, load) => sum + load.amps, 0);
}

/**
 * What the breaker must be rated for, in A: 125% of the continuous loads plus the rest, or, by the
 * flat rule, all of it within 80% of the rating; with a nameplate, its minimum circuit ampacity.
 *
 * Source: NEC 2023, 210.20(A); 440.4(B) for the nameplate.
 *
 * @param question the loads (A), the rule by which they are counted, the nameplate
 * @returns A
 * @example
 * demandAmps({ rules: 'split', loads: [{ id: 'heater', amps: 12, continuous: true }] }) // 15
 */
export function demandAmps({ rules, loads, nameplate }: DemandQuestion): number {
  if (nameplate) return nameplate.minCircuitAmps;
  if (rules === 'flat80') return connectedAmps(loads) / LOAD_LIMITS.continuousShare;
  return loads.reduce((sum, load) => sum + load.amps * (load.continuous ? 1.25 : 1), 0);
}
