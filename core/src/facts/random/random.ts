/** A source of numbers, evenly spread from 0 (included) to 1 (not). */
export type Random = () => number;

/**
 * Numbers that look random and are the same every time for the same seed: a 32-bit counter (Weyl
 * sequence) through an integer mixer. For simulations, not for secrets.
 *
 * @param seed any whole number
 * @returns numbers from 0 up to 1, one at each call
 * @example const random = seeded(7); random() // the same first number in every run
 */
export function seeded(seed: number): Random {
  let counter = seed >>> 0;
  return () => {
    counter = (counter + 0x9e3779b9) >>> 0;
    let mixed = Math.imul(counter ^ (counter >>> 16), 0x21f0aaad);
    mixed = Math.imul(mixed ^ (mixed >>> 15), 0x735a2d97);
    return ((mixed ^ (mixed >>> 15)) >>> 0) / 2 ** 32;
  };
}

/**
 * A number of the standard normal distribution, by the transform of Box and Muller: a radius from one number, an angle
 * from another.
 *
 * @param random where its numbers come from
 * @returns mean 0, standard deviation 1
 * @example 20 * Math.exp(0.03 * normal(random)) // 20 A as a clamp good to 3% reads it
 */
export function normal(random: Random): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/**
 * A number of the normal distribution about `mean`, drawn again until it lies from `least` to `most`.
 *
 * @param random where its numbers come from
 * @param mean of the distribution
 * @param sd standard deviation
 * @param least not less than this
 * @param most not more than this
 * @returns in the unit of `mean`
 * @example normalWithin(seeded(1), 20, 5, 10, 30) // between 10 and 30
 */
export function normalWithin(random: Random, mean: number, sd: number, least: number, most: number): number {
  for (;;) {
    const drawn = mean + sd * normal(random);
    if (drawn >= least && drawn <= most) return drawn;
  }
}

/**
 * A seed from a text: the same text gives the same seed.
 *
 * @param text any text
 * @returns a whole number
 * @example seeded(seedFrom('overload 7'))
 */
export const seedFrom = (text: string): number =>
  [...text].reduce((sum, letter) => (Math.imul(sum, 31) + letter.charCodeAt(0)) | 0, 7);

/**
 * One of several, as often as their weights say.
 *
 * @param random where its numbers come from
 * @param weights at least one above 0; they need not come to 1
 * @returns place in the list, from 0
 * @example pickWeighted(seeded(1), [0, 1, 0]) // 1
 */
export function pickWeighted(random: Random, weights: readonly number[]): number {
  let rest = random() * weights.reduce((sum, one) => sum + one, 0);
  for (let i = 0; i < weights.length - 1; i++) {
    rest -= weights[i]!;
    if (rest < 0) return i;
  }
  return weights.length - 1;
}
