import { gunzipSync } from 'node:zlib';
import { correctedTemperature } from '@phylaxon/core/physics/thermalPicture';
import { heatScale } from '@phylaxon/core/views/heatColors';
import { sayTemperature } from '@phylaxon/core/facts/quantities';
import { sayBreaker } from '@phylaxon/core/panel/layout';
import { unpackHeatMatrix, type HeatMatrix } from '@phylaxon/core/record/heatMatrices';
import type { PanelEntry } from '@phylaxon/core/record/panelEntries';
import type { ReportPicture } from '@phylaxon/core/views/report';
import { IsNull, type EntityManager } from 'typeorm';
import { readAttachment } from '../attachments/index.ts';
import type { PhotoFolder } from '../photos/index.ts';
import { panelEntriesOf } from '../record/index.ts';
import { BreakerTable, CircuitTable } from '../store/index.ts';
import { heatCropSvg } from './heatCrop.ts';
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

type HeatEntry = Extract<PanelEntry, { kind: 'heat-picture' }>;

/** A temperature picture that stands, with its cells. */
export interface HeatImage {
  entry: HeatEntry;
  matrix: HeatMatrix;
}

/** The newest temperature pictures of a panel that stand, each read once. */
export async function heatImagesOf(manager: EntityManager, panelId: string): Promise<HeatImage[]> {
  const entries = (await panelEntriesOf(manager, panelId, 'heat-picture'))
    .flatMap(({ entry }) =>
      entry.kind === 'heat-picture' && entry.struck === null && entry.sha256 !== null ? [entry] : [],
    )
    .slice(0, MOST_HEAT_PICTURES);
  const images: HeatImage[] = [];
  for (const entry of entries)
    images.push({
      entry,
      matrix: unpackHeatMatrix(gunzipSync(await readAttachment(manager, entry.sha256!))),
    });
  return images;
}

/**
 * Temperature pictures as drawings.
 *
 * @param day an instant as a date
 */
export const heatDrawings = (
  images: readonly HeatImage[],
  day: (at: string) => string,
): EvaluationPicture[] =>
  images.map(({ entry: { at, content, simulated }, matrix }) => ({
    svg: heatPictureSvg(matrix, content.corners),
    caption: messages.infraredImageOfUpToAmbient(
      day(at),
      sayTemperature(
        correctedTemperature(
          matrix.celsius.reduce((a, b) => Math.max(a, b)),
          content.emissivity,
        ),
      ),
      sayTemperature(content.ambientC),
      simulated ? messages.simulated : '',
    ),
  }));

/**
 * The newest temperature picture as it shows the breakers of a panel: what draws one of them, null where none is seen.
 *
 * @param spaces how many the panel has
 * @param day an instant as a date
 */
export function heatCrops(
  images: readonly HeatImage[],
  spaces: number,
  day: (at: string) => string,
): (at: { space: number | null; poles: number }) => ReportPicture | null {
  const newest = images.find(({ entry }) => entry.content.corners !== null);
  if (!newest) return () => null;
  const { entry, matrix } = newest;
  const scale = heatScale(matrix.celsius);
  const caption = messages.infraredImageOf(day(entry.at));
  return (at) => {
    const svg = heatCropSvg(matrix, entry.content.corners!, scale, at, spaces);
    return svg === null ? null : { kind: 'drawing', svg, caption };
  };
}
