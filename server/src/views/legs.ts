import { legsOfPanel, type LegsView } from '@phylaxon/core/views/legs';
import type { Reading } from '@phylaxon/core/record/entities';
import type { EntityManager } from 'typeorm';
import { panelFromRow, panelRow } from '../record/index.ts';
import { panelEvidence } from '../recordService/index.ts';

interface Clamped {
  breakerId: string;
  loadState: Reading['loadState'];
  amps: number;
  at: string;
}
interface Hourly {
  breakerId: string;
  hour: number;
  amps: number;
}

const CLAMPED = `FROM reading x WHERE x.point = 'conductor' AND x.quantity = 'current'
  AND x.breakerId IN (SELECT value FROM json_each(?))
  AND NOT EXISTS (SELECT 1 FROM strike s WHERE s.readingId = x.id)`;

/** The latest current that was clamped at each breaker in each state of its load. */
export const latestClamped = async (
  manager: EntityManager,
  records: readonly { breaker: { id: string } }[],
): Promise<Clamped[]> =>
  (await manager.query(
    `SELECT breakerId, loadState, amps, at FROM (
       SELECT x.breakerId, x.loadState, x.value AS amps, x.at,
         ROW_NUMBER() OVER (PARTITION BY x.breakerId, x.loadState ORDER BY x.at DESC, x.loggedAt DESC) AS n
       ${CLAMPED}) WHERE n = 1`,
    [JSON.stringify(records.map(({ breaker }) => breaker.id))],
  )) as Clamped[];

/** Both legs of a panel: what was clamped in each state of the load, and by hour of the day. */
export async function legsPage(manager: EntityManager, panelId: string): Promise<LegsView> {
  const panel = await panelRow(manager, panelId);
  const { records } = await panelEvidence(manager, panel);
  const ids = JSON.stringify(records.map(({ breaker }) => breaker.id));
  const latest = await latestClamped(manager, records);
  const hourly = (await manager.query(
    `SELECT x.breakerId, CAST(strftime('%H', x.at) AS INTEGER) AS hour, avg(x.value) AS amps
     ${CLAMPED} GROUP BY x.breakerId, hour`,
    [ids],
  )) as Hourly[];
  return legsOfPanel(
    panelFromRow(panel),
    records.map(({ breaker, circuit }) => ({
      breaker,
      circuit,
      byLoad: latest.filter((one) => one.breakerId === breaker.id),
      byHour: hourly.filter((one) => one.breakerId === breaker.id).map(({ hour, amps }) => ({ hour, amps })),
    })),
  );
}
