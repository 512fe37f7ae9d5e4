import { Button, FieldError } from '../../shared/ui/index.ts';
import type { Outcome } from './useSend.ts';
import * as messages from './messages.ts';

interface Props {
  label: string;
  busy: boolean;
  outcome: Outcome;
  error?: string;
}

const OUTCOMES = {
  stored: messages.savedTheDecisionAboveIsUp,
  waiting: messages.theServerIsNotAnsweringYour,
} as const;

/** The button that stores an entry, what went wrong with it as a whole, or what became of it. */
export function Submit({ label, busy, outcome, error }: Props) {
  return (
    <div className="flex flex-wrap items-center gap-4">
      <Button type="submit" disabled={busy}>
        {busy ? messages.saving : label}
      </Button>
      <span role="status" className={outcome === 'waiting' ? 'font-medium text-heed' : 'text-good'}>
        {outcome && !error ? OUTCOMES[outcome] : ''}
      </span>
      <FieldError message={error} />
    </div>
  );
}
