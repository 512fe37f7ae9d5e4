import type { DrawnStretch } from '@phylaxon/core/physics/profile';
import { sayDuration, sayNumber } from '@phylaxon/core/facts/quantities';
import {
  Area,
  AreaChart,
  Bar,
  BarChart,
  CartesianGrid,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { ampsText, AXIS, roundTicks } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface CurrentProps {
  drawn: DrawnStretch[];
  hours: number;
  ratingAmps: number;
}

/** The current over time, as it changes; as far as it is drawn. */
export function CurrentChart({ drawn, hours, ratingAmps }: CurrentProps) {
  const end = hours * 3600;
  const whole = drawn.length < 600;
  const to = whole ? end : drawn.at(-1)!.from;
  const ticks = roundTicks(0, Math.max(ratingAmps, ...drawn.map(({ amps }) => amps)));
  const points = [...drawn, { from: to, amps: drawn.at(-1)!.amps }];
  return (
    <figure>
      <div
        role="img"
        aria-label={messages.currentOverTimeComparedWithThe(ampsText(ratingAmps))}
        className="h-48"
      >
        <ResponsiveContainer width="100%" height="100%">
          <AreaChart
            data={points}
            margin={{ top: 18, right: 16, bottom: 4, left: 0 }}
            accessibilityLayer={false}
          >
            <CartesianGrid stroke="var(--color-rule)" vertical={false} />
            <XAxis
              dataKey="from"
              type="number"
              domain={[0, to]}
              tick={AXIS}
              tickFormatter={(seconds: number) => (seconds === 0 ? '0' : sayDuration(seconds))}
              ticks={[0, 0.25, 0.5, 0.75, 1].map((part) => part * to)}
              stroke="var(--color-rule-strong)"
            />
            <YAxis
              tick={AXIS}
              unit=" A"
              width={56}
              domain={[0, ticks.at(-1)!]}
              ticks={ticks}
              tickFormatter={(amps: number) => sayNumber(amps, 0)}
              stroke="var(--color-rule-strong)"
            />
            <ReferenceLine
              y={ratingAmps}
              stroke="var(--color-danger)"
              strokeDasharray="8 4"
              label={{
                value: messages.ratingInline(ampsText(ratingAmps)),
                position: 'insideBottomLeft',
                fill: 'var(--color-danger)',
                fontSize: 12,
                stroke: 'var(--color-bone)',
                strokeWidth: 4,
                paintOrder: 'stroke',
              }}
            />
            <Area
              dataKey="amps"
              type="stepAfter"
              stroke="var(--color-ink)"
              strokeWidth={1.5}
              fill="var(--color-ink)"
              fillOpacity={0.15}
              isAnimationActive={false}
            />
          </AreaChart>
        </ResponsiveContainer>
      </div>
      {!whole && (
        <figcaption className="text-sm text-ink-soft">
          {messages.theChartShowsTheFirst(sayDuration(to))}
        </figcaption>
      )}
    </figure>
  );
}

/** First trips in each hour, as a share of all units. */
export function ChanceChart({ byHour, units }: { byHour: number[]; units: number }) {
  const bars = byHour.map((opened, i) => ({ hour: i + 1, share: (opened / units) * 100 }));
  return (
    <div
      role="img"
      aria-label={messages.firstTripsInEachHour(
        bars
          .filter(({ share }) => share > 0)
          .slice(0, 12)
          .map(({ hour, share }) => messages.hour(hour, sayNumber(share, 2)))
          .join(', '),
      )}
      className="mt-3 h-48"
    >
      <ResponsiveContainer width="100%" height="100%">
        <BarChart data={bars} margin={{ top: 8, right: 16, bottom: 20, left: 0 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--color-rule)" vertical={false} />
          <XAxis
            dataKey="hour"
            tick={AXIS}
            stroke="var(--color-rule-strong)"
            label={{ value: 'hour', position: 'insideBottom', offset: -12, ...AXIS }}
          />
          <YAxis tick={AXIS} unit="%" width={56} stroke="var(--color-rule-strong)" />
          <Tooltip content={<Told />} cursor={{ fill: 'var(--color-bone-sunk)' }} isAnimationActive={false} />
          <Bar dataKey="share" fill="var(--color-ink-soft)" isAnimationActive={false} />
        </BarChart>
      </ResponsiveContainer>
    </div>
  );
}

interface ToldProps {
  active?: boolean;
  payload?: readonly { payload?: { hour: number; share: number } }[];
}

function Told({ active, payload }: ToldProps) {
  const bar = payload?.[0]?.payload;
  if (!active || !bar) return null;
  return (
    <p className="border border-rule-strong bg-bone-raised px-3 py-2 text-sm">
      {messages.hourTitle(
        bar.hour,
        <span className="figures font-semibold">{sayNumber(bar.share, 2)}%</span>,
      )}
    </p>
  );
}
