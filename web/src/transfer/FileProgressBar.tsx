import { Button } from '../shared/index.ts';
import type { FileWork } from './useFileWork.ts';

const STEPS = { reading: 'Reading the file', storing: 'Storing' } as const;

/** How far the work on a file is, and a way to give it up; nothing while it takes but a moment. */
export function FileProgressBar({ work: { progress, cancel } }: { work: FileWork }) {
  if (!progress) return null;
  const percent = Math.round(progress.share * 100);
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <label className="flex min-w-56 flex-1 flex-col">
        <span>
          {STEPS[progress.step]} … <span className="figures">{percent}</span> %
        </span>
        <progress
          value={percent}
          max={100}
          className="h-3 w-full appearance-none border border-rule-strong bg-bone-raised [&::-moz-progress-bar]:bg-ink [&::-webkit-progress-bar]:bg-bone-raised [&::-webkit-progress-value]:bg-ink"
        />
      </label>
      <Button look="quiet" onClick={cancel}>
        Cancel
      </Button>
    </div>
  );
}
