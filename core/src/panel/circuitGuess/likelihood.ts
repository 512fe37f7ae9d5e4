import { ERAS, KIND_CHANCES, type Era } from './features.ts';
import type { CircuitGuessQuestion } from './schema.ts';
import { CIRCUIT_USES, type CircuitUse, type CircuitUseId } from './uses.ts';

type Circuit = CircuitGuessQuestion['circuits'][number];

/** Nothing is impossible: somebody may have wired it otherwise. */
const LEAST = 1e-5;

/** Density of a logarithmic normal distribution about a median. */
function density(value: number, [median, spread]: readonly [number, number]): number {
  const sd = Math.log(spread);
  const off = (Math.log(Math.max(value, 0.05)) - Math.log(median)) / sd;
  return Math.exp(-0.5 * off * off) / sd;
}

/** How likely a circuit of a use looks as this one does, but for the kind of its breaker. */
function looksLike(circuit: Circuit, use: CircuitUse): number {
  if (use.poles !== circuit.poles) return 0;
  let chance = use.ratings[circuit.ratingAmps] ?? LEAST;
  if (circuit.third !== null) chance *= use.thirds[circuit.third];
  if (circuit.isWireLarger !== null) chance *= circuit.isWireLarger ? use.largerWire : 1 - use.largerWire;
  if (circuit.pattern !== null) chance *= Math.max(LEAST, use.patterns[circuit.pattern]);
  if (circuit.peakAmps !== null && circuit.pattern !== 'nothing')
    chance *= Math.max(LEAST, density(circuit.peakAmps, use.peakAmps));
  return chance;
}

/**
 * How likely a circuit of a use looks as one does, in a house of each era.
 *
 * @param circuit what is known of it
 * @param id the use
 * @returns by era; 0 where the number of poles is another
 */
export function lookChances(circuit: Circuit, id: CircuitUseId): Record<Era, number> {
  const use: CircuitUse = CIRCUIT_USES[id];
  const looks = looksLike(circuit, use);
  return Object.fromEntries(
    ERAS.map((era) => [era, looks * (KIND_CHANCES[era][use.protection][circuit.kind] ?? LEAST)]),
  ) as Record<Era, number>;
}
