import { goodResult, inspectionItem, isNormal, STATIONS } from '@phylaxon/core/facts/inspection';
import { dutyOf, type MaintenanceTaskId } from '@phylaxon/core/facts/upkeep';
import type { PanelSignId } from '@phylaxon/core/facts/vocabulary';
import { observationInput, readingInput } from '@phylaxon/core/record/entities';
import {
  panelEntryInput,
  standingSigns,
  type PanelInspection,
  type UpkeepRound,
} from '@phylaxon/core/record/panelEntries';
import { IsNull, type EntityManager } from 'typeorm';
import type { Edit } from '../edit/index.ts';
import { BreakerTable, type PanelEntryRow } from '../store/index.ts';
import { logObservation, logOfPanel, logReadings, stampOfPanel } from './log.ts';
import { standingEntries } from './panelLog.ts';
import * as messages from './messages.ts';

/** When something was found, and whether it was made up. */
export interface Found {
  at: string;
  simulated: boolean;
}

/** What came of each breaker is in its own log: wear, decisions and its page go by it. */
export async function observeUpkeep(
  edit: Edit,
  { duty, results }: UpkeepRound,
  { at, simulated }: Found,
): Promise<void> {
  for (const { breakerId, result } of results) {
    const seen = dutyOf(duty).results[result]!.seenAs;
    if (breakerId !== null && seen)
      await logObservation(
        edit,
        breakerId,
        observationInput.parse({ ...seen, at, simulated, note: messages.duringMaintenance }),
      );
  }
}

/** Where what is seen of the panel as a whole is logged: at its main, without one at its first breaker. */
export async function panelLogOf(manager: EntityManager, panelId: string): Promise<string | null> {
  const breakers = await manager.find(BreakerTable, {
    where: { panelId, removedAt: IsNull() },
    order: { space: 'ASC' },
  });
  return (breakers.find(({ role }) => role === 'main') ?? breakers[0])?.id ?? null;
}

/** Log findings of the panel that are new, and that those which are gone are gone. */
export async function logSigns(
  edit: Edit,
  panelId: string,
  signs: readonly { sign: PanelSignId; found: boolean }[],
  found: Found,
): Promise<void> {
  const standing = standingSigns(await standingEntries(edit.manager, panelId, 'sign'));
  for (const { sign, found: isFound } of signs) {
    if (standing.includes(sign) === isFound) continue;
    await logOwn(edit, panelId, { kind: 'sign', content: { sign, found: isFound } }, found);
  }
}

/** Log what follows from an entry beside it. */
export async function logOwn(
  edit: Edit,
  panelId: string,
  entry: object,
  { at, simulated }: Found,
): Promise<void> {
  const input = panelEntryInput.parse({ ...entry, at, simulated });
  const row = { ...input, bytes: null, ...stampOfPanel(edit, panelId, input) } as PanelEntryRow;
  await logOfPanel(edit, panelId, row, false);
}

/** Maintenance that an inspection has done with it: a station of the panel, or the test buttons. */
function maintainedBy({ station, results }: PanelInspection): UpkeepRound[] {
  const isGood = results.every(isNormal);
  const panel = (duty: MaintenanceTaskId, result: string): UpkeepRound => ({
    duty,
    results: [{ breakerId: null, result }],
  });
  const buttons = results.filter(({ item }) => item === 'test-buttons');
  return [
    ...(station === 'closed' ? [panel('closed-look', isGood ? 'dry' : 'amiss')] : []),
    ...(STATIONS[station].isInside ? [panel('inside', isGood ? 'sound' : 'found')] : []),
    ...(buttons.length > 0
      ? [
          {
            duty: 'test-buttons' as const,
            results: buttons.map(({ breakerId, result }) => ({ breakerId, result })),
          },
        ]
      : []),
  ];
}

/** What an inspection found is in the log of each breaker, among the findings of the panel, and done as maintenance. */
export async function observeInspection(
  edit: Edit,
  panelId: string,
  inspection: PanelInspection,
  { at, simulated }: Found,
): Promise<void> {
  const found = { at, simulated };
  const ofPanel = await panelLogOf(edit.manager, panelId);
  const common = { ...found, note: messages.duringAnInspection };
  for (const { item, breakerId, result, volts } of inspection.results) {
    const place = breakerId ?? ofPanel;
    const { seenAs } = inspectionItem(item).results[result]!;
    if (place !== null && seenAs)
      await logObservation(edit, place, observationInput.parse({ ...seenAs, ...common }));
    if (place !== null && volts !== null)
      await logReadings(edit, place, [
        readingInput.parse({
          quantity: 'voltage',
          point: 'outlet',
          value: volts,
          instrument: 'plug-in-meter',
          ...common,
        }),
      ]);
  }
  await logSigns(edit, panelId, inspection.results.flatMap(signsSaid), found);
  for (const content of maintainedBy(inspection))
    await logOwn(edit, panelId, { kind: 'upkeep-round', content }, found);
}

/** A result says its own finding is there; the good one, that all others of its item are not. */
function signsSaid({
  item,
  result,
}: PanelInspection['results'][number]): { sign: PanelSignId; found: boolean }[] {
  const { results } = inspectionItem(item);
  const own = results[result]!.sign;
  if (own !== undefined) return [{ sign: own, found: true }];
  if (result !== goodResult(item)) return [];
  return Object.values(results).flatMap(({ sign }) => (sign === undefined ? [] : [{ sign, found: false }]));
}
