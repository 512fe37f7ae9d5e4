import type { FoundLegs, FoundSign } from '@phylaxon/core/diagnosis/panelReview';
import type { PanelEntry } from '@phylaxon/core/record/panelEntries';
import { legSums, type LegBasis, type LegsView } from '@phylaxon/core/views/legs';
import { panelReviewOf, type PanelReviewView } from '@phylaxon/core/views/panelReview';
import type { EntityManager } from 'typeorm';
import { panelFromRow, panelRow, siteRow, standingShown } from '../record/index.ts';
import { panelEvidence } from '../recordService/index.ts';
import { legsViewOf } from './legs.ts';

/** Whether a panel as a whole is failing, by all that is on record of it. */
export async function panelReviewPage(manager: EntityManager, panelId: string): Promise<PanelReviewView> {
  const row = await panelRow(manager, panelId);
  const { name } = await siteRow(manager, row.siteId);
  const { evidence, records } = await panelEvidence(manager, row);
  const entries = await standingShown(manager, panelId);
  return panelReviewOf(name, {
    panel: panelFromRow(row),
    evidence,
    legs: legsFound(await legsViewOf(manager, row, records, entries)),
    // Of two said at one moment the one logged later holds.
    signs: entries.flatMap(({ entry }) => signOf(entry)).reverse(),
    now: new Date().toISOString(),
  });
}

function signOf(entry: PanelEntry): FoundSign[] {
  if (entry.kind !== 'sign') return [];
  const { sign, found } = entry.content;
  return [{ sign, found, when: entry.at, entryId: entry.id }];
}

/** What both legs carried with everything on, and usually, by what was clamped last in each state. */
function clampedLegs({ circuits }: LegsView): FoundLegs[] {
  return (['everything-on', 'normal'] satisfies LegBasis[]).flatMap((basis): FoundLegs[] => {
    const { A, B, unknown } = legSums(circuits, basis);
    const times = circuits.flatMap(({ byLoad }) => byLoad[basis]?.at ?? []).sort();
    const when = times.at(-1);
    if (when === undefined) return [];
    return [{ amps: { A, B }, when, days: 0, measured: 1 - unknown / circuits.length }];
  });
}

/** What both legs carried: in the circuits together, at the main, and the highest quarter hours of a logger. */
const legsFound = (view: LegsView): FoundLegs[] => [
  ...clampedLegs(view),
  ...view.atMain.map(({ at, content: { a, b } }) => ({
    amps: { A: a, B: b },
    when: at,
    days: 0,
    measured: 1,
  })),
  ...view.quarterHours.map(({ A, B, when, days }) => ({ amps: { A, B }, when, days, measured: 1 })),
];
