import { gatherFindings } from '@phylaxon/core/diagnosis/panelReview';
import { inspectionsOf, knownResults, type InspectionView } from '@phylaxon/core/views/inspection';
import type { EntityManager } from 'typeorm';
import { panelFromRow, panelRow, standingEntries } from '../record/index.ts';
import { panelEvidence } from '../recordService/index.ts';

/** Inspections of a panel, and what is on record of each of their items. */
export async function inspectionPage(manager: EntityManager, panelId: string): Promise<InspectionView> {
  const row = await panelRow(manager, panelId);
  const panel = panelFromRow(row);
  const { evidence } = await panelEvidence(manager, row);
  const now = new Date().toISOString();
  const entries = await standingEntries(manager, panelId, 'inspection');
  const { outcomes } = gatherFindings({ panel, evidence, legs: [], signs: [], now });
  const signs = await standingEntries(manager, panelId, 'sign');
  return {
    inspections: inspectionsOf(entries),
    known: knownResults(
      {
        entries,
        outcomes: outcomes.map(({ at, test, outcome, when }) => ({
          ...{ breakerId: at.breakerId, isMain: at.isMain, test, outcome },
          at: when,
        })),
        signs: signs.map(({ at, content }) => ({ at, ...content })),
        hasOpenSlots: row.holes.length > 0,
        breakerIds: evidence.map(({ breaker }) => breaker.id),
      },
      now,
    ),
  };
}
