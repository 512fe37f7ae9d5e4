import { dutyOf } from '@phylaxon/core/facts/upkeep';
import type { DutyState } from '@phylaxon/core/views/upkeep';
import ical, { ICalCalendarMethod, ICalEventRepeatingFreq } from 'ical-generator';

/** What is due at the panels of a site. */
export interface DueAtPanels {
  site: { id: string; name: string };
  panels: { id: string; name: string; duties: DutyState[] }[];
}

/**
 * What is due, as a calendar: an all-day event for each duty of each panel, again and again. Its id stays the same when it moves.
 *
 * @param address of the application; empty: it is not known
 */
export function upkeepCalendar({ site, panels }: DueAtPanels, address: string): string {
  const calendar = ical({
    name: `Upkeep: ${site.name}`,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Phylaxon', product: 'Upkeep', language: 'EN' },
    ttl: 12 * 3600,
  });
  for (const panel of panels)
    for (const { duty, dueAt, lastAt } of panel.duties) {
      const { name, everyMonths, how } = dutyOf(duty);
      calendar.createEvent({
        id: `${panel.id}-${duty}@phylaxon`,
        summary: `${panel.name}: ${name}`,
        description: how.join('\n'),
        // A day, wherever the panel hangs: no time zone moves it.
        start: new Date(`${dueAt.slice(0, 10)}T00:00:00Z`),
        timezone: 'UTC',
        allDay: true,
        stamp: new Date(lastAt ?? dueAt),
        ...(address !== '' && { url: `${address}/panels/${panel.id}/upkeep` }),
        repeating: { freq: ICalEventRepeatingFreq.MONTHLY, interval: everyMonths },
      });
    }
  return calendar.toString();
}
