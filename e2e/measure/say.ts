/** Print the median of some times, and what is wanted. */
export function say(what: string, list: readonly number[], wanted: string): void {
  const median = [...list].sort((a, b) => a - b)[list.length >> 1]!;
  process.stdout.write(`  ${what.padEnd(52)} ${median.toFixed(0).padStart(6)} ms (wanted: ${wanted})\n`);
}
