import { implement, type Route } from '../../http/index.ts';
import { printedReport, reportPdf } from '../../reports/index.ts';
import { type ApiContext, pdfRoute, inZone } from '../shared/index.ts';
import * as messages from './messages.ts';

const ABOUT = [
  { at: '/panels', tag: 'panels', words: messages.aPanel, kind: 'panel' },
  { at: '/sites', tag: 'sites', words: messages.allPanelsOfASite, kind: 'site' },
  { at: '/visits', tag: 'visits', words: messages.aVisit, kind: 'visit' },
] as const;

/** Reports for whoever pays: as JSON for a page, and as a PDF of the same words. */
export function reportRoutes({ record, store, photos }: ApiContext): Route[] {
  return ABOUT.flatMap(({ at, tag, words, kind }): Route[] => [
    implement(`GET ${at}/:id/report`, {
      handle: ({ params: { id }, query }) =>
        record.read(async (manager) => (await printedReport(manager, { kind, id }, query.zone)).told),
    }),
    pdfRoute({
      path: `${at}/:id/report.pdf`,
      tag,
      summary: `Customer report on ${words}`,
      query: inZone,
      make: async (id, { zone }) => {
        const { told, style } = await store.read((manager) => printedReport(manager, { kind, id }, zone));
        return { pdf: await reportPdf(told, photos, style), of: told.about.name, what: 'report' };
      },
    }),
  ]);
}
