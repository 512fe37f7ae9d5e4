import type { MeterPoint } from '@phylaxon/core/diagnosis/evidence';
import type { ReadingInput } from '@phylaxon/core/record/entities';
import * as messages from './messages.ts';

/** A point as the field for its figure names it. */
export const POINT_LABELS: Record<MeterPoint['point'], string> = {
  outlet: messages.atTheOutlet,
  'load-terminal': messages.loadTerminalToNeutral,
  'load-terminal-2': messages.secondPoleToNeutral,
  'leg-a': messages.legAToNeutral,
  'leg-b': messages.legBToNeutral,
  legs: messages.legToLeg,
  across: messages.voltageDropAcrossTheClosed,
  plug: messages.plugInMeter,
  conductor: messages.onItsConductor,
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
