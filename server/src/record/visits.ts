import type { visitEntry, visitStep } from '@phylaxon/core/record/panelEntries';
import {
  begun,
  mayTakeBack,
  seenAs,
  troubleOf,
  walk,
  workOn,
  type TaskState,
  type VisitFact,
  type VisitPlan,
  type VisitTask,
  type WorkState,
} from '@phylaxon/core/visit/work';
import {
  breakerInput,
  circuitInput,
  noteInput,
  observationInput,
  readingInput,
  replacementInput,
} from '@phylaxon/core/record/entities';
import { In, IsNull, type EntityManager } from 'typeorm';
import type { z } from 'zod';
import type { Edit } from '../edit/index.ts';
import { conflict, invalidField } from '../errors/index.ts';
import { BreakerTable, PanelEntryTable, StrikeTable, type PanelEntryRow } from '../store/index.ts';
import { fitBreaker, moveBreaker, replaceBreaker } from './breakers.ts';
import { setCircuit } from './circuits.ts';
import { logNote, logObservation, logReadings, strike } from './log.ts';
import { panelRow } from './panelRows.ts';

type Entry = z.output<typeof visitEntry.fields>;
type Step = z.output<typeof visitStep.fields>;

/** A visit as far as it is on record. */
export interface KnownVisit {
  entryId: string;
  plan: Entry;
  plannedAt: string;
  simulated: boolean;
  steps: { entryId: string; n: number; at: string; simulated: boolean; fact: VisitFact }[];
}

/**
 * The visits of a panel with what happened on each, oldest first; what was struck does not count.
 *
 * @param panelId the panel
 */
export async function visitsOf(manager: EntityManager, panelId: string): Promise<KnownVisit[]> {
  const rows = await manager.find(PanelEntryTable, {
    where: [
      { panelId, kind: 'visit' },
      { panelId, kind: 'visit-step' },
    ],
    order: { loggedAt: 'ASC', id: 'ASC' },
  });
  const struck = new Set(
    (await manager.findBy(StrikeTable, { panelEntryId: In(rows.map(({ id }) => id)) })).map(
      ({ panelEntryId }) => panelEntryId,
    ),
  );
  const standing = rows.filter(({ id }) => !struck.has(id));
  const stepsBy = new Map<string, (PanelEntryRow & { content: Step })[]>();
  for (const row of standing) {
    if (row.kind !== 'visit-step') continue;
    const step = row as PanelEntryRow & { content: Step };
    stepsBy.set(step.content.visitId, [...(stepsBy.get(step.content.visitId) ?? []), step]);
  }
  return standing.flatMap((row): KnownVisit[] => {
    if (row.kind !== 'visit') return [];
    const plan = row.content as Entry;
    const steps = (stepsBy.get(plan.visitId) ?? []).sort((a, b) => a.content.n - b.content.n);
    return [
      {
        entryId: row.id,
        plan,
        plannedAt: row.at,
        simulated: row.simulated,
        steps: steps.map(({ id, at, simulated, content }) => ({
          n: content.n,
          entryId: id,
          at,
          simulated,
          fact: content.fact,
        })),
      },
    ];
  });
}

/** A visit that is planned is about breakers of its panel, once. */
export async function checkVisit(manager: EntityManager, panelId: string, plan: Entry): Promise<void> {
  const { spaces } = await panelRow(manager, panelId);
  const known = await manager.findBy(BreakerTable, { panelId, removedAt: IsNull() });
  plan.tasks.forEach(({ breakerId, space }, i) => {
    const breaker = known.find(({ id }) => id === breakerId);
    if (breakerId !== null && !breaker)
      throw invalidField(`content.tasks.${i}.breakerId`, 'There is no such breaker in this panel.');
    if (breaker?.role === 'main')
      throw invalidField(
        `content.tasks.${i}.breakerId`,
        'The main is not worked on like this: its line side stays live. The utility cuts the service.',
      );
    if (space > spaces)
      throw invalidField(`content.tasks.${i}.space`, `This panel has spaces 1 to ${spaces}, no ${space}.`);
  });
  await refuseUsedParts(manager, plan);
  if ((await visitsOf(manager, panelId)).some((one) => one.plan.visitId === plan.visitId))
    throw invalidField('content.visitId', 'A visit has this id already: give it one of its own.');
}

