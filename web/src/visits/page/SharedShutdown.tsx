import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { STANDS_WORDS, useVisitWork } from '../visitRecord/index.ts';
import * as messages from './messages.ts';

/** The visits that share a shutdown with this one, each with how it stands. */
export function SharedShutdown() {
  const { record } = useVisitWork();
  const { plan, site } = record;
  const { data } = useQuery(recordQueries.visits(site.id));
  const shared = (data?.visits ?? []).filter(
    ({ visitId, within }) => visitId === plan.within || (within !== null && within === plan.visitId),
  );
  if (shared.length === 0) return null;
  return (
    <section aria-label={messages.inTheSameShutdown} className="border-l-4 border-heed pl-3">
      <h2 className="font-semibold">{messages.inTheSameShutdown}</h2>
      <ul>
        {shared.map(({ visitId, panelName, what, stands }) => (
          <li key={visitId}>
            <Link
              to={`/visits/${visitId}`}
              className="inline-flex min-h-11 items-center underline underline-offset-4"
            >
              {messages.visitTo(panelName, what.join(', '), STANDS_WORDS[stands])}
            </Link>
          </li>
        ))}
      </ul>
      <p className="text-sm text-ink-soft">
        {plan.within === undefined ? messages.finishThemBeforePower : messages.beginsOnceLockedOut}
      </p>
    </section>
  );
}
