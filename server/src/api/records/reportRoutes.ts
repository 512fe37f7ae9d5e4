import { textOf } from '@phylaxon/core/facts/quantities';
import type { EntityManager } from 'typeorm';
import { implement, type Route } from '../../http/index.ts';
import { printStyle } from '../../pdf/index.ts';
import { panelReport, reportPdf, siteReport, visitReport } from '../../reports/index.ts';
import { readSettings } from '../../settings/index.ts';
import { type ApiContext, pdfRoute, inZone } from '../shared/index.ts';
import * as messages from './messages.ts';

const ABOUT = [
  { at: '/panels', tag: 'panels', words: messages.aPanel, read: panelReport },
  { at: '/sites', tag: 'sites', words: messages.allPanelsOfASite, read: siteReport },
  { at: '/visits', tag: 'visits', words: messages.aVisit, read: visitReport },
] as const;

/** Reports for whoever pays: as JSON for a page, and as a PDF of the same words. */
export function reportRoutes({ record, store, photos }: ApiContext): Route[] {
  return ABOUT.flatMap(({ at, tag, words, read }): Route[] => {
    /** The report as who asks reads it, and how it is printed. */
    const readAs = async (manager: EntityManager, id: string, zone: string) => {
      const settings = await readSettings(manager);
      const style = printStyle(settings, zone);
      return { told: textOf(await read(manager, id, style), settings), style };
    };
    return [
      implement(`GET ${at}/:id/report`, {
        handle: ({ params, query }) =>
          record.read(async (manager) => (await readAs(manager, params.id, query.zone)).told),
      }),
      pdfRoute({
        path: `${at}/:id/report.pdf`,
        tag,
        summary: `Customer report on ${words}`,
        query: inZone,
        make: async (id, { zone }) => {
          const { told, style } = await store.read((manager) => readAs(manager, id, zone));
          return { pdf: await reportPdf(told, photos, style), of: told.about.name, what: 'report' };
        },
      }),
    ];
  });
}
