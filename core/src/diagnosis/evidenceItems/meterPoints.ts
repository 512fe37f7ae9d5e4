import type { Reading, ReadingInput } from '../../record/entities/index.ts';
import type { TestId } from '../../facts/vocabulary/index.ts';

/** Where a figure is taken for a test, and with what as a rule. */
export interface MeterPoint {
  quantity: 'voltage' | 'current';
  point: Exclude<Reading['point'], 'face' | 'terminal'>;
  instrument: NonNullable<ReadingInput['instrument']>;
  /** Only a breaker of two poles has it. */
  twoPole?: true;
}

const volts = (point: MeterPoint['point'], instrument: MeterPoint['instrument'] = 'contact-meter') =>
  ({ quantity: 'voltage', point, instrument }) as const;
const amps = (point: MeterPoint['point'], instrument: MeterPoint['instrument']) =>
  ({ quantity: 'current', point, instrument }) as const;

/** Tests that a figure answers, and the points it takes, in the order they are taken. */
export const METER_POINTS = {
  'outlet-voltage': [volts('outlet', 'plug-in-meter')],
  'load-terminal-voltage': [volts('load-terminal'), { ...volts('load-terminal-2'), twoPole: true }],
  'line-side-voltage': [volts('leg-a'), volts('leg-b')],
  'load-share': [amps('plug', 'plug-in-meter')],
  'clamp-current': [amps('conductor', 'clamp-meter')],
} as const satisfies Partial<Record<TestId, readonly MeterPoint[]>>;

/** A test that a figure answers. */
export type MeteredTest = keyof typeof METER_POINTS;

/**
 * The points at which a test takes its figures on a breaker of so many poles; none where no figure answers it.
 *
 * @param test id of the test
 * @param poles one or two
 * @returns places with quantity and unit
 * @example meterPointsOf('load-terminal-voltage', 1).map(({ point }) => point) // ['load-terminal']
 */
export function meterPointsOf(test: TestId, poles: number): MeterPoint[] {
  if (!Object.hasOwn(METER_POINTS, test)) return [];
  const points: readonly MeterPoint[] = METER_POINTS[test as MeteredTest];
  return points.filter(({ twoPole }) => !twoPole || poles === 2);
}
