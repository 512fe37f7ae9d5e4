import type { SiteSummary } from '@phylaxon/core/views/board';

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
const WHEN = ['Stop', 'At once', 'Soon', 'Soon', 'Next visit'] as const;

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
          when: WHEN[urgency] ?? 'Next visit',
        })),
      ),
    )
    .sort((a, b) => a.urgency - b.urgency);
}
