import { clockChanges, wallTime, type WallTime } from '@phylaxon/core/facts/calendar';
import { oneLine } from '@phylaxon/core/facts/quantities';
import { dutyOf } from '@phylaxon/core/facts/upkeep';
import type { DutyState } from '@phylaxon/core/views/upkeep';
import ical, { ICalCalendarMethod } from 'ical-generator';
import * as messages from './messages.ts';

/** What is due at the panels of a site. */
export interface DueAtPanels {
  site: { id: string; name: string };
  panels: { id: string; name: string; duties: DutyState[] }[];
}

/** A day on a calendar, and how it comes again; by itself, it does not. */
interface Dates {
  day: string;
  /** As RFC 5545 writes it. */
  repeating?: string;
}

const WEEKDAYS = ['SU', 'MO', 'TU', 'WE', 'TH', 'FR', 'SA'] as const;

const two = (figure: number) => String(figure).padStart(2, '0');

/** The day of an instant, where the panel hangs. */
function dayIn(zone: string, at: number): string {
  const { year, month, day } = wallTime(at, zone);
  return `${year}-${two(month + 1)}-${two(day)}`;
}

/** Whether it lies in the last week of its month. */
const isLastWeek = ({ year, month, day }: WallTime) =>
  day + 7 > new Date(Date.UTC(year, month + 1, 0)).getUTCDate();

/** Where a day comes each year by the month, the weekday and the week: such as each second Sunday of March. */
const weekOf = (own: WallTime, isLast: boolean): string =>
  `BYMONTH=${own.month + 1};BYDAY=${isLast ? -1 : Math.ceil(own.day / 7)}${WEEKDAYS[own.weekday]!}`;

/**
 * The day on which clocks are changed, and how it comes again: by a rule where there is one, else year by year.
 *
 * @param years the same change in the years to come
 */
function atClockChange(zone: string, years: readonly number[]): Dates[] {
  const times = years.map((at) => wallTime(at, zone));
  const isLast = times.every(isLastWeek);
  const [rule, ...others] = new Set(times.map((own) => weekOf(own, isLast)));
  if (others.length > 0) return years.map((at) => ({ day: dayIn(zone, at) }));
  return [{ day: dayIn(zone, years[0]!), repeating: `RRULE:FREQ=YEARLY;${rule!}` }];
}

/** So many years of clock changes are looked at: a rule holds in all of them. */
const YEARS = 6;

/** When a duty is due, and again: of both clock changes of a year the next comes first. */
function datesOf({ dueAt, everyMonths, follows }: DutyState, zone: string): Dates[] {
  const at = Date.parse(dueAt);
  if (follows === 'clock-changes') {
    const changes = clockChanges(zone, at - 60_000, 2 * YEARS);
    return [0, 1].flatMap((first) => {
      const years = changes.filter((_one, i) => i % 2 === first);
      return years.length > 0 ? atClockChange(zone, years) : [];
    });
  }
  return [{ day: dayIn(zone, at), repeating: `RRULE:FREQ=MONTHLY;INTERVAL=${everyMonths}` }];
}

/**
 * What is due, as a calendar: an all-day event for each duty of each panel, again and again. Its id stays the same when it moves.
 *
 * @param address of the application; empty: it is not known
 * @param zone the time zone the site lies in: by its days, and with its clock changes
 */
export function upkeepCalendar({ site, panels }: DueAtPanels, address: string, zone: string): string {
  const calendar = ical({
    name: oneLine(messages.maintenance(site.name)),
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: messages.phylaxon, product: messages.maintenanceLabel, language: 'EN' },
    ttl: 12 * 3600,
  });
  for (const panel of panels)
    for (const state of panel.duties) {
      const { name, how } = dutyOf(state.duty);
      datesOf(state, zone).forEach(({ day, repeating }, i) =>
        calendar.createEvent({
          id: `${panel.id}-${state.duty}${i === 0 ? '' : i === 1 ? '-other' : `-${i + 1}`}@phylaxon`,
          summary: oneLine(`${panel.name}: ${name}`),
          description: how.join('\n'),
          // A day of the site’s: no other time zone moves it.
          start: new Date(`${day}T00:00:00Z`),
          allDay: true,
          stamp: new Date(state.lastAt ?? state.dueAt),
          ...(address !== '' && { url: `${address}/panels/${panel.id}/upkeep` }),
          ...(repeating !== undefined && { repeating }),
        }),
      );
    }
  // The library would write its zone into every moment too, which are UTC.
  return calendar.toString().replace('METHOD:PUBLISH\r\n', `METHOD:PUBLISH\r\nX-WR-TIMEZONE:${zone}\r\n`);
}
