import { readFile, stat } from 'node:fs/promises';
import { gunzipSync } from 'node:zlib';
import { HeatMatrixDamaged, heatPreview, unpackHeatMatrix } from '@phylaxon/core/record/heatMatrices';
import type { AttachmentAbout, AttachmentKind } from '@phylaxon/core/record/panelEntries';
import { RecordingDamaged, recordingSummary, unpackRecording } from '@phylaxon/core/record/recordings';
import { plainJpeg } from './jpeg.ts';
import { LIMITS } from './limits.ts';
import { FileRefused } from './refusal.ts';
import * as messages from './messages.ts';

/** What an attachment is, and its bytes as they are kept. */
export interface UnderstoodAttachment {
  about: AttachmentAbout;
  content: Uint8Array;
}

/**
 * Understand what is to lie beside an entry: every figure of it is read.
 *
 * @throws FileRefused where it is something else, damaged, or too large
 */
export async function understandAttachment(
  path: string,
  kind: AttachmentKind,
): Promise<UnderstoodAttachment> {
  if ((await stat(path)).size > LIMITS.attachmentBytes)
    throw new FileRefused(messages.anAttachmentCanHaveAtMost(LIMITS.attachmentBytes / 1_000_000));
  return attachmentOf(await readFile(path), kind);
}

/** The same, of bytes that are at hand. */
export function attachmentOf(content: Buffer, kind: AttachmentKind): UnderstoodAttachment {
  if (kind === 'photo') {
    const photo = plainJpeg(content);
    return { about: { kind, width: photo.width, height: photo.height }, content: photo.content };
  }
  const bytes = unzipped(content);
  try {
    if (kind === 'recording') {
      const { channels, ...summary } = recordingSummary(unpackRecording(bytes));
      return { about: { kind, ...summary, channels }, content };
    }
    const matrix = unpackHeatMatrix(bytes);
    const { width, height } = matrix;
    return { about: { kind, width, height, preview: heatPreview(matrix) }, content };
  } catch (error) {
    if (error instanceof RecordingDamaged || error instanceof HeatMatrixDamaged)
      throw new FileRefused(error.message);
    throw error;
  }
}

function unzipped(content: Buffer): Buffer {
  try {
    return gunzipSync(content, { maxOutputLength: LIMITS.unpackedAttachmentBytes });
  } catch {
    throw new FileRefused(messages.theAttachmentIsDamagedCutOff);
  }
}
