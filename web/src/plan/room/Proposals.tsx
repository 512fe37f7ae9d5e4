import { BREAKER_KIND_WORDS } from '@phylaxon/core/panel/layout';
import type { PlannedPanel } from '@phylaxon/core/views/planning';
import { Link } from 'react-router';
import { entries } from '../../shared/api/index.ts';
import { SendButton, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** What is planned in a panel: never a fact until it was done. */
export function Proposals({ planned }: { planned: PlannedPanel }) {
  const { dateText } = useUnits();
  if (planned.proposals.length === 0) return null;
  return (
    <section aria-label={messages.proposalsForThisPanel} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.proposalsForThisPanel}</h2>
      <ul className="divide-y divide-rule">
        {planned.proposals.map(({ entryId, at, content }) => (
          <li key={entryId} className="flex flex-wrap items-center justify-between gap-3 py-2">
            <p>
              <strong>{content.title}</strong>: {content.ratingAmps} A{' '}
              {content.poles === 2 ? 'two-pole' : 'one-pole'} {BREAKER_KIND_WORDS[content.kind]}
              {content.place &&
                messages.atSpace(
                  content.place.space,
                  content.place.half ? messages.half(content.place.half) : '',
                )}
              {content.steps.length > 0 &&
                messages.afterOf(
                  content.steps.length === 1 ? messages.oneStep : messages.steps(content.steps.length),
                )}
              . <span className="text-sm text-ink-soft">{messages.plannedNotDone(dateText(at))}</span>
            </p>
            <SendButton
              stored={messages.voided}
              entries={() => [entries.strike('panelEntries', entryId, messages.noLongerPlanned)]}
            >
              {messages.voidLabel}
            </SendButton>
          </li>
        ))}
      </ul>
      <p className="mt-2">
        <Link to={`/sites/${planned.panel.siteId}/parts`} className="underline underline-offset-4">
          {messages.partsToBuy}
        </Link>
      </p>
    </section>
  );
}
