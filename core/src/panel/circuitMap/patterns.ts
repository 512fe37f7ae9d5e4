import type { MapCheck } from './mapChecks.ts';

/** How many bits tell so many words apart. */
const bitsFor = (words: number): number => Math.ceil(Math.log2(words));

/** The check bits of a shortened Hamming code over so many bits: 2^m − m − 1 of them are enough. */
function checkBits(bits: number): number {
  let m = 2;
  while (2 ** m - m - 1 < bits) m++;
  return m;
}

/** Numbers in whose binary form at least two ones stand, from 3 on: each data bit turns its own set of check bits. */
function columns(count: number): number[] {
  const found: number[] = [];
  for (let number = 3; found.length < count; number++) if ((number & (number - 1)) !== 0) found.push(number);
  return found;
}

const parity = (number: number): number => {
  let ones = 0;
  for (let rest = number; rest > 0; rest &= rest - 1) ones++;
  return ones % 2;
};

/**
 * A pattern for each of so many breakers, none of them empty, as bits: any two, and each and the empty one, differ in one
 * round, in two (a parity bit), or in three (a shortened Hamming code, which is as short as a linear code can be).
 *
 * @returns one number a breaker, and in how many rounds they are told
 */
export function patternsFor(breakers: number, check: MapCheck): { patterns: number[]; rounds: number } {
  if (breakers === 0) return { patterns: [], rounds: 0 };
  const bits = bitsFor(breakers + 1);
  const words = Array.from({ length: breakers }, (_, i) => i + 1);
  if (check === 'none') return { patterns: words, rounds: bits };
  if (check === 'detect')
    return { patterns: words.map((word) => word | (parity(word) << bits)), rounds: bits + 1 };
  const turned = columns(bits);
  const checked = words.map((word) => {
    const checks = turned.reduce((sum, column, i) => ((word >> i) & 1 ? sum ^ column : sum), 0);
    return word | (checks << bits);
  });
  return { patterns: checked, rounds: bits + checkBits(bits) };
}
