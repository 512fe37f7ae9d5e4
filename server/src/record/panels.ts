import { randomUUID } from 'node:crypto';
import { placementProblem, usualOnDirection } from '@phylaxon/core/panel';
import type { panelInput } from '@phylaxon/core/record';
import { IsNull, type EntityManager } from 'typeorm';
import type { z } from 'zod';
import { invalidField, notFound } from '../http/index.ts';
import { BreakerTable, PanelTable, type BreakerRow, type PanelRow } from '../store/index.ts';
import { placedOf, removeBreaker } from './breakers.ts';
import { siteRow } from './sites.ts';

const now = () => new Date().toISOString();

export async function panelRow(manager: EntityManager, id: string): Promise<PanelRow> {
  const row = await manager.findOneBy(PanelTable, { id });
  if (!row) throw notFound('This panel');
  return row;
}

const mainOf = (panel: PanelRow, ratingAmps: number): BreakerRow => ({
  id: randomUUID(),
  panelId: panel.id,
  role: 'main',
  space: null,
  half: null,
  poles: 2,
  ratingAmps,
  kind: 'standard',
  family: panel.family,
  onDirection: usualOnDirection(null, panel.orientation),
  installedOn: null,
  createdAt: now(),
  removedAt: null,
});

/** A panel with its main, if it has one. */
export async function addPanel(manager: EntityManager, siteId: string, input: z.output<typeof panelInput>) {
  await siteRow(manager, siteId);
  const { mainAmps, ...rest } = input;
  const row: PanelRow = { id: randomUUID(), siteId, ...rest, createdAt: now() };
  await manager.insert(PanelTable, row);
  if (mainAmps !== null) await manager.insert(BreakerTable, mainOf(row, mainAmps));
  return row;
}

/** Change a panel; its spaces must still hold its breakers, its main comes, goes or changes its rating. */
export async function changePanel(manager: EntityManager, id: string, input: z.output<typeof panelInput>) {
  const old = await panelRow(manager, id);
  const { mainAmps, ...rest } = input;
  const breakers = await manager.findBy(BreakerTable, { panelId: id, removedAt: IsNull() });
  for (const breaker of breakers) {
    if (breaker.space === null) continue;
    const problem = placementProblem(input.spaces, [], placedOf(breaker));
    if (problem)
      throw invalidField('spaces', `The breaker in space ${breaker.space} would not fit: ${problem.message}`);
  }
  await manager.update(PanelTable, { id }, rest);
  const panel = { ...old, ...rest };
  const main = breakers.find((breaker) => breaker.role === 'main');
  if (main && mainAmps === null) await removeBreaker(manager, main.id);
  else if (main && mainAmps !== null)
    await manager.update(BreakerTable, { id: main.id }, { ratingAmps: mainAmps });
  else if (mainAmps !== null) await manager.insert(BreakerTable, mainOf(panel, mainAmps));
  return panel;
}
