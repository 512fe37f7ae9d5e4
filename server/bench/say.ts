export const say = (line: string) => process.stdout.write(`${line}\n`);

export const median = (list: number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]!;

/** Whether a figure is as wanted. */
export const verdict = (holds: boolean, wanted: string) =>
  ` (wanted: ${wanted}; ${holds ? 'holds' : 'DOES NOT HOLD'})`;
