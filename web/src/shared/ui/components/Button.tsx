import type { ButtonHTMLAttributes } from 'react';
import { classes } from './classes.ts';

const LOOKS = {
  primary: 'bg-ink text-bone-raised hover:opacity-85 disabled:bg-ink-soft',
  quiet: 'border border-rule-strong text-ink hover:bg-bone-sunk disabled:text-ink-soft',
} as const;

const SIZES = {
  usual: 'min-h-11 px-4 font-semibold',
  large: 'min-h-12 px-5 text-lg font-semibold',
  largest: 'min-h-14 px-6 text-xl font-bold',
} as const;

/** What makes a link, or the label of a file’s field, look like a button. */
export const asButton = (look: keyof typeof LOOKS = 'primary', size: keyof typeof SIZES = 'usual'): string =>
  classes('inline-flex items-center rounded-sm py-2', SIZES[size], LOOKS[look]);

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
