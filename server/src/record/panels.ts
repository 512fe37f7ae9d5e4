import {
  atPlace,
  feedProblem,
  placementProblem,
  turnDirection,
  usualOnDirection,
} from '@phylaxon/core/panel/layout';
import type { panelChange, panelInput } from '@phylaxon/core/record/entities';
import { IsNull, type EntityManager } from 'typeorm';
import type { z } from 'zod';
import { newRowId, refuseStale, type Edit } from '../edit/index.ts';
import { invalidField } from '../errors/index.ts';
import {
  among,
  BreakerTable,
  CircuitTable,
  LoadTable,
  type BreakerRow,
  type PanelRow,
} from '../store/index.ts';
import { branchesOf, placedOf, removeBreaker } from './breakers.ts';
import { panelRow, panelsOf } from './panelRows.ts';
import { siteRow } from './sites.ts';
import * as messages from './messages.ts';

const now = () => new Date().toISOString();

type PanelFields = z.output<typeof panelInput>;

const mainOf = (panel: PanelRow, ratingAmps: number): BreakerRow => ({
  id: newRowId(),
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
  tiedWith: null,
  replaces: null,
  why: '',
  createdAt: now(),
  version: 0,
  removedAt: null,
});

/** The breakers that sit in the panels of a site now. */
export async function breakersOfSite(manager: EntityManager, siteId: string): Promise<BreakerRow[]> {
  const panels = await panelsOf(manager, siteId);
  return manager.findBy(BreakerTable, { panelId: among(panels.map(({ id }) => id)), removedAt: IsNull() });
}

async function checkFeed(manager: EntityManager, panel: PanelRow) {
  const problem = feedProblem(
    panel,
    await panelsOf(manager, panel.siteId),
    await breakersOfSite(manager, panel.siteId),
  );
  if (problem) throw invalidField(problem.field, problem.message);
}

/** A panel with its main, if it has one. */
export async function addPanel(edit: Edit, siteId: string, input: PanelFields) {
  await siteRow(edit.manager, siteId);
  const { mainAmps, ...rest } = input;
  const row: PanelRow = { id: newRowId(), siteId, ...rest, createdAt: now(), version: 0, removedAt: null };
  await checkFeed(edit.manager, row);
  await edit.insert('panel', row);
  if (mainAmps !== null) await edit.insert('breaker', mainOf(row, mainAmps));
  edit.touch(row.id);
  return row;
}

/** Change a panel; its spaces must still hold its breakers, its main comes, goes or changes its rating. */
export async function changePanel(edit: Edit, id: string, input: z.output<typeof panelChange>) {
  const { manager } = edit;
  const old = await panelRow(manager, id);
  const { mainAmps, version, ...rest } = input;
  refuseStale(messages.thisPanel, old, version);
  const panel: PanelRow = { ...old, ...rest };
  await checkBreakersStillFit(manager, panel);
  await checkFeed(manager, panel);
  if (!panel.feedThrough) {
    const fed = (await panelsOf(manager, panel.siteId)).find((one) => one.fedThroughPanelId === id);
    if (fed) throw invalidField('feedThrough', messages.isFedThroughItsLugsChange(fed.name));
  }
  const changed = await edit.update('panel', id, rest);
  if (panel.orientation !== old.orientation) await turnHandles(edit, old, panel);
  const main = await manager.findOneBy(BreakerTable, { panelId: id, role: 'main', removedAt: IsNull() });
  if (main && mainAmps === null) await removeBreaker(edit, main.id);
  else if (main && mainAmps !== null && main.ratingAmps !== mainAmps)
    await edit.update('breaker', main.id, { ratingAmps: mainAmps });
  else if (!main && mainAmps !== null) await edit.insert('breaker', mainOf(panel, mainAmps));
  edit.touch(id);
  return changed;
}

