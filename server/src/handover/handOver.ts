import {
  HAND_OVER_FORMAT,
  HAND_OVER_VERSION,
  handOverOf,
  type CaseRecord,
  type HandOverCard,
  type HandOverFile,
} from '@phylaxon/core/diagnosis/cases';
import { textOf } from '@phylaxon/core/facts/quantities';
import type { SiteFile } from '@phylaxon/core/views/siteFile';
import type { EntityManager } from 'typeorm';
import { caseRecordOf } from '../cases/index.ts';
import { siteInMemory } from '../files/index.ts';
import { CaseTable } from '../store/index.ts';
import { importSite, meetingOf, siteFileOf, type SitePart } from '../transfer/index.ts';
import { readSettings } from '../settings/index.ts';
import { recordOfCase } from './recordOfCase.ts';
import * as messages from './messages.ts';

/** A case as it is handed over. */
export async function writeHandOver(manager: EntityManager, caseId: string): Promise<HandOverFile> {
  const file = await caseRecordOf(manager, caseId);
  const site = await siteFileOf(manager, file.case.siteId, await partOf(manager, file.case));
  const record = recordOfCase(site, file);
  return {
    format: HAND_OVER_FORMAT,
    version: HAND_OVER_VERSION,
    writtenAt: new Date().toISOString(),
    caseId,
    card: textOf(handOverOf(file), await readSettings(manager)),
    record: record as unknown as HandOverFile['record'],
  };
}

/** Whose log may belong to a case: that of its breaker, of the main, and of whatever was found something at in it. */
async function partOf(
  manager: EntityManager,
  { id, panelId, breakerId }: CaseRecord['case'],
): Promise<SitePart> {
  // A case without a panel stands on nothing that is drawn.
  if (panelId === null) return { panelId: '', logOf: [] };
  const rows = (await manager.query(
    `SELECT b.id FROM breaker b WHERE b.panelId = ? AND (b.id = ? OR b.role = 'main' OR b.id IN (
       SELECT breakerId FROM reading WHERE caseId = ? UNION SELECT breakerId FROM event WHERE caseId = ?
       UNION SELECT breakerId FROM observation WHERE caseId = ? UNION SELECT breakerId FROM inspection WHERE caseId = ?))`,
    [panelId, breakerId ?? '', id, id, id, id],
  )) as { id: string }[];
  return { panelId, logOf: rows.map((row) => row.id) };
}

/** The card of a case alone. */
export const writeCard = async (manager: EntityManager, caseId: string): Promise<HandOverCard> =>
  handOverOf(await caseRecordOf(manager, caseId));

/**
 * Take a handed-over case in, with its panel and its evidence, as a site of its own.
 *
 * @returns the case as it is called here
 */
export async function takeHandOver(
  manager: EntityManager,
  file: SiteFile,
  onStored?: (share: number) => void,
): Promise<{ caseId: string; siteId: string; panelIds: string[] }> {
  const site = { ...file.site, name: messages.handedOver(file.site.name).slice(0, 120) };
  const named = siteInMemory({ ...file, site });
  const { modes } = await meetingOf(manager, named);
  const taken = await importSite(manager, named, modes.includes('new') ? 'new' : 'copy', onStored);
  const row = await manager.findOneByOrFail(CaseTable, { siteId: taken.siteId });
  return { caseId: row.id, ...taken };
}
