import { createHash } from 'node:crypto';
import type { AttachmentAbout, AttachmentKind } from '@phylaxon/core/record/panelEntries';
import type { EntityManager } from 'typeorm';
import { notFound } from '../errors/index.ts';
import { AttachmentTable, type AttachmentRow } from '../store/index.ts';
import * as messages from './messages.ts';

/** An attachment that was understood, to be kept. */
export interface NewAttachment {
  kind: AttachmentKind;
  about: AttachmentAbout;
  content: Buffer;
}

/** One that no entry speaks of stays so long: its sender may be about to say what it is of. */
const WAITS_MS = 24 * 3600 * 1000;

const UNUSED = `NOT EXISTS (SELECT 1 FROM "panel_entry" e WHERE e."sha256" = "attachment"."sha256")`;

/**
 * Keep an attachment under its SHA-256; kept already, it is not kept twice.
 *
 * @returns what is known of it
 */
export async function keepAttachment(
  manager: EntityManager,
  { kind, about, content }: NewAttachment,
): Promise<AttachmentRow> {
  const sha256 = createHash('sha256').update(content).digest('hex');
  const row = { sha256, kind, about, bytes: content.length, createdAt: new Date().toISOString() };
  await manager.query(
    `INSERT INTO "attachment" ("sha256", "kind", "about", "bytes", "createdAt", "content") VALUES (?, ?, ?, ?, ?, ?)
     ON CONFLICT ("sha256") DO UPDATE SET "createdAt" = excluded."createdAt"`,
    [sha256, kind, JSON.stringify(about), row.bytes, row.createdAt, content],
  );
  return row;
}

/** What is known of an attachment; null: there is none of this name. */
export const attachmentRow = (manager: EntityManager, sha256: string): Promise<AttachmentRow | null> =>
  manager.findOneBy(AttachmentTable, { sha256 });

/** The bytes of an attachment. */
export async function readAttachment(manager: EntityManager, sha256: string): Promise<Buffer> {
  const [row] = (await manager.query(`SELECT "content" FROM "attachment" WHERE "sha256" = ?`, [sha256])) as {
    content: ArrayBuffer | Buffer;
  }[];
  if (!row) throw notFound(messages.thisAttachment);
  return Buffer.from(row.content as ArrayBuffer);
}

/** Remove those of some attachments of which no entry speaks any more. */
export async function removeUnused(manager: EntityManager, sha256s: readonly string[]): Promise<void> {
  await manager.query(
    `DELETE FROM "attachment" WHERE "sha256" IN (SELECT value FROM json_each(?)) AND ${UNUSED}`,
    [JSON.stringify(sha256s)],
  );
}

/** Remove what no entry speaks of, and has not for a while. */
export async function sweepAttachments(manager: EntityManager): Promise<void> {
  await manager.query(`DELETE FROM "attachment" WHERE "createdAt" < ? AND ${UNUSED}`, [
    new Date(Date.now() - WAITS_MS).toISOString(),
  ]);
}
