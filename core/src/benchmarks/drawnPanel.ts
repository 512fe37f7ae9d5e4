import { normal, pickWeighted, type Random } from '../facts/random/index.ts';
import type { BreakerKind } from '../panel/layout/index.ts';
import {
  CIRCUIT_USE_IDS,
  CIRCUIT_USES,
  ERA_SHARE,
  FUEL_SHARE,
  KIND_CHANCES,
  type CircuitGuessInput,
  type CircuitUse,
  type CircuitUseId,
  type Era,
  type Fuel,
} from '../panel/circuitGuess/index.ts';

/** A made-up panel, with what each of its circuits truly feeds. */
export interface DrawnPanel {
  era: Era;
  fuel: Fuel;
  circuits: (CircuitGuessInput['circuits'][number] & { truth: CircuitUseId })[];
}

/** A key of a table, as often as its share says. */
function drawn<T extends string>(random: Random, shares: Readonly<Partial<Record<T, number>>>): T {
  const keys = Object.keys(shares) as T[];
  return keys[pickWeighted(random, Object.values<number>(shares as Record<T, number>))]!;
}

/**
 * A house with a panel, as often of each kind as such houses are.
 *
 * @param random numbers
 * @param isMeasured whether its currents were logged
 * @returns its circuits in no order, with what they feed
 * @example drawnPanel(seeded(1), true).circuits.length // about 20
 */
export function drawnPanel(random: Random, isMeasured: boolean): DrawnPanel {
  const era = drawn<Era>(random, ERA_SHARE);
  const fuel = drawn<Fuel>(random, FUEL_SHARE);
  const circuits = CIRCUIT_USE_IDS.flatMap((id) => {
    const use: CircuitUse = CIRCUIT_USES[id];
    const count = pickWeighted(random, use.counts[fuel]);
    return Array.from({ length: count }, () => {
      const pattern = drawn(random, use.patterns);
      const [median, spread] = use.peakAmps;
      const peakAmps = median * Math.exp(Math.log(spread) * normal(random));
      return {
        ...{ truth: id, poles: use.poles, ratingAmps: Number(drawn(random, use.ratings)) },
        kind: drawn<BreakerKind>(random, KIND_CHANCES[era][use.protection]),
        third: drawn(random, use.thirds),
        isWireLarger: random() < use.largerWire,
        pattern: isMeasured ? pattern : null,
        peakAmps: isMeasured && pattern !== 'nothing' ? peakAmps : null,
      };
    });
  });
  const order = circuits.map((circuit) => ({ circuit, at: random() })).sort((a, b) => a.at - b.at);
  return { era, fuel, circuits: order.map(({ circuit }, i) => ({ ...circuit, id: `${i + 1}` })) };
}
