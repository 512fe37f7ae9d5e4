import { decideAlone } from '@phylaxon/core/diagnosis/decision';
import {
  reportOf,
  restsOnHeat,
  type Report,
  type ReportedBreaker,
  type ReportedPanel,
  type ReportPicture,
} from '@phylaxon/core/views/report';
import type { VisitRecord } from '@phylaxon/core/views/visit';
import { IsNull, type EntityManager } from 'typeorm';
import { panelFromRow, panelRow, siteRow, standingEntries, visitsOf } from '../record/index.ts';
import type { PrintStyle } from '../pdf/index.ts';
import { latestVerdicts, panelEvidence, verdictOf } from '../recordService/index.ts';
import { PanelTable, type PanelRow } from '../store/index.ts';
import { inspectionPage, panelReviewPage, panelTrends, upkeepPage, visitPage } from '../views/index.ts';
import { heatCrops, heatDrawings, heatImagesOf, photoRows, type HeatImage } from './pictures.ts';
import * as messages from './messages.ts';

/** More photos than this are not gone through, of one panel. */
const MOST_PHOTOS = 500;

const now = () => new Date().toISOString();

/** A report on one panel. */
export async function panelReport(
  manager: EntityManager,
  panelId: string,
  style: PrintStyle,
): Promise<Report> {
  const row = await panelRow(manager, panelId);
  const panel = await reportedPanel(manager, row, await visitsAt(manager, row), style);
  return reportOf({ kind: 'panel', id: panelId }, await siteRow(manager, row.siteId), [panel], now());
}

/** A report on all panels of a site. */
export async function siteReport(manager: EntityManager, siteId: string, style: PrintStyle): Promise<Report> {
  const site = await siteRow(manager, siteId);
  const rows = await manager.find(PanelTable, {
    where: { siteId, removedAt: IsNull() },
    order: { createdAt: 'ASC' },
  });
  const panels: ReportedPanel[] = [];
  for (const row of rows) panels.push(await reportedPanel(manager, row, await visitsAt(manager, row), style));
  return reportOf({ kind: 'site', id: siteId }, site, panels, now());
}

/** A report of one visit: what it did, and how its panel stands. */
export async function visitReport(
  manager: EntityManager,
  visitId: string,
  style: PrintStyle,
): Promise<Report> {
  const visit = await visitPage(manager, visitId);
  const row = await panelRow(manager, visit.panel.id);
  const panel = await reportedPanel(manager, row, [visit], style);
  return reportOf({ kind: 'visit', id: visitId }, visit.site, [panel], now());
}

async function visitsAt(manager: EntityManager, row: PanelRow): Promise<VisitRecord[]> {
  const site = await siteRow(manager, row.siteId);
  return (await visitsOf(manager, row.id)).map(({ entryId, plannedAt, plan, steps }) => ({
    ...{ site, panel: panelFromRow(row), entryId, plannedAt, plan, steps },
  }));
}

async function reportedPanel(
  manager: EntityManager,
  row: PanelRow,
  visits: VisitRecord[],
  { zone, day }: PrintStyle,
): Promise<ReportedPanel> {
  const images = await heatImagesOf(manager, row.id);
  const [prices] = await standingEntries(manager, row.id, 'report-prices');
  const [hangs] = await standingEntries(manager, row.id, 'hanging-directory');
  return {
    panel: panelFromRow(row),
    breakers: await reportedBreakers(manager, row, images, day),
    review: await panelReviewPage(manager, row.id),
    upkeep: await upkeepPage(manager, row.id, zone),
    visits,
    trends: await panelTrends(manager, row),
    prices: prices?.content ?? null,
    hangs: hangs?.content.text ?? null,
    inspection: await inspectionPage(manager, row.id),
    pictures: heatDrawings(images, day).map(({ svg = '', caption }): ReportPicture => ({
      kind: 'drawing',
      svg,
      caption,
    })),
  };
}

async function reportedBreakers(
  manager: EntityManager,
  row: PanelRow,
  images: readonly HeatImage[],
  day: PrintStyle['day'],
): Promise<ReportedBreaker[]> {
  const { records, evidence } = await panelEvidence(manager, row);
  const latest = await latestVerdicts(manager, [row.id]);
  const affectedOnes = new Map(
    evidence.flatMap((one) => (one.elsewhere.length > 0 ? [[one.breaker.id, one] as const] : [])),
  );
  const photos = await photoRows(
    manager,
    records.map(({ breaker }) => breaker.id),
    MOST_PHOTOS,
  );
  const heatCropAt = heatCrops(images, row.spaces, day);
  return records.map(({ breaker, circuit, entries }) => {
    // A finding that concerns the whole panel is told at the breaker where it was found, not at each.
    const affected = affectedOnes.get(breaker.id);
    const decision = affected ? decideAlone(affected) : verdictOf(latest.get(breaker.id)!).decision;
    const heat = restsOnHeat(decision) ? heatCropAt(breaker) : null;
    return {
      breaker,
      label: circuit?.label ?? null,
      decision,
      isMeasured: entries.readings.length > 0,
      pictures: [
        ...photos
          .filter(({ breakerId }) => breakerId === breaker.id)
          .map(({ sha256, note, at }): ReportPicture => ({
            kind: 'photo',
            sha256,
            caption: note === '' ? messages.photoOf(day(at)) : note,
          })),
        ...(heat ? [heat] : []),
      ],
    };
  });
}
