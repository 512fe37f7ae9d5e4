import type { Breaker, ReadingInput } from '@phylaxon/core/record';
import type { TestId } from '@phylaxon/core/vocabulary';

export interface Place {
  point: 'outlet' | 'load-terminal' | 'load-terminal-2' | 'leg-a' | 'leg-b' | 'plug' | 'conductor';
  quantity: 'voltage' | 'current';
  label: string;
  instrument: ReadingInput['instrument'];
  /** Only a breaker of two poles has it. */
  twoPole?: true;
}

const voltsAt = (
  point: Place['point'],
  label: string,
  instrument: Place['instrument'] = 'contact-meter',
): Place => ({ point, quantity: 'voltage', label, instrument });
const ampsAt = (point: Place['point'], label: string, instrument: Place['instrument']): Place => ({
  point,
  quantity: 'current',
  label,
  instrument,
});

/** Tests that are answered by figures: what is measured for each. */
export const FIGURES: Partial<Record<TestId, Place[]>> = {
  'outlet-voltage': [voltsAt('outlet', 'At the outlet', 'plug-in-meter')],
  'load-terminal-voltage': [
    voltsAt('load-terminal', 'Load terminal to neutral'),
    { ...voltsAt('load-terminal-2', 'Second pole to neutral'), twoPole: true },
  ],
  'line-side-voltage': [voltsAt('leg-a', 'Leg A to neutral'), voltsAt('leg-b', 'Leg B to neutral')],
  'load-share': [ampsAt('plug', 'At the plug', 'plug-in-meter')],
  'clamp-current': [ampsAt('conductor', 'On its conductor', 'clamp-meter')],
};

/** What is measured for a test at this breaker; none where it is not answered by figures. */
export const placesFor = (test: TestId, { poles }: Breaker): Place[] =>
  FIGURES[test]?.filter(({ twoPole }) => !twoPole || poles === 2) ?? [];

/** Figures at these places as readings of a case; a place without a figure is left out. */
export const asReadings = (
  places: readonly Place[],
  valueAt: (point: Place['point']) => number | null | undefined,
  found: { at: string; caseId: string; simulated?: boolean },
): ReadingInput[] =>
  places.flatMap(({ point, quantity, instrument }) => {
    const value = valueAt(point) ?? null;
    return value === null ? [] : [{ quantity, point, value, instrument, ...found } as ReadingInput];
  });
