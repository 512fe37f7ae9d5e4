import type { MeterPoint } from '@phylaxon/core/diagnosis/evidence';
import type { ReadingInput } from '@phylaxon/core/record/entities';

/** A point as the field for its figure names it. */
export const POINT_LABELS: Record<MeterPoint['point'], string> = {
  outlet: 'At the outlet',
  'load-terminal': 'Load terminal to neutral',
  'load-terminal-2': 'Second pole to neutral',
  'leg-a': 'Leg A to neutral',
  'leg-b': 'Leg B to neutral',
  legs: 'Leg to leg',
  across: 'Across the closed breaker',
  plug: 'At the plug',
  conductor: 'On its conductor',
};

/** Figures at these points as readings of a case; a point without a figure is left out. */
export const asReadings = (
  points: readonly MeterPoint[],
  valueAt: (point: MeterPoint['point']) => number | null | undefined,
  found: { at: string; caseId: string; simulated?: boolean },
): ReadingInput[] =>
  points.flatMap(({ quantity, point, instrument }) => {
    const value = valueAt(point) ?? null;
    return value === null ? [] : [{ quantity, point, value, instrument, ...found } as ReadingInput];
  });
