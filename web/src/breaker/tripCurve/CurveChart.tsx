import type { BreakerDetail } from '@phylaxon/core/views/board';
import { sayDuration, sayNumber } from '@phylaxon/core/facts/quantities';
import { bandFor } from '@phylaxon/core/physics/trip';
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
import { useComputation } from '../../shared/compute/index.ts';
import { ampsText, AXIS, useUnits } from '../../shared/ui/index.ts';
import { pointsOf, recordOf } from './bench.ts';
import { bandPoints, SPAN, standardPoints, type BandPoint } from './curvePoints.ts';
import { AirPick } from './AirPick.tsx';
import * as messages from './messages.ts';

const MULTIPLES = [0.5, 1, 2, 3, 6, 10, 20];
const TIMES = [0.01, 0.1, 1, 10, 60, 600, 3600];

/** The band of a sound breaker over current and time, with the record and what is asked. */
export function CurveChart({ detail, asked }: { detail: BreakerDetail; asked: number | null }) {
  const { fromCelsius } = useUnits();
  const [ambientC, setAmbientC] = useState(25);
  const { ratingAmps } = detail.breaker;
  const record = recordOf(detail);
  const rating = useComputation('effective-rating', record.events.length > 0 ? record : null);
  const own = rating && {
    thresholdSquared: (rating.ultimateAmps.p50 / ratingAmps) ** 2,
    tauSeconds: rating.tauSeconds.p50,
  };
  const points = bandPoints(bandFor(ratingAmps, pointsOf(detail)), ambientC, own);
  const marks = detail.trials.filter(({ amps, seconds }) => (amps ?? 0) > 0 && (seconds ?? 0) > 0);
  return (
    <>
      <div className="mb-2">
        <AirPick value={ambientC} onChange={setAmbientC} />
      </div>
      <div
        role="img"
        aria-label={messages.tripTimeOverCurrentBothOn(sayNumber(fromCelsius(ambientC), 0), marks.length)}
        className="h-96"
      >
        <ResponsiveContainer width="100%" height="100%">
          <ComposedChart
            data={points}
            margin={{ top: 8, right: 16, bottom: 22, left: 0 }}
            accessibilityLayer={false}
          >
            <CartesianGrid stroke="var(--color-rule)" />
            <XAxis
              dataKey="multiple"
              type="number"
              scale="log"
              domain={[SPAN.from, SPAN.to]}
              ticks={MULTIPLES}
              interval={0}
              tick={AXIS}
              tickFormatter={(multiple: number) => sayNumber(multiple * ratingAmps)}
              stroke="var(--color-rule-strong)"
              label={{ value: messages.currentA, position: 'insideBottom', offset: -12, ...AXIS }}
            />
            <YAxis
              type="number"
              scale="log"
              domain={[SPAN.shortest, SPAN.longest]}
              ticks={TIMES}
              interval={0}
              width={62}
              allowDataOverflow
              tick={AXIS}
              tickFormatter={(seconds: number) => sayDuration(seconds)}
              stroke="var(--color-rule-strong)"
            />
            <Tooltip content={<Told ratingAmps={ratingAmps} />} isAnimationActive={false} />
            <Area
              dataKey="band"
              stroke="var(--color-good)"
              strokeWidth={1.5}
              fill="var(--color-good)"
              fillOpacity={0.2}
              isAnimationActive={false}
            />
            {own && (
              <Line
                dataKey="own"
                stroke="var(--color-ink)"
                strokeWidth={2}
                strokeDasharray="6 3"
                dot={false}
                activeDot={false}
                isAnimationActive={false}
              />
            )}
            <ReferenceLine
              x={1}
              stroke="var(--color-ink-soft)"
              label={{ value: 'rating', position: 'insideTopLeft', ...AXIS }}
            />
            {asked !== null && asked / ratingAmps >= SPAN.from && asked / ratingAmps <= SPAN.to && (
              <ReferenceLine
                x={asked / ratingAmps}
                stroke="var(--color-heed)"
                strokeWidth={2}
                label={{ value: ampsText(asked), position: 'insideTopRight', ...AXIS }}
              />
            )}
            {standardPoints(ratingAmps).map(({ multiple, seconds }) => (
              <ReferenceDot key={multiple} x={multiple} y={seconds} r={5} shape={<Cross />} />
            ))}
            {marks.map(({ eventId, amps, seconds, outcome, tells }) => (
              <ReferenceDot
                key={eventId}
                x={clamp(amps! / ratingAmps, SPAN.from, SPAN.to)}
                y={clamp(seconds!, SPAN.shortest, SPAN.longest)}
                r={6}
                shape={<Mark outcome={outcome} tells={tells} />}
              />
            ))}
          </ComposedChart>
        </ResponsiveContainer>
      </div>
      <Legend own={own !== null} />
    </>
  );
}

