import { INSTRUMENT_NAMES } from '@phylaxon/core/facts/instruments';
import { QUANTITY_UNITS } from '@phylaxon/core/record/entities';
import { useState, type ReactNode } from 'react';
import { classes, SimulatedMark, useUnits } from '../../shared/ui/index.ts';
import { POINT_WORDS } from '../../shared/entryWords/index.ts';
import type { LiveChannel } from './useLiveFeeds.ts';
import * as messages from './messages.ts';

/** Without a figure for longer than this a device is silent, ms. */
const SILENT_MS = 3000;

interface Props {
  channel: LiveChannel;
  /** By this browser’s clock, ms. */
  now: number;
  onClear: () => void;
  /** The way into the log: a figure, in the record’s unit. */
  take: (value: number) => ReactNode;
}

/** One instrument at one point, large: hold, least and most, the zero of a clamp. */
export function LiveFigure({ channel, now, onClear, take }: Props) {
  const { sample, least, most, recent, heardAt } = channel;
  const { quantityText, temperatureUnit, fromCelsius } = useUnits();
  const [held, setHeld] = useState<number | null>(null);
  const [zero, setZero] = useState(0);
  const unit = QUANTITY_UNITS[sample.quantity];
  const isClamp = sample.instrument === 'clamp-meter' && sample.quantity === 'current';
  const live = isClamp ? Math.max(0, sample.value - zero) : sample.value;
  const value = held ?? live;
  const silentSeconds = Math.floor((now - heardAt) / 1000);
  const isSilent = now - heardAt > SILENT_MS;
  const shown = unit === '°C' ? fromCelsius(value) : value;
  return (
    <li className="border-t border-rule-strong py-3">
      <p className="flex flex-wrap items-baseline gap-x-3">
        <span className="font-semibold">
          {sample.quantity === 'power' ? messages.powerAtThePlugInMeter : POINT_WORDS[sample.point]}
        </span>
        <span className="text-sm text-ink-soft">
          {INSTRUMENT_NAMES[sample.instrument]} · {channel.feed}
        </span>
        {sample.simulated && <SimulatedMark />}
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-2">
        <p
          className={classes('figures min-w-40 text-5xl font-bold sm:text-6xl', isSilent && 'text-ink-soft')}
          aria-label={`${quantityText(value, unit)}${held === null ? '' : messages.held}`}
        >
          {shown.toFixed(decimals(sample.quantity, sample.instrument))}
          <span className="ml-2 text-2xl">{unit === '°C' ? temperatureUnit : unit}</span>
          <span
            key={sample.value}
            aria-hidden="true"
            className={classes(
              'ml-3 inline-block size-3 rounded-full align-middle',
              isSilent ? 'border-2 border-ink-soft' : 'bg-good motion-safe:animate-[pulse_0.5s_ease-out_1]',
            )}
          />
        </p>
        <Spark values={recent} />
        <div>{take(value)}</div>
      </div>
      <p className="mt-1 flex flex-wrap items-center gap-x-4 text-sm">
        <span className="figures">
          {messages.minMax(
            quantityText(least - (isClamp ? zero : 0), unit),
            quantityText(most - (isClamp ? zero : 0), unit),
          )}
        </span>
        <Small onClick={onClear}>{messages.clear}</Small>
        <Small pressed={held !== null} onClick={() => setHeld(held === null ? live : null)}>
          {held === null ? messages.hold : messages.releaseHold}
        </Small>
        {isClamp && (
          <Small pressed={zero !== 0} onClick={() => setZero(zero === 0 ? sample.value : 0)}>
            {zero === 0 ? messages.zero : messages.zeroedAtUndo(quantityText(zero, unit))}
          </Small>
        )}
        {isSilent && <strong className="text-heed">{messages.noDataForSCheckThat(silentSeconds)}</strong>}
      </p>
    </li>
  );
}

/** As many decimals as the instrument shows. */
const decimals = (quantity: string, instrument: string) =>
  quantity === 'current' && instrument === 'plug-in-meter' ? 2 : 1;

function Small({
  pressed,
  onClick,
  children,
}: {
  pressed?: boolean;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-pressed={pressed}
      onClick={onClick}
      className={classes('min-h-11 px-1 underline underline-offset-4', pressed && 'font-bold')}
    >
      {children}
    </button>
  );
}

const WIDTH = 110;
const HEIGHT = 40;

/** The newest values as a line. */
function Spark({ values }: { values: readonly number[] }) {
  const least = Math.min(...values);
  const span = Math.max(Math.max(...values) - least, 1e-9);
  const points = values.map((value, i) => {
    const x = values.length < 2 ? WIDTH : (i / (values.length - 1)) * WIDTH;
    return `${x.toFixed(1)},${(HEIGHT - 2 - ((value - least) / span) * (HEIGHT - 4)).toFixed(1)}`;
  });
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width={WIDTH}
      height={HEIGHT}
      aria-hidden="true"
      className="hidden sm:block"
    >
      <polyline points={points.join(' ')} fill="none" stroke="var(--color-ink-soft)" strokeWidth="1.5" />
    </svg>
  );
}
