import { randomUUID } from 'node:crypto';
import type { Verdict } from '@phylaxon/core/views/board';
import { decide, decision as decisionShape, ENGINE, type Decision } from '@phylaxon/core/diagnosis/decision';
import {
  gatherEvidence,
  type BreakerRecord,
  type Dossier,
  type Evidence,
} from '@phylaxon/core/diagnosis/evidence';
import { IsNull, type EntityManager } from 'typeorm';
import { learnedAt, type Teaches } from '../outcomes/index.ts';
import { curvesOf, breakerRecords } from '../record/index.ts';
import { readSettings } from '../settings/index.ts';
import { PanelTable, VerdictTable, type VerdictRow } from '../store/index.ts';

/**
 * The evidence about breakers of a panel, as it stands now; what confirmed ends teach matters to decisions alone.
 *
 * @param files all in the panel: a breaker is compared with its neighbours
 * @param about those it is gathered for; all, if left out
 */
export function evidenceOfPanel(
  panel: Dossier['panel'],
  policies: Dossier['policies'],
  files: BreakerRecord[],
  curves: Dossier['curves'],
  { teaches = () => null, about = files }: { teaches?: Teaches; about?: BreakerRecord[] } = {},
): Evidence[] {
  const main = files.find((file) => file.breaker.role === 'main') ?? null;
  return about.map((subject) =>
    gatherEvidence({
      panel,
      policies,
      subject,
      main,
      others: files.filter((file) => file !== subject),
      curves,
      learned: teaches(subject.breaker),
    }),
  );
}

export const verdictOf = (row: VerdictRow): Verdict => ({
  id: row.id,
  at: row.at,
  decision: JSON.parse(row.decision) as Decision,
});

/** A decision as it is stored: always the same text for the same decision. */
export const decisionText = (decision: Decision) => JSON.stringify(decisionShape.parse(decision));

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
  const files = await breakerRecords(manager, panelId);
  const curves = await curvesOf(manager, panel.siteId);
  const teaches = await learnedAt(manager, panel.siteId);
  const fresh = evidenceOfPanel(panel, await readSettings(manager), files, curves, { teaches }).flatMap(
    (evidence): VerdictRow[] => {
      const decision = decide(evidence);
      const text = decisionText(decision);
      const breakerId = evidence.breaker.id;
      const old = latest.get(breakerId);
      if (old?.decision === text && old.engine === ENGINE) return [];
      const { action, family } = decision;
      return [{ id: randomUUID(), breakerId, at, engine: ENGINE, action, family, decision: text }];
    },
  );
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