/** A part that goes in is a new one. */
async function refuseUsedParts(manager: EntityManager, { tasks }: Pick<Entry, 'tasks'>): Promise<void> {
  for (const [i, { partId }] of tasks.entries())
    if (partId !== null && (await manager.existsBy(BreakerTable, { id: partId })))
      throw invalidField(
        `content.tasks.${i}.partId`,
        'This id is a breaker’s already: a new part has one of its own.',
      );
}

/** An entry of a visit is taken back from its end only, and never what the record followed. */
export async function refuseVisitStrike(
  manager: EntityManager,
  panelId: string,
  entryId: string,
): Promise<void> {
  for (const { entryId: ownId, steps } of await visitsOf(manager, panelId)) {
    if (ownId === entryId && steps.length > 0)
      throw conflict('visit_begun', 'This visit was begun: it is ended, not taken back.');
    const step = steps.find((one) => one.entryId === entryId);
    if (step && (step !== steps.at(-1) || !mayTakeBack(step.fact)))
      throw conflict(
        'visit_went_on',
        'Only the last step of a visit is taken back, and nothing that changed the panel.',
      );
  }
}

const factsOf = ({ steps }: KnownVisit): VisitFact[] => steps.map(({ fact }) => fact);

const isUnderWay = (visit: KnownVisit): boolean => {
  const { state } = walk(visit.plan, factsOf(visit));
  return visit.steps.length > 0 && !state.finished && !state.gates.abandoned;
};

/** What a step is about, and what it does to the visit; one that the gates do not let pass is refused. */
export async function nextOfVisit(
  manager: EntityManager,
  panelId: string,
  { visitId, n, fact }: Step,
): Promise<{ visit: KnownVisit; before: WorkState; after: WorkState }> {
  const visits = await visitsOf(manager, panelId);
  const visit = visits.find(({ plan }) => plan.visitId === visitId);
  if (!visit) throw invalidField('content.visitId', 'There is no such visit to this panel.');
  if (n !== (visit.steps.at(-1)?.n ?? -1) + 1)
    throw conflict('visit_went_on', 'This visit has gone on, or back, since: look at where it stands.');
  const other = visits.find((one) => one !== visit && isUnderWay(one));
  if (other && visit.steps.length === 0)
    throw conflict('visit_under_way', 'Another visit to this panel is under way: end that one first.');
  const facts = factsOf(visit);
  const before = facts.length === 0 ? begun(visit.plan) : walk(visit.plan, facts).state;
  const after = workOn(visit.plan, before, fact);
  if (after === null)
    throw conflict('visit_gate', 'That is not open at this point of the visit: look at what is next.');
  return { visit, before, after };
}

/** When something happened, and whether it was made up. */
interface Told {
  at: string;
  simulated: boolean;
}

/** The part that is in now, where something went in. */
const partOf = (task: VisitTask, { isOldPart }: TaskState): string | null =>
  isOldPart || task.partId === null ? task.breakerId : task.partId;

async function mainOf(manager: EntityManager, panelId: string): Promise<string | null> {
  return (await manager.findOneBy(BreakerTable, { panelId, role: 'main', removedAt: IsNull() }))?.id ?? null;
}

