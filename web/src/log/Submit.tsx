import { Button, FieldError } from '../shared/index.ts';

interface Props {
  label: string;
  busy: boolean;
  stored: boolean;
  error?: string;
}

/** The button that stores an entry, what went wrong with it as a whole, or that it is stored. */
export function Submit({ label, busy, stored, error }: Props) {
  return (
    <div className="flex flex-wrap items-center gap-4">
      <Button type="submit" disabled={busy}>
        {busy ? 'Storing …' : label}
      </Button>
      <span role="status" className="text-good">
        {stored && !error ? '✓ Stored. The decision above is up to date.' : ''}
      </span>
      <FieldError message={error} />
    </div>
  );
}
