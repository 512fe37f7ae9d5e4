import { Button, FieldError } from '../../shared/ui/index.ts';
import type { Outcome } from './useSend.ts';

interface Props {
  label: string;
  busy: boolean;
  outcome: Outcome;
  error?: string;
}

const OUTCOMES = {
  stored: '✓ Stored. The decision above is up to date.',
  waiting: 'The server does not answer: this is kept here and stored as soon as it does.',
} as const;

/** The button that stores an entry, what went wrong with it as a whole, or what became of it. */
export function Submit({ label, busy, outcome, error }: Props) {
  return (
    <div className="flex flex-wrap items-center gap-4">
      <Button type="submit" disabled={busy}>
        {busy ? 'Storing …' : label}
      </Button>
      <span role="status" className={outcome === 'waiting' ? 'font-medium text-heed' : 'text-good'}>
        {outcome && !error ? OUTCOMES[outcome] : ''}
      </span>
      <FieldError message={error} />
    </div>
  );
}
