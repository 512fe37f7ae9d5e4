import type { ChannelQuantity } from '@phylaxon/core/record/recordings';
import type { Units } from '../../shared/ui/index.ts';
import { type Mark, type TimeRange, AXIS_UNITS } from './drawnChannel.ts';

export const axisText = (tick: number, quantity: ChannelQuantity, units: Units) =>
  quantity === 'temperature'
    ? units.temperatureText(tick)
    : `${Number(tick.toPrecision(6))} ${AXIS_UNITS[quantity]}`;

/** Marks of one kind that would lie on each other are one; trips always show. */
export function spread(marks: readonly Mark[], x: (ms: number) => number): Mark[] {
  const last = new Map<Mark['kind'], number>();
  return marks.filter(({ atMs, kind }) => {
    const at = x(atMs);
    if (kind !== 'trip' && at - (last.get(kind) ?? -Infinity) < 6) return false;
    last.set(kind, at);
    return true;
  });
}

const STEPS_MS = [
  1e3,
  5e3,
  15e3,
  60e3,
  300e3,
  900e3,
  3600e3,
  3 * 3600e3,
  6 * 3600e3,
  12 * 3600e3,
  86_400e3,
  2 * 86_400e3,
  7 * 86_400e3,
  30 * 86_400e3,
];

/** Instants of the clock for the axis, some 110 pixels apart. */
export function instants(
  { fromMs, toMs }: TimeRange,
  columns: number,
): { ms: number; text: (units: Units) => string }[] {
  const rough = ((toMs - fromMs) / Math.max(1, columns)) * 110;
  const step = STEPS_MS.find((one) => one >= rough) ?? STEPS_MS.at(-1)!;
  const offset = new Date(fromMs).getTimezoneOffset() * 60_000;
  const list = [];
  for (let ms = Math.ceil((fromMs - offset) / step) * step + offset; ms <= toMs; ms += step) {
    const share = (ms - fromMs) / (toMs - fromMs);
    if (share < 0.04 || share > 0.96) continue;
    list.push({ ms, text: (units: Units) => instantText(ms, step, units) });
  }
  return list;
}

function instantText(ms: number, step: number, { dateText, timeText }: Units): string {
  const instant = new Date(ms).toISOString();
  const date = new Date(ms);
  if (step >= 86_400e3 || (step >= 3600e3 && date.getHours() === 0)) return dateText(instant);
  // What stands behind the date is the clock.
  const clock = timeText(instant).slice(dateText(instant).length + 2);
  return step < 60e3 ? `${clock}:${String(new Date(ms).getSeconds()).padStart(2, '0')}` : clock;
}
/** An instant with its seconds. */
export function clockText(ms: number, timeText: (instant: string) => string): string {
  const date = new Date(ms);
  return `${timeText(date.toISOString())}:${String(date.getSeconds()).padStart(2, '0')}`;
}
