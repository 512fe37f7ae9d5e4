import type { Breaker } from '@phylaxon/core/record/entities';
import { sayNumber } from '@phylaxon/core/facts/quantities';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceDot,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { recordQueries } from '../../shared/queries/index.ts';
import { AXIS, classes, useUnits } from '../../shared/ui/index.ts';
import { chartData, drawable, type ChartData, type ChartUnit } from './chartData.ts';
import { POINT_WORDS } from '../../shared/entryWords/index.ts';
import * as messages from './messages.ts';

const UNIT_WORDS: Record<ChartUnit, string> = {
  A: messages.current,
  '°C': messages.temperature,
  V: messages.voltage,
  W: messages.power,
  mV: messages.millivolts,
};
const MARK_WORDS = { trip: 'trip', reset: 'reset', part: messages.newPart } as const;

/** Told apart by stroke and by dot, not by colour alone. */
const STROKES = [
  { stroke: 'var(--color-ink)', dash: undefined, dot: 3.5 },
  { stroke: 'var(--color-good)', dash: '6 3', dot: 2.5 },
  { stroke: 'var(--color-heed)', dash: '2 3', dot: 2.5 },
  { stroke: 'var(--color-ink-soft)', dash: '8 2 2 2', dot: 2 },
  { stroke: 'var(--color-good)', dash: '1 3', dot: 2 },
];
const strokeOf = (i: number) => STROKES[i % STROKES.length]!;

/** What was measured of a breaker over time, with its limits, its trips, and what was struck. */
export function Chart({ breaker }: { breaker: Breaker }) {
  const units = useUnits();
  const [wanted, setWanted] = useState<ChartUnit | null>(null);
  // The lines below tell what is wrong where there is no answer.
  const { data: series } = useQuery(recordQueries.series(breaker.id));
  if (!series) return <p className="h-72">{messages.drawing}</p>;
  const drawn = drawable(series);
  const unit = wanted && drawn.includes(wanted) ? wanted : drawn[0];
  if (!unit) return null;
  const data = chartData(series, unit, breaker, units);
  return (
    <section aria-label={messages.overTime}>
      <div role="group" aria-label={messages.valuesShown} className="flex gap-1">
        {drawn.map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={one === unit}
            onClick={() => setWanted(one)}
            className={classes(
              'min-h-11 border-b-4 px-3 hover:bg-bone-sunk',
              one === unit ? 'border-ink font-bold' : 'border-transparent',
            )}
          >
            {UNIT_WORDS[one]}
          </button>
        ))}
      </div>
      <Drawing data={data} title={UNIT_WORDS[unit]} />
      <Legend data={data} />
    </section>
  );
}

/** A bit of air around what is drawn, and never a chart of no width. */
function timeSpan({ moments, struck, marks }: ChartData): [number, number] {
  const times = [...moments, ...struck, ...marks].map(({ t }) => t);
  const [first, last] = [Math.min(...times), Math.max(...times)];
  const air = Math.max((last - first) * 0.03, 3_600_000);
  return [first - air, last + air];
}

/** Instants for the axis, evenly apart and off the edges. */
const instants = ([from, to]: [number, number]) =>
  [0.1, 0.37, 0.63, 0.9].map((part) => from + (to - from) * part);

