import type { visitEntry, visitStep } from '@phylaxon/core/record/panelEntries';
import { panelsFedFrom } from '@phylaxon/core/panel/layout';
import { walk, workOn, type VisitFact, type WorkState } from '@phylaxon/core/visit/work';
import { IsNull, type EntityManager } from 'typeorm';
import type { z } from 'zod';
import { conflict, invalidField } from '../errors/index.ts';
import {
  among,
  BreakerTable,
  PanelEntryTable,
  PanelTable,
  StrikeTable,
  type PanelEntryRow,
} from '../store/index.ts';
import { panelRow } from './panelRows.ts';
import * as messages from './messages.ts';

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
    (await manager.findBy(StrikeTable, { panelEntryId: among(rows.map(({ id }) => id)) })).map(
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
      throw invalidField(`content.tasks.${i}.breakerId`, messages.thereIsNoSuchBreakerIn);
    if (breaker?.role === 'main')
      throw invalidField(`content.tasks.${i}.breakerId`, messages.theMainCannotBeWorkedOn);
    if (space > spaces)
      throw invalidField(`content.tasks.${i}.space`, messages.thisPanelHasSpaces1To(spaces, space));
  });
  await refuseUsedParts(manager, plan);
  if (plan.within !== undefined) await checkAround(manager, panelId, plan.within);
  const [same] = (await manager.query(
    `SELECT count(*) AS n FROM panel_entry WHERE kind = 'visit' AND json_extract(content, '$.visitId') = ?`,
    [plan.visitId],
  )) as [{ n: number }];
  if (same.n > 0) throw invalidField('content.visitId', messages.anotherVisitHasThisIdGive);
}

/** The shutdown that a visit shares is of a panel upstream of its own. */
async function checkAround(manager: EntityManager, panelId: string, within: string): Promise<void> {
  const rows = (await manager.query(
    `SELECT panelId FROM panel_entry WHERE kind = 'visit' AND json_extract(content, '$.visitId') = ?`,
    [within],
  )) as { panelId: string }[];
  const around = rows[0]?.panelId;
  if (around === undefined || around === panelId)
    throw invalidField('content.within', messages.thereIsNoSuchVisitAround);
  const { siteId } = await panelRow(manager, panelId);
  const panels = await manager.findBy(PanelTable, { siteId, removedAt: IsNull() });
  const breakers = await manager.findBy(BreakerTable, {
    panelId: among(panels.map(({ id }) => id)),
    removedAt: IsNull(),
  });
  if (!panelsFedFrom({ panels, breakers }, around).includes(panelId))
    throw invalidField('content.within', messages.thereIsNoSuchVisitAround);
}

/** A part that goes in is a new one. */
export async function refuseUsedParts(
  manager: EntityManager,
  { tasks }: Pick<Entry, 'tasks'>,
): Promise<void> {
  for (const [i, { partId }] of tasks.entries())
    if (partId !== null && (await manager.existsBy(BreakerTable, { id: partId })))
      throw invalidField(`content.tasks.${i}.partId`, messages.anotherBreakerHasThisIdGive);
}

const factsOf = ({ steps }: KnownVisit): VisitFact[] => steps.map(({ fact }) => fact);

/** What a step is about, and what it does to the visit; one that the gates do not let pass is refused. */
export async function nextOfVisit(
  manager: EntityManager,
  panelId: string,
  { visitId, n, fact }: Step,
): Promise<{ visit: KnownVisit; before: WorkState; after: WorkState }> {
  const visits = await visitsOf(manager, panelId);
  const visit = visits.find(({ plan }) => plan.visitId === visitId);
  if (!visit) throw invalidField('content.visitId', messages.thereIsNoSuchVisitFor);
  if (n !== (visit.steps.at(-1)?.n ?? -1) + 1)
    throw conflict('visit_went_on', messages.thisVisitHasChangedInThe);
  const facts = factsOf(visit);
  const before = walk(visit.plan, facts).state;
  const after = workOn(visit.plan, before, fact);
  if (after === null) throw conflict('visit_gate', messages.thisStepIsNotAllowedAt);
  return { visit, before, after };
}
