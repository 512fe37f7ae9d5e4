import { textOf } from '@phylaxon/core/facts/quantities';
import { implement, type Route } from '../../http/index.ts';
import { heatDrawings, heatImagesOf, panelReviewPdf, photosOf } from '../../reports/index.ts';
import { printStyle } from '../../pdf/index.ts';
import { readSettings } from '../../settings/index.ts';
import { panelReviewPage } from '../../views/index.ts';
import { type ApiContext, pdfRoute, inZone } from '../shared/index.ts';

/** Whether a panel as a whole is failing: to be looked at, and as a page for whoever pays. */
export function reviewRoutes({ record, store, photos }: ApiContext): Route[] {
  return [
    implement('GET /panels/:id/review', {
      handle: ({ params }) => record.read((manager) => panelReviewPage(manager, params.id)),
    }),
    pdfRoute({
      path: '/panels/:id/review.pdf',
      tag: 'panels',
      summary: 'Panel evaluation for a customer, with images and figures',
      query: inZone,
      make: async (id, { zone }) => {
        const { view, pictures, style } = await store.read(async (manager) => {
          const settings = await readSettings(manager);
          const style = printStyle(settings, zone);
          const pictures = [
            ...heatDrawings(await heatImagesOf(manager, id), style.day),
            ...(await photosOf(manager, photos, id)),
          ];
          return { ...textOf({ view: await panelReviewPage(manager, id), pictures }, settings), style };
        });
        return { pdf: await panelReviewPdf(view, pictures, style), of: view.panel.name, what: 'review' };
      },
    }),
  ];
}
