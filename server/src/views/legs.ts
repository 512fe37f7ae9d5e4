import { legsOfPanel, type LegsView } from '@phylaxon/core/views/legs';
import type { Reading } from '@phylaxon/core/record/entities';
import type { ShownPanelEntry } from '@phylaxon/core/record/panelEntries';
import type { EntityManager } from 'typeorm';
import { panelFromRow, panelRow, standingShown, storedOf } from '../record/index.ts';
import { panelEvidence, type PanelEvidence } from '../recordService/index.ts';
import type { PanelRow } from '../store/index.ts';

const MS_A_DAY = 86_400_000;

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

/** Both legs of a panel: what was clamped in each state of the load, by hour of the day, and at the main. */
export async function legsPage(manager: EntityManager, panelId: string): Promise<LegsView> {
  const panel = await panelRow(manager, panelId);
  const { records } = await panelEvidence(manager, panel);
  return legsViewOf(manager, panel, records, await standingShown(manager, panelId));
}

/** The same, of a panel that is read already. */
export async function legsViewOf(
  manager: EntityManager,
  panel: PanelRow,
  records: PanelEvidence['records'],
  entries: readonly ShownPanelEntry[],
): Promise<LegsView> {
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
    { atMain: storedOf(entries, 'main-currents'), quarterHours: recordedLegs(entries) },
  );
}

/** The highest quarter hour of each leg, where a logger hung on both. */
export function recordedLegs(entries: readonly ShownPanelEntry[]): LegsView['quarterHours'] {
  return entries.flatMap(({ entry, about }): LegsView['quarterHours'] => {
    if (entry.kind !== 'recording' || about?.kind !== 'recording') return [];
    const ofLeg = (leg: 'A' | 'B') => {
      const i = entry.content.channels.findIndex(
        ({ at, quantity }) => quantity === 'current' && at.kind === 'leg' && at.leg === leg,
      );
      return about.channels[i]?.quarterHour?.mean ?? null;
    };
    const [A, B] = [ofLeg('A'), ofLeg('B')];
    if (A === null || B === null) return [];
    const days = (about.toMs - about.fromMs) / MS_A_DAY;
    return [{ A, B, when: new Date(about.toMs).toISOString(), days }];
  });
}
