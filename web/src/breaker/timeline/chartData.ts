import { sayPercent } from '@phylaxon/core/facts/quantities';
import { HEAT_LIMITS, LOAD_LIMITS, VOLTAGE_LIMITS } from '@phylaxon/core/facts/limits';
import type { Breaker, Reading } from '@phylaxon/core/record/entities';
import { CITATIONS } from '@phylaxon/core/facts/standards';
import type { Series } from '@phylaxon/core/views/timeline';
import { roundTicks, type Units } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

export const UNITS = ['A', '°C', 'V', 'W', 'mV'] as const;
export type ChartUnit = (typeof UNITS)[number];

/** A limit that is drawn across the chart. */
export interface ChartLimit {
  value: number;
  label: string;
  source?: string;
}

/** One instant on the chart: what each point showed, as [low, high] where a log was thinned. */
export interface ChartInstant {
  t: number;
  [point: string]: number | [number, number];
}

export interface ChartData {
  unit: string;
  points: Reading['point'][];
  moments: ChartInstant[];
  struck: { t: number; value: number }[];
  marks: { t: number; what: 'trip' | 'reset' | 'part' }[];
  limits: ChartLimit[];
  /** Round figures for the axis, from the lowest drawn to the highest. */
  ticks: number[];
}

/** The limits that matter to a quantity of this breaker. */
function limitsOf(
  unit: ChartUnit,
  { ratingAmps }: Pick<Breaker, 'ratingAmps'>,
  { fromCelsius }: Units,
): ChartLimit[] {
  if (unit === 'A') {
    return [
      { value: ratingAmps, label: 'rating' },
      {
        value: ratingAmps * LOAD_LIMITS.continuousShare,
        label: sayPercent(LOAD_LIMITS.continuousShare),
        source: CITATIONS.continuousLoad,
      },
    ];
  }
  if (unit === 'V') {
    return [
      {
        value: VOLTAGE_LIMITS.nominal * (1 + VOLTAGE_LIMITS.serviceBand),
        label: `+${sayPercent(VOLTAGE_LIMITS.serviceBand)}`,
        source: CITATIONS.voltage,
      },
      {
        value: VOLTAGE_LIMITS.nominal * (1 - VOLTAGE_LIMITS.serviceBand),
        label: `−${sayPercent(VOLTAGE_LIMITS.serviceBand)}`,
        source: CITATIONS.voltage,
      },
    ];
  }
  if (unit !== '°C') return [];
  return [
    { value: fromCelsius(HEAT_LIMITS.surfaceUrgentC), label: messages.tooHot },
    {
      value: fromCelsius(HEAT_LIMITS.calibrationC + HEAT_LIMITS.riseAtRatingUrgentC),
      label: messages.fullLoadTemperatureLimitAtRoom,
      source: CITATIONS.terminalRise,
    },
  ];
}

/** Which quantities there is anything to draw of. */
export const drawable = ({ lines }: Series): ChartUnit[] =>
  UNITS.filter((unit) => lines.some((line) => line.unit === unit));

/** A breaker’s series as the chart draws one quantity of it, in the units the person reads. */
export function chartData(
  series: Series,
  unit: ChartUnit,
  breaker: Pick<Breaker, 'ratingAmps'>,
  units: Units,
): ChartData {
  const shown = (value: number) => (unit === '°C' ? units.fromCelsius(value) : value);
  const lines = series.lines.filter((line) => line.unit === unit);
  const moments = new Map<number, ChartInstant>();
  for (const { point, stretches } of lines) {
    for (const { at, low, high } of stretches) {
      const t = Date.parse(at);
      const moment = moments.get(t) ?? { t };
      moment[point] = low === high ? shown(low) : (shown(low) + shown(high)) / 2;
      if (low !== high) moment[`${point} span`] = [shown(low), shown(high)];
      moments.set(t, moment);
    }
  }
  const points = lines.map(({ point }) => point);
  const limits = limitsOf(unit, breaker, units);
  const struck = series.struck
    .filter((one) => one.unit === unit && points.includes(one.point))
    .map(({ at, value }) => ({ t: Date.parse(at), value: shown(value) }));
  const drawn = [
    ...lines.flatMap(({ stretches }) => stretches.flatMap(({ low, high }) => [shown(low), shown(high)])),
    ...struck.map(({ value }) => value),
    ...limits.map(({ value }) => value),
  ];
  return {
    unit: unit === '°C' ? units.temperatureUnit : unit,
    points,
    moments: [...moments.values()].sort((a, b) => a.t - b.t),
    struck,
    // Trips last: where a reset followed within the day, the trip must show.
    marks: series.marks
      .map(({ at, what }) => ({ t: Date.parse(at), what }))
      .sort((a, b) => Number(a.what === 'trip') - Number(b.what === 'trip')),
    limits,
    // A current begins at nothing; a voltage would then be a line at the top.
    ticks: roundTicks(unit === 'A' ? 0 : Math.min(...drawn), Math.max(...drawn)),
  };
}
