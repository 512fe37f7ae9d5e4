import { classes } from '../components/index.ts';

interface Props {
  label: string;
  /** As it stands in the field. */
  value: string;
  onValue: (value: string) => void;
  isWrong?: boolean;
  /** Figures are written in one width. */
  isFigure?: boolean;
  placeholder?: string;
  className?: string;
}

/** What is typed, outside of a form: whoever holds it reads it. */
export function TypedInput({
  label,
  value,
  onValue,
  isWrong = false,
  isFigure = true,
  placeholder,
  className = 'w-28',
}: Props) {
  return (
    <label className="block">
      <span className="mb-1 block text-sm font-medium">{label}</span>
      <input
        inputMode={isFigure ? 'decimal' : 'text'}
        autoComplete="off"
        maxLength={120}
        value={value}
        placeholder={placeholder}
        aria-invalid={isWrong || undefined}
        onChange={(event) => onValue(event.target.value)}
        className={classes(
          'min-h-11 rounded-sm border bg-bone-raised px-3 placeholder:text-ink-soft',
          isFigure && 'figures',
          isWrong ? 'border-2 border-danger' : 'border-rule-strong',
          className,
        )}
      />
    </label>
  );
}
