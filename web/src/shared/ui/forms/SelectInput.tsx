import { useId } from 'react';

interface Props<T extends string | number> {
  label: string;
  options: readonly { value: T; label: string }[];
  value: T;
  onValue: (value: T) => void;
  isFixed?: boolean;
  /** Something beside it says what it is: only a screen reader needs the label. */
  isLabelHidden?: boolean;
}

/** One of a list, outside of a form. */
export function SelectInput<T extends string | number>({
  label,
  options,
  value,
  onValue,
  isFixed = false,
  isLabelHidden = false,
}: Props<T>) {
  const id = useId();
  return (
    <div className="max-w-full min-w-0">
      <label htmlFor={id} className={isLabelHidden ? 'sr-only' : 'mb-1 block text-sm font-medium'}>
        {label}
      </label>
      <select
        id={id}
        value={value}
        disabled={isFixed}
        // An option’s place is the same in both lists: a number stays a number.
        onChange={(event) => onValue(options[event.target.selectedIndex]!.value)}
        className="min-h-11 w-full rounded-sm border border-rule-strong bg-bone-raised px-3"
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </div>
  );
}
