import type { ReaderUnits } from '@phylaxon/core/facts/quantities';
import { shutdownOf, type Shutdown, type VisitRecord } from '@phylaxon/core/views/visit';
import { notFound } from '../../errors/index.ts';
import { implement, type Route } from '../../http/index.ts';
import { printStyle, type PrintStyle } from '../../pdf/index.ts';
import { noticePdf, tagPdf, visitSheetPdf } from '../../reports/index.ts';
import { readSettings } from '../../settings/index.ts';
import { planningPage, siteVisitsPage, visitPage } from '../../views/index.ts';
import { address, type ApiContext, pdfRoute, inZone } from '../shared/index.ts';
import * as messages from './messages.ts';

/** What a printed page is made of. */
interface Asked {
  visit: VisitRecord;
  /** `null`: its panel was deleted since. */
  shutdown: Shutdown | null;
  units: ReaderUnits;
  style: PrintStyle;
  /** Empty: it is not known. */
  address: string;
}

/** Visits to a panel: what is due, how each went, and its pages to print. */
export function visitRoutes({ record, store }: ApiContext): Route[] {
  const print = (what: string, summary: string, make: (asked: Asked) => Promise<Buffer>): Route =>
    pdfRoute({
      path: `/visits/:id/${what}.pdf`,
      tag: 'visits',
      summary,
      query: inZone.extend({ address }),
      make: async (id, { zone, address: at = '' }) => {
        const asked = await store.read(async (manager) => {
          const visit = await visitPage(manager, id);
          const planning = await planningPage(manager, visit.site.id);
          const planned = planning.panels.find(({ panel }) => panel.id === visit.panel.id);
          const units = await readSettings(manager);
          const shutdown = planned ? shutdownOf(planning, planned) : null;
          return { visit, shutdown, units, style: printStyle(units, zone) };
        });
        return { pdf: await make({ ...asked, address: at }), of: asked.visit.panel.name, what };
      },
    });
  return [
    implement('GET /sites/:id/visits', {
      handle: ({ params }) => record.read((manager) => siteVisitsPage(manager, params.id)),
    }),
    implement('GET /visits/:id', {
      handle: ({ params }) => record.read((manager) => visitPage(manager, params.id)),
    }),
    print('tag', messages.lockoutTagWithAQrCode, ({ visit, address: at, style }) =>
      tagPdf(visit, at, new Date().toISOString(), style),
    ),
    print('notice', messages.outageNoticeForTheHousehold, ({ visit, shutdown, style }) => {
      if (shutdown === null) throw notFound(messages.thePanelOfThisVisit);
      return noticePdf(visit, shutdown, style);
    }),
    print('sheet', messages.theVisitAsPlannedAndEvery, ({ visit, style, units }) =>
      visitSheetPdf(visit, style, units),
    ),
  ];
}
