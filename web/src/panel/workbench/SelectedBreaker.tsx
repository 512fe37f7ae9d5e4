import type { Board } from '@phylaxon/core/views/board';
import { X } from 'lucide-react';
import { Link } from 'react-router';
import { ampsText, familyMark, placeText } from '../../shared/ui/index.ts';
import { useSelectedBreaker } from '../../shared/workbench/index.ts';
import * as messages from './messages.ts';

/** The breaker that is selected on the board, over the job that is open. */
export function SelectedBreaker({ board }: { board: Board }) {
  const [breakerId, select] = useSelectedBreaker();
  const entry = board.breakers.find(({ breaker }) => breaker.id === breakerId);
  if (!entry) return null;
  const { breaker, label, decision } = entry;
  const name = label ?? (breaker.space === null ? board.panel.name : messages.circuitNotNamed);
  return (
    <section
      aria-label={messages.selectedBreaker}
      className="flex flex-wrap items-center gap-x-4 border-b border-rule bg-bone-raised px-4 sm:px-6 print:hidden"
    >
      <p className="min-w-0 flex-1 py-2">
        <span className="figures mr-2 text-ink-soft">{placeText(breaker)}</span>
        <strong>{name}</strong> <span className="figures">{ampsText(breaker.ratingAmps)}</span>{' '}
        <span className="text-ink-soft">· {familyMark(decision).word}</span>
      </p>
      <Link
        to={`/panels/${board.panel.id}/breakers/${breaker.id}`}
        aria-label={messages.openBreakerNamed(name)}
        className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
      >
        {messages.openBreaker}
      </Link>
      <button
        type="button"
        aria-label={messages.clearSelection}
        onClick={() => select(null)}
        className="flex size-11 items-center justify-center rounded-xs hover:bg-bone-sunk"
      >
        <X aria-hidden="true" className="size-5" />
      </button>
    </section>
  );
}
