import type { ConfirmedEnd } from '@phylaxon/core/diagnosis/causes';
import type { Decision } from '@phylaxon/core/diagnosis/decision';
import type { ClosedCase } from '@phylaxon/core/diagnosis/outcomes';
import type { Confirmation, TroubleCase } from '@phylaxon/core/record/entities';
import { IsNull, Not, type EntityManager } from 'typeorm';
import { CaseTable } from '../store/index.ts';
import type { BreakerKind } from '@phylaxon/core/panel/layout';

/** Whether anything in a case came from the simulated stand-in. */
const SIMULATED = `(${['reading', 'event', 'observation']
  .map((table) => `EXISTS (SELECT 1 FROM "${table}" e WHERE e.caseId = c.id AND e.simulated = 1)`)
  .join(' OR ')} OR EXISTS (SELECT 1 FROM json_each(c.answers) a
    WHERE json_extract(a.value, '$.simulated') AND json_extract(a.value, '$.takenBackAt') IS NULL))`;

interface AboutBreaker {
  complaint: TroubleCase['complaint'];
  kind: BreakerKind | null;
  poles: number | null;
  family: string | null;
}

/** What was known of a case’s breaker before anything was looked at. */
const knownOf = ({ complaint, kind, poles }: AboutBreaker): ConfirmedEnd['known'] => ({
  complaint,
  tripped: complaint === 'trips' ? true : undefined,
  breakerKind: kind === null || kind === 'surge' ? undefined : kind,
  poles: poles === null ? undefined : poles === 2 ? 2 : 1,
});

/**
 * All confirmed ends on record, of houses or of demo houses: what happened in a made-up house teaches nothing about others. A
 * copy of a site, or of a case that was handed over, teaches nothing twice.
 */
export async function confirmedEnds(manager: EntityManager, demo: boolean): Promise<ConfirmedEnd[]> {
  const rows = (await manager.query(
    `SELECT c.complaint, c.confirmed, b.kind, b.poles, b.family
       FROM "case" c JOIN site s ON s.id = c.siteId LEFT JOIN breaker b ON b.id = c.breakerId
      WHERE c.confirmed IS NOT NULL AND c.removedAt IS NULL AND s.demo = ? AND NOT ${SIMULATED}
      GROUP BY c.openedAt, c.closedAt, c.complaint, c.confirmed, b.kind, b.poles, b.family
      ORDER BY c.closedAt, c.openedAt, c.complaint, c.confirmed, b.kind, b.poles, b.family`,
    [demo ? 1 : 0],
  )) as (AboutBreaker & { confirmed: string })[];
  return rows.map((row) => ({
    cause: (JSON.parse(row.confirmed) as Confirmation).cause,
    known: knownOf(row),
    family: row.family,
  }));
}

/** Whether any case of a site was confirmed: without it the others learn something else. */
export const hasConfirmedEnds = async (manager: EntityManager, siteId: string): Promise<boolean> =>
  manager.existsBy(CaseTable, { siteId, confirmed: Not(IsNull()) });

interface ClosedRow extends AboutBreaker {
  id: string;
  siteId: string;
  site: string;
  words: string;
  closedAt: string;
  outcome: TroubleCase['outcome'];
  confirmed: string | null;
  decision: string | null;
  label: string | null;
  panel: string | null;
  simulated: number;
}

/** A decision as an older version may have stored it, too: without its causes. */
function decisionAsStored(text: string): Decision {
  const stored = JSON.parse(text) as Decision & { causes?: Decision['causes'] };
  return { ...stored, causes: stored.causes ?? [] };
}

/** Closed cases, the newest first: of one site, or of all that are, or are not, demo houses. */
export async function closedCases(
  manager: EntityManager,
  of: { siteId: string } | { demo: boolean },
): Promise<ClosedCase[]> {
  const [where, by] = 'siteId' in of ? ['s.id = ?', of.siteId] : ['s.demo = ?', of.demo ? 1 : 0];
  const rows = (await manager.query(
    `SELECT c.id, c.siteId, s.name AS site, c.complaint, c.words, c.closedAt, c.outcome, c.confirmed, c.decision,
            b.kind, b.poles, b.family, t.label, p.name AS panel, ${SIMULATED} AS simulated
       FROM "case" c JOIN site s ON s.id = c.siteId LEFT JOIN breaker b ON b.id = c.breakerId
       LEFT JOIN circuit t ON t.breakerId = b.id LEFT JOIN panel p ON p.id = c.panelId
      WHERE c.closedAt IS NOT NULL AND c.removedAt IS NULL AND ${where}
      ORDER BY c.closedAt DESC, c.id`,
    [by],
  )) as ClosedRow[];
  return rows.map(({ label, panel, words, decision, confirmed, simulated, kind, poles, family, ...row }) => ({
    ...row,
    where: label ?? (words === '' ? (panel ?? '') : `“${words}”`),
    decision: decision === null ? null : decisionAsStored(decision),
    confirmed: confirmed === null ? null : (JSON.parse(confirmed) as Confirmation),
    simulated: simulated === 1,
    known: knownOf({ complaint: row.complaint, kind, poles, family }),
    family,
  }));
}
