import { useId, type ReactNode } from 'react';

interface Props {
  label: string;
  hint?: ReactNode;
  value: string;
  onValue: (value: string) => void;
  placeholder: string;
  rows: number;
}

/** Several lines that are typed, outside of a form: whoever holds them reads them. */
export function TypedLines({ label, hint, value, onValue, placeholder, rows }: Props) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-1 block font-semibold">
        {label}
      </label>
      {hint && <p className="mb-1 text-sm text-ink-soft">{hint}</p>}
      <textarea
        id={id}
        rows={rows}
        value={value}
        maxLength={20_000}
        onChange={(event) => onValue(event.target.value)}
        placeholder={placeholder}
        className="w-full rounded-sm border border-rule-strong bg-bone-raised px-3 py-2 placeholder:text-ink-soft"
      />
    </div>
  );
}