/** The drawing follows what was done: the new part with its own record, the old one’s kept. */
async function draw(
  edit: Edit,
  panelId: string,
  task: VisitTask,
  state: TaskState,
  { at }: Told,
): Promise<void> {
  const { space, ratingAmps } = state;
  const asFound = true;
  const installedOn = at.slice(0, 10);
  const why = task.why === '' ? 'On a visit' : task.why;
  if (state.given === 'no') await refuseUsedParts(edit.manager, { tasks: [task] });
  if (state.given === 'no' && task.work === 'replace') {
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
  if (task.work === 'move')
    await moveBreaker(edit, task.breakerId!, {
      space,
      half: task.half,
      exchange: false,
      version: await versionOf(edit, task.breakerId!),
    });
  if (task.work === 'new-breaker') {
    const { poles, kind, family, half, label, conductor, receptacles } = task;
    await fitBreaker(
      edit,
      panelId,
      breakerInput.parse({ space, half, poles, ratingAmps, kind, family, installedOn, asFound }),
      task.partId!,
    );
    await setCircuit(
      edit,
      task.partId!,
      circuitInput.parse({ label, conductor, portableReceptacles: receptacles }),
    );
  }
  // A stab that is not good is not used again.
  if (space !== task.space) await closeSpace(edit, panelId, task.space);
  if (task.proposalId !== null && (await isStanding(edit.manager, task.proposalId)))
    await strike(edit, { kind: 'panelEntries', id: task.proposalId }, 'Carried out on a visit', null);
}

const versionOf = async ({ manager }: Edit, id: string) =>
  (await manager.findOneByOrFail(BreakerTable, { id })).version;

const isStanding = async (manager: EntityManager, id: string) =>
  (await manager.existsBy(PanelEntryTable, { id })) &&
  !(await manager.existsBy(StrikeTable, { panelEntryId: id }));

/** A space that is not used again has a filler. */
async function closeSpace(edit: Edit, panelId: string, space: number): Promise<void> {
  const { blanks, holes } = await panelRow(edit.manager, panelId);
  await edit.update('panel', panelId, {
    blanks: [...new Set([...blanks, space])].sort((a, b) => a - b),
    holes: holes.filter((one) => one !== space),
  });
}

async function observe(edit: Edit, breakerId: string, told: Told, test: string, outcome: string, note = '') {
  await logObservation(edit, breakerId, observationInput.parse({ test, outcome, note, ...told }));
}

/** What was met is logged at the part it was met at, so that it is decided anew before anything goes in. */
async function logMet(
  edit: Edit,
  panelId: string,
  plan: VisitPlan,
  after: WorkState,
  told: Told,
): Promise<void> {
  if (after.met === null) return;
  const { trouble, id } = after.met;
  const task = plan.tasks.find((one) => one.id === id);
  const breakerId = task ? partHere(task, after) : await mainOf(edit.manager, panelId);
  if (breakerId === null) return;
  const seen = seenAs(trouble);
  if (seen) await observe(edit, breakerId, told, seen.test, seen.outcome, 'On a visit');
  else if (troubleOf(trouble).effect !== 'again')
    await logNote(
      edit,
      breakerId,
      noteInput.parse({ at: told.at, note: `On a visit: ${troubleOf(trouble).words}.` }),
    );
}

/** The part at a place at this moment: the new one once it is in. */
function partHere(task: VisitTask, { gates, tasks }: WorkState): string | null {
  const state = tasks.find(({ id }) => id === task.id)!;
  return gates.swapped.has(state.placeId) ? partOf(task, state) : task.breakerId;
}

type ReadingOf = z.input<typeof readingInput>;

/** What proves the work, as readings of the part that is in. */
function readingsOf(fact: VisitFact, told: Told): ReadingOf[] {
  const common = { ...told, note: 'On a visit' };
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
async function close(edit: Edit, visit: KnownVisit, after: WorkState, told: Told): Promise<void> {
  const steps = [...visit.steps];
  const at = (is: VisitFact['is']) => steps.find(({ fact }) => fact.is === is)?.at;
  const [off, on] = [at('main-off'), at('main-on')];
  const minutes = off && on ? Math.max(1, Math.round((Date.parse(on) - Date.parse(off)) / 60_000)) : null;
  for (const task of visit.plan.tasks) {
    const state = after.tasks.find(({ id }) => id === task.id)!;
    if (!after.gates.swapped.has(state.placeId)) continue;
    const breakerId = partOf(task, state);
    if (breakerId === null) continue;
    for (const step of steps) {
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
      'Made on a visit, tightened to its figure',
    );
    if (task.work !== 'remake-joint')
      await observe(edit, breakerId, told, 'stab-inspection', 'clean', 'Looked at on a visit');
    if (minutes !== null)
      await logNote(
        edit,
        breakerId,
        noteInput.parse({ at: told.at, note: `Done on a visit. The power was off for ${minutes} min.` }),
      );
  }
}

/** What a step of a visit does to the rest of the record. */
export async function recordVisitStep(
  edit: Edit,
  panelId: string,
  { visit, before, after }: Awaited<ReturnType<typeof nextOfVisit>>,
  { fact }: Step,
  told: Told,
): Promise<void> {
  if (fact.is === 'swapped') {
    const state = before.tasks.find(({ placeId }) => placeId === fact.id)!;
    await draw(
      edit,
      panelId,
      visit.plan.tasks.find(({ id }) => id === state.id)!,
      state,
      told,
    );
  }
  if (fact.is === 'step-done' && fact.step === 'fill') {
    const { holes } = await panelRow(edit.manager, panelId);
    const state = before.tasks.find(({ id }) => id === fact.id);
    const filled = state ? [] : holes;
    for (const space of filled) await closeSpace(edit, panelId, space);
  }
  await logMet(edit, panelId, visit.plan, after, told);
  if (fact.is === 'finished' || fact.is === 'abandoned') await close(edit, visit, after, told);
}
