import {
  fittingProblem,
  placementProblem,
  atPlace,
  tieProblem,
  usualOnDirection,
  type PanelShape,
  type Placed,
} from '@phylaxon/core/panel/layout';
import type {
  Breaker,
  breakerChange,
  breakerInput,
  breakerMove,
  replacementInput,
} from '@phylaxon/core/record/entities';
import { IsNull, type EntityManager } from 'typeorm';
import type { z } from 'zod';
import { refuseStale, newRowId, type Edit } from '../edit/index.ts';
import { invalidField, notFound } from '../errors/index.ts';
import { BreakerTable, CircuitTable, PanelTable, type BreakerRow, type PanelRow } from '../store/index.ts';
import { panelRow } from './panelRows.ts';
import * as messages from './messages.ts';

const now = () => new Date().toISOString();

/** The row of a breaker that is still in its panel. */
export async function breakerRow(manager: EntityManager, id: string): Promise<BreakerRow> {
  const row = await manager.findOneBy(BreakerTable, { id, removedAt: IsNull() });
  if (!row) throw notFound(messages.thisBreaker);
  return row;
}

/** A breaker as the placement rules see it. */
export const placedOf = (row: Pick<Breaker, 'id' | 'space' | 'poles' | 'half'>): Placed => ({
  id: row.id,
  space: row.space!,
  poles: row.poles,
  half: row.half,
});

/** The breakers that sit in a panel's spaces now. */
export const branchesOf = (manager: EntityManager, panelId: string) =>
  manager.findBy(BreakerTable, { panelId, removedAt: IsNull(), role: 'branch' });

async function checkPlacement(
  manager: EntityManager,
  panel: PanelShape & { id: string },
  wanted: Placed,
  family: string,
) {
  const others = (await branchesOf(manager, panel.id)).map(placedOf);
  const problem = fittingProblem(panel, others, wanted, family);
  if (problem) throw invalidField(problem.field, problem.message);
}

/** A family that is asked for as found may be another than the label lists. */
const asked = ({ asFound, family }: { asFound?: boolean; family: string }) => (asFound ? '' : family);

/** A filler or a hole where a breaker now sits is gone. */
async function closeOpenings(edit: Edit, panel: PanelRow, breaker: Pick<Breaker, 'space' | 'poles'>) {
  const taken = [breaker.space!, breaker.space! + 2].slice(0, breaker.poles);
  const left = (spaces: number[]) => spaces.filter((space) => !taken.includes(space));
  const [blanks, holes] = [left(panel.blanks), left(panel.holes)];
  if (blanks.length + holes.length < panel.blanks.length + panel.holes.length) {
    await edit.update('panel', panel.id, { blanks, holes });
  }
}

/** @param id of the new part, where it was given one before */
export async function fitBreaker(
  edit: Edit,
  panelId: string,
  input: z.output<typeof breakerInput>,
  id: string = newRowId(),
) {
  const panel = await panelRow(edit.manager, panelId);
  const { asFound: _asFound, ...unit } = input;
  const row: BreakerRow = {
    id,
    panelId,
    role: 'branch',
    ...unit,
    family: input.family || panel.family,
    onDirection: input.onDirection ?? usualOnDirection(input.space, panel.orientation),
    tiedWith: null,
    replaces: null,
    why: '',
    createdAt: now(),
    version: 0,
    removedAt: null,
  };
  await checkPlacement(edit.manager, panel, placedOf(row), asked(input));
  await edit.insert('breaker', row);
  await closeOpenings(edit, panel, row);
  edit.touch(panelId);
  return row;
}

export async function changeBreaker(edit: Edit, id: string, change: z.output<typeof breakerChange>) {
  const old = await breakerRow(edit.manager, id);
  const { asFound, version, ...fields } = change;
  refuseStale(messages.thisBreaker, old, version);
  const row = { ...old, ...fields };
  if (row.role === 'branch') {
    const panel = await panelRow(edit.manager, row.panelId);
    const familyKept = row.family === old.family;
    await checkPlacement(
      edit.manager,
      panel,
      placedOf(row),
      familyKept ? '' : asked({ asFound, family: row.family }),
    );
    const tied = old.tiedWith === null ? null : await breakerRow(edit.manager, old.tiedWith);
    const tie = tied && tieProblem(placedOf(row), placedOf(tied));
    if (tie) throw invalidField('poles', messages.itsHandleIsTiedToRemove(atPlace(tied), tie));
  }
  if (row.poles === 1) await refuseIfFeeding(edit.manager, id, 'poles');
  edit.touch(row.panelId);
  if (Object.keys(fields).length === 0) return old;
  const changed = await edit.update('breaker', id, fields);
  if (row.role === 'branch') await closeOpenings(edit, await panelRow(edit.manager, row.panelId), row);
  return changed;
}

async function refuseIfFeeding(manager: EntityManager, id: string, field: string) {
  const fed = await manager.findOneBy(PanelTable, { fedByBreakerId: id, removedAt: IsNull() });
  if (fed) throw invalidField(field, messages.itFeedsFirstEnterWhatElse(fed.name));
}

/** Take a breaker out of the panel. Its record stays. */
export async function removeBreaker(edit: Edit, id: string) {
  const row = await breakerRow(edit.manager, id);
  await refuseIfFeeding(edit.manager, id, 'id');
  if (row.tiedWith !== null) await untie(edit, row);
  await edit.remove('breaker', id);
  edit.touch(row.panelId);
  return row;
}

