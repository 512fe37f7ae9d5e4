import { dutyOf } from '@phylaxon/core/facts/upkeep';
import type { UpkeepRound } from '@phylaxon/core/record/panelEntries';
import { dutiesOf, type UpkeepView } from '@phylaxon/core/views/upkeep';
import { IsNull, type EntityManager } from 'typeorm';
import { panelEntriesOf, panelRow, siteRow } from '../record/index.ts';
import { PanelTable } from '../store/index.ts';
import { boardView } from './views.ts';

/** What is kept up at a panel, when each is due, and the rounds that were made. */
export async function upkeepPage(manager: EntityManager, panelId: string): Promise<UpkeepView> {
  const { createdAt } = await panelRow(manager, panelId);
  const { breakers } = await boardView(manager, panelId);
  const made = (await panelEntriesOf(manager, panelId, 'upkeep-round'))
    .map(({ entry }) => entry)
    .filter(({ struck }) => struck === null)
    .map(({ id, at, content }) => ({ entryId: id, at, content: content as UpkeepRound }));
  const kept = breakers.map(({ breaker, label, decision, handle }) => ({
    breaker,
    label,
    isLeftAlone: decision.stop || handle !== 'on',
  }));
  return {
    duties: dutiesOf(kept, made, createdAt, new Date().toISOString()),
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
export async function siteUpkeep(manager: EntityManager, siteId: string) {
  const site = await siteRow(manager, siteId);
  const rows = await manager.find(PanelTable, {
    where: { siteId, removedAt: IsNull() },
    order: { createdAt: 'ASC' },
  });
  const panels = [];
  for (const { id, name } of rows) panels.push({ id, name, duties: (await upkeepPage(manager, id)).duties });
  return { site, panels };
}
