import { textOf } from '@phylaxon/core/facts/quantities';
import { z } from 'zod';
import { LIMITS } from '../../files/index.ts';
import { handOverPdf, takeHandOver, writeCard, writeHandOver } from '../../handover/index.ts';
import { implement, Download, type Route } from '../../http/index.ts';
import { printStyle } from '../../pdf/index.ts';
import { readSettings } from '../../settings/index.ts';
import { byId, fileName, fileWork, inZone, type ApiContext } from '../shared/index.ts';
import * as messages from './messages.ts';

const UPLOAD = {
  types: ['application/octet-stream'],
  limitBytes: LIMITS.handOverUploadBytes,
  toDisk: true,
};

export function handOverRoutes(context: ApiContext): Route[] {
  const { store, changes } = context;
  const work = fileWork(context);
  const download = (ending: string, file: string, summary: string, handle: Route['handle']): Route => ({
    method: 'get',
    path: `/cases/:id/handover.${ending}`,
    tag: 'cases',
    summary,
    params: byId,
    query: inZone,
    status: 200,
    answer: z.string(),
    file,
    handle,
  });
  return [
    download('json', 'application/json', messages.aCaseAsAFileTo, async ({ params }) => {
      const file = await store.read((manager) => writeHandOver(manager, (params as { id: string }).id));
      return new Download(
        'application/json',
        JSON.stringify(file, null, 1),
        `handover-${fileName(file.card.title)}.json`,
      );
    }),
    download('pdf', 'application/pdf', messages.aCaseOnOnePage, async ({ params, query }) => {
      const { zone } = query as z.output<typeof inZone>;
      const { card, style } = await store.read(async (manager) => {
        const settings = await readSettings(manager);
        return {
          card: textOf(await writeCard(manager, (params as { id: string }).id), settings),
          style: printStyle(settings, zone),
        };
      });
      return new Download(
        'application/pdf',
        await handOverPdf(card, style),
        `handover-${fileName(card.title)}.pdf`,
      );
    }),
    implement('POST /handovers', {
      upload: UPLOAD,
      handle: ({ query, file: { path }, ...by }) =>
        work(by, query.job, async ({ understand, onStored }) => {
          const { file } = await understand({ kind: 'handOver', path });
          const { caseId, siteId, panelIds } = await store.write((manager) =>
            takeHandOver(manager, file, onStored),
          );
          changes.announce([siteId, ...panelIds]);
          return { caseId };
        }),
    }),
  ];
}
