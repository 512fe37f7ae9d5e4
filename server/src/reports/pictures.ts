import { sayPlace } from '@phylaxon/core/panel/layout';
import { IsNull, type EntityManager } from 'typeorm';
import type { PhotoFolder } from '../photos/index.ts';
import { BreakerTable, CircuitTable } from '../store/index.ts';
import type { ReportPicture } from './panelReviewPdf.ts';

/** So many pictures, newest first. */
const MOST = 6;

/** The newest photos of a panel’s breakers, with where they were taken and what was written of them. */
export async function photosOf(
  manager: EntityManager,
  photos: PhotoFolder,
  panelId: string,
): Promise<ReportPicture[]> {
  const breakers = await manager.findBy(BreakerTable, { panelId, removedAt: IsNull() });
  const rows = (await manager.query(
    `SELECT p.sha256, p.note, p.breakerId FROM photo p
      WHERE p.breakerId IN (SELECT value FROM json_each(?))
        AND NOT EXISTS (SELECT 1 FROM strike s WHERE s.photoId = p.id)
      ORDER BY p.at DESC LIMIT ${MOST}`,
    [JSON.stringify(breakers.map(({ id }) => id))],
  )) as { sha256: string; note: string; breakerId: string }[];
  const pictures: ReportPicture[] = [];
  for (const { sha256, note, breakerId } of rows) {
    const breaker = breakers.find(({ id }) => id === breakerId)!;
    const circuit = await manager.findOneBy(CircuitTable, { breakerId });
    const place =
      breaker.role === 'main' ? 'The main' : `${sayPlace(breaker)} ${circuit?.label ?? ''}`.trim();
    pictures.push({
      image: `data:image/jpeg;base64,${(await photos.read(sha256)).toString('base64')}`,
      caption: note === '' ? place : `${place}: ${note}`,
    });
  }
  return pictures;
}
