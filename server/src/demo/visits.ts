import { visitAnswer } from '@phylaxon/core/simulate/panel';
import { panelEntryInput } from '@phylaxon/core/record/panelEntries';
import { nextOf, visitPlan, walk, type VisitFact } from '@phylaxon/core/visit/work';
import { randomUUID } from 'node:crypto';
import type { EntityManager } from 'typeorm';
import { Edit } from '../edit/index.ts';
import { logPanelEntry } from '../record/index.ts';
import type { DemoVisit } from './shape.ts';

const MINUTE_MS = 60_000;

/**
 * A visit as it was planned; one that was made goes as a sound house lets it go, a step a minute, marked as simulated.
 *
 * @param breakerIn what is in a space
 */
export async function logVisit(
  manager: EntityManager,
  panelId: string,
  { plannedAt, startedAt, plan }: DemoVisit,
  breakerIn: (space: number) => string,
): Promise<void> {
  const visitId = randomUUID();
  const log = (at: string, kind: 'visit' | 'visit-step', content: object, simulated: boolean) =>
    logPanelEntry(
      new Edit(manager, 'electrician'),
      panelId,
      panelEntryInput.parse({ kind, at, content, simulated }),
    );
  const planned = visitPlan.parse(plan(breakerIn));
  await log(new Date(plannedAt).toISOString(), 'visit', { ...planned, visitId }, false);
  if (startedAt === null) return;
  const facts: VisitFact[] = [];
  for (;;) {
    const { state } = walk(planned, facts);
    const next = nextOf(planned, state);
    const fact = visitAnswer({ seed: visitId, fault: 'none', told: facts }, state, next);
    if (!fact) return;
    const at = new Date(Date.parse(startedAt) + facts.length * MINUTE_MS).toISOString();
    await log(at, 'visit-step', { visitId, n: facts.length, fact }, true);
    facts.push(fact);
  }
}
