import { randomUUID } from 'node:crypto';
import { keptPerObject } from '@phylaxon/core/facts/kept';
import type { Verdict } from '@phylaxon/core/views/board';
import { decide, decision as decisionShape, ENGINE, type Decision } from '@phylaxon/core/diagnosis/decision';
import type { Evidence } from '@phylaxon/core/diagnosis/evidence';
import { IsNull, type EntityManager } from 'typeorm';
import { PanelTable, VerdictTable, type VerdictRow } from '../store/index.ts';
import { gatherAnew } from './panelEvidence.ts';

export const verdictOf = (row: VerdictRow): Verdict => ({
  id: row.id,
  at: row.at,
  decision: JSON.parse(row.decision) as Decision,
});

/** A decision as it is stored: always the same text for the same decision. */
export const decisionText = (decision: Decision) => JSON.stringify(decisionShape.parse(decision));

/** What evidence leads to, with its text; worked out once for evidence that stays what it was. */
const decided = keptPerObject((evidence: Evidence) => {
  const decision = decide(evidence);
  return { action: decision.action, family: decision.family, text: decisionText(decision) };
});

/** The verdict that stands for each breaker that is in one of these panels now. */
export async function latestVerdicts(
  manager: EntityManager,
  panelIds: readonly string[],
): Promise<Map<string, VerdictRow>> {
  const rows = (await manager.query(
    `SELECT v.* FROM breaker b JOIN verdict v
       ON v.rowid = (SELECT max(w.rowid) FROM verdict w WHERE w.breakerId = b.id)
     WHERE b.removedAt IS NULL AND b.panelId IN (SELECT value FROM json_each(?))`,
    [JSON.stringify(panelIds)],
  )) as VerdictRow[];
  return new Map(rows.map((row) => [row.breakerId, row]));
}

/**
 * Decide anew about every breaker of a panel and store a verdict, with its reasons as they stand, where
 * the decision is another than before. Belongs into the same transaction as the change that made it
 * necessary: a reading on one breaker may change another's.
 */
export async function redecidePanel(
  manager: EntityManager,
  panelId: string,
  at = new Date().toISOString(),
): Promise<void> {
  const panel = await manager.findOneBy(PanelTable, { id: panelId, removedAt: IsNull() });
  if (!panel) return;
  const latest = await latestVerdicts(manager, [panelId]);
  const { evidence } = await gatherAnew(manager, panel);
  const fresh = evidence.flatMap((about): VerdictRow[] => {
    const { action, family, text } = decided(about);
    const breakerId = about.breaker.id;
    const old = latest.get(breakerId);
    if (old?.decision === text && old.engine === ENGINE) return [];
    return [{ id: randomUUID(), breakerId, at, engine: ENGINE, action, family, decision: text }];
  });
  if (fresh.length > 0) await manager.insert(VerdictTable, fresh);
}

/** Decide anew in every panel: another policy was chosen, or earlier cases teach something else. */
export async function redecideAll(manager: EntityManager, at?: string): Promise<void> {
  const panels = await manager.findBy(PanelTable, { removedAt: IsNull() });
  for (const { id } of panels) await redecidePanel(manager, id, at);
}

/** After a new version brings other rules: decide anew wherever an older engine's verdict stands. */
export async function redecideOutdated(manager: EntityManager): Promise<void> {
  for (const { id } of await manager.findBy(PanelTable, { removedAt: IsNull() })) {
    const latest = [...(await latestVerdicts(manager, [id])).values()];
    if (latest.some((row) => row.engine !== ENGINE)) await redecidePanel(manager, id);
  }
}
