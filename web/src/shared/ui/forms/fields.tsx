import { spokenNumber } from '@phylaxon/core/facts/quantities';
import { useId, type ReactNode } from 'react';
import type { UseFormRegisterReturn } from 'react-hook-form';
import { classes } from '../components/index.ts';
import { useUnits } from '../words/index.ts';

interface FieldProps {
  label: string;
  registration: UseFormRegisterReturn;
  error?: string;
  hint?: string;
  className?: string;
}

const INPUT = 'min-h-11 w-full rounded-sm border bg-bone-raised px-3 py-2 text-ink placeholder:text-ink-soft';
const edge = (error?: string) => (error ? 'border-2 border-danger' : 'border-rule-strong');

/** What a number field holds: empty is null; a decimal comma is taken for a point, dictated words for their figure. */
export const toNumber = (text: unknown): number | null | undefined => {
  const typed = text === null || text === undefined ? '' : String(text).trim();
  if (typed === '') return null;
  const number = Number(typed.replace(',', '.').replace('−', '-'));
  return Number.isNaN(number) ? (spokenNumber(typed) ?? number) : number;
};

function Frame({
  id,
  label,
  error,
  hint,
  className,
  children,
}: Omit<FieldProps, 'registration'> & { id: string; children: ReactNode }) {
  return (
    <div className={classes('min-w-0', className)}>
      <label htmlFor={id} className="mb-1 block text-sm font-medium">
        {label}
      </label>
      {children}
      {hint && !error && (
        <p id={`${id}-hint`} className="mt-1 text-sm text-ink-soft">
          {hint}
        </p>
      )}
      <FieldError id={`${id}-error`} message={error} />
    </div>
  );
}

export function FieldError({ id, message }: { id?: string; message?: string }) {
  const { say } = useUnits();
  if (!message) return null;
  return (
    <p id={id} role="alert" className="mt-1 text-sm font-medium text-danger">
      <span aria-hidden="true">✕ </span>
      {say(message)}
    </p>
  );
}

const described = (id: string, error?: string, hint?: string) =>
  error ? `${id}-error` : hint ? `${id}-hint` : undefined;

/** A field for a figure, its unit beside it. */
export function NumberField({
  unit,
  placeholder,
  ...props
}: FieldProps & { unit: string; placeholder?: string }) {
  const id = useId();
  const { registration, error, hint, label } = props;
  return (
    <Frame id={id} {...props}>
      <div className="relative">
        <input
          id={id}
          type="text"
          inputMode="decimal"
          autoComplete="off"
          placeholder={placeholder}
          aria-label={`${label}, ${unit}`}
          aria-invalid={error ? true : undefined}
          aria-describedby={described(id, error, hint)}
          className={classes(INPUT, 'figures', unit.length > 2 ? 'pr-16' : 'pr-10', edge(error))}
          {...registration}
        />
        <span
          aria-hidden="true"
          className="pointer-events-none absolute inset-y-0 right-3 flex items-center text-ink-soft"
        >
          {unit}
        </span>
      </div>
    </Frame>
  );
}

/** A field for words, a date or a time. */
export function TextField({
  type = 'text',
  autoComplete = 'off',
  ...props
}: FieldProps & { type?: 'text' | 'password' | 'date' | 'datetime-local'; autoComplete?: string }) {
  const id = useId();
  const { registration, error, hint } = props;
  return (
    <Frame id={id} {...props}>
      <input
        id={id}
        type={type}
        autoComplete={autoComplete}
        step={type === 'datetime-local' ? 1 : undefined}
        aria-invalid={error ? true : undefined}
        aria-describedby={described(id, error, hint)}
        className={classes(INPUT, edge(error))}
        {...registration}
      />
    </Frame>
  );
}

export interface Option {
  value: string;
  label: string;
}

/** A field to pick one of a list. */
export function SelectField({ options, ...props }: FieldProps & { options: readonly Option[] }) {
  const id = useId();
  const { registration, error, hint } = props;
  return (
    <Frame id={id} {...props}>
      <select
        id={id}
        aria-invalid={error ? true : undefined}
        aria-describedby={described(id, error, hint)}
        className={classes(INPUT, edge(error))}
        {...registration}
      >
        {options.map(({ value, label }) => (
          <option key={value} value={value}>
            {label}
          </option>
        ))}
      </select>
    </Frame>
  );
}

/** A few choices, all in sight, one to pick. */
export function Choices({
  label,
  options,
  registration,
  error,
}: FieldProps & { options: readonly Option[] }) {
  const id = useId();
  return (
    <fieldset aria-describedby={error ? `${id}-error` : undefined}>
      <legend className="mb-1 text-sm font-medium">{label}</legend>
      <div className="flex flex-wrap gap-2">
        {options.map(({ value, label: text }) => (
          <label
            key={value}
            className="flex min-h-11 items-center gap-2 rounded-sm border border-rule-strong bg-bone-raised px-3 py-2 hover:bg-bone-sunk has-checked:border-ink has-checked:bg-ink has-checked:hover:bg-ink has-checked:text-bone-raised has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-heed"
          >
            <input type="radio" value={value} className="size-4 accent-heed-lit" {...registration} />
            {text}
          </label>
        ))}
      </div>
      <FieldError id={`${id}-error`} message={error} />
    </fieldset>
  );
}

/** Yes or no. */
export function Check({ label, registration }: Pick<FieldProps, 'label' | 'registration'>) {
  return (
    <label className="flex min-h-11 items-center gap-3">
      <input type="checkbox" className="size-5 accent-ink" {...registration} />
      {label}
    </label>
  );
}
