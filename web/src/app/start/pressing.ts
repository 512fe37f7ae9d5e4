import type { SiteSummary } from '@phylaxon/core/views/board';
import * as messages from './messages.ts';

/** Something that needs attention, wherever it is. */
export interface Pressing {
  key: string;
  to: string;
  where: string;
  label: string;
  headline: string;
  because: string;
  stop: boolean;
  /** How soon, in a word. */
  when: string;
}

/** How soon something is to be seen to, by its urgency: 0 is danger. */
const WHEN = [messages.stop, messages.now, messages.soon, messages.soon, messages.nextVisit] as const;

/** What needs attention at any site, the most pressing first. */
export function pressing(sites: readonly SiteSummary[]): Pressing[] {
  return sites
    .flatMap(({ site, panels }) =>
      panels.flatMap(({ panel, attention }) =>
        attention.map(({ breakerId, space, urgency, ...rest }) => ({
          ...rest,
          urgency,
          key: `${panel.id} ${breakerId ?? space}`,
          to: `/panels/${panel.id}/${breakerId ? `breakers/${breakerId}` : `spaces/${space}`}`,
          where: `${site.name}, ${panel.name}`,
          when: WHEN[urgency] ?? messages.nextVisit,
        })),
      ),
    )
    .sort((a, b) => a.urgency - b.urgency);
}
