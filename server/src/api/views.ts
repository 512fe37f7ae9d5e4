import {
  attentionOf,
  boardBreakerOf,
  heatView,
  type Board,
  type Sheet,
  type SiteSummary,
} from '@phylaxon/core/board';
import type { EntityManager } from 'typeorm';
import { breakerOf, breakerRow, filesOfPanel, panelOf, panelRow, siteRow } from '../record/index.ts';
import { PanelTable, SiteTable, VerdictTable, type PanelRow } from '../store/index.ts';
import { evidenceOfPanel, standingVerdicts, verdictOf } from '../verdict/index.ts';

async function boardBreakers(manager: EntityManager, panel: PanelRow) {
  const standing = await standingVerdicts(manager, panel.id);
  const evidence = evidenceOfPanel(panel, await filesOfPanel(manager, panel.id));
  return evidence.map((about) => boardBreakerOf(about, verdictOf(standing.get(about.breaker.id)!)));
}

/** A panel as it hangs. */
export async function boardView(manager: EntityManager, panelId: string): Promise<Board> {
  const panel = await panelRow(manager, panelId);
  return {
    site: await siteRow(manager, panel.siteId),
    panel: panelOf(panel),
    breakers: await boardBreakers(manager, panel),
  };
}

/** Everything about one breaker. */
export async function sheetView(manager: EntityManager, breakerId: string): Promise<Sheet> {
  const row = await breakerRow(manager, breakerId);
  const panel = await panelRow(manager, row.panelId);
  const files = await filesOfPanel(manager, panel.id);
  const file = files.find(({ breaker }) => breaker.id === breakerId)!;
  const evidence = evidenceOfPanel(panel, files).find(({ breaker }) => breaker.id === breakerId)!;
  const verdicts = await manager
    .createQueryBuilder(VerdictTable, 'v')
    .where({ breakerId })
    .orderBy('v.rowid', 'DESC')
    .getMany();
  return {
    panel: panelOf(panel),
    breaker: breakerOf(row),
    circuit: file.circuit,
    handle: evidence.handle,
    load: evidence.load,
    heat: evidence.heat.map(heatView),
    trips: evidence.trips.map(({ event, verdict, window }) => ({ eventId: event.id, verdict, window })),
    sizing: evidence.sizing,
    ...file.entries,
    verdicts: verdicts.map(verdictOf),
  };
}

/** Every site with its panels and what in them needs attention. */
export async function startView(manager: EntityManager): Promise<SiteSummary[]> {
  const sites = await manager.find(SiteTable, { order: { name: 'ASC' } });
  const panels = await manager.find(PanelTable, { order: { createdAt: 'ASC' } });
  const summaries: SiteSummary[] = [];
  for (const site of sites) {
    const own = [];
    for (const panel of panels.filter(({ siteId }) => siteId === site.id)) {
      const breakers = await boardBreakers(manager, panel);
      own.push({ panel: panelOf(panel), breakers: breakers.length, attention: attentionOf(breakers) });
    }
    summaries.push({ site, panels: own });
  }
  return summaries;
}
