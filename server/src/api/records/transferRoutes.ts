import { readFile } from 'node:fs/promises';
import { z } from 'zod';
import { keepAttachment } from '../../attachments/index.ts';
import { LIMITS } from '../../files/index.ts';
import { implement, Download, FileDownload, type Route } from '../../http/index.ts';
import { notFound } from '../../errors/index.ts';
import { panelRow, siteRow } from '../../record/index.ts';
import {
  directoryCsv,
  importSite,
  logPlan,
  meetingOf,
  planReadings,
  sittingBreakers,
  type ExportKind,
} from '../../transfer/index.ts';
import { byId, fileName, fileWork, type ApiContext } from '../shared/index.ts';
import * as messages from './messages.ts';

const SITE_UPLOAD = {
  types: ['application/octet-stream', 'application/zip'],
  limitBytes: LIMITS.siteUploadBytes,
  toDisk: true,
};
const CSV_UPLOAD = { types: ['text/csv'], limitBytes: LIMITS.tableUploadBytes, toDisk: true };

const ENDINGS: Record<ExportKind, string> = {
  'site.json': '.json',
  'site.zip': '.zip',
  'readings.csv': '-readings.csv',
};

export function transferRoutes(context: ApiContext): Route[] {
  const { store, record, changes, photos, underWay, exporter } = context;
  const work = fileWork(context);
  const siteName = (siteId: string) => store.read(async (manager) => (await siteRow(manager, siteId)).name);
  /** A site as a file. */
  const exporting = (kind: ExportKind, type: string, summary: string): Route => ({
    method: 'get',
    path: `/sites/:id/${kind}`,
    tag: 'files',
    summary,
    params: byId,
    status: 200,
    answer: z.string(),
    file: type,
    isAtOnce: true,
    handle: async ({ params, client, signal }) => {
      const { id: siteId } = params as z.output<typeof byId>;
      const name = fileName(await siteName(siteId));
      const { path, remove } = await exporter.write(kind, siteId, client, signal);
      return new FileDownload(type, path, `${name}${ENDINGS[kind]}`, remove);
    },
  });

  return [
    exporting('site.json', 'application/json', messages.aSiteWithItsWholeRecord),
    exporting('site.zip', 'application/zip', messages.aSiteWithItsWholeRecordAnd),
    exporting('readings.csv', 'text/csv', messages.allReadingsOfASiteAs),
    {
      method: 'get',
      path: '/panels/:id/directory.csv',
      tag: 'files',
      summary: 'Panel directory as a table',
      params: byId,
      status: 200,
      answer: z.string(),
      file: 'text/csv',
      handle: ({ params }) =>
        store.read(async (manager) => {
          const { id: panelId } = params as z.output<typeof byId>;
          const { name } = await panelRow(manager, panelId);
          const text = await directoryCsv(manager, panelId);
          return new Download('text/csv', text, `${fileName(name)}-directory.csv`);
        }),
    },
    implement('GET /imports/:id', {
      handle: ({ params }) => {
        const progress = underWay.progressOf(params.id);
        if (!progress) throw notFound(messages.aFileUnderThisName);
        return progress;
      },
    }),
    implement('POST /imports/preview', {
      upload: SITE_UPLOAD,
      handle: ({ file: sent, query, ...by }) =>
        work(by, query.job, async ({ understand }) => {
          const { file, from } = await understand({ kind: 'site', ...sent });
          const { here, modes } = await store.read((manager) => meetingOf(manager, file));
          const { site, counts } = file;
          return { site: { id: site.id, name: site.name }, version: from, counts, here, modes };
        }),
    }),
    implement('POST /imports', {
      upload: SITE_UPLOAD,
      handle: ({ file: sent, query, ...by }) =>
        work(by, query.job, async ({ understand, onStored }) => {
          const { file, photos: pictures, attachments } = await understand({ kind: 'site', ...sent });
          // The pictures first: a row never points to one that is not kept.
          for (const { sha256, path } of pictures) await photos.keepPlain(sha256, path);
          const { siteId, panelIds } = await store.write(async (manager) => {
            // A site that is replaced takes its attachments along: those of the file are kept after it is gone.
            const imported = await importSite(manager, file, query.mode, onStored);
            for (const { path, kind, about } of attachments)
              await keepAttachment(manager, { kind, about, content: await readFile(path) });
            return imported;
          });
          changes.announce([siteId, ...panelIds]);
          return { siteId };
        }),
    }),
    implement('POST /panels/:id/readings/preview', {
      upload: CSV_UPLOAD,
      handle: ({ params, query, file: { path }, ...by }) =>
        work(by, query.job, async ({ understand }) => {
          const breakers = await store.read((manager) => sittingBreakers(manager, params.id));
          const understood = await understand({ kind: 'readings', path, breakers });
          const { toLog, ...rest } = await store.read((manager) =>
            planReadings(manager, params.id, understood),
          );
          return { toLog: toLog.length, ...rest };
        }),
    }),
    implement('POST /panels/:id/readings', {
      upload: CSV_UPLOAD,
      handle: ({ params, query, file: { path }, ...by }) =>
        work(by, query.job, async ({ understand, onStored }) => {
          const breakers = await store.read((manager) => sittingBreakers(manager, params.id));
          const understood = await understand({ kind: 'readings', path, breakers });
          return record.change(async (edit) => {
            const plan = await planReadings(edit.manager, params.id, understood);
            await logPlan(edit, plan, onStored);
            edit.touch(params.id);
            const { toLog, ...rest } = plan;
            return {
              label: messages.importedReadings(toLog.length),
              result: { toLog: toLog.length, ...rest },
            };
          });
        }),
    }),
  ];
}
