import type { FoundLegs, FoundSign } from '@phylaxon/core/diagnosis/panelReview';
import type { PanelEntry, ShownPanelEntry } from '@phylaxon/core/record/panelEntries';
import { legSums, type LegBasis, type LegsView } from '@phylaxon/core/views/legs';
import { panelReviewOf, type PanelReviewView } from '@phylaxon/core/views/panelReview';
import type { EntityManager } from 'typeorm';
import { panelEntriesOf, panelFromRow, panelRow, siteRow } from '../record/index.ts';
import { panelEvidence } from '../recordService/index.ts';
import { legsPage } from './legs.ts';

const MS_A_DAY = 86_400_000;

/** Whether a panel as a whole is failing, by all that is on record of it. */
export async function panelReviewPage(manager: EntityManager, panelId: string): Promise<PanelReviewView> {
  const row = await panelRow(manager, panelId);
  const { name } = await siteRow(manager, row.siteId);
  const { evidence } = await panelEvidence(manager, row);
  const entries = (await panelEntriesOf(manager, panelId)).filter(({ entry }) => entry.struck === null);
  return panelReviewOf(name, {
    panel: panelFromRow(row),
    evidence,
    legs: [...clampedLegs(await legsPage(manager, panelId)), ...recordedLegs(entries)],
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

/** The highest quarter hour of each leg, where a logger hung on both. */
export function recordedLegs(entries: readonly ShownPanelEntry[]): FoundLegs[] {
  return entries.flatMap(({ entry, about }): FoundLegs[] => {
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
    return [{ amps: { A, B }, when: new Date(about.toMs).toISOString(), days, measured: 1 }];
  });
}
