import { useId, useState } from 'react';
import type { z } from 'zod';
import { Button, FieldError, toNumber, useAction } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface Props {
  label: string;
  unit: string;
  schema: z.ZodType<number>;
  button: string;
  /** A figure that is there already, to be put right. */
  begin?: string;
  onFigure: (value: number) => Promise<void>;
}

/** A figure as the meter shows it, large and under the thumb. */
export function FigureForm({ label, unit, schema, button, begin = '', onFigure }: Props) {
  const id = useId();
  const [typed, setTyped] = useState(begin);
  const [wrong, setWrong] = useState<string | null>(null);
  const { busy, problem, run } = useAction();
  const store = () => {
    const value = toNumber(typed);
    const read = value === null ? null : schema.safeParse(value);
    if (!read?.success) {
      setWrong(read === null ? messages.enterTheMeterReading : read.error.issues[0]!.message);
      return;
    }
    setWrong(null);
    void run(() => onFigure(read.data));
  };
  const message = wrong ?? problem ?? undefined;
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        store();
      }}
    >
      <label htmlFor={id} className="mb-1 block font-medium">
        {label} ({unit})
      </label>
      <div className="flex flex-wrap gap-3">
        <input
          id={id}
          inputMode="decimal"
          autoComplete="off"
          value={typed}
          aria-invalid={message !== undefined || undefined}
          aria-describedby={message === undefined ? undefined : `${id}-error`}
          onChange={(event) => setTyped(event.target.value)}
          className="figures min-h-14 w-36 rounded-sm border border-rule-strong bg-bone px-3 text-2xl"
        />
        <Button type="submit" disabled={busy} className="min-h-14 grow px-6 text-lg sm:grow-0">
          {button}
        </Button>
      </div>
      <FieldError id={`${id}-error`} message={message} />
    </form>
  );
}
