import type { ReactNode } from 'react';
import { classes } from './classes.ts';

interface Props {
  isChosen: boolean;
  onChoose: () => void;
  disabled?: boolean;
  className?: string;
  children: ReactNode;
}

/** One of a few answers, under the thumb; which was given stays in view. */
export const ChoiceButton = ({ isChosen, onChoose, disabled = false, className, children }: Props) => (
  <button
    type="button"
    aria-pressed={isChosen}
    disabled={disabled}
    onClick={onChoose}
    className={classes(
      'min-h-12 rounded-sm border-2 px-3 font-semibold disabled:opacity-50',
      isChosen ? 'border-ink bg-ink text-bone-raised' : 'border-rule-strong hover:bg-bone-sunk',
      className,
    )}
  >
    {children}
  </button>
);
