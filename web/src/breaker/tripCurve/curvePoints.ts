import { MUST_OPEN_MULTIPLE } from '@phylaxon/core/facts/standards';
import {
  atAmbient,
  edgeOpens,
  MAGNETIC_PICKUP,
  secondsToOpen,
  thermalTripClass,
  type Band,
  type ThermalElement,
} from '@phylaxon/core/physics/trip';

/** What the chart spans: multiples of the rating, and seconds. */
export const SPAN = { from: 0.4, to: 30, shortest: 0.005, longest: 20_000 } as const;
const STEPS = 160;

/** A multiple with the band there, from soonest to latest; `null` where no sound breaker opens. */
export interface BandPoint {
  multiple: number;
  band: [number, number] | null;
  own: number | null;
}

const within = (seconds: number) => Math.min(SPAN.longest, Math.max(SPAN.shortest, seconds));

/** The band between the most and the least sensitive sound breaker at an ambient, with this breaker if its record tells it. */
export function bandPoints(band: Band, ambientC: number, estimated: ThermalElement | null): BandPoint[] {
  const fast = atAmbient(band.mostSensitive, ambientC);
  const slow = atAmbient(band.leastSensitive, ambientC);
  const own = estimated && atAmbient(estimated, ambientC);
  const edges = [fast, slow, ...(own ? [own] : [])].map(({ thresholdSquared }) =>
    Math.sqrt(thresholdSquared),
  );
  const even = Array.from({ length: STEPS + 1 }, (_, i) => SPAN.from * (SPAN.to / SPAN.from) ** (i / STEPS));
  // Just past where a curve begins, and on both sides of where the magnet takes over.
  const pickups = [MAGNETIC_PICKUP.mostSensitive, MAGNETIC_PICKUP.leastSensitive];
  const at = [...even, ...edges.map((k) => k * 1.0005), ...pickups, ...pickups.map((m) => m * 0.999)];
  return at
    .filter((multiple) => multiple >= SPAN.from && multiple <= SPAN.to)
    .sort((a, b) => a - b)
    .map((multiple) => {
      const soonest = edgeOpens('mostSensitive', fast, multiple);
      const latest = edgeOpens('leastSensitive', slow, multiple);
      const mine = own && secondsToOpen(own, multiple);
      return {
        multiple,
        band: soonest === null ? null : [within(soonest), within(latest ?? SPAN.longest)],
        own: mine === null || multiple >= MAGNETIC_PICKUP.mostSensitive ? null : within(mine),
      };
    });
}

/** The points the standard sets for this rating: by then it must have opened. */
export function standardPoints(ratingAmps: number) {
  const { at135, at200, at300 } = thermalTripClass(ratingAmps);
  return [
    { multiple: MUST_OPEN_MULTIPLE, seconds: at135 },
    { multiple: 2, seconds: at200 },
    { multiple: 3, seconds: at300 },
  ];
}
