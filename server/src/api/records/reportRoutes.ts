import { textOf } from '@phylaxon/core/facts/quantities';
import { type Report } from '@phylaxon/core/views/report';
import type { EntityManager } from 'typeorm';
import { implement, type Route } from '../../http/index.ts';
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
  const inUnits = async (manager: EntityManager, read: Promise<Report>): Promise<Report> =>
    textOf(await read, await readSettings(manager));
  return ABOUT.flatMap(({ at, tag, words, read }): Route[] => [
    implement(`GET ${at}/:id/report`, {
      handle: ({ params, query }) =>
        record.read((manager) => inUnits(manager, read(manager, params.id, query.zone))),
    }),
    pdfRoute({
      path: `${at}/:id/report.pdf`,
      tag,
      summary: `Customer report on ${words}`,
      query: inZone,
      make: async (id, { zone }) => {
        const told = await store.read((manager) => inUnits(manager, read(manager, id, zone)));
        return { pdf: await reportPdf(told, photos, zone), of: told.about.name, what: 'report' };
      },
    }),
  ]);
}