/** Put a breaker into another place of its panel; what sits there changes places with it where asked. */
export async function moveBreaker(edit: Edit, id: string, move: z.output<typeof breakerMove>) {
  const old = await breakerRow(edit.manager, id);
  refuseStale(messages.thisBreaker, old, move.version);
  if (old.space === null) throw invalidField('space', messages.theMainStaysWhereItIs);
  if (old.tiedWith !== null) {
    const tied = await breakerRow(edit.manager, old.tiedWith);
    throw invalidField('space', messages.itsHandleIsTiedToSo(atPlace(tied)));
  }
  const panel = await panelRow(edit.manager, old.panelId);
  const wanted = { ...old, space: move.space, half: move.half === undefined ? old.half : move.half };
  const others = (await branchesOf(edit.manager, panel.id)).filter((one) => one.id !== id);
  const partner = move.exchange ? partnerOf(panel, others, old, wanted) : null;
  const problem = placementProblem(
    panel,
    others.filter((one) => one !== partner).map(placedOf),
    placedOf(wanted),
  );
  if (problem) throw invalidField(problem.field === 'poles' ? 'space' : problem.field, problem.message);
  const turned = (row: BreakerRow, space: number) => ({
    space,
    ...(row.onDirection === usualOnDirection(row.space, panel.orientation) && {
      onDirection: usualOnDirection(space, panel.orientation),
    }),
  });
  if (partner) await edit.update('breaker', partner.id, { ...turned(partner, old.space), half: old.half });
  const moved = await edit.update('breaker', id, { ...turned(old, wanted.space), half: wanted.half });
  await closeOpenings(edit, panel, moved);
  edit.touch(panel.id);
  return moved;
}

/** The breaker that changes places with one that is moved: alone where it goes, and of the same size. */
function partnerOf(panel: PanelShape, others: BreakerRow[], old: BreakerRow, wanted: BreakerRow) {
  const inTheWay = others.filter(
    (one) => placementProblem(panel, [placedOf(one)], placedOf(wanted)) !== null,
  );
  const [partner] = inTheWay;
  if (inTheWay.length !== 1 || partner!.tiedWith !== null) return null;
  const sameSize = partner!.poles === old.poles && (partner!.half === null) === (old.half === null);
  return sameSize && partner!.space === wanted.space ? partner! : null;
}

/** Tie the handles of two one-pole breakers, or untie them. */
export async function tieBreakers(edit: Edit, id: string, otherId: string | null, version?: number) {
  const row = await breakerRow(edit.manager, id);
  if (version !== undefined) refuseStale(messages.thisBreaker, row, version);
  edit.touch(row.panelId);
  if (otherId === null) {
    if (row.tiedWith !== null) await untie(edit, row);
    return breakerRow(edit.manager, id);
  }
  const other = await breakerRow(edit.manager, otherId);
  if (row.panelId !== other.panelId) throw invalidField('with', messages.theBreakersAreInDifferent);
  if (row.space === null || other.space === null) throw invalidField('with', messages.theMainCannotBeTied);
  for (const one of [row, other]) {
    if (one.tiedWith !== null) throw invalidField('with', messages.theHandleAtAlreadyHasA(atPlace(one)));
  }
  const problem = tieProblem(placedOf(row), placedOf(other));
  if (problem) throw invalidField('with', problem);
  await edit.update('breaker', otherId, { tiedWith: id });
  return edit.update('breaker', id, { tiedWith: otherId });
}

async function untie(edit: Edit, row: BreakerRow) {
  await edit.update('breaker', row.tiedWith!, { tiedWith: null });
  await edit.update('breaker', row.id, { tiedWith: null });
}

/**
 * A new part in the place of an old one: the circuit goes with the place, the log stays with the part, so
 * that the faults of the old one are not held against the new.
 *
 * @param partId of the new part, where it was given one before
 */
export async function replaceBreaker(
  edit: Edit,
  id: string,
  input: z.output<typeof replacementInput>,
  partId: string = newRowId(),
) {
  const old = await breakerRow(edit.manager, id);
  const { asFound, version, ...part } = input;
  refuseStale(messages.thisBreaker, old, version);
  const panel = await panelRow(edit.manager, old.panelId);
  const row: BreakerRow = {
    ...old,
    ...part,
    id: partId,
    family: input.family || panel.family,
    replaces: id,
    createdAt: now(),
    version: 0,
  };
  const tied = old.tiedWith;
  if (tied !== null) await untie(edit, old);
  await edit.remove('breaker', id);
  const { removedAt } = await edit.manager.findOneByOrFail(BreakerTable, { id });
  // A moment later, so that the timeline tells the two in their order.
  row.createdAt = new Date(Date.parse(removedAt!) + 1).toISOString();
  if (row.role === 'branch') {
    await checkPlacement(edit.manager, panel, placedOf(row), asked({ asFound, family: row.family }));
  }
  await edit.insert('breaker', { ...row, tiedWith: null });
  if (tied !== null) await tieBreakers(edit, row.id, tied);
  const circuit = await edit.manager.findOneBy(CircuitTable, { breakerId: id });
  if (circuit) await edit.update('circuit', circuit.id, { breakerId: row.id });
  const fed = await edit.manager.findOneBy(PanelTable, { fedByBreakerId: id, removedAt: IsNull() });
  if (fed) await edit.update('panel', fed.id, { fedByBreakerId: row.id });
  edit.touch(row.panelId);
  return breakerRow(edit.manager, row.id);
}
