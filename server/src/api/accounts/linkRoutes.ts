import { textOf } from '@phylaxon/core/facts/quantities';
import type { Report } from '@phylaxon/core/views/report';
import type { EntityManager } from 'typeorm';
import { z } from 'zod';
import type { Access } from '../../accounts/index.ts';
import { invalidField, notFound, Refusal } from '../../errors/index.ts';
import { handOverPdf, writeCard } from '../../handover/index.ts';
import { Download, implement, WithHeaders, type Route } from '../../http/index.ts';
import { printStyle } from '../../pdf/index.ts';
import { siteRow } from '../../record/index.ts';
import { printedReport, reportPdf, type ReportSubject } from '../../reports/index.ts';
import { readSettings } from '../../settings/index.ts';
import { CaseTable, PanelTable, type ShareLinkRow } from '../../store/index.ts';
import { visitPage } from '../../views/index.ts';
import { type ApiContext, fileName, inZone } from '../shared/index.ts';
import * as messages from './messages.ts';

/** Nothing of it stays in a cache, and its address is told to nobody. */
const UNKEPT = { 'Cache-Control': 'no-store', 'Referrer-Policy': 'no-referrer' };

/** What of a site a report may be about, by its id; `null`: it is none of this site’s. */
async function reportSubject(
  manager: EntityManager,
  siteId: string,
  id: string,
): Promise<ReportSubject | null> {
  if (id === siteId) return 'site';
  const panel = await manager.findOneBy(PanelTable, { id });
  if (panel) return panel.siteId === siteId && panel.removedAt === null ? 'panel' : null;
  const visit = await visitPage(manager, id).catch((error: unknown) => {
    if (error instanceof Refusal && error.kind === 'missing') return null;
    throw error;
  });
  return visit?.site.id === siteId ? 'visit' : null;
}

async function isCaseOf(manager: EntityManager, siteId: string, id: string): Promise<boolean> {
  const row = await manager.findOneBy(CaseTable, { id });
  return row !== null && row.siteId === siteId && row.removedAt === null;
}

/** The photos that a report shows. */
const photosOf = (report: Report): Set<string> =>
  new Set(
    JSON.stringify(report)
      .match(/"sha256":"[0-9a-f]{64}"/g)
      ?.map((found) => found.slice(10, -1)) ?? [],
  );

/** So many links’ photos are remembered. */
const MOST_REMEMBERED = 200;

/** Links that show a page to whoever has them, and what they show. */
export function linkRoutes({ store, photos }: ApiContext, { links }: Access): Route[] {
  const byToken = z.object({ token: z.string() });
  /** The photos of each page as it was shown last, by link: each is asked for by itself. */
  const shown = new Map<string, ReadonlySet<string>>();
  const open = async (params: unknown): Promise<ShareLinkRow> => {
    const link = await links.find(byToken.parse(params).token);
    if (!link) throw notFound(messages.theLink);
    return link;
  };
  const reportBehind = (manager: EntityManager, { id, siteId, subjectId }: ShareLinkRow, zone: string) =>
    reportSubject(manager, siteId, subjectId).then(async (kind) => {
      if (kind === null) throw notFound(messages.theLink);
      const printed = await printedReport(manager, { kind, id: subjectId }, zone);
      if (shown.size >= MOST_REMEMBERED) shown.clear();
      shown.set(id, photosOf(printed.told));
      return printed;
    });
  const cardBehind = async (manager: EntityManager, { siteId, subjectId }: ShareLinkRow, zone: string) => {
    if (!(await isCaseOf(manager, siteId, subjectId))) throw notFound(messages.theLink);
    const settings = await readSettings(manager);
    return { card: textOf(await writeCard(manager, subjectId), settings), style: printStyle(settings, zone) };
  };
  const file = (
    ending: string,
    params: z.ZodObject,
    type: string,
    summary: string,
    make: (link: ShareLinkRow, params: Record<string, unknown>, zone: string) => Promise<Download>,
  ): Route => ({
    ...{ method: 'get', path: `/shared/:token/${ending}`, tag: 'sharing', summary },
    ...{ params, query: inZone, status: 200, answer: z.string(), file: type },
    handle: async (input) => {
      const { zone } = input.query as z.output<typeof inZone>;
      return make(await open(input.params), input.params as Record<string, unknown>, zone);
    },
  });
  return [
    implement('GET /sites/:id/links', {
      handle: async ({ params }) => {
        await store.read((manager) => siteRow(manager, params.id));
        return { links: await links.ofSite(params.id) };
      },
    }),
    implement('POST /sites/:id/links', {
      handle: async ({ params, body, origin }) => {
        await store.read(async (manager) => {
          await siteRow(manager, params.id);
          const isThere =
            body.what === 'report'
              ? (await reportSubject(manager, params.id, body.of)) !== null
              : await isCaseOf(manager, params.id, body.of);
          if (!isThere)
            throw invalidField(
              'of',
              body.what === 'report' ? messages.aReportIsAboutThisSite : messages.aHandOverIsOfACaseHere,
            );
        });
        const { id, token, expiresAt } = await links.add(params.id, body);
        return { id, url: `${origin}/shared/${token}`, expiresAt };
      },
    }),
    implement('DELETE /links/:id', {
      handle: async ({ params }) => {
        await links.withdraw(params.id);
        return {};
      },
    }),
    implement('GET /shared/:token', {
      handle: async ({ params, query: { zone } }) => {
        const link = await open(params);
        const { expiresAt } = link;
        const content = await store.read(async (manager) =>
          link.what === 'report'
            ? { what: link.what, expiresAt, report: (await reportBehind(manager, link, zone)).told }
            : { what: link.what, expiresAt, card: (await cardBehind(manager, link, zone)).card },
        );
        return new WithHeaders(UNKEPT, content) as never;
      },
    }),
    file('page.pdf', byToken, 'application/pdf', messages.theSameAsAPdf, async (link, _params, zone) => {
      if (link.what === 'report') {
        const { told, style } = await store.read((manager) => reportBehind(manager, link, zone));
        const name = `${fileName(told.about.name)}-report.pdf`;
        return new Download('application/pdf', await reportPdf(told, photos, style), name, UNKEPT);
      }
      const { card, style } = await store.read((manager) => cardBehind(manager, link, zone));
      const name = `handover-${fileName(card.title)}.pdf`;
      return new Download('application/pdf', await handOverPdf(card, style), name, UNKEPT);
    }),
    file(
      'photos/:sha256',
      byToken.extend({ sha256: z.string() }),
      'image/jpeg',
      messages.aPhotoOfTheReport,
      async (link, { sha256 }, zone) => {
        if (link.what === 'report' && !shown.has(link.id))
          await store.read((manager) => reportBehind(manager, link, zone));
        if (!shown.get(link.id)?.has(sha256 as string)) throw notFound(messages.thisPhoto);
        return new Download('image/jpeg', await photos.read(sha256 as string), undefined, UNKEPT);
      },
    ),
  ];
}
