import { dutyOf } from '@phylaxon/core/facts/upkeep';
import type { DueAnywhere } from '@phylaxon/core/views/upkeep';
import { Link } from 'react-router';
import { uncapital, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** As many as fit a glance. */
const MOST = 4;

/** What there is to do without anything being wrong: rounds, and what nears its limit. */
export function Due({ due: { rounds, ahead } }: { due: DueAnywhere }) {
  const { say } = useUnits();
  if (rounds.length === 0 && ahead.length === 0) return null;
  return (
    <section aria-label={messages.preventiveMaintenance}>
      <h2 className="text-xl font-bold">{messages.preventiveMaintenance}</h2>
      <ul className="mt-1 divide-y divide-rule">
        {ahead.slice(0, MOST).map(({ panelId, panel, where, trend }) => (
          <li key={`${panelId} ${where} ${trend.kind}`}>
            <Link
              to={
                trend.breakerId === null
                  ? `/panels/${panelId}/legs`
                  : `/panels/${panelId}/breakers/${trend.breakerId}`
              }
              className="block px-1 py-2 hover:bg-bone-sunk"
            >
              <strong className="block">{messages.nearItsLimit(where)}</strong>
              <span className="block text-sm">{say(trend.text)}</span>
              <span className="block text-sm text-ink-soft">{panel}</span>
            </Link>
          </li>
        ))}
        {rounds.slice(0, MOST).map(({ panelId, panel, site, duties }) => (
          <li key={panelId}>
            <Link to={`/panels/${panelId}/upkeep`} className="block px-1 py-2 hover:bg-bone-sunk">
              <strong className="block">
                {duties.length === 1
                  ? messages.maintenanceTaskIsDue
                  : messages.maintenanceTasksAreDue(duties.length)}
                : {panel}
              </strong>
              <span className="block text-sm">
                {duties
                  .map((duty, i) => (i === 0 ? dutyOf(duty).name : uncapital(dutyOf(duty).name)))
                  .join(', ')}
              </span>
              <span className="block text-sm text-ink-soft">{site}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
