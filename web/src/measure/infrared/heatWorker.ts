import {
  riseChanges,
  thermalSpots,
  type BoardCorners,
  type BoardPicture,
  type Emissivity,
  type RiseChange,
  type ThermalSpot,
} from '@phylaxon/core/physics/thermalPicture';
import {
  MatrixRefused,
  packHeatMatrix,
  readMatrix,
  unpackHeatMatrix,
  type HeatMatrix,
} from '@phylaxon/core/record/heatMatrices';
import { heatPixels, heatScale, type HeatScale } from '@phylaxon/core/views/heatColors';
import { expose, transfer } from 'comlink';
import * as messages from './messages.ts';

/** A temperature picture, and from where to where it is drawn. */
export interface HeatPicture {
  matrix: HeatMatrix;
  scale: HeatScale;
}

/** A refusal crosses to the page as words. */
export type ReadMatrixOutcome = { ok: HeatPicture } | { refused: string };

export interface SpotsQuestion {
  matrix: HeatMatrix;
  ambientC: number;
  minOverC: number;
  emissivity: Emissivity | null;
  corners: BoardCorners;
  spaces: number;
}

export type SpotsOutcome = { ok: ThermalSpot[] } | { refused: string };

const through = async (bytes: Uint8Array, stream: CompressionStream | DecompressionStream) =>
  new Uint8Array(
    await new Response(new Blob([bytes as BlobPart]).stream().pipeThrough(stream)).arrayBuffer(),
  );

const pictureOf = (matrix: HeatMatrix): HeatPicture => ({ matrix, scale: heatScale(matrix.celsius) });

const api = {
  /** A temperature matrix from a file. */
  async read(file: Blob, unit?: 'C' | 'F'): Promise<ReadMatrixOutcome> {
    try {
      return { ok: pictureOf(readMatrix(await file.text(), unit).matrix) };
    } catch (error) {
      return { refused: error instanceof MatrixRefused ? error.message : messages.theFileCannotBeRead };
    }
  },

  /** As it is kept. */
  async open(file: Blob): Promise<HeatPicture> {
    const bytes = new Uint8Array(await file.arrayBuffer());
    return pictureOf(unpackHeatMatrix(await through(bytes, new DecompressionStream('gzip'))));
  },

  async pack(matrix: HeatMatrix): Promise<Uint8Array> {
    const bytes = await through(packHeatMatrix(matrix), new CompressionStream('gzip'));
    return transfer(bytes, [bytes.buffer as ArrayBuffer]);
  },

  /** As it is drawn, a pixel a cell. */
  pixels(celsius: Float32Array, scale: HeatScale): Uint8ClampedArray<ArrayBuffer> {
    const pixels = heatPixels(celsius, scale);
    return transfer(pixels, [pixels.buffer]);
  },

  /** Hot spots, the hottest first. */
  spots({ matrix, ambientC, minOverC, emissivity, corners, spaces }: SpotsQuestion): SpotsOutcome {
    try {
      const { spots } = thermalSpots({
        width: matrix.width,
        height: matrix.height,
        celsius: [...matrix.celsius],
        ambientC,
        spots: { minOverC },
        ...(emissivity && { emissivity }),
        board: { corners, spaces },
      });
      return { ok: spots };
    } catch (error) {
      const issue = (error as { issues?: { message: string }[] }).issues?.[0];
      return { refused: issue?.message ?? messages.theImageCouldNotBeProcessed };
    }
  },

  /** What changed on a board from one picture to another. */
  changes(
    before: BoardPicture & { ambientC: number },
    after: BoardPicture & { ambientC: number },
    spaces: number,
  ): RiseChange[] {
    return riseChanges(before, after, spaces);
  },
};
export type HeatApi = typeof api;

expose(api);
