import { uncapital } from '@phylaxon/core/facts/quantities';
import {
  TASK_WORDS,
  learntFactor,
  minutesOff,
  minutesTaken,
  standsAs,
  type SiteVisits,
  type VisitWithPermit,
} from '@phylaxon/core/views/visit';
import { taskKind } from '@phylaxon/core/visit/work';
import { IsNull, type EntityManager } from 'typeorm';
import { notFound } from '../errors/index.ts';
import { panelFromRow, siteRow, standingEntries, visitsOf, type KnownVisit } from '../record/index.ts';
import { PanelTable } from '../store/index.ts';
import * as messages from './messages.ts';

/** The visits of a site, newest first, with what earlier ones taught. */
export async function siteVisitsPage(manager: EntityManager, siteId: string): Promise<SiteVisits> {
  await siteRow(manager, siteId);
  const panels = await manager.findBy(PanelTable, { siteId, removedAt: IsNull() });
  const visits: SiteVisits['visits'] = [];
  const timed: { usual: number; took: number }[] = [];
  for (const panel of panels)
    for (const visit of await visitsOf(manager, panel.id)) {
      visits.push({ ...summaryOf(visit), panelId: panel.id, panelName: panel.name });
      const took = minutesTaken(visit.steps);
      // Made-up visits teach nothing about real ones.
      if (took !== null && visit.steps.every(({ simulated }) => !simulated))
        timed.push({
          usual: minutesOff(
            visit.plan.tasks.map(({ work }) => work),
            1,
          ),
          took,
        });
    }
  return {
    visits: visits.sort((a, b) => b.plannedAt.localeCompare(a.plannedAt)),
    learned: { visits: timed.length, factor: learntFactor(timed) },
  };
}

function summaryOf({ plan, plannedAt, steps }: KnownVisit) {
  const stands = standsAs({ plan, steps });
  return {
    visitId: plan.visitId,
    plannedAt,
    plannedFor: plan.plannedFor,
    what: plan.tasks.map(({ label, work }) =>
      taskKind(work).isOfPanel ? uncapital(TASK_WORDS[work].name) : label,
    ),
    places: plan.tasks
      .filter(({ work }) => !taskKind(work).isOfPanel)
      .map(({ space, half, poles }) => ({ space, half, poles })),
    sources: plan.sources.map(({ kind }) => kind),
    stands,
    within: plan.within ?? null,
    endedAt: stands === 'finished' || stands === 'left' ? (steps.at(-1)?.at ?? null) : null,
  };
}

/** A visit with everything that happened on it. */
export async function visitPage(manager: EntityManager, visitId: string): Promise<VisitWithPermit> {
  const [at] = (await manager.query(
    `SELECT "panelId" FROM "panel_entry" WHERE "kind" = 'visit' AND json_extract("content", '$.visitId') = ? LIMIT 1`,
    [visitId],
  )) as { panelId: string }[];
  const visit = at && (await visitsOf(manager, at.panelId)).find(({ plan }) => plan.visitId === visitId);
  if (!at || !visit) throw notFound(messages.thisVisit);
  // A visit stays on record when its panel does not.
  const row = await manager.findOneByOrFail(PanelTable, { id: at.panelId });
  return {
    site: await siteRow(manager, row.siteId),
    panel: panelFromRow(row),
    entryId: visit.entryId,
    plannedAt: visit.plannedAt,
    plan: visit.plan,
    steps: visit.steps,
    ...(await permitsFor(manager, row.siteId, visit)),
  };
}

/** The permit of a visit as it stands, and what was needed for earlier visits of the site. */
async function permitsFor(
  manager: EntityManager,
  siteId: string,
  { plan }: KnownVisit,
): Promise<Pick<VisitWithPermit, 'permit' | 'earlierPermits'>> {
  const panels = await manager.findBy(PanelTable, { siteId, removedAt: IsNull() });
  let permit: VisitWithPermit['permit'] = null;
  const earlier: (VisitWithPermit['earlierPermits'][number] & { at: string })[] = [];
  for (const panel of panels) {
    const permits = await standingEntries(manager, panel.id, 'permit');
    if (permits.length === 0) continue;
    permit ??= permits.find(({ content }) => content.visitId === plan.visitId)?.content ?? null;
    const visits = await visitsOf(manager, panel.id);
    for (const { at, content } of permits) {
      const of = visits.find((one) => one.plan.visitId === content.visitId);
      if (of && content.visitId !== plan.visitId)
        earlier.push({ at, works: of.plan.tasks.map(({ work }) => work), need: content.need });
    }
  }
  return {
    permit,
    earlierPermits: earlier
      .sort((a, b) => b.at.localeCompare(a.at))
      .map(({ works, need }) => ({ works: [...new Set(works)], need })),
  };
}
