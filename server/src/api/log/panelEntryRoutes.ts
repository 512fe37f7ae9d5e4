import { sha256 } from '@phylaxon/core/record/panelEntries';
import { z } from 'zod';
import { keepAttachment, readAttachment } from '../../attachments/index.ts';
import { LIMITS } from '../../files/index.ts';
import { implement, Download, type Route } from '../../http/index.ts';
import { panelEntriesOf, panelRow } from '../../record/index.ts';
import { type ApiContext, fileWork } from '../shared/index.ts';

/** What is logged of a panel as a whole, and what lies beside it. */
export function panelEntryRoutes(context: ApiContext): Route[] {
  const { record, store } = context;
  const work = fileWork(context);
  return [
    implement('GET /panels/:id/entries', {
      handle: ({ params, query }) =>
        record.read(async (manager) => {
          await panelRow(manager, params.id);
          return { entries: await panelEntriesOf(manager, params.id, query.kind) };
        }),
    }),
    implement('POST /attachments', {
      upload: {
        types: ['application/octet-stream'],
        limitBytes: LIMITS.attachmentBytes,
        toDisk: true,
      },
      handle: ({ file: { path }, query: { kind, job: name }, ...by }) =>
        work(by, name, async ({ understand }) => {
          const { about, content } = await understand({ kind: 'attachment', path, of: kind });
          const row = await store.write((manager) =>
            keepAttachment(manager, { kind, about, content: Buffer.from(content) }),
          );
          return { sha256: row.sha256, bytes: row.bytes };
        }),
    }),
    {
      method: 'get',
      path: '/attachments/:sha256',
      tag: 'log',
      summary: 'Attachment of an entry, as stored',
      params: z.object({ sha256 }),
      status: 200,
      answer: z.string(),
      file: 'application/octet-stream',
      handle: async ({ params }) =>
        new Download(
          'application/octet-stream',
          await store.read((manager) => readAttachment(manager, (params as { sha256: string }).sha256)),
        ),
    },
  ];
}
