import { randomUUID } from 'node:crypto';
import { placementProblem, usualOnDirection, type Placed } from '@phylaxon/core/panel';
import type { Breaker, breakerChange, breakerInput } from '@phylaxon/core/record';
import { IsNull, type EntityManager } from 'typeorm';
import type { z } from 'zod';
import { invalidField, notFound } from '../http/index.ts';
import { BreakerTable, type BreakerRow, type PanelRow } from '../store/index.ts';
import { panelRow } from './panels.ts';

const now = () => new Date().toISOString();

/** The row of a breaker that is still in its panel. */
export async function breakerRow(manager: EntityManager, id: string): Promise<BreakerRow> {
  const row = await manager.findOneBy(BreakerTable, { id, removedAt: IsNull() });
  if (!row) throw notFound('This breaker');
  return row;
}

/** A breaker as the placement rules see it. */
export const placedOf = ({
  id,
  space,
  poles,
  half,
}: Pick<Breaker, 'id' | 'space' | 'poles' | 'half'>): Placed => ({
  id,
  space: space!,
  poles,
  half,
});

/** The breakers that sit in a panel's spaces now. */
export const branchesOf = (manager: EntityManager, panelId: string) =>
  manager.findBy(BreakerTable, { panelId, removedAt: IsNull(), role: 'branch' });

async function checkPlacement(manager: EntityManager, panel: PanelRow, wanted: Placed) {
  const others = await branchesOf(manager, panel.id);
  const problem = placementProblem(panel.spaces, others.map(placedOf), wanted);
  if (problem) throw invalidField(problem.field, problem.message);
}

export async function fitBreaker(
  manager: EntityManager,
  panelId: string,
  input: z.output<typeof breakerInput>,
) {
  const panel = await panelRow(manager, panelId);
  const row: BreakerRow = {
    id: randomUUID(),
    panelId,
    role: 'branch',
    ...input,
    family: input.family || panel.family,
    onDirection: input.onDirection ?? usualOnDirection(input.space, panel.orientation),
    createdAt: now(),
    removedAt: null,
  };
  await checkPlacement(manager, panel, placedOf(row));
  await manager.insert(BreakerTable, row);
  return row;
}

export async function changeBreaker(
  manager: EntityManager,
  id: string,
  change: z.output<typeof breakerChange>,
) {
  const row = { ...(await breakerRow(manager, id)), ...change };
  if (row.role === 'branch')
    await checkPlacement(manager, await panelRow(manager, row.panelId), placedOf(row));
  if (Object.keys(change).length > 0) await manager.update(BreakerTable, { id }, change);
  return row;
}

/** Take a breaker out of the panel. Its record stays. */
export async function removeBreaker(manager: EntityManager, id: string) {
  const row = await breakerRow(manager, id);
  await manager.update(BreakerTable, { id }, { removedAt: now() });
  return row;
}
