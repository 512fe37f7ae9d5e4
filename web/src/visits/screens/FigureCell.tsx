import { classes, FieldError } from '../../shared/ui/index.ts';
import type { ReadingField } from './useStepAnswers.ts';
import * as messages from './messages.ts';

interface Props {
  id: string;
  label: string;
  unit: string;
  field: ReadingField;
  /** Its label stands beside it already, as in a table. */
  isLabelHidden?: boolean;
  disabled?: boolean;
}

/** A reading as the meter shows it, large and under the thumb. */
export function FigureCell({ id, label, unit, field, isLabelHidden = false, disabled = false }: Props) {
  const { typed, wrong, isSound } = field;
  return (
    <div>
      <label htmlFor={id} className={isLabelHidden ? 'sr-only' : 'mb-1 block font-medium'}>
        {messages.inUnit(label, unit)}
      </label>
      <input
        id={id}
        inputMode="decimal"
        autoComplete="off"
        disabled={disabled}
        value={typed}
        aria-invalid={wrong !== null || undefined}
        aria-describedby={wrong === null ? undefined : `${id}-error`}
        onChange={(event) => field.type(event.target.value)}
        onBlur={field.leave}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          event.preventDefault();
          field.enter();
        }}
        className={classes(
          'figures min-h-16 w-full max-w-36 rounded-sm border bg-bone disabled:opacity-50',
          // Three of them stand side by side on a phone.
          isLabelHidden ? 'px-2 text-xl' : 'px-3 text-2xl',
          isSound ? 'border-2 border-good' : 'border-rule-strong',
        )}
      />
      <FieldError id={`${id}-error`} message={wrong ?? undefined} />
    </div>
  );
}
