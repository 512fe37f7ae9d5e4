import { ON_A_VISIT, type visitStep } from '@phylaxon/core/record/panelEntries';
import {
  isStepSettled,
  seenAs,
  standingSteps,
  taskKind,
  troubleOf,
  type TaskState,
  type VisitFact,
  type VisitPlan,
  type VisitTask,
  type WorkState,
} from '@phylaxon/core/visit/work';
import { noteInput, observationInput, readingInput } from '@phylaxon/core/record/entities';
import { minutesTaken } from '@phylaxon/core/views/visit';
import type { z } from 'zod';
import type { Edit } from '../edit/index.ts';
import { logNote, logObservation, logReadings } from './log.ts';
import { logSigns, panelLogOf, type Found } from './observed.ts';
import { panelRow } from './panelRows.ts';
import { closeSpace, drawTask, takeOut } from './visitDrawing.ts';
import type { KnownVisit, nextOfVisit } from './visits.ts';
import * as messages from './messages.ts';

type Step = z.output<typeof visitStep.fields>;

/** The part that is in now, where something went in. */
const partOf = (task: VisitTask, { isOldPart }: TaskState): string | null =>
  isOldPart || task.partId === null ? task.breakerId : task.partId;

async function observe(edit: Edit, breakerId: string, told: Found, test: string, outcome: string, note = '') {
  await logObservation(edit, breakerId, observationInput.parse({ test, outcome, note, ...told }));
}

/** What was met is logged at the part it was met at, so that it is decided anew before anything goes in. */
async function logMet(
  edit: Edit,
  panelId: string,
  plan: VisitPlan,
  after: WorkState,
  told: Found,
): Promise<void> {
  if (after.met === null) return;
  const { trouble, id } = after.met;
  const task = plan.tasks.find((one) => one.id === id);
  const breakerId = task ? partHere(task, after) : await panelLogOf(edit.manager, panelId);
  if (breakerId === null) return;
  const seen = seenAs(trouble);
  if (seen) await observe(edit, breakerId, told, seen.test, seen.outcome, ON_A_VISIT);
  else if (troubleOf(trouble).effect !== 'again')
    await logNote(
      edit,
      breakerId,
      noteInput.parse({ at: told.at, note: `${ON_A_VISIT}: ${troubleOf(trouble).words}.` }),
    );
}

/** The part at a place at this moment: the new one once it is in. */
function partHere(task: VisitTask, { gates, tasks }: WorkState): string | null {
  const state = tasks.find(({ id }) => id === task.id)!;
  return gates.swapped.has(state.placeId) ? partOf(task, state) : task.breakerId;
}

type ReadingOf = z.input<typeof readingInput>;

/** What proves the work, as readings of the part that is in. */
function readingsOf(fact: VisitFact, told: Found): ReadingOf[] {
  const common = { ...told, note: ON_A_VISIT };
  if (fact.is === 'verified')
    return [
      { quantity: 'voltage', point: 'outlet', value: fact.volts, instrument: 'contact-meter', ...common },
    ];
  if (fact.is !== 'proof') return [];
  switch (fact.proof) {
    case 'between-poles':
      return [
        { quantity: 'voltage', point: 'legs', value: fact.volts, instrument: 'contact-meter', ...common },
      ];
    case 'current':
      return [
        { quantity: 'current', point: 'conductor', value: fact.amps, instrument: 'clamp-meter', ...common },
      ];
    case 'temperature':
      return [
        { quantity: 'temperature', point: 'face', value: fact.surfaceC, ambientC: fact.ambientC, ...common },
      ];
    default:
      return [];
  }
}

