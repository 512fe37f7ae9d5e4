import { normal, type Random } from '../../facts/random/index.ts';
import {
  spaceAt,
  thermalSpots,
  toBoard,
  type BoardCorners,
  type OnBoard,
  type ThermalSpot,
} from '../../physics/thermalPicture/index.ts';
import type { HeatMatrix } from '../../record/heatMatrices/index.ts';

/** What a camera looks at, and from where. */
export interface HeatScene {
  width: number;
  height: number;
  spaces: number;
  airC: number;
  corners: BoardCorners;
  /** By how much each space’s breaker is warmer than the air, °C; left out: idle. */
  riseC: Readonly<Record<number, number>>;
  /** Joints: by how much each is hotter than its breaker, °C. */
  joints: readonly { space: number; overC: number }[];
}

/** How a camera’s cells differ from one another for nothing, °C. */
const NOISE_C = 0.08;
/** A warm idle board against the wall around it, °C. */
const BOARD_C = 1.2;
/** How far a joint’s heat reaches, in spaces. */
const REACH = 0.32;

/** Where a joint of a space lies: at its screw, to the outside. */
function jointPlace(space: number, spaces: number): OnBoard {
  const rows = spaces / 2;
  const row = Math.floor((space - 1) / 2);
  return { u: space % 2 === 1 ? 0.14 : 0.86, v: (row + 0.5) / rows };
}

/**
 * What a temperature camera sees of a board: warm breakers, hot joints, a wall around them, with the noise of its cells.
 *
 * @param random where its numbers come from
 * @param scene what is seen, and where the board lies in the picture
 * @returns a picture, °C
 * @example heatPictureOf(seeded(1), scene).celsius.length
 */
export function heatPictureOf(
  random: Random,
  { width, height, spaces, airC, corners, riseC, joints }: HeatScene,
): HeatMatrix {
  const map = toBoard(corners);
  const rows = spaces / 2;
  const hot = joints.map(({ space, overC }) => ({ overC, at: jointPlace(space, spaces) }));
  const celsius = new Float32Array(width * height);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const place = map({ x, y });
      let value = airC;
      if (place) {
        value += BOARD_C + (riseC[spaceAt(place, spaces)] ?? 0);
        for (const { overC, at } of hot) {
          // A space is one row high; across it is half the board.
          const along = (place.v - at.v) * rows;
          const across = (place.u - at.u) * 4;
          value += overC * Math.exp(-(along ** 2 + across ** 2) / (2 * REACH ** 2));
        }
      }
      celsius[y * width + x] = value + NOISE_C * normal(random);
    }
  return { width, height, celsius };
}

/** A picture of a simulated board, and the space of its planted joint; null: none is planted. */
export interface PlantedPicture {
  picture: HeatMatrix;
  corners: BoardCorners;
  spaces: number;
  airC: number;
  space: number | null;
}

/**
 * A board seen obliquely and tilted, warm as under a soak, with a hot joint or without one.
 *
 * @param random where its numbers come from
 * @param isHot whether a joint is planted
 * @returns the picture with its corners as a person would mark them, a cell or so off
 * @example plantedPicture(seeded(1), true).space
 */
export function plantedPicture(random: Random, isHot: boolean): PlantedPicture {
  const [width, height] = random() < 0.5 ? [120, 160] : [160, 120];
  const spaces = [12, 20, 24, 30][Math.floor(random() * 4)]!;
  const airC = 18 + 10 * random();
  const corners = drawCorners(random, width, height);
  const riseC = Object.fromEntries(
    Array.from({ length: spaces }, (_, i) => [i + 1, 1 + 0.9 * random()] as const),
  );
  const space = isHot ? 1 + Math.floor(random() * spaces) : null;
  const joints = space === null ? [] : [{ space, overC: 6 + 30 * random() }];
  const picture = heatPictureOf(random, { width, height, spaces, airC, corners, riseC, joints });
  const off = () => 0.7 * normal(random);
  const marked = corners.map(({ x, y }) => ({ x: x + off(), y: y + off() })) as unknown as BoardCorners;
  return { picture, corners: marked, spaces, airC, space };
}

/**
 * The hot spots that are found in a picture of a simulated board.
 *
 * @param planted the picture, and its corners as they were marked
 * @returns spots, hottest first
 * @example plantedSpots(plantedPicture(seeded(1), true))[0].space
 */
export const plantedSpots = ({ picture, corners, spaces, airC }: PlantedPicture): ThermalSpot[] =>
  thermalSpots({
    width: picture.width,
    height: picture.height,
    celsius: [...picture.celsius],
    ambientC: airC,
    board: { corners, spaces },
  }).spots;

/** A board that fills most of the picture, as whoever holds the camera sees to, turned by up to ten degrees, one side or end farther away than the other. */
function drawCorners(random: Random, width: number, height: number): BoardCorners {
  const angle = ((random() - 0.5) * 20 * Math.PI) / 180;
  const [far, away] = [0.18 * random(), 0.18 * random()];
  const half = { x: width * 0.42, y: height * 0.44 };
  const corner = (sx: number, sy: number) => {
    const x = sx * half.x * (1 - (sy < 0 ? far : 0));
    const y = sy * half.y * (1 - (sx < 0 ? away : 0));
    return {
      x: width / 2 + x * Math.cos(angle) - y * Math.sin(angle),
      y: height / 2 + x * Math.sin(angle) + y * Math.cos(angle),
    };
  };
  return [corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1)];
}