async function checkBreakersStillFit(manager: EntityManager, panel: PanelRow) {
  const branches = await branchesOf(manager, panel.id);
  for (const breaker of branches) {
    const others = branches.filter((one) => one !== breaker).map(placedOf);
    const problem = placementProblem(panel, others, placedOf(breaker));
    if (!problem) continue;
    const field = problem.field === 'half' ? 'narrowSpaces' : panel.splitAt !== null ? 'splitAt' : 'spaces';
    throw invalidField(field, messages.theBreakerAtWouldNotFit(atPlace(breaker), problem.message));
  }
  const taken = (space: number) =>
    branches.some((one) =>
      placementProblem({ ...panel, narrowSpaces: null, splitAt: null }, [placedOf(one)], {
        id: '',
        space,
        poles: 1,
        half: null,
      }),
    );
  for (const field of ['blanks', 'holes'] as const) {
    const wrong = panel[field].find(taken);
    if (wrong !== undefined) throw invalidField(field, messages.spaceHasABreaker(wrong));
  }
}

/** A panel that is turned turns its handles with it. */
async function turnHandles(edit: Edit, old: PanelRow, panel: PanelRow) {
  const breakers = await edit.manager.findBy(BreakerTable, { panelId: panel.id, removedAt: IsNull() });
  for (const { id, onDirection } of breakers) {
    await edit.update('breaker', id, {
      onDirection: turnDirection(onDirection, old.orientation, panel.orientation),
    });
  }
}

/** Take a panel off its site. The record of what was in it stays. */
export async function removePanel(edit: Edit, id: string) {
  const panel = await panelRow(edit.manager, id);
  const breakers = await edit.manager.findBy(BreakerTable, { panelId: id, removedAt: IsNull() });
  const own = breakers.map((breaker) => breaker.id);
  const fed = (await panelsOf(edit.manager, panel.siteId)).find(
    (one) => one.fedThroughPanelId === id || own.includes(one.fedByBreakerId ?? ''),
  );
  if (fed) throw invalidField('id', messages.itFeedsFirstEnterWhatElse(fed.name));
  for (const breaker of breakers) await edit.remove('breaker', breaker.id);
  await edit.remove('panel', id);
  edit.touch(id);
  return panel;
}

/** Draw a panel once more, with its breakers and circuits but without anything that was logged. */
export async function duplicatePanel(edit: Edit, id: string, name: string) {
  const { manager } = edit;
  const panel = await panelRow(manager, id);
  const createdAt = now();
  const copy: PanelRow = {
    ...panel,
    id: newRowId(),
    name,
    fedByBreakerId: null,
    fedThroughPanelId: null,
    createdAt,
    version: 0,
  };
  await edit.insert('panel', copy);
  const breakers = await manager.findBy(BreakerTable, { panelId: id, removedAt: IsNull() });
  const ids = new Map(breakers.map((breaker) => [breaker.id, newRowId()]));
  const circuits = await manager.findBy(CircuitTable, { breakerId: among([...ids.keys()]) });
  const loads = await manager.findBy(LoadTable, { circuitId: among(circuits.map((circuit) => circuit.id)) });
  for (const breaker of breakers) {
    await edit.insert('breaker', {
      ...breaker,
      id: ids.get(breaker.id)!,
      panelId: copy.id,
      tiedWith: null,
      replaces: null,
      why: '',
      createdAt,
      version: 0,
    });
  }
  for (const { id: old, tiedWith } of breakers) {
    if (tiedWith !== null) await edit.update('breaker', ids.get(old)!, { tiedWith: ids.get(tiedWith)! });
  }
  for (const circuit of circuits) {
    const circuitId = newRowId();
    await edit.insert('circuit', {
      ...circuit,
      id: circuitId,
      breakerId: ids.get(circuit.breakerId)!,
      version: 0,
    });
    for (const load of loads.filter((one) => one.circuitId === circuit.id)) {
      await edit.insert('load', { ...load, id: newRowId(), circuitId });
    }
  }
  edit.touch(copy.id);
  return copy;
}
