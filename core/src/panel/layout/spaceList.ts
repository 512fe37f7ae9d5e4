/**
 * Read a list of spaces as people write it: single numbers and ranges, with commas or blanks between.
 * `null` if something in it is neither.
 *
 * @param text as it was typed
 * @returns numbers in order
 * @example parseSpaceList('17-20, 24') // [17, 18, 19, 20, 24]
 * @example parseSpaceList('top ones') // null
 */
export function parseSpaceList(text: string): number[] | null {
  const found = new Set<number>();
  const joined = text.trim().replace(/\s*[-–]\s*/g, '-');
  for (const token of joined.split(/[\s,;]+/).filter(Boolean)) {
    const match = /^(\d{1,3})(?:-(\d{1,3}))?$/.exec(token);
    if (!match) return null;
    const from = Number(match[1]);
    const to = Number(match[2] ?? from);
    if (to < from) return null;
    for (let space = from; space <= to; space++) found.add(space);
  }
  return [...found].sort((a, b) => a - b);
}

/**
 * A list of spaces as people write it.
 *
 * @param spaces numbers in order
 * @returns text
 * @example saySpaceList([17, 18, 19, 24]) // '17–19, 24'
 */
export function saySpaceList(spaces: readonly number[]): string {
  const sorted = [...spaces].sort((a, b) => a - b);
  const runs: [number, number][] = [];
  for (const space of sorted) {
    const run = runs.at(-1);
    if (run && space === run[1] + 1) run[1] = space;
    else runs.push([space, space]);
  }
  return runs.map(([from, to]) => (from === to ? `${from}` : `${from}–${to}`)).join(', ');
}
