import type { Envelope } from '@phylaxon/core/physics/loggedCurrent';
import { useEffect, useId, useLayoutEffect, useRef, useState } from 'react';
import { Button, roundTicks, useUnits } from '../../shared/ui/index.ts';
import type { RecordingWorker } from './useRecordingWorker.ts';
import { axisText, instants, spread } from './chartAxis.ts';
import { ShownRange } from './ShownRange.tsx';
import { useEnvelopes } from './useEnvelopes.ts';
import { usePan, useWheel } from './chartGestures.ts';
import type { DrawnChannel, Mark, TimeRange } from './drawnChannel.ts';
import * as messages from './messages.ts';

interface Props {
  api: RecordingWorker;
  channels: readonly DrawnChannel[];
  whole: TimeRange;
  shown: TimeRange;
  onShow: (stretch: TimeRange) => void;
  /** Called once it is drawn for the first time. */
  onDrawn: () => void;
}

const HEIGHT = 148;

const [LEFT, RIGHT, TOP, BOTTOM] = [58, 10, 20, 22];

/** A stretch is never shorter: a few samples of any logger. */
const SHORTEST_MS = 2000;

/** A stretch within the whole, of a length that can be drawn. */
export function within(whole: TimeRange, fromMs: number, lengthMs: number): TimeRange {
  const length = Math.min(whole.toMs - whole.fromMs, Math.max(SHORTEST_MS, lengthMs));
  const from = Math.min(Math.max(whole.fromMs, fromMs), whole.toMs - length);
  return { fromMs: from, toMs: from + length };
}

/** Everything that was logged, channel below channel, with its peaks; any stretch of it. */
export function LogChart({ api, channels, whole, shown, onShow, onDrawn }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const hint = useId();
  const [width, setWidth] = useState(0);
  useLayoutEffect(() => {
    const measure = new ResizeObserver(([entry]) => setWidth(Math.floor(entry!.contentRect.width)));
    measure.observe(frame.current!);
    return () => measure.disconnect();
  }, []);
  const columns = Math.max(0, width - LEFT - RIGHT);
  const drawn = useEnvelopes(api, shown, columns);
  const isDrawn = drawn !== null;
  useEffect(() => {
    if (isDrawn) onDrawn();
  }, [isDrawn, onDrawn]);
  const length = shown.toMs - shown.fromMs;
  const zoom = (factor: number, share = 0.5) =>
    onShow(within(whole, shown.fromMs + length * share * (1 - factor), length * factor));
  const pan = (share: number) => onShow(within(whole, shown.fromMs + share * length, length));
  useWheel(frame, (factor, x) => zoom(factor, Math.min(1, Math.max(0, (x - LEFT) / Math.max(1, columns)))));
  const drag = usePan((pixels) =>
    onShow(within(whole, shown.fromMs - (pixels / Math.max(1, columns)) * length, length)),
  );

  const keys: Record<string, () => void> = {
    ArrowLeft: () => pan(-0.25),
    ArrowRight: () => pan(0.25),
    '+': () => zoom(0.5),
    '=': () => zoom(0.5),
    '-': () => zoom(2),
    Home: () => onShow(whole),
  };
  return (
    <div>
      <div
        role="group"
        aria-label={messages.channelsShown}
        className="mb-2 flex flex-wrap items-center gap-2"
      >
        <Button look="quiet" onClick={() => pan(-0.5)} aria-label={messages.earlier}>
          ←
        </Button>
        <Button look="quiet" onClick={() => zoom(0.5)} aria-label={messages.zoomIn}>
          +
        </Button>
        <Button look="quiet" onClick={() => zoom(2)} aria-label={messages.zoomOut}>
          −
        </Button>
        <Button look="quiet" onClick={() => pan(0.5)} aria-label={messages.later}>
          →
        </Button>
        <Button look="quiet" onClick={() => onShow(whole)}>
          {messages.showAll}
        </Button>
        <ShownRange stretch={shown} />
      </div>
      <div
        ref={frame}
        role="group"
        // It is moved by keys, as by a finger.
        tabIndex={0}
        aria-label={messages.recordedValuesOverTime}
        aria-describedby={hint}
        className="touch-pan-y cursor-grab select-none active:cursor-grabbing"
        onKeyDown={(event) => {
          const act = keys[event.key];
          if (!act || event.ctrlKey || event.metaKey || event.altKey) return;
          event.preventDefault();
          act();
        }}
        {...drag}
      >
        {width > 0 &&
          channels.map((channel, i) => (
            <Strip
              key={i}
              channel={channel}
              envelope={drawn?.envelopes[i] ?? null}
              stretch={drawn?.stretch ?? shown}
              width={width}
              columns={columns}
            />
          ))}
      </div>
      <p id={hint} className="text-sm text-ink-soft">
        {messages.dragToMoveScrollToZoom}
      </p>
    </div>
  );
}

interface StripProps {
  channel: DrawnChannel;
  envelope: Envelope | null;
  stretch: TimeRange;
  width: number;
  columns: number;
}

