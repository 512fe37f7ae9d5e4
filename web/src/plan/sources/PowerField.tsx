import { watts as wattsSchema } from '@phylaxon/core/facts/quantities';
import { useState } from 'react';
import { classes, toNumber } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** A power of a circuit, named for a screen reader by its circuit. */
export function PowerField({
  label,
  of,
  watts,
  onRead,
}: {
  label: string;
  of: string;
  watts: number | null;
  /** What is typed, W; `null`: it is no power. */
  onRead: (watts: number | null) => void;
}) {
  const [text, setText] = useState(watts === null ? '' : `${Math.round(watts)}`);
  const isWrong = text.trim() !== '' && !wattsSchema.safeParse(toNumber(text)).success;
  return (
    <label className="block">
      <span className="mb-1 block text-sm font-medium">
        {label}
        <span className="sr-only"> {of}</span>
      </span>
      <input
        inputMode="decimal"
        autoComplete="off"
        maxLength={12}
        value={text}
        placeholder={messages.notKnown}
        aria-invalid={isWrong || undefined}
        onChange={({ target: { value } }) => {
          setText(value);
          const read = wattsSchema.safeParse(toNumber(value));
          onRead(read.success ? read.data : null);
        }}
        className={classes(
          'figures min-h-11 w-full rounded-sm border bg-bone-raised px-3 placeholder:text-ink-soft',
          isWrong ? 'border-2 border-danger' : 'border-rule-strong',
        )}
      />
    </label>
  );
}
