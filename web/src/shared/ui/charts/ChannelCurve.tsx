import type { RecordingAbout } from '@phylaxon/core/record/panelEntries';
import { sayQuantity } from '@phylaxon/core/facts/quantities';
import * as messages from './messages.ts';

type Channel = RecordingAbout['channels'][number];

const WIDTH = 96;
const HEIGHT = 32;

/** The course of a channel in a small picture, between the least and the most of each step. */
export function ChannelCurve({
  channel: { quantity, curve, spread },
  unit,
}: {
  channel: Channel;
  unit: string;
}) {
  if (!curve || !spread) return null;
  // A current is seen against nothing, the others against how far they go.
  const from = quantity === 'current' ? 0 : spread.least;
  const span = Math.max(spread.most - from, 1e-6);
  const y = (value: number) => HEIGHT - ((value - from) / span) * HEIGHT;
  const step = WIDTH / curve.least.length;
  const columns = curve.least.flatMap((least, i) => {
    const most = curve.most[i];
    if (least === null || most === null || most === undefined) return [];
    const top = Math.min(y(most), HEIGHT - 1);
    return `M${(i * step).toFixed(2)} ${top.toFixed(1)}h${step.toFixed(2)}V${Math.max(y(least), top + 1).toFixed(1)}h${(-step).toFixed(2)}z`;
  });
  return (
    <span className="flex items-center gap-2">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        preserveAspectRatio="none"
        aria-hidden="true"
        className="h-10 w-32 shrink-0 border-b border-l border-rule-strong"
      >
        <path d={columns.join('')} className="fill-good" />
      </svg>
      <span className="figures text-sm whitespace-nowrap">
        {messages.upTo(sayQuantity(spread.most, unit))}
      </span>
    </span>
  );
}
