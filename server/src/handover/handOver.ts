import {
  HAND_OVER_FORMAT,
  HAND_OVER_VERSION,
  handOverFile,
  handOverOf,
  type HandOverFile,
} from '@phylaxon/core/cases';
import type { EntityManager } from 'typeorm';
import { caseFileOf } from '../cases/index.ts';
import { ApiError } from '../http/index.ts';
import { CaseTable } from '../store/index.ts';
import { importSite, meetingOf, readSiteFile, siteFileOf } from '../transfer/index.ts';
import { recordOfCase } from './recordOfCase.ts';

/** A case as it is handed over. */
export async function writeHandOver(manager: EntityManager, caseId: string): Promise<HandOverFile> {
  const file = await caseFileOf(manager, caseId);
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

const refuse = (message: string) => new ApiError(400, 'invalid_input', message, [{ path: 'file', message }]);

/**
 * Understand a hand-over file, its record too, before anything is stored.
 *
 * @throws ApiError that says what is wrong
 */
export async function readHandOver(upload: Buffer) {
  let raw: unknown;
  try {
    raw = JSON.parse(upload.toString('utf8').replace(/^\uFEFF/, ''));
  } catch {
    throw refuse('This is no hand-over file: it is not JSON, or it is cut off.');
  }
  const parsed = handOverFile.safeParse(raw);
  if (!parsed.success) throw refuse(parsed.error.issues[0]!.message);
  const { file } = await readSiteFile(Buffer.from(JSON.stringify(parsed.data.record), 'utf8'));
  if (!file.cases.some(({ id }) => id === parsed.data.caseId))
    throw refuse('The case this file speaks of is not in it.');
  return file;
}

/**
 * Take a handed-over case in, with its panel and its evidence, as a site of its own.
 *
 * @returns the case as it is called here
 */
export async function takeHandOver(
  manager: EntityManager,
  file: Awaited<ReturnType<typeof readHandOver>>,
): Promise<{ caseId: string; siteId: string; panelIds: string[] }> {
  const named = { ...file, site: { ...file.site, name: `${file.site.name}, handed over`.slice(0, 120) } };
  const { modes } = await meetingOf(manager, named);
  const taken = await importSite(manager, named, modes.includes('new') ? 'new' : 'copy');
  const row = await manager.findOneByOrFail(CaseTable, { siteId: taken.siteId });
  return { caseId: row.id, ...taken };
}
