import { normal, type Random } from '../../facts/random/index.ts';
import type { BreakerKind } from '../layout/index.ts';
import { ERA_SHARE, FUEL_SHARE, KIND_CHANCES, type Era, type Fuel } from './features.ts';
import type { CircuitGuessInput } from './schema.ts';
import { CIRCUIT_USE_IDS, CIRCUIT_USES, type CircuitUse, type CircuitUseId } from './uses.ts';

/** A made-up panel, with what each of its circuits truly feeds. */
export interface DrawnHouse {
  era: Era;
  fuel: Fuel;
  circuits: (CircuitGuessInput['circuits'][number] & { truth: CircuitUseId })[];
}

function drawn<T extends string>(random: Random, chances: Readonly<Partial<Record<T, number>>>): T {
  const entries = Object.entries(chances) as [T, number][];
  let rest = random() * entries.reduce((sum, [, chance]) => sum + chance, 0);
  for (const [value, chance] of entries) {
    rest -= chance;
    if (rest < 0) return value;
  }
  return entries.at(-1)![0];
}

/**
 * A house with a panel, as often of each kind as such houses are.
 *
 * @param random numbers
 * @param isMeasured whether its currents were logged
 * @returns its circuits in no order, with what they feed
 * @example drawHouse(seeded(1), true).circuits.length // about 20
 */
export function drawHouse(random: Random, isMeasured: boolean): DrawnHouse {
  const era = drawn<Era>(random, ERA_SHARE);
  const fuel = drawn<Fuel>(random, FUEL_SHARE);
  const circuits = CIRCUIT_USE_IDS.flatMap((id) => {
    const use: CircuitUse = CIRCUIT_USES[id];
    const count = Number(drawn(random, Object.fromEntries(use.counts[fuel].map((p, i) => [`${i}`, p]))));
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
