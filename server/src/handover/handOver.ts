import {
  HAND_OVER_FORMAT,
  HAND_OVER_VERSION,
  handOverOf,
  type HandOverFile,
} from '@phylaxon/core/diagnosis/cases';
import type { SiteFile } from '@phylaxon/core/views/siteFile';
import type { EntityManager } from 'typeorm';
import { caseRecordOf } from '../cases/index.ts';
import { CaseTable } from '../store/index.ts';
import { importSite, meetingOf, siteFileOf } from '../transfer/index.ts';
import { recordOfCase } from './recordOfCase.ts';

/** A case as it is handed over. */
export async function writeHandOver(manager: EntityManager, caseId: string): Promise<HandOverFile> {
  const file = await caseRecordOf(manager, caseId);
  const record = recordOfCase(await siteFileOf(manager, file.case.siteId), file);
  return {
    format: HAND_OVER_FORMAT,
    version: HAND_OVER_VERSION,
    writtenAt: new Date().toISOString(),
    caseId,
    card: handOverOf(file),
    record: record as unknown as HandOverFile['record'],
  };
}

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
  const named = { ...file, site: { ...file.site, name: `${file.site.name}, handed over`.slice(0, 120) } };
  const { modes } = await meetingOf(manager, named);
  const taken = await importSite(manager, named, modes.includes('new') ? 'new' : 'copy', onStored);
  const row = await manager.findOneByOrFail(CaseTable, { siteId: taken.siteId });
  return { caseId: row.id, ...taken };
}
