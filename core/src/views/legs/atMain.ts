import type { MainCurrentsInput } from '../../physics/mainCurrents/index.ts';
import { POWER_FACTORS, type MeteredLoad } from '../../physics/meterDifference/index.ts';
import type { Circuit } from '../../record/entities/index.ts';
import type { MainCurrentsEntry } from '../../record/panelEntryKinds/index.ts';
import type { LegCircuit, LegsView } from './schema.ts';

/**
 * What a circuit feeds, as far as its power factor goes.
 *
 * @param circuit with its loads; null: not named
 * @returns unknown without loads, or where they differ in kind
 * @example meteredLoadOf({ ...circuit, loads: [heater] }) // 'resistive'
 */
export function meteredLoadOf(circuit: Pick<Circuit, 'loads'> | null): MeteredLoad {
  const kinds = new Set(
    (circuit?.loads ?? []).map(({ watts, voltAmperes, surgeTimes }): MeteredLoad => {
      if (surgeTimes !== null) return 'motor';
      if (watts === null || voltAmperes === null || voltAmperes === 0) return 'unknown';
      return watts / voltAmperes >= POWER_FACTORS.resistive.least ? 'resistive' : 'electronic';
    }),
  );
  return kinds.size === 1 ? [...kinds][0]! : 'unknown';
}

/**
 * The question of the currents at the main, by what was clamped in the circuits in the same state.
 *
 * @param view of the legs
 * @param ampsOf what a circuit carries in the state that is looked at, A; null: not measured
 * @param reading at the main, A
 * @returns input of `mainCurrents`
 * @example mainQuestion(view, ({ drawnAmps }) => drawnAmps, { a: 30, b: 12, neutral: 18, sameClamp: true }).legs.a.mainAmps // 30
 */
export function mainQuestion(
  view: LegsView,
  ampsOf: (circuit: LegCircuit) => number | null,
  reading: Pick<MainCurrentsEntry, 'a' | 'b' | 'neutral' | 'sameClamp'>,
): MainCurrentsInput {
  const onLeg = (leg: 'A' | 'B', mainAmps: number) => {
    const circuits = view.circuits.filter(({ legs }) => legs.includes(leg));
    const branches = circuits.flatMap((circuit) => {
      const amps = ampsOf(circuit);
      return amps === null ? [] : [{ amps, load: circuit.load }];
    });
    return { mainAmps, branches, unmeasured: circuits.length - branches.length };
  };
  return {
    legs: { a: onLeg('A', reading.a), b: onLeg('B', reading.b) },
    neutralAmps: reading.neutral,
    sameClamp: reading.sameClamp,
  };
}
