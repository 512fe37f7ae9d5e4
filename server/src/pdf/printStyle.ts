import { timeFormats, type TimeFormats } from '@phylaxon/core/facts/calendar';
import type { Settings } from '@phylaxon/core/record/settings';

/** How a page is printed for who reads it: its times, and the paper. */
export interface PrintStyle extends TimeFormats {
  /** The time zone its times are told in. */
  zone: string;
  pageSize: 'LETTER' | 'A4';
}

const PAGE_SIZES: Record<Settings['paper'], PrintStyle['pageSize']> = { letter: 'LETTER', a4: 'A4' };

/**
 * How pages are printed by what was chosen.
 *
 * @param settings as they stand
 * @param zone the time zone its times are told in
 */
export const printStyle = (settings: Settings, zone: string): PrintStyle => ({
  ...timeFormats(settings, zone),
  zone,
  pageSize: PAGE_SIZES[settings.paper],
});