const clamp = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value));

interface Place {
  cx?: number;
  cy?: number;
}

/** A limit the standard sets. */
function Cross({ cx = 0, cy = 0 }: Place) {
  return (
    <path
      d={`M${cx - 5} ${cy}H${cx + 5}M${cx} ${cy - 5}V${cy + 5}`}
      stroke="var(--color-ink-soft)"
      strokeWidth="2"
    />
  );
}

/** A trip is a full triangle, a hold an open ring; what tells nothing is thin. */
function Mark({ cx = 0, cy = 0, outcome, tells }: Place & { outcome: string; tells: string }) {
  const colour =
    tells === 'nothing'
      ? 'var(--color-ink-soft)'
      : tells === 'consistent'
        ? 'var(--color-ink)'
        : 'var(--color-danger)';
  if (outcome === 'held')
    return <circle cx={cx} cy={cy} r="6" fill="var(--color-bone-raised)" stroke={colour} strokeWidth="2.5" />;
  return (
    <path
      d={`M${cx - 7} ${cy - 6}H${cx + 7}L${cx} ${cy + 7}Z`}
      fill={tells === 'nothing' ? 'none' : colour}
      stroke={colour}
      strokeWidth="1.5"
    />
  );
}

function Legend({ own }: { own: boolean }) {
  return (
    <ul className="flex flex-wrap gap-x-5 gap-y-1 text-sm">
      <li className="flex items-center gap-2">
        {messages.anySoundBreaker(
          <span aria-hidden="true" className="h-3 w-6 border border-good bg-good/20" />,
        )}
      </li>
      {own && (
        <li className="flex items-center gap-2">
          <svg aria-hidden="true" width="26" height="8">
            <line
              x1="0"
              x2="26"
              y1="4"
              y2="4"
              stroke="var(--color-ink)"
              strokeWidth="2"
              strokeDasharray="6 3"
            />
          </svg>
          {messages.thisBreakerByItsRecordInline}
        </li>
      )}
      <li>{messages.tripped}</li>
      <li>{messages.held}</li>
      <li>{messages.mustHaveTrippedByTheStandard}</li>
    </ul>
  );
}

interface ToldProps {
  ratingAmps: number;
  active?: boolean;
  payload?: readonly { payload?: BandPoint }[];
}

/** Current and times under the pointer. */
function Told({ ratingAmps, active, payload }: ToldProps) {
  const point = payload?.[0]?.payload;
  if (!active || !point) return null;
  const { multiple, band, own } = point;
  const latest =
    band && band[1] >= SPAN.longest ? messages.orNever : band && messages.to(sayDuration(band[1]));
  return (
    <div className="border border-rule-strong bg-bone-raised px-3 py-2 text-sm">
      <p className="figures text-ink-soft">
        {messages.rating(ampsText(multiple * ratingAmps), sayNumber(multiple, 2))}
      </p>
      <p>
        {messages.soundBreaker(
          <span className="figures">{band ? `${sayDuration(band[0])} ${latest}` : 'never'}</span>,
        )}
      </p>
      {own !== null && <p>{messages.thisBreakerOf(<span className="figures">{sayDuration(own)}</span>)}</p>}
    </div>
  );
}
