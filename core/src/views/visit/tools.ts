import type { VisitTask } from '../../visit/work/index.ts';

/** Screws of panels have heads of their own. */
const ALWAYS = [
  'Contact meter, category III 600 V (category IV at line-side lugs), with its low-impedance setting, and a proving unit',
  'Lock, DANGER tag and lock-out clip for this handle',
  'Voltage-rated gloves with leather protectors, face shield, clothing that does not melt or is arc-rated, leather shoes; nothing metal on hands',
  'Light that does not hang on this panel',
  'Cover screws: the driver that fits their heads, and a few blunt screws to spare',
  'Torque driver with square, slotted and cross bits',
  'Tape and marker; a camera',
] as const;

/**
 * What to take along, by what is done.
 *
 * @param tasks what is done
 * @returns lines
 * @example toolsFor([])[0] // the meter
 */
export function toolsFor(tasks: readonly Pick<VisitTask, 'work' | 'conductor'>[]): string[] {
  const isWired = tasks.some(({ work }) => work === 'new-breaker');
  const isAluminum = tasks.some(({ conductor }) => conductor?.material === 'aluminum');
  return [
    ...ALWAYS,
    ...(isWired
      ? ['Strippers for cable and conductors, side cutters, listed cable connectors']
      : ['Strippers and side cutters']),
    'Listed connectors, for a splice on the same gauge',
    ...(isAluminum ? ['Compound for aluminum'] : []),
    ...(tasks.some(({ work }) => work === 'move' || work === 'replace')
      ? ['Fillers, for what is left open']
      : []),
  ];
}
