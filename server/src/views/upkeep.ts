import { dutyOf } from '@phylaxon/core/facts/upkeep';
import { dueDuties, type UpkeepView } from '@phylaxon/core/views/upkeep';
import { IsNull, type EntityManager } from 'typeorm';
import { panelRow, siteRow, standingEntries } from '../record/index.ts';
import { PanelTable } from '../store/index.ts';
import { boardView } from './views.ts';

/** What is kept up at a panel, when each is due, and the rounds that were made; in the site’s time zone, else in the asked one. */
export async function upkeepPage(manager: EntityManager, panelId: string, zone: string): Promise<UpkeepView> {
  const { createdAt, siteId } = await panelRow(manager, panelId);
  const { zone: own } = await siteRow(manager, siteId);
  const { breakers } = await boardView(manager, panelId);
  const made = (await standingEntries(manager, panelId, 'upkeep-round')).map(({ id, at, content }) => ({
    entryId: id,
    at,
    content,
  }));
  const rules = (await standingEntries(manager, panelId, 'upkeep-rule')).map(({ at, content }) => ({
    at,
    content,
  }));
  const [power] = await standingEntries(manager, panelId, 'keeps-power');
  return {
    ...dueDuties(
      breakers,
      {
        rounds: made,
        rules,
        keepsPower: power?.content.breakerIds ?? null,
        since: createdAt,
        zone: own ?? zone,
      },
      new Date().toISOString(),
    ),
    rounds: made.map(({ entryId, at, content: { duty, results } }) => ({
      entryId,
      at,
      duty,
      count: results.length,
      amiss: results.filter(({ result }) => !dutyOf(duty).results[result]!.isGood).length,
    })),
  };
}

/** What is due at each panel of a site. */
export async function siteUpkeep(manager: EntityManager, siteId: string, zone: string) {
  const site = await siteRow(manager, siteId);
  const rows = await manager.find(PanelTable, {
    where: { siteId, removedAt: IsNull() },
    order: { createdAt: 'ASC' },
  });
  const panels = [];
  for (const { id, name } of rows)
    panels.push({ id, name, duties: (await upkeepPage(manager, id, zone)).duties });
  return { site, panels };
}
