import type { PanelEntry, PanelEntryName, ShownPanelEntry } from '@phylaxon/core/record/panelEntries';
import type { EntityManager } from 'typeorm';
import { panelEntryOf, strikesById } from '../breakerRecords/index.ts';
import { among, AttachmentTable, PanelEntryTable, StrikeTable, type PanelEntryRow } from '../store/index.ts';

/**
 * What is logged of a panel as a whole, newest first, struck entries too.
 *
 * @param kind only of this kind
 */
export async function panelEntriesOf(
  manager: EntityManager,
  panelId: string,
  kind?: PanelEntryRow['kind'],
): Promise<ShownPanelEntry[]> {
  const rows = await manager.find(PanelEntryTable, {
    where: { panelId, ...(kind !== undefined && { kind }) },
    order: { at: 'DESC', loggedAt: 'DESC', id: 'DESC' },
  });
  const struck = strikesById(
    await manager.findBy(StrikeTable, { panelEntryId: among(rows.map(({ id }) => id)) }),
  );
  const beside = await manager.findBy(AttachmentTable, {
    sha256: among(rows.flatMap(({ sha256 }) => sha256 ?? [])),
  });
  return rows.map((row) => ({
    entry: panelEntryOf(row, struck.get(row.id) ?? null),
    about: beside.find(({ sha256 }) => sha256 === row.sha256)?.about ?? null,
  }));
}

/** What was logged of a panel as a whole and stands, with what lies beside it, newest first. */
export const standingShown = async (
  manager: EntityManager,
  panelId: string,
  kind?: PanelEntryRow['kind'],
): Promise<ShownPanelEntry[]> =>
  (await panelEntriesOf(manager, panelId, kind)).filter(({ entry }) => entry.struck === null);

/** The entries of a kind, as views show them, in the order given. */
export function storedOf<K extends ShownPanelEntry['entry']['kind']>(
  entries: readonly ShownPanelEntry[],
  kind: K,
) {
  type Content = Extract<ShownPanelEntry['entry'], { kind: K }>['content'];
  return entries.flatMap(({ entry }) =>
    entry.kind === kind
      ? [{ entryId: entry.id, at: entry.at, simulated: entry.simulated, content: entry.content as Content }]
      : [],
  );
}

/** What was logged of one kind and stands, newest first. */
export const standingEntries = async <K extends PanelEntryName>(
  manager: EntityManager,
  panelId: string,
  kind: K,
): Promise<Extract<PanelEntry, { kind: K }>[]> =>
  (await panelEntriesOf(manager, panelId, kind)).flatMap(({ entry }) =>
    entry.struck === null ? [entry as Extract<PanelEntry, { kind: K }>] : [],
  );
