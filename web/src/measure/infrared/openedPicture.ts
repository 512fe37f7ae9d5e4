import type { LOAD_STATES } from '@phylaxon/core/record/entities';
import type { BoardCorners, Emissivity } from '@phylaxon/core/physics/thermalPicture';
import type { HeatPicture } from './heatWorker.ts';

export interface Opened {
  picture: HeatPicture;
  at: string;
  corners: BoardCorners | null;
  ambientC: number | null;
  camera: string;
  loadState: (typeof LOAD_STATES)[number];
  emissivity: Emissivity | null;
  /** On record already; null: not yet. */
  keptId: string | null;
}
