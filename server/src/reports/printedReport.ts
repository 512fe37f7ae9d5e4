import { textOf } from '@phylaxon/core/facts/quantities';
import type { Report } from '@phylaxon/core/views/report';
import type { EntityManager } from 'typeorm';
import { printStyle, type PrintStyle } from '../pdf/index.ts';
import { readSettings } from '../settings/index.ts';
import { panelReport, siteReport, visitReport } from './reportPage.ts';

const READ = { panel: panelReport, site: siteReport, visit: visitReport } as const;
/** What a report may be about. */
export type ReportSubject = keyof typeof READ;

/** A report in the conventions of who asks, and how it is printed. */
export interface PrintedReport {
  told: Report;
  style: PrintStyle;
}

/**
 * Read a report in the conventions of the record and of who asks.
 *
 * @param subject what it is about, with its id
 * @param zone the time zone its times are told in
 */
export async function printedReport(
  manager: EntityManager,
  { kind, id }: { kind: ReportSubject; id: string },
  zone: string,
): Promise<PrintedReport> {
  const settings = await readSettings(manager);
  const style = printStyle(settings, zone);
  return { told: textOf(await READ[kind](manager, id, style), settings), style };
}
