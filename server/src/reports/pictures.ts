import { gunzipSync } from 'node:zlib';
import { sayTemperature } from '@phylaxon/core/facts/quantities';
import { sayBreaker } from '@phylaxon/core/panel/layout';
import { unpackHeatMatrix } from '@phylaxon/core/record/heatMatrices';
import { IsNull, type EntityManager } from 'typeorm';
import { readAttachment } from '../attachments/index.ts';
import type { PhotoFolder } from '../photos/index.ts';
import { panelEntriesOf } from '../record/index.ts';
import { BreakerTable, CircuitTable } from '../store/index.ts';
import { heatPictureSvg } from './heatPictureSvg.ts';
import type { EvaluationPicture } from './panelReviewPdf.ts';
import * as messages from './messages.ts';

/** So many photos and so many heat pictures, newest first. */
const MOST = 6;
const MOST_HEAT_PICTURES = 2;

/** The newest photos of a panel’s breakers, with where they were taken and what was written of them. */
export async function photosOf(
  manager: EntityManager,
  photos: PhotoFolder,
  panelId: string,
): Promise<EvaluationPicture[]> {
  const breakers = await manager.findBy(BreakerTable, { panelId, removedAt: IsNull() });
  const rows = await photoRows(
    manager,
    breakers.map(({ id }) => id),
    MOST,
  );
  const pictures: EvaluationPicture[] = [];
  for (const { sha256, note, breakerId } of rows) {
    const breaker = breakers.find(({ id }) => id === breakerId)!;
    const circuit = await manager.findOneBy(CircuitTable, { breakerId });
    const place = breaker.role === 'main' ? messages.main : sayBreaker(breaker, circuit?.label);
    pictures.push({
      image: `data:image/jpeg;base64,${(await photos.read(sha256)).toString('base64')}`,
      caption: note === '' ? place : `${place}: ${note}`,
    });
  }
  return pictures;
}

/** A photo that stands, with where it was taken. */
export interface ReportPhoto {
  sha256: string;
  note: string;
  breakerId: string;
  at: string;
}

/** The newest photos taken at some breakers. */
export const photoRows = async (
  manager: EntityManager,
  breakerIds: readonly string[],
  most: number,
): Promise<ReportPhoto[]> =>
  (await manager.query(
    `SELECT p.sha256, p.note, p.breakerId, p.at FROM photo p
      WHERE p.breakerId IN (SELECT value FROM json_each(?))
        AND NOT EXISTS (SELECT 1 FROM strike s WHERE s.photoId = p.id)
      ORDER BY p.at DESC LIMIT ?`,
    [JSON.stringify(breakerIds), most],
  )) as ReportPhoto[];

/** The newest temperature pictures of a panel, as drawings. */
export async function heatPicturesOf(manager: EntityManager, panelId: string): Promise<EvaluationPicture[]> {
  const entries = await panelEntriesOf(manager, panelId, 'heat-picture');
  const pictures: EvaluationPicture[] = [];
  for (const { entry } of entries) {
    if (entry.kind !== 'heat-picture' || entry.struck !== null || entry.sha256 === null) continue;
    if (pictures.length === MOST_HEAT_PICTURES) break;
    const matrix = unpackHeatMatrix(gunzipSync(await readAttachment(manager, entry.sha256)));
    const most = matrix.celsius.reduce((a, b) => Math.max(a, b));
    pictures.push({
      svg: heatPictureSvg(matrix, entry.content.corners),
      caption: messages.infraredImageOfUpToAmbient(
        entry.at.slice(0, 10),
        sayTemperature(most),
        sayTemperature(entry.content.ambientC),
        entry.simulated ? messages.simulated : '',
      ),
    });
  }
  return pictures;
}
