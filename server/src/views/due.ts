import { whereTrendIs, type DueAnywhere } from '@phylaxon/core/views/upkeep';
import { IsNull, type EntityManager } from 'typeorm';
import { panelEvidence } from '../recordService/index.ts';
import { among, PanelTable, SiteTable } from '../store/index.ts';
import { panelTrends } from './trends.ts';
import { upkeepPage } from './upkeep.ts';

/** What there is to do at any site without anything being wrong: rounds that are due, and what nears its limit. */
export async function dueView(manager: EntityManager, zone: string): Promise<DueAnywhere> {
  const sites = await manager.find(SiteTable, { order: { name: 'ASC', createdAt: 'ASC' } });
  const rows = await manager.find(PanelTable, {
    where: { siteId: among(sites.map(({ id }) => id)), removedAt: IsNull() },
    order: { createdAt: 'ASC' },
  });
  const now = new Date().toISOString();
  const found: DueAnywhere = { rounds: [], ahead: [] };
  for (const row of rows) {
    const { id: siteId, name: site } = sites.find(({ id }) => id === row.siteId)!;
    const of = { siteId, site, panelId: row.id, panel: row.name };
    const due = (await upkeepPage(manager, row.id, zone)).duties.filter(({ isDue }) => isDue);
    if (due[0]) found.rounds.push({ ...of, duties: due.map(({ duty }) => duty), dueAt: due[0].dueAt });
    const { evidence } = await panelEvidence(manager, row);
    const breakers = evidence.map(({ breaker, circuit }) => ({ breaker, label: circuit?.label ?? null }));
    // What has reached its limit is told as a finding.
    for (const trend of (await panelTrends(manager, row)).filter(({ reached }) => reached.likeliest > now))
      found.ahead.push({ ...of, where: whereTrendIs(trend, breakers), trend });
  }
  found.rounds.sort((a, b) => a.dueAt.localeCompare(b.dueAt));
  found.ahead.sort((a, b) => a.trend.reached.likeliest.localeCompare(b.trend.reached.likeliest));
  return found;
}
