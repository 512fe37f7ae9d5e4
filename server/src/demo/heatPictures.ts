import { gzipSync } from 'node:zlib';
import { seeded } from '@phylaxon/core/facts/random';
import { spacesOf } from '@phylaxon/core/panel/layout';
import type { BoardCorners } from '@phylaxon/core/physics/thermalPicture';
import { circuitInput, loadAmps } from '@phylaxon/core/record/entities';
import { packHeatMatrix } from '@phylaxon/core/record/heatMatrices';
import { panelEntryInput } from '@phylaxon/core/record/panelEntries';
import { heatPictureOf } from '@phylaxon/core/simulate/panel';
import type { EntityManager } from 'typeorm';
import { keepAttachment } from '../attachments/index.ts';
import { Edit } from '../edit/index.ts';
import { attachmentOf } from '../files/index.ts';
import { logPanelEntry } from '../record/index.ts';
import type { DemoCircuit } from './shape.ts';

const [WIDTH, HEIGHT] = [120, 160];
/** Seen a little from below and from the left, the camera not quite upright. */
const CORNERS: BoardCorners = [
  { x: 15, y: 10 },
  { x: 103, y: 14 },
  { x: 109, y: 149 },
  { x: 10, y: 152 },
];
/** A breaker in order warms by so much at its rating, °C; heat grows with about this power of the current. */
const SOUND_RISE_C = 4;
const EXPONENT = 1.8;

/** The joint of the hot-knife bench, picture after picture. */
const PICTURES = [
  { at: '2026-06-22T09:50:00.000Z', airC: 24, overC: 16 },
  { at: '2026-10-12T14:20:00.000Z', airC: 21, overC: 31 },
];
const HOT_SPACE = 8;

const riseOf = ({ breaker, circuit }: DemoCircuit): number => {
  const { loads } = circuitInput.parse(circuit);
  const amps = loads.reduce((sum, load) => sum + loadAmps(load), 0);
  return SOUND_RISE_C * Math.min(1, amps / breaker.ratingAmps) ** EXPONENT;
};

/** Two temperature pictures of the board under load, made by the simulator. */
export async function logHeatPictures(
  manager: EntityManager,
  panelId: string,
  spaces: number,
  circuits: readonly DemoCircuit[],
): Promise<void> {
  const riseC = Object.fromEntries(
    circuits.flatMap((one) =>
      spacesOf({ space: one.breaker.space, poles: one.breaker.poles ?? 1 }).map(
        (space) => [space, riseOf(one)] as const,
      ),
    ),
  );
  for (const [i, { at, airC, overC }] of PICTURES.entries()) {
    const joints = [{ space: HOT_SPACE, overC }];
    const scene = { width: WIDTH, height: HEIGHT, spaces, airC, corners: CORNERS, riseC, joints };
    const content = gzipSync(packHeatMatrix(heatPictureOf(seeded(70 + i), scene)));
    const { about } = attachmentOf(content, 'heat-matrix');
    const { sha256 } = await keepAttachment(manager, { kind: 'heat-matrix', about, content });
    await logPanelEntry(
      new Edit(manager),
      panelId,
      panelEntryInput.parse({
        kind: 'heat-picture',
        at,
        sha256,
        simulated: true,
        content: { camera: 'Handheld camera', loadState: 'everything-on', ambientC: airC, corners: CORNERS },
      }),
    );
  }
}