/** When a visit ends: what proved the work goes to each part’s own log, with how long the power was off. */
async function close(edit: Edit, visit: KnownVisit, after: WorkState, told: Found): Promise<void> {
  const { steps } = visit;
  const minutes = minutesTaken(steps);
  const standing = standingSteps(steps);
  for (const task of visit.plan.tasks) {
    const state = after.tasks.find(({ id }) => id === task.id)!;
    if (!after.gates.swapped.has(state.placeId)) continue;
    const breakerId = partOf(task, state);
    if (breakerId === null) continue;
    for (const step of standing) {
      const { fact } = step;
      const about = 'id' in fact ? fact.id : null;
      if (about !== task.id && about !== state.placeId) continue;
      const when = { at: step.at, simulated: step.simulated };
      const readings = readingsOf(fact, when);
      if (readings.length > 0)
        await logReadings(
          edit,
          breakerId,
          readings.map((one) => readingInput.parse(one)),
        );
      if (fact.is === 'proof' && (fact.proof === 'outlet-wiring' || fact.proof === 'test-button'))
        await observe(edit, breakerId, when, fact.proof, fact.outcome);
    }
    await observe(
      edit,
      breakerId,
      told,
      'terminal-inspection',
      'clean-and-tight',
      messages.madeOnAVisitTorquedAs,
    );
    if (taskKind(task.work).drawing !== 'same')
      await observe(edit, breakerId, told, 'stab-inspection', 'clean', messages.inspectedOnAVisit);
    if (minutes !== null)
      await logNote(
        edit,
        breakerId,
        noteInput.parse({ at: told.at, note: messages.doneOnAVisitThePower(minutes) }),
      );
  }
}

/** The findings that a task at the panel repaired are gone once its last step is done. */
async function mend(
  edit: Edit,
  panelId: string,
  task: TaskState,
  after: WorkState,
  told: Found,
): Promise<void> {
  const { isOfPanel = false, mends = [], shows } = taskKind(task.work);
  if (!isOfPanel || task.given !== 'no' || !isStepSettled(after, task)) return;
  const gone = mends.map((sign) => ({ sign, found: false }));
  await logSigns(edit, panelId, gone, told);
  const at = await panelLogOf(edit.manager, panelId);
  if (shows && at !== null) await observe(edit, at, told, shows.test, shows.outcome, ON_A_VISIT);
}

/** Every open slot of the panel is filled. */
async function fillOpenings(edit: Edit, panelId: string, told: Found): Promise<void> {
  const { holes } = await panelRow(edit.manager, panelId);
  for (const space of holes) await closeSpace(edit, panelId, space);
  await logSigns(edit, panelId, [{ sign: 'open-hole', found: false }], told);
}

/** What a step of the work does to the record: what was repaired, filled, or left out. */
async function recordWork(
  edit: Edit,
  panelId: string,
  { plan }: KnownVisit,
  after: WorkState,
  { id, step }: Extract<VisitFact, { is: 'step-done' }>,
  told: Found,
): Promise<void> {
  const task = after.tasks.find((one) => one.id === id);
  if (step === 'fill' && (!task || taskKind(task.work).isOfPanel)) await fillOpenings(edit, panelId, told);
  if (!task) return;
  if (task.given === 'up' && task.isOut && isStepSettled(after, task))
    await takeOut(
      edit,
      panelId,
      plan.tasks.find((one) => one.id === id)!,
      task,
      told,
    );
  await mend(edit, panelId, task, after, told);
}

/** What a step of a visit does to the rest of the record. */
export async function recordVisitStep(
  edit: Edit,
  panelId: string,
  { visit, before, after }: Awaited<ReturnType<typeof nextOfVisit>>,
  { fact }: Step,
  told: Found,
): Promise<void> {
  if (fact.is === 'swapped') {
    const state = before.tasks.find(({ placeId }) => placeId === fact.id)!;
    await drawTask(
      edit,
      panelId,
      visit.plan.tasks.find(({ id }) => id === state.id)!,
      state,
      told,
    );
  }
  if (fact.is === 'step-done') await recordWork(edit, panelId, visit, after, fact, told);
  await logMet(edit, panelId, visit.plan, after, told);
  if (fact.is === 'finished' || fact.is === 'abandoned') await close(edit, visit, after, told);
}
