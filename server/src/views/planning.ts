import { standingSigns, type ShownPanelEntry } from '@phylaxon/core/record/panelEntries';
import type { PlannedPanel, Planning } from '@phylaxon/core/views/planning';
import { IsNull, type EntityManager } from 'typeorm';
import { panelFromRow, siteRow, standingShown, storedOf } from '../record/index.ts';
import { panelEvidence } from '../recordService/index.ts';
import { PanelTable, type PanelRow } from '../store/index.ts';
import { latestClamped } from './legs.ts';

const MS_A_DAY = 86_400_000;

/** A site with all that planning looks at: what is drawn, what a logger saw, what was planned before. */
export async function planningPage(manager: EntityManager, siteId: string): Promise<Planning> {
  const site = await siteRow(manager, siteId);
  const rows = await manager.find(PanelTable, {
    where: { siteId, removedAt: IsNull() },
    order: { createdAt: 'ASC' },
  });
  const panels: PlannedPanel[] = [];
  for (const row of rows) panels.push(await plannedPanel(manager, row));
  return { site, panels };
}

async function plannedPanel(manager: EntityManager, row: PanelRow): Promise<PlannedPanel> {
  const { records } = await panelEvidence(manager, row);
  const clamped = (await latestClamped(manager, records)).sort((x, y) => x.at.localeCompare(y.at));
  const measured = new Map(clamped.map(({ breakerId, amps }) => [breakerId, amps]));
  const shown = await standingShown(manager, row.id);
  return {
    panel: panelFromRow(row),
    breakers: records.map(({ breaker, circuit }) => ({
      breaker,
      circuit,
      measuredAmps: measured.get(breaker.id) ?? null,
    })),
    peak: highestQuarterHour(shown),
    atMain: largestOf(storedOf(shown, 'main-currents')),
    sheet: storedOf(shown, 'service-sheet')[0] ?? null,
    sources: storedOf(shown, 'other-sources')[0] ?? null,
    critical: storedOf(shown, 'keeps-power')[0]?.content.breakerIds ?? [],
    corrections: correctionsOf(shown),
    signs: [
      ...new Set([
        ...standingSigns(shown.map(({ entry }) => entry)),
        ...(row.holes.length > 0 ? (['open-hole'] as const) : []),
      ]),
    ],
    proposals: storedOf(shown, 'proposal'),
  };
}

/** The one in which a leg carried most. */
const largestOf = (clamped: NonNullable<PlannedPanel['atMain']>[]): PlannedPanel['atMain'] => {
  const heavier = ({ content: { a, b } }: (typeof clamped)[number]) => Math.max(a, b);
  return clamped.reduce<PlannedPanel['atMain']>(
    (most, one) => (most === null || heavier(one) > heavier(most) ? one : most),
    null,
  );
};

/** What inspectors want corrected, by the latest word on each permit. */
function correctionsOf(entries: readonly ShownPanelEntry[]): PlannedPanel['corrections'] {
  const seen = new Set<string>();
  return entries.flatMap(({ entry }) => {
    if (entry.kind !== 'permit' || seen.has(entry.content.visitId)) return [];
    seen.add(entry.content.visitId);
    return entry.content.corrections.map((text) => ({ entryId: entry.id, text }));
  });
}

/** The highest quarter hour of either leg among all recordings. */
function highestQuarterHour(entries: readonly ShownPanelEntry[]): PlannedPanel['peak'] {
  let highest: PlannedPanel['peak'] = null;
  for (const { entry, about } of entries) {
    if (entry.kind !== 'recording' || about?.kind !== 'recording') continue;
    entry.content.channels.forEach(({ at, quantity }, i) => {
      const quarter = about.channels[i]?.quarterHour;
      if (quantity !== 'current' || at.kind !== 'leg' || !quarter) return;
      if (highest === null || quarter.mean > highest.amps)
        highest = {
          amps: quarter.mean,
          at: new Date(quarter.fromMs).toISOString(),
          days: (about.toMs - about.fromMs) / MS_A_DAY,
        };
    });
  }
  return highest;
}
