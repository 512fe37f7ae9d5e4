import { MUST_OPEN_MULTIPLE } from '@phylaxon/core/facts/standards';
import type { TripRecord } from '@phylaxon/core/physics/breakerEstimate';
import { sayNumber } from '@phylaxon/core/facts/quantities';
import {
  Area,
  ComposedChart,
  Line,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { ampsText, AXIS, roundTicks } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** How probability lies over the current at which it opens in the end. */
export function DensityChart({ told, ratingAmps }: { told: TripRecord; ratingAmps: number }) {
  const { p05, p50, p95 } = told.result.ultimateAmps;
  const from = Math.min(ratingAmps * 0.5, p05 * 0.85);
  const to = Math.max(ratingAmps * 1.7, p95 * 1.1);
  const points = told.density.filter(({ amps }) => amps >= from && amps <= to);
  const most = Math.max(...points.map(({ now, before }) => Math.max(now, before)));
  return (
    <>
      <div
        role="img"
        aria-label={messages.tripsFrom90FromToA(
          ampsText(p50),
          ampsText(p05),
          ampsText(p95),
          ampsText(ratingAmps),
          ampsText(ratingAmps * MUST_OPEN_MULTIPLE),
        )}
        className="h-56"
      >
        <ResponsiveContainer width="100%" height="100%">
          <ComposedChart
            data={points}
            margin={{ top: 22, right: 16, bottom: 4, left: 8 }}
            accessibilityLayer={false}
          >
            <XAxis
              dataKey="amps"
              type="number"
              domain={[from, to]}
              allowDataOverflow
              tick={AXIS}
              tickFormatter={(amps: number) => sayNumber(amps)}
              unit=" A"
              ticks={roundTicks(from, to).filter((amps) => amps >= from && amps <= to)}
              stroke="var(--color-rule-strong)"
            />
            <YAxis hide domain={[0, most * 1.05]} />
            <ReferenceArea
              x1={ratingAmps}
              x2={Math.min(to, ratingAmps * MUST_OPEN_MULTIPLE)}
              fill="var(--color-good)"
              fillOpacity={0.14}
              label={{ value: messages.aSoundBreakerInline, position: 'insideTop', ...AXIS }}
            />
            <ReferenceLine
              x={ratingAmps}
              stroke="var(--color-ink-soft)"
              label={{ value: messages.ratingInline(ampsText(ratingAmps)), position: 'top', ...AXIS }}
            />
            <Area
              dataKey="now"
              type="monotone"
              stroke="var(--color-ink)"
              strokeWidth={2}
              fill="var(--color-ink)"
              fillOpacity={0.22}
              activeDot={false}
              isAnimationActive={false}
            />
            <Line
              dataKey="before"
              type="monotone"
              stroke="var(--color-ink-soft)"
              strokeDasharray="5 4"
              dot={false}
              activeDot={false}
              isAnimationActive={false}
            />
          </ComposedChart>
        </ResponsiveContainer>
      </div>
      <p className="text-sm text-ink-soft">{messages.solidByItsRecordDashedA}</p>
    </>
  );
}
