import { classes } from './classes.ts';

interface Props {
  label: string;
  checked: boolean;
  onChecked: (checked: boolean) => void;
  /** It stands on the board. */
  isOnBoard?: boolean;
}

/** Yes or no, outside of a form. */
export const CheckInput = ({ label, checked, onChecked, isOnBoard = false }: Props) => (
  <label className="flex min-h-11 items-center gap-3">
    <input
      type="checkbox"
      checked={checked}
      onChange={(event) => onChecked(event.target.checked)}
      className={classes('size-5', isOnBoard ? 'accent-heed-lit' : 'accent-ink')}
    />
    {label}
  </label>
);
