import '../csp/index.ts';
import {
  spaceTemperatures,
  thermalSpots,
  trueTemperature,
  type BoardCorners,
  type Emissivity,
  type SpaceTemperature,
  type ThermalSpots,
} from '@phylaxon/core/physics/thermalPicture';
import {
  MatrixRefused,
  packHeatMatrix,
  readMatrix,
  unpackHeatMatrix,
  type HeatMatrix,
} from '@phylaxon/core/record/heatMatrices';
import { expose, transfer } from 'comlink';

/** A refusal crosses to the page as words. */
export type ReadMatrixOutcome = { ok: { matrix: HeatMatrix; unit: 'C' | 'F' | null } } | { refused: string };

export interface SpotsQuestion {
  matrix: HeatMatrix;
  ambientC: number;
  minOverC: number;
  emissivity: Emissivity | null;
  corners: BoardCorners | null;
  spaces: number;
}

export type SpotsOutcome = { ok: { spots: ThermalSpots; spaces: SpaceTemperature[] } } | { refused: string };

const through = async (bytes: Uint8Array, stream: CompressionStream | DecompressionStream) =>
  new Uint8Array(
    await new Response(new Blob([bytes as BlobPart]).stream().pipeThrough(stream)).arrayBuffer(),
  );

const api = {
  /** A temperature matrix from a file. */
  async read(file: Blob, unit?: 'C' | 'F'): Promise<ReadMatrixOutcome> {
    try {
      return { ok: readMatrix(await file.text(), unit) };
    } catch (error) {
      return { refused: error instanceof MatrixRefused ? error.message : 'The file cannot be read.' };
    }
  },

  /** As it is kept. */
  async open(file: Blob): Promise<HeatMatrix> {
    const bytes = new Uint8Array(await file.arrayBuffer());
    return unpackHeatMatrix(await through(bytes, new DecompressionStream('gzip')));
  },

  async pack(matrix: HeatMatrix): Promise<Uint8Array> {
    const bytes = await through(packHeatMatrix(matrix), new CompressionStream('gzip'));
    return transfer(bytes, [bytes.buffer as ArrayBuffer]);
  },

  /** Hot spots, and what each space shows. */
  spots({ matrix, ambientC, minOverC, emissivity, corners, spaces }: SpotsQuestion): SpotsOutcome {
    try {
      const spots = thermalSpots({
        width: matrix.width,
        height: matrix.height,
        celsius: [...matrix.celsius],
        ambientC,
        spots: { minOverC },
        ...(emissivity && { emissivity }),
        ...(corners && { board: { corners, spaces } }),
      });
      const made = emissivity
        ? { ...matrix, celsius: matrix.celsius.map((value) => trueTemperature(value, emissivity) ?? value) }
        : matrix;
      return { ok: { spots, spaces: corners ? spaceTemperatures(made, corners, spaces) : [] } };
    } catch (error) {
      const issue = (error as { issues?: { message: string }[] }).issues?.[0];
      return { refused: issue?.message ?? 'The picture cannot be worked on.' };
    }
  },
};
export type HeatApi = typeof api;

expose(api);
