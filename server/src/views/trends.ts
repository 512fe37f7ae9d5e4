import {
  legGrowth,
  openingSooner,
  warmingTrend,
  type JointReading,
  type LegPeak,
  type Trend,
} from '@phylaxon/core/diagnosis/trends';
import type { Evidence } from '@phylaxon/core/diagnosis/evidence';
import type { ShownPanelEntry } from '@phylaxon/core/record/panelEntries';
import type { EntityManager } from 'typeorm';
import { standingShown } from '../record/index.ts';
import { panelEvidence, type PanelEvidence } from '../recordService/index.ts';
import type { PanelRow } from '../store/index.ts';
import { recordedLegs } from './legs.ts';

type JointRow = JointReading & { breakerId: string };

/** Of the temperatures with a current within the hour the last of each month: many a day make nothing surer. */
const JOINTS = `WITH taken AS (
    SELECT t.breakerId, t.point, t.at, t.value AS surfaceC, t.ambientC, t.error AS errorC,
      (SELECT c.value FROM reading c
        WHERE c.breakerId = t.breakerId AND c.point = 'conductor'
          AND c.at BETWEEN strftime('%Y-%m-%dT%H:%M:%fZ', t.at, '-1 hour') AND strftime('%Y-%m-%dT%H:%M:%fZ', t.at, '+1 hour')
          AND NOT EXISTS (SELECT 1 FROM strike s WHERE s.readingId = c.id)
        ORDER BY c.at DESC LIMIT 1) AS amps
    FROM json_each(?) b JOIN reading t ON t.breakerId = b.value AND t.point IN ('face', 'terminal')
    WHERE t.ambientC IS NOT NULL AND NOT EXISTS (SELECT 1 FROM strike s WHERE s.readingId = t.id))
  SELECT * FROM (
    SELECT *, ROW_NUMBER() OVER (PARTITION BY breakerId, point, substr(at, 1, 7) ORDER BY at DESC) AS n
    FROM taken WHERE amps IS NOT NULL) WHERE n = 1`;

/** What was measured at joints over the years, of some breakers. */
async function jointReadings(manager: EntityManager, breakerIds: readonly string[]): Promise<JointRow[]> {
  return (await manager.query(JOINTS, [JSON.stringify(breakerIds)])) as JointRow[];
}

/** What changes from year to year at some breakers: joints that warm, breakers that open sooner. */
export async function breakerTrends(manager: EntityManager, evidence: readonly Evidence[]): Promise<Trend[]> {
  const readings = await jointReadings(
    manager,
    evidence.map(({ breaker }) => breaker.id),
  );
  return evidence.flatMap(({ breaker, trips }) => {
    const own = readings.filter(({ breakerId }) => breakerId === breaker.id);
    return [warmingTrend(breaker, own), openingSooner(breaker, trips)].filter((one) => one !== null);
  });
}

/** Worked out once for each state of a panel’s record: its evidence is another for each. */
const remembered = new WeakMap<PanelEvidence, Trend[]>();

/** What changes from year to year at a panel, the soonest at its limit first. */
export async function panelTrends(manager: EntityManager, panel: PanelRow): Promise<Trend[]> {
  const known = await panelEvidence(manager, panel);
  const ofBreakers = remembered.get(known) ?? (await breakerTrends(manager, known.evidence));
  remembered.set(known, ofBreakers);
  const main = known.evidence.find(({ breaker }) => breaker.role === 'main')?.breaker;
  const mainAmps = main?.ratingAmps ?? panel.busAmps;
  const entries = await standingShown(manager, panel.id, 'recording');
  const legs = mainAmps === null ? [] : legGrowth(mainAmps, peaksOf(entries));
  return [...ofBreakers, ...legs].sort((a, b) => a.reached.likeliest.localeCompare(b.reached.likeliest));
}

/** The highest quarter hour of each leg, recording by recording. */
const peaksOf = (entries: readonly ShownPanelEntry[]): LegPeak[] =>
  recordedLegs(entries).flatMap(({ A, B, when }): LegPeak[] => [
    { leg: 'A', at: when, amps: A },
    { leg: 'B', at: when, amps: B },
  ]);
