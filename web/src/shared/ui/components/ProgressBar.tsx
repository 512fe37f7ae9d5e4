import { Button } from './Button.tsx';
import * as messages from './messages.ts';

/** How far work is, and a way to give it up. */
export function ProgressBar({
  words,
  share,
  onCancel,
}: {
  words: string;
  /** Done so far, 0 to 1. */
  share: number;
  onCancel: () => void;
}) {
  const percent = Math.round(share * 100);
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <label className="flex min-w-56 flex-1 flex-col">
        <span>
          {words} … <span className="figures">{percent}</span> %
        </span>
        <progress
          value={percent}
          max={100}
          className="h-3 w-full appearance-none border border-rule-strong bg-bone-raised [&::-moz-progress-bar]:bg-ink [&::-webkit-progress-bar]:bg-bone-raised [&::-webkit-progress-value]:bg-ink"
        />
      </label>
      <Button look="quiet" onClick={onCancel}>
        {messages.cancel}
      </Button>
    </div>
  );
}
