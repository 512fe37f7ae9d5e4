import type { ButtonHTMLAttributes } from 'react';
import { classes } from './classes.ts';

const LOOKS = {
  primary: 'bg-ink text-bone-raised hover:opacity-85 disabled:bg-ink-soft',
  quiet: 'border border-rule-strong text-ink hover:bg-bone-sunk disabled:text-ink-soft',
} as const;

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  look?: keyof typeof LOOKS;
}

/** A button, 44 px high at least. */
export function Button({ look = 'primary', className, type = 'button', ...rest }: Props) {
  return (
    <button
      type={type}
      className={classes('min-h-11 rounded-sm px-4 py-2 font-semibold', LOOKS[look], className)}
      {...rest}
    />
  );
}
