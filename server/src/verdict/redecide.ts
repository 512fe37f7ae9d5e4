import { randomUUID } from 'node:crypto';
import type { Verdict } from '@phylaxon/core/board';
import { decide, ENGINE, type Decision } from '@phylaxon/core/diagnose';
import { gatherEvidence, type BreakerFile, type Evidence } from '@phylaxon/core/readings';
import type { EntityManager } from 'typeorm';
import { PanelTable, VerdictTable, type VerdictRow } from '../store/index.ts';
import { filesOfPanel } from '../record/index.ts';

/** The evidence about each breaker of a panel, as it stands now. */
export function evidenceOfPanel(panel: { id: string; name: string }, files: BreakerFile[]): Evidence[] {
  const main = files.find((file) => file.breaker.role === 'main') ?? null;
  return files.map((subject) =>
    gatherEvidence({ panel, subject, main, others: files.filter((file) => file !== subject) }),
  );
}

export const verdictOf = (row: VerdictRow): Verdict => ({
  id: row.id,
  at: row.at,
  decision: JSON.parse(row.decision) as Decision,
});

/** The verdict that stands for each breaker of a panel. */
export async function standingVerdicts(
  manager: EntityManager,
  panelId: string,
): Promise<Map<string, VerdictRow>> {
  const rows = await manager
    .createQueryBuilder(VerdictTable, 'v')
    .where('v.breakerId IN (SELECT id FROM breaker WHERE panelId = :panelId AND removedAt IS NULL)', {
      panelId,
    })
    .andWhere(
      'v.rowid = (SELECT w.rowid FROM verdict w WHERE w.breakerId = v.breakerId ORDER BY w.rowid DESC LIMIT 1)',
    )
    .getMany();
  return new Map(rows.map((row) => [row.breakerId, row]));
}

/**
 * Decide anew about every breaker of a panel and store a verdict, with its reasons and the evidence
 * it was made from, where the decision is another than the one that stood. Belongs into the same
 * transaction as the change that made it necessary: a reading on one breaker may change another's.
 */
export async function redecidePanel(
  manager: EntityManager,
  panelId: string,
  at = new Date().toISOString(),
): Promise<void> {
  const panel = await manager.findOneByOrFail(PanelTable, { id: panelId });
  const standing = await standingVerdicts(manager, panelId);
  const fresh = evidenceOfPanel(panel, await filesOfPanel(manager, panelId)).flatMap(
    (evidence): VerdictRow[] => {
      const decision = decide(evidence);
      const text = JSON.stringify(decision);
      const breakerId = evidence.breaker.id;
      const old = standing.get(breakerId);
      if (old?.decision === text && old.engine === ENGINE) return [];
      const { action, family } = decision;
      return [
        {
          id: randomUUID(),
          breakerId,
          at,
          engine: ENGINE,
          action,
          family,
          decision: text,
          evidence: JSON.stringify(evidence),
        },
      ];
    },
  );
  if (fresh.length > 0) await manager.insert(VerdictTable, fresh);
}

/** After a new version brings other rules: decide anew wherever an older engine's verdict stands. */
export async function redecideOutdated(manager: EntityManager): Promise<void> {
  for (const { id } of await manager.find(PanelTable)) {
    const standing = [...(await standingVerdicts(manager, id)).values()];
    if (standing.some((row) => row.engine !== ENGINE)) await redecidePanel(manager, id);
  }
}
