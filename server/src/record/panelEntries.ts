import {
  namedBreakers,
  PANEL_ENTRIES,
  type HouseMap,
  type PanelInspection,
  type MapLooks,
  type UpkeepRound,
  type panelEntryInput,
} from '@phylaxon/core/record/panelEntries';
import { CLOCK_SLACK_MS } from '@phylaxon/core/record/clocks';
import { dutyOf } from '@phylaxon/core/facts/upkeep';
import type { EntityManager } from 'typeorm';
import type { z } from 'zod';
import { attachmentRow } from '../attachments/index.ts';
import type { Edit } from '../edit/index.ts';
import { invalidField } from '../errors/index.ts';
import { among, BreakerTable, PanelEntryTable, type PanelEntryRow } from '../store/index.ts';
import { observeInspection, observeUpkeep } from './observed.ts';
import { logOfPanel, stampOfPanel } from './log.ts';
import { panelRow } from './panelRows.ts';
import { recordVisitStep } from './visitRecord.ts';
import { refuseBesideVisits, refuseSwitching } from './visitGuard.ts';
import { checkVisit, nextOfVisit } from './visits.ts';
import * as messages from './messages.ts';

type Input = z.output<typeof panelEntryInput>;

/** Log something of a panel as a whole; what lies beside it is kept already. */
export async function logPanelEntry(edit: Edit, panelId: string, input: Input): Promise<PanelEntryRow> {
  await panelRow(edit.manager, panelId);
  const bytes = await bytesBeside(edit.manager, input);
  await checkBreakers(edit.manager, panelId, input);
  const row = { ...input, bytes, ...stampOfPanel(edit, panelId, input) } as PanelEntryRow;
  // What was sent before is on record with all that it did.
  if (input.kind === 'map-looks') await checkLooks(edit.manager, panelId, input.content);
  const isNew = input.id === undefined || !(await edit.manager.existsBy(PanelEntryTable, { id: input.id }));
  if (isNew && isSwitching(input)) await refuseSwitching(edit.manager, panelId);
  if (isNew && input.kind === 'visit') await checkVisit(edit.manager, panelId, input.content);
  const visit =
    isNew && input.kind === 'visit-step' ? await nextOfVisit(edit.manager, panelId, input.content) : null;
  if (visit && input.kind === 'visit-step') {
    edit.isOfVisit = true;
    const { fact } = input.content;
    const isFirst = visit.visit.steps.length === 0;
    refuseBackward(visit.visit.steps.at(-1)?.at, input.at);
    await refuseBesideVisits(edit.manager, panelId, visit.visit.plan, { isFirst, fact });
  }
  await logOfPanel(edit, panelId, row, input.id !== undefined);
  if (isNew && input.kind === 'upkeep-round') await observeUpkeep(edit, input.content, input);
  if (isNew && input.kind === 'inspection') await observeInspection(edit, panelId, input.content, input);
  if (visit && input.kind === 'visit-step') {
    const { at, simulated } = input;
    await recordVisitStep(edit, panelId, visit, input.content, { at, simulated });
  }
  return row;
}

/** The steps of a visit come one after the other, whoever’s clock they are told by. */
function refuseBackward(before: string | undefined, at: string): void {
  if (before !== undefined && Date.parse(at) < Date.parse(before) - CLOCK_SLACK_MS)
    throw invalidField('at', messages.theStepBeforeThisOneWas(before));
}

/** Whether breakers were worked for it. */
const isSwitching = ({ kind, content }: Input): boolean =>
  kind === 'map-looks' ||
  (kind === 'inspection' &&
    (content as PanelInspection).results.some(({ item }) => item === 'test-buttons')) ||
  (kind === 'upkeep-round' && ['handles', 'protected'].includes(dutyOf((content as UpkeepRound).duty).of));

async function bytesBeside(manager: EntityManager, { kind, sha256, content }: Input): Promise<number | null> {
  const wanted = PANEL_ENTRIES[kind].attachment;
  if (wanted === null || sha256 === null) return null;
  const attachment = await attachmentRow(manager, sha256);
  if (attachment?.kind !== wanted) throw invalidField('sha256', messages.thereIsNoSuchAttachmentHere);
  if (kind === 'recording' && attachment.about.kind === 'recording') {
    const inside = attachment.about.channels.map(({ quantity }) => quantity).join();
    if (
      inside !==
      (content as { channels: { quantity: string }[] }).channels.map(({ quantity }) => quantity).join()
    )
      throw invalidField('content.channels', messages.theseAreNotTheChannelsOf);
  }
  return attachment.bytes;
}

/** Looks are at places of a map of this panel, in one of its rounds. */
async function checkLooks(
  manager: EntityManager,
  panelId: string,
  { mapId, round, looks }: MapLooks,
): Promise<void> {
  const rows = await manager.findBy(PanelEntryTable, { panelId, kind: 'house-map' });
  const map = rows.map(({ content }) => content as HouseMap).find((one) => one.mapId === mapId);
  if (!map) throw invalidField('content.mapId', messages.thereIsNoSuchMapOf);
  if (round >= map.rounds.length)
    throw invalidField('content.round', messages.thisMapHasRounds(map.rounds.length));
  const known = new Set(map.rooms.flatMap(({ places }) => places.map(({ id }) => id)));
  looks.forEach(({ placeId }, i) => {
    if (!known.has(placeId))
      throw invalidField(`content.looks.${i}.placeId`, messages.thisMapHasNoSuchOutlet);
  });
}

/** They are of the panel, in it or taken out since. */
async function checkBreakers(manager: EntityManager, panelId: string, input: Input): Promise<void> {
  const named = namedBreakers(input);
  if (named.length === 0) return;
  const known = await manager.findBy(BreakerTable, {
    panelId,
    id: among(named.map(({ breakerId }) => breakerId)),
  });
  for (const { path, breakerId } of named)
    if (!known.some(({ id }) => id === breakerId))
      throw invalidField(path.join('.'), messages.thereIsNoSuchBreakerIn);
}