function Drawing({ data, title }: { data: ChartData; title: string }) {
  const { timeText, dateText } = useUnits();
  const { unit, points, moments, struck, marks, limits, ticks } = data;
  const span = timeSpan(data);
  const last = moments.at(-1);
  return (
    <div
      role="img"
      aria-label={messages.overTimeReadingsLimitsTheList(
        title,
        moments.length,
        last ? messages.theLast(timeText(new Date(last.t).toISOString())) : '',
        limits.map(({ label, value }) => `${label} ${sayNumber(value)} ${unit}`).join(', '),
      )}
      className="h-72"
    >
      <ResponsiveContainer width="100%" height="100%">
        <ComposedChart
          data={moments}
          margin={{ top: 18, right: 12, bottom: 4, left: 0 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--color-rule)" vertical={false} />
          <XAxis
            dataKey="t"
            type="number"
            scale="time"
            domain={span}
            ticks={instants(span)}
            allowDataOverflow
            tick={AXIS}
            tickFormatter={(t: number) => dateText(new Date(t).toISOString())}
            minTickGap={48}
            stroke="var(--color-rule-strong)"
          />
          <YAxis
            tick={AXIS}
            unit={` ${unit}`}
            width={64}
            domain={[ticks[0]!, ticks.at(-1)!]}
            ticks={ticks}
            interval={0}
            stroke="var(--color-rule-strong)"
          />
          <Tooltip content={<Told data={data} />} isAnimationActive={false} />
          {marks.map(({ t, what }, i) => (
            <ReferenceLine
              key={`${what}-${t}-${i}`}
              x={t}
              stroke={what === 'trip' ? 'var(--color-heed)' : 'var(--color-ink-soft)'}
              strokeWidth={what === 'trip' ? 2 : 1}
              strokeDasharray={what === 'part' ? '2 2' : undefined}
              label={
                what === 'reset'
                  ? undefined
                  : { value: MARK_WORDS[what], position: 'top', fill: 'var(--color-ink-soft)', fontSize: 11 }
              }
            />
          ))}
          {limits.map(({ value, label }) => (
            <ReferenceLine
              key={label}
              y={value}
              stroke="var(--color-danger)"
              strokeDasharray="8 4"
              label={{
                value: `${label} ${sayNumber(value)} ${unit}`,
                position: 'insideBottomLeft',
                fill: 'var(--color-danger)',
                fontSize: 12,
                // Readable where a trip's line crosses it.
                stroke: 'var(--color-bone)',
                strokeWidth: 4,
                paintOrder: 'stroke',
              }}
            />
          ))}
          {points.map((point, i) => (
            <Area
              key={`${point} span`}
              dataKey={`${point} span`}
              stroke="none"
              fill={strokeOf(i).stroke}
              fillOpacity={0.18}
              connectNulls
              isAnimationActive={false}
            />
          ))}
          {points.map((point, i) => (
            <Line
              key={point}
              dataKey={point}
              stroke={strokeOf(i).stroke}
              strokeDasharray={strokeOf(i).dash}
              strokeWidth={2}
              dot={
                moments.length > 120
                  ? false
                  : { r: strokeOf(i).dot, fill: strokeOf(i).stroke, strokeDasharray: '0' }
              }
              connectNulls
              isAnimationActive={false}
            />
          ))}
          {struck.map(({ t, value }, i) => (
            <ReferenceDot
              key={`struck-${t}-${i}`}
              x={t}
              y={value}
              r={0}
              label={{ value: '✕', fill: 'var(--color-ink-soft)', fontSize: 16, position: 'center' }}
            />
          ))}
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}

interface ToldProps {
  data: ChartData;
  active?: boolean;
  label?: number | string;
  payload?: readonly { dataKey?: unknown; value?: unknown }[];
}

/** The figures of the instant under the pointer. */
function Told({ data, active, label, payload }: ToldProps) {
  const { timeText } = useUnits();
  if (!active || !payload?.length) return null;
  return (
    <div className="border border-rule-strong bg-bone-raised px-3 py-2 text-sm">
      <p className="figures text-ink-soft">{timeText(new Date(Number(label)).toISOString())}</p>
      {payload
        .filter(({ value }) => typeof value === 'number')
        .map(({ dataKey, value }) => (
          <p key={String(dataKey)}>
            {POINT_WORDS[dataKey as keyof typeof POINT_WORDS]}{' '}
            <span className="figures font-semibold">
              {sayNumber(value as number)} {data.unit}
            </span>
          </p>
        ))}
    </div>
  );
}

function Legend({ data: { points, struck, limits } }: { data: ChartData }) {
  const sources = [...new Set(limits.flatMap(({ source }) => source ?? []))];
  return (
    <>
      <ul className="flex flex-wrap gap-x-5 gap-y-1 text-sm">
        {points.map((point, i) => (
          <li key={point} className="flex items-center gap-2">
            <svg aria-hidden="true" width="28" height="8">
              <line
                x1="0"
                x2="28"
                y1="4"
                y2="4"
                stroke={strokeOf(i).stroke}
                strokeWidth="2"
                strokeDasharray={strokeOf(i).dash}
              />
            </svg>
            {POINT_WORDS[point]}
          </li>
        ))}
        {struck.length > 0 && <li>{messages.voidDoesNotCount}</li>}
      </ul>
      {sources.length > 0 && (
        <p className="mt-1 text-sm text-ink-soft">{messages.limits(sources.join('; '))}</p>
      )}
    </>
  );
}