function Strip({ channel, envelope, stretch, width, columns }: StripProps) {
  const units = useUnits();
  const { title, quantity, limits, marks } = channel;
  const ticks = roundTicks(channel.least, channel.most).filter(
    (_tick, i, all) => all.length < 7 || i % 2 === 0,
  );
  const [low, high] = [Math.min(...ticks, channel.least), Math.max(...ticks, channel.most)];
  const plot = HEIGHT - TOP - BOTTOM;
  const y = (value: number) => TOP + plot * (1 - (value - low) / Math.max(1e-9, high - low));
  const x = (ms: number) => LEFT + ((ms - stretch.fromMs) / (stretch.toMs - stretch.fromMs)) * columns;
  const here = marks.filter(({ atMs }) => atMs >= stretch.fromMs && atMs <= stretch.toMs);
  const isSwitching = ({ kind }: Mark) => kind === 'on' || kind === 'off';
  // So many that they would be a band and tell nothing: they show in a shorter stretch.
  const seen =
    here.filter(isSwitching).length > columns / 12 ? here.filter((mark) => !isSwitching(mark)) : here;
  return (
    <figure className="border-t border-rule pt-1">
      <figcaption className="text-sm font-semibold">{title}</figcaption>
      <svg width={width} height={HEIGHT} aria-hidden="true" className="block">
        {ticks.map((tick) => (
          <g key={tick}>
            <line x1={LEFT} x2={LEFT + columns} y1={y(tick)} y2={y(tick)} stroke="var(--color-rule)" />
            <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end" fontSize="12" fill="var(--color-ink-soft)">
              {axisText(tick, quantity, units)}
            </text>
          </g>
        ))}
        {envelope && (
          <path d={areaOf(envelope, y)} transform={`translate(${LEFT} 0)`} fill="var(--color-ink)" />
        )}
        {limits.map(({ value, label }) => (
          <g key={label}>
            <line
              x1={LEFT}
              x2={LEFT + columns}
              y1={y(value)}
              y2={y(value)}
              stroke="var(--color-danger)"
              strokeDasharray="8 4"
            />
            <text
              x={LEFT + 6}
              y={y(value) - 4}
              fontSize="12"
              fill="var(--color-danger)"
              stroke="var(--color-bone)"
              strokeWidth="4"
              paintOrder="stroke"
            >
              {label}
            </text>
          </g>
        ))}
        {spread(seen, x).map(({ atMs, kind }, i) => (
          <MarkShape key={`${atMs} ${i}`} kind={kind} x={x(atMs)} bottom={TOP + plot} />
        ))}
        {instants(stretch, columns).map(({ ms, text }) => (
          <text
            key={ms}
            x={x(ms)}
            y={HEIGHT - 6}
            textAnchor="middle"
            fontSize="12"
            fill="var(--color-ink-soft)"
          >
            {text(units)}
          </text>
        ))}
      </svg>
    </figure>
  );
}

/** From least to most of each column, never thinner than a line; columns of one height are one stroke. */
function areaOf({ least, most }: Envelope, y: (value: number) => number): string {
  const tenths = (value: number) => Math.round(value * 10) / 10;
  const parts: (string | number)[] = [];
  for (let from = 0; from < most.length; from += 1) {
    if (Number.isNaN(most[from]!)) continue;
    let to = from;
    while (to + 1 < most.length && !Number.isNaN(most[to + 1]!)) to += 1;
    let last = tenths(y(most[from]!) - 0.7);
    parts.push('M', from, ' ', last);
    for (let i = from + 1; i <= to; i += 1) {
      const top = tenths(y(most[i]!) - 0.7);
      if (top !== last) parts.push('H', i, 'V', top);
      last = top;
    }
    parts.push('H', to + 1);
    last = NaN;
    for (let i = to; i >= from; i -= 1) {
      const bottom = tenths(y(least[i]!) + 0.7);
      if (bottom !== last) parts.push('H', i + 1, 'V', bottom);
      last = bottom;
    }
    parts.push('H', from, 'Z');
    from = to;
  }
  return parts.join('');
}

/** On: a triangle up. Off: one down. Back: a ring. A trip: a line with a cross. A sag: a notch. */
function MarkShape({ kind, x, bottom }: { kind: Mark['kind']; x: number; bottom: number }) {
  if (kind === 'trip')
    return (
      <g stroke="var(--color-danger)" strokeWidth="2">
        <line x1={x} x2={x} y1={TOP} y2={bottom} strokeDasharray="2 3" />
        <path d={`M${x - 5} 5l10 10m0 -10l-10 10`} fill="none" />
      </g>
    );
  if (kind === 'sag') return <path d={`M${x - 5} 6h10l-5 9z`} fill="var(--color-heed)" />;
  if (kind === 'restored')
    return <circle cx={x} cy="10" r="4.5" fill="none" stroke="var(--color-good)" strokeWidth="2" />;
  const [d, fill] =
    kind === 'on' ? [`M${x} 6l4 8h-8z`, 'var(--color-good)'] : [`M${x} 14l4 -8h-8z`, 'var(--color-ink-soft)'];
  return <path d={d} fill={fill} />;
}
