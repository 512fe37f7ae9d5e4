import { pickWeighted, seeded, type Random } from '../../facts/random/index.ts';
import { ERA_SHARE, ERAS, FUEL_SHARE, FUELS, type Era, type Fuel } from './features.ts';
import { lookChances } from './likelihood.ts';
import {
  circuitGuessInput,
  type CircuitGuess,
  type CircuitGuessInput,
  type CircuitGuessQuestion,
} from './schema.ts';
import { CIRCUIT_USE_IDS, CIRCUIT_USES, type CircuitUse, type CircuitUseId } from './uses.ts';

const SEED = 36_008;
/** Ways in which a panel may be wired that are looked at, after those in which the first guess is forgotten. */
const SWEEPS = 500;
const FORGOTTEN = 60;
/** Below this a guess is not told. */
const LEAST_TOLD = 0.01;
/** More of a use than any house of the table has: each further one is so rare. */
const BEYOND = 1e-3;

/** How often a house has so many of a use. */
function countChance(use: CircuitUse, fuel: Fuel, count: number, has: boolean | undefined): number {
  if (has === true && count === 0) return BEYOND ** 2;
  if (has === false && count > 0) return BEYOND ** (count + 1);
  const list = use.counts[fuel];
  return count < list.length ? list[count]! : list.at(-1)! * BEYOND ** (count - list.length + 1);
}

/** The uses of a panel’s circuits as they may be, drawn one after the other in turns, each given all others. */
class Panel {
  private readonly likely: Record<Era, number>[][];
  private readonly uses: number[];
  private readonly counts: number[] = CIRCUIT_USE_IDS.map(() => 0);
  private era: Era;
  private fuel: Fuel = 'electric';

  constructor(
    private readonly question: CircuitGuessQuestion,
    private readonly random: Random,
  ) {
    this.era = question.wired ?? '1975-2002';
    this.likely = question.circuits.map((circuit) =>
      CIRCUIT_USE_IDS.map((id) =>
        circuit.use === null || circuit.use === id
          ? lookChances(circuit, id)
          : { 'before-1975': 0, '1975-2002': 0, 'after-2002': 0 },
      ),
    );
    this.uses = this.likely.map((chances) =>
      pickWeighted(
        random,
        chances.map((chance) => chance[this.era]),
      ),
    );
    for (const use of this.uses) this.counts[use]!++;
  }

  /** Chances of each use of a circuit, given what all others are. */
  private given(circuit: number): number[] {
    const own = this.likely[circuit]!;
    const weights = CIRCUIT_USE_IDS.map((id, use) => {
      const likely = own[use]![this.era];
      if (likely === 0) return 0;
      const others = this.counts[use]! - (this.uses[circuit] === use ? 1 : 0);
      return likely * this.oneMore(id, others);
    });
    const sum = weights.reduce((all, one) => all + one, 0);
    return weights.map((one) => one / sum);
  }

  /** How much likelier a panel is with one more of a use, whichever of its circuits that is. */
  private oneMore(id: CircuitUseId, count: number): number {
    const has = this.question.has[id];
    const use: CircuitUse = CIRCUIT_USES[id];
    return (
      ((count + 1) * countChance(use, this.fuel, count + 1, has)) / countChance(use, this.fuel, count, has)
    );
  }

  /** Two circuits change their uses, where that is as likely or by its chance: one by one they could not. */
  private swap() {
    const [a, b] = [0, 1].map(() => Math.floor(this.random() * this.uses.length)) as [number, number];
    const [useA, useB] = [this.uses[a]!, this.uses[b]!];
    const now = this.likely[a]![useA]![this.era] * this.likely[b]![useB]![this.era];
    const then = this.likely[a]![useB]![this.era] * this.likely[b]![useA]![this.era];
    if (this.random() * now < then) [this.uses[a], this.uses[b]] = [useB, useA];
  }

  private drawHouse() {
    if (this.question.wired === null)
      this.era =
        ERAS[
          this.byLog(ERAS, (era) =>
            this.uses.reduce(
              (sum, use, i) => sum + Math.log(Math.max(1e-300, this.likely[i]![use]![era])),
              Math.log(ERA_SHARE[era]),
            ),
          )
        ]!;
    this.fuel =
      FUELS[
        this.byLog(FUELS, (fuel) =>
          CIRCUIT_USE_IDS.reduce(
            (sum, id, use) =>
              sum + Math.log(countChance(CIRCUIT_USES[id], fuel, this.counts[use]!, this.question.has[id])),
            Math.log(FUEL_SHARE[fuel]),
          ),
        )
      ]!;
  }

  private byLog<T>(choices: readonly T[], logChance: (choice: T) => number): number {
    const logs = choices.map(logChance);
    const most = Math.max(...logs);
    return pickWeighted(
      this.random,
      logs.map((one) => Math.exp(one - most)),
    );
  }

  /** Once through all circuits; adds up the chances of each. */
  sweep(sums: number[][] | null) {
    this.drawHouse();
    for (let circuit = 0; circuit < this.uses.length; circuit++) {
      const chances = this.given(circuit);
      if (sums) chances.forEach((chance, use) => (sums[circuit]![use]! += chance));
      const drawn = pickWeighted(this.random, chances);
      this.counts[this.uses[circuit]!]!--;
      this.counts[drawn]!++;
      this.uses[circuit] = drawn;
      this.swap();
    }
  }
}

/**
 * What the circuits of a panel are likely to feed, by what is seen of their breakers, by how their current goes, by what the house
 * has, and by each other: a house has one dryer. Ways in which the panel may be wired are drawn many times (Gibbs sampling), always
 * the same way for the same question. A guess is a question to be asked, never a reason to take a circuit for dead.
 *
 * @param input circuits with poles, rating (A), kind, position, conductor, highest current (A) and pattern; era; what the house has
 * @returns for each circuit its likely uses with their chances, 0 to 1, and how many places it is expected to feed
 * @throws ZodError where an id stands twice, or a known use has another number of poles
 * @example
 * circuitGuess({ circuits: [{ id: '1', poles: 2, ratingAmps: 30, pattern: 'cycles', peakAmps: 18.7 }] })
 *   .circuits[0].guesses[0].use // 'water-heater'
 */
export function circuitGuess(input: CircuitGuessInput): CircuitGuess {
  const question = circuitGuessInput.parse(input);
  const panel = new Panel(question, seeded(SEED));
  const sums = question.circuits.map(() => CIRCUIT_USE_IDS.map(() => 0));
  for (let i = 0; i < FORGOTTEN; i++) panel.sweep(null);
  for (let i = 0; i < SWEEPS; i++) panel.sweep(sums);
  return {
    circuits: question.circuits.map(({ id }, i) => {
      const all = CIRCUIT_USE_IDS.map((use, at) => ({
        use,
        words: CIRCUIT_USES[use].words,
        chance: sums[i]![at]! / SWEEPS,
      }));
      return {
        id,
        guesses: all.filter(({ chance }) => chance >= LEAST_TOLD).sort((a, b) => b.chance - a.chance),
        places: all.reduce((sum, { use, chance }) => sum + chance * CIRCUIT_USES[use].places, 0),
      };
    }),
  };
}
