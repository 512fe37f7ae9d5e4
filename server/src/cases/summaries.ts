import type { CaseSummary } from '@phylaxon/core/diagnosis/cases';
import { IsNull, type EntityManager } from 'typeorm';
import { casesOf } from '../record/index.ts';
import { among, CaseTable, CircuitTable, PanelTable, type CaseRow } from '../store/index.ts';

/** A site’s cases in short, the newest first. */
export const summariesOf = async (manager: EntityManager, siteId: string): Promise<CaseSummary[]> =>
  inShort(manager, await casesOf(manager, siteId));

/** The cases that are open anywhere, the newest first. */
export const openSummaries = async (manager: EntityManager): Promise<CaseSummary[]> =>
  inShort(
    manager,
    await manager.find(CaseTable, {
      where: { closedAt: IsNull(), removedAt: IsNull() },
      order: { openedAt: 'DESC', id: 'ASC' },
    }),
  );

async function inShort(manager: EntityManager, cases: CaseRow[]): Promise<CaseSummary[]> {
  const known = <T>(ids: (T | null)[]) => ids.filter((id): id is NonNullable<typeof id> => id !== null);
  const circuits = await manager.findBy(CircuitTable, {
    breakerId: among(known(cases.map(({ breakerId }) => breakerId))),
  });
  const panels = await manager.findBy(PanelTable, { id: among(known(cases.map(({ panelId }) => panelId))) });
  const label = new Map(circuits.map((circuit) => [circuit.breakerId, circuit.label]));
  const name = new Map(panels.map((panel) => [panel.id, panel.name]));
  const found = await foundIn(
    manager,
    cases.map(({ id }) => id),
  );
  return cases.map((row) => {
    const { id, siteId, panelId, breakerId, complaint, words, openedAt, openedBy, closedAt, outcome } = row;
    return {
      case: { id, siteId, panelId, breakerId, complaint, words, openedAt, openedBy, closedAt, outcome },
      where: label.get(breakerId ?? '') ?? name.get(panelId ?? '') ?? '',
      found: (found.get(id) ?? 0) + row.answers.filter(({ takenBackAt }) => takenBackAt === null).length,
    };
  });
}

/** How many entries each case has. */
async function foundIn(manager: EntityManager, caseIds: readonly string[]): Promise<Map<string, number>> {
  const rows = (await manager.query(
    `SELECT caseId, count(*) AS n FROM (
       SELECT caseId FROM reading WHERE caseId IS NOT NULL
       UNION ALL SELECT caseId FROM event WHERE caseId IS NOT NULL
       UNION ALL SELECT caseId FROM observation WHERE caseId IS NOT NULL)
     WHERE caseId IN (SELECT value FROM json_each(?)) GROUP BY caseId`,
    [JSON.stringify(caseIds)],
  )) as { caseId: string; n: number }[];
  return new Map(rows.map(({ caseId, n }) => [caseId, Number(n)]));
}
