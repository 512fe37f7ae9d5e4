import type { ReactNode } from 'react';
import { classes } from '../components/index.ts';

interface Props {
  label: ReactNode;
  checked: boolean;
  onChecked: (checked: boolean) => void;
  /** It stands on the board. */
  isOnBoard?: boolean;
}

/** Yes or no, outside of a form. */
export const CheckInput = ({ label, checked, onChecked, isOnBoard = false }: Props) => (
  <label className="flex min-h-11 items-start gap-3 py-2">
    <input
      type="checkbox"
      checked={checked}
      onChange={(event) => onChecked(event.target.checked)}
      className={classes('mt-0.5 size-5 shrink-0', isOnBoard ? 'accent-heed-lit' : 'accent-ink')}
    />
    <span>{label}</span>
  </label>
);
