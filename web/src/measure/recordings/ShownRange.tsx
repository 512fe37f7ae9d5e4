import { useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';
import type { TimeRange } from './drawnChannel.ts';

export function ShownRange({ stretch }: { stretch: TimeRange }) {
  const { timeText } = useUnits();
  const text = (ms: number) => timeText(new Date(ms).toISOString());
  return <span className="figures text-sm">{messages.to(text(stretch.fromMs), text(stretch.toMs))}</span>;
}
