import { CARD_SIZES, directoryCard, TAPES_MM } from '@phylaxon/core/views/directoryCard';
import { z } from 'zod';
import type { Route } from '../../http/index.ts';
import { printStyle } from '../../pdf/index.ts';
import { directoryPdf, labelsPdf, labelTapePdf } from '../../reports/index.ts';
import { readSettings } from '../../settings/index.ts';
import { boardView } from '../../views/index.ts';
import { address, type ApiContext, pdfRoute, inZone } from '../shared/index.ts';
import * as messages from './messages.ts';

const millimetres = (usual: number) =>
  z.coerce
    .number(messages.theSizeMustBeANumber)
    .min(60, messages.aDirectoryCanBe60To)
    .max(600, messages.aDirectoryCanBe60To)
    .default(usual)
    .describe('mm');
const size = inZone.extend({
  address,
  widthMm: millimetres(CARD_SIZES.door.widthMm),
  heightMm: millimetres(CARD_SIZES.door.heightMm),
});

const onTape = z.object({
  tapeMm: z.coerce
    .number(messages.enterTheTapeHeightIn)
    .refine((mm) => TAPES_MM.some((one) => one === mm), messages.aLabelTapeIsMmHigh(TAPES_MM.join(', ')))
    .optional()
    .describe('mm; left out for a sheet to cut'),
});

/** A panel’s directory, to be printed. */
export function directoryRoutes({ record }: ApiContext): Route[] {
  const drawn = (id: string) =>
    record.read(async (manager) => {
      const { panel, breakers, site } = await boardView(manager, id);
      const main = breakers.find(({ breaker }) => breaker.role === 'main')?.breaker;
      return {
        settings: await readSettings(manager),
        card: directoryCard(panel, breakers),
        about: [
          site.name,
          main ? messages.mainA(main.ratingAmps) : null,
          messages.spaces(panel.spaces),
          panel.family,
        ]
          .filter(Boolean)
          .join(' · '),
      };
    });
  return [
    pdfRoute({
      path: '/panels/:id/directory.pdf',
      tag: 'panels',
      summary: 'Panel directory as posted, in the largest type that fits',
      query: size,
      make: async (id, { zone, address: at, ...measures }) => {
        const { card, about, settings } = await drawn(id);
        const pdf = await directoryPdf(card, about, {
          ...measures,
          address: at === undefined ? '' : `${at}/panels/${id}`,
          date: printStyle(settings, zone).day(new Date().toISOString()),
        });
        return { pdf, of: card.title, what: 'directory' };
      },
    }),
    pdfRoute({
      path: '/panels/:id/labels.pdf',
      tag: 'panels',
      summary: 'Labels, one per breaker: a sheet to cut, or a tape',
      query: onTape,
      make: async (id, { tapeMm }) => {
        const { card, settings } = await drawn(id);
        const pdf = await (tapeMm === undefined
          ? labelsPdf(card, printStyle(settings, 'UTC'))
          : labelTapePdf(card, tapeMm));
        return { pdf, of: card.title, what: 'labels' };
      },
    }),
  ];
}
