import { lookAtCase, type CaseEntry, type CaseRecord } from '@phylaxon/core/diagnosis/cases';
import type { Decision } from '@phylaxon/core/diagnosis/decision';
import { panelFindings, type BreakerRecord } from '@phylaxon/core/diagnosis/evidence';
import { policies } from '@phylaxon/core/record/settings';
import { IsNull, type EntityManager } from 'typeorm';
import { learnedAt, type Teaches } from '../outcomes/index.ts';
import {
  caseFromRow,
  caseRow,
  curvesOf,
  eventOf,
  breakerRecords,
  observationOf,
  panelFromRow,
  readingOf,
  siteRow,
  strikesById,
} from '../record/index.ts';
import { panelEvidence } from '../recordService/index.ts';
import { readSettings } from '../settings/index.ts';
import {
  EventTable,
  ObservationTable,
  PanelTable,
  ReadingTable,
  StrikeTable,
  type CaseRow,
  type PanelRow,
} from '../store/index.ts';

/** A case with everything it stands on. */
export async function caseRecordOf(manager: EntityManager, id: string): Promise<CaseRecord> {
  const row = await caseRow(manager, id);
  const settings = policies.parse(await readSettings(manager));
  const teaches = await learnedAt(manager, row.siteId);
  const panel =
    row.panelId === null
      ? null
      : await manager.findOneBy(PanelTable, { id: row.panelId, removedAt: IsNull() });
  const records = panel === null ? [] : await recordsFor(manager, panel, row);
  const main = records.find(({ breaker }) => breaker.role === 'main') ?? null;
  const dossier =
    panel && row.breakerId !== null
      ? await dossierOf(manager, panel, row.breakerId, records, settings, teaches)
      : null;
  return {
    case: caseFromRow(row),
    site: await siteRow(manager, row.siteId),
    panel: panel && panelFromRow(panel),
    policies: settings,
    learned: teaches(),
    dossier,
    main: dossier === null ? main : null,
    others: dossier === null ? records.filter((one) => one !== main && panelFindings(one).length > 0) : [],
    partGone: row.breakerId !== null && dossier === null,
    log: await logOf(manager, id),
    decision: row.decision === null ? null : (JSON.parse(row.decision) as Decision),
  };
}

/** A panel’s records as a case looks at them; a closed one as it was: what was found in it still counts. */
const recordsFor = async (manager: EntityManager, panel: PanelRow, { id, closedAt }: CaseRow) =>
  closedAt === null ? (await panelEvidence(manager, panel)).records : breakerRecords(manager, panel.id, id);

async function dossierOf(
  manager: EntityManager,
  panel: PanelRow,
  breakerId: string,
  records: BreakerRecord[],
  settings: CaseRecord['policies'],
  teaches: Teaches,
): Promise<CaseRecord['dossier']> {
  const subject = records.find(({ breaker }) => breaker.id === breakerId);
  if (!subject) return null;
  const { id, name, family, alsoListed } = panel;
  return {
    panel: { id, name, family, alsoListed },
    policies: settings,
    subject,
    main: records.find(({ breaker }) => breaker.role === 'main') ?? null,
    others: records.filter((one) => one !== subject),
    curves: (await curvesOf(manager, panel.siteId)).map(({ family: of, points }) => ({ family: of, points })),
    learned: teaches(subject.breaker),
  };
}

/** What was found in a case, at whatever breaker, struck or not, oldest first. */
async function logOf(manager: EntityManager, caseId: string): Promise<CaseEntry[]> {
  const order = { at: 'ASC', loggedAt: 'ASC' } as const;
  const readings = await manager.find(ReadingTable, { where: { caseId }, order });
  const events = await manager.find(EventTable, { where: { caseId }, order });
  const observations = await manager.find(ObservationTable, { where: { caseId }, order });
  const ids = [...readings, ...events, ...observations].map((row) => row.id);
  const strikes = await manager
    .createQueryBuilder(StrikeTable, 's')
    .where('coalesce(s.readingId, s.eventId, s.observationId) IN (SELECT value FROM json_each(:ids))', {
      ids: JSON.stringify(ids),
    })
    .getMany();
  const struck = strikesById(strikes);
  const struckOf = (rowId: string) => struck.get(rowId) ?? null;
  const log: CaseEntry[] = [
    ...readings.map((row) => ({
      kind: 'readings' as const,
      breakerId: row.breakerId,
      entry: readingOf(row, struckOf(row.id)),
    })),
    ...events.map((row) => ({
      kind: 'events' as const,
      breakerId: row.breakerId,
      entry: eventOf(row, struckOf(row.id)),
    })),
    ...observations.map((row) => ({
      kind: 'observations' as const,
      breakerId: row.breakerId,
      entry: observationOf(row, struckOf(row.id)),
    })),
  ];
  return log.sort(
    (a, b) => a.entry.at.localeCompare(b.entry.at) || a.entry.loggedAt.localeCompare(b.entry.loggedAt),
  );
}

/** The decision of a case as it stands now. */
export const decisionInCase = (file: CaseRecord): Decision => lookAtCase(file, 'electrician').decision;
