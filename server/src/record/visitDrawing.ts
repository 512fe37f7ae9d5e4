import { ON_A_VISIT, PANEL_ENTRIES, type Proposal } from '@phylaxon/core/record/panelEntries';
import { breakerInput, circuitInput, replacementInput } from '@phylaxon/core/record/entities';
import { spacesOf } from '@phylaxon/core/panel/layout';
import { taskKind, type TaskState, type VisitTask } from '@phylaxon/core/visit/work';
import { IsNull, type EntityManager } from 'typeorm';
import type { Edit } from '../edit/index.ts';
import { BreakerTable, CircuitTable, PanelEntryTable, PanelTable, StrikeTable } from '../store/index.ts';
import { breakerRow, fitBreaker, moveBreaker, removeBreaker, replaceBreaker } from './breakers.ts';
import { setCircuit } from './circuits.ts';
import { strike } from './log.ts';
import { logOwn, type Found } from './observed.ts';
import { panelRow } from './panelRows.ts';
import { refuseUsedParts } from './visits.ts';
import * as messages from './messages.ts';

/** The drawing follows what was done: the new part with its own record, the old one’s kept. */
export async function drawTask(
  edit: Edit,
  panelId: string,
  task: VisitTask,
  state: TaskState,
  { at }: Pick<Found, 'at'>,
): Promise<void> {
  const { space, ratingAmps } = state;
  const { drawing } = taskKind(task.work);
  const asFound = true;
  const installedOn = at.slice(0, 10);
  const why = task.why === '' ? ON_A_VISIT : task.why;
  if (state.given === 'no') await refuseUsedParts(edit.manager, { tasks: [task] });
  if (state.given === 'no' && drawing === 'replaced') {
    const part = { ratingAmps, kind: task.kind, family: task.family, installedOn, why, asFound };
    const row = await replaceBreaker(
      edit,
      task.breakerId!,
      replacementInput.parse({ ...part, version: await versionOf(edit, task.breakerId!) }),
      task.partId!,
    );
    const half = state.isElsewhere ? null : task.half;
    if (row.space !== space || row.half !== half)
      await moveBreaker(edit, row.id, { space, half, exchange: false, version: row.version });
  }
  if (drawing === 'moved')
    await moveBreaker(edit, task.breakerId!, {
      space,
      half: task.half,
      exchange: false,
      version: await versionOf(edit, task.breakerId!),
    });
  if (drawing === 'installed') {
    const removed = await removedBreakerOf(edit.manager, task.proposalId);
    const { poles, kind, family, half, label, conductor, receptacles } = task;
    await fitBreaker(
      edit,
      panelId,
      breakerInput.parse({ space, half, poles, ratingAmps, kind, family, installedOn, asFound }),
      task.partId!,
    );
    if (removed === null || !(await takeOver(edit, removed, task.partId!)))
      await setCircuit(
        edit,
        task.partId!,
        circuitInput.parse({ label, conductor, portableReceptacles: receptacles }),
      );
  }
  // A stab that is not good is not used again.
  if (space !== task.space) await closeSpace(edit, panelId, task.space);
  if (task.proposalId !== null && (await isStanding(edit.manager, task.proposalId)))
    await strike(edit, { kind: 'panelEntries', id: task.proposalId }, messages.completedOnAVisit, null);
}

/** The breaker whose circuit waits for the one that a proposal puts in; null: it is a new circuit. */
async function removedBreakerOf(manager: EntityManager, proposalId: string | null): Promise<string | null> {
  if (proposalId === null) return null;
  const row = await manager.findOneBy(PanelEntryTable, { id: proposalId, kind: 'proposal' });
  return (row?.content as Proposal | undefined)?.removedBreakerId ?? null;
}

/** The circuit of a breaker that was removed goes on with the new one; false: it has none. */
async function takeOver(edit: Edit, removedId: string, partId: string): Promise<boolean> {
  await edit.update('breaker', partId, { replaces: removedId });
  const circuit = await edit.manager.findOneBy(CircuitTable, { breakerId: removedId });
  if (circuit) await edit.update('circuit', circuit.id, { breakerId: partId });
  return circuit !== null;
}

/** A breaker that is out when its place is given up is out on record; its circuit waits for another. */
export async function takeOut(
  edit: Edit,
  panelId: string,
  task: VisitTask,
  { ratingAmps, isElsewhere, space: elsewhere }: TaskState,
  told: Found,
): Promise<void> {
  const id = task.breakerId;
  if (id === null || (await edit.manager.existsBy(PanelTable, { fedByBreakerId: id, removedAt: IsNull() })))
    return;
  const { space, half, poles } = await breakerRow(edit.manager, id);
  if (space === null) return;
  const proposal = {
    ...{
      title: task.label,
      removedBreakerId: id,
      place: isElsewhere ? { space: elsewhere, half: null } : { space, half },
    },
    ...{ poles, ratingAmps, kind: task.kind, conductor: task.conductor },
    reasons: [messages.itsBreakerIsOut],
  };
  // What the conductor does not allow was decided before this visit: it is planned anew.
  const isAllowed = PANEL_ENTRIES.proposal.fields.safeParse(proposal).success;
  const content = isAllowed ? proposal : { ...proposal, conductor: null };
  await removeBreaker(edit, id);
  for (const one of spacesOf({ space, poles })) await closeSpace(edit, panelId, one);
  await logOwn(edit, panelId, { kind: 'proposal', content }, told);
}

const versionOf = async ({ manager }: Edit, id: string) =>
  (await manager.findOneByOrFail(BreakerTable, { id })).version;

const isStanding = async (manager: EntityManager, id: string) =>
  (await manager.existsBy(PanelEntryTable, { id })) &&
  !(await manager.existsBy(StrikeTable, { panelEntryId: id }));

/** A space that is not used again has a filler. */
export async function closeSpace(edit: Edit, panelId: string, space: number): Promise<void> {
  const { blanks, holes } = await panelRow(edit.manager, panelId);
  await edit.update('panel', panelId, {
    blanks: [...new Set([...blanks, space])].sort((a, b) => a - b),
    holes: holes.filter((one) => one !== space),
  });
}
