import type { MainCurrentsInput } from '../../physics/mainCurrents/index.ts';
import type { MeteredLoad } from '../../physics/meterDifference/index.ts';
import type { Circuit } from '../../record/entities/index.ts';
import type { MainCurrentsEntry } from '../../record/panelEntryKinds/index.ts';
import type { LegCircuit, LegsView } from './schema.ts';

/** From this power factor on a load is a heater or the like. */
const RESISTIVE_FACTOR = 0.97;

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
      return watts / voltAmperes >= RESISTIVE_FACTOR ? 'resistive' : 'electronic';
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
  const branches = (leg: 'A' | 'B') =>
    view.circuits.flatMap((circuit) => {
      const amps = circuit.legs.includes(leg) ? ampsOf(circuit) : null;
      return amps === null ? [] : [{ amps, load: circuit.load }];
    });
  return {
    legs: {
      a: { mainAmps: reading.a, branches: branches('A') },
      b: { mainAmps: reading.b, branches: branches('B') },
    },
    neutralAmps: reading.neutral,
    sameClamp: reading.sameClamp,
  };
}
