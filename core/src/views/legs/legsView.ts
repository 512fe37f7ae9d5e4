import { legsOf, legOfSpace, sayPlace, spacesOf, type Leg } from '../../panel/layout/index.ts';
import {
  loadAmps,
  type Breaker,
  type Circuit,
  type Panel,
  type Reading,
} from '../../record/entities/index.ts';
import { meteredLoadOf } from './atMain.ts';
import type { LegCircuit, LegsView } from './schema.ts';

type Loaded = { loadState: Reading['loadState']; amps: number; at: string };

/** What is known of one circuit. */
interface Known {
  breaker: Breaker;
  circuit: Circuit | null;
  byLoad: readonly Loaded[];
  byHour: LegCircuit['byHour'];
}

/**
 * The legs of a panel: its circuits with what they carry, and where one may move to.
 *
 * @param panel as drawn
 * @param known its branch breakers with their circuits and clamped currents, A
 * @param main what was measured at the main, by clamp and by logger
 * @returns circuits in the order of their spaces, and the whole free spaces of each leg
 * @example legsOfPanel(panel, []).freeSpaces // half of its spaces each
 */
export function legsOfPanel(
  panel: Pick<Panel, 'spaces' | 'blanks' | 'holes'>,
  known: readonly Known[],
  main: Pick<LegsView, 'atMain' | 'quarterHours'> = { atMain: [], quarterHours: [] },
): LegsView {
  const taken = new Set(known.flatMap(({ breaker }) => spacesOf(breaker)));
  const free = { A: 0, B: 0 };
  for (let space = 1; space <= panel.spaces; space++) if (!taken.has(space)) free[legOfSpace(space)]++;
  const circuits = known
    .filter(({ breaker }) => breaker.role === 'branch' && breaker.space !== null)
    .sort((x, y) => x.breaker.space! - y.breaker.space!)
    .map(({ breaker, circuit, byLoad, byHour }) => ({
      breakerId: breaker.id,
      place: sayPlace(breaker),
      label: circuit?.label ?? '',
      legs: legsOf({ ...breaker, space: breaker.space! }),
      // What shares a neutral stays on its leg, and so does what is tied; a narrow unit fits few spaces.
      mayMove:
        breaker.poles === 1 &&
        breaker.half === null &&
        breaker.tiedWith === null &&
        circuit?.sharesNeutral !== true,
      isNeutralTraced: (circuit?.sharesNeutral ?? null) !== null,
      load: meteredLoadOf(circuit),
      drawnAmps: circuit?.loads.reduce((sum, load) => sum + loadAmps(load), 0) ?? 0,
      byLoad: Object.fromEntries(byLoad.map(({ loadState, amps, at }) => [loadState, { amps, at }])),
      byHour,
    }));
  return { circuits, freeSpaces: free, ...main };
}

/** What is looked at: the newest clamped current, one state of the load, what is drawn, or an hour of the day. */
export type LegBasis = 'latest' | 'drawn' | Reading['loadState'] | { hour: number };

/**
 * What a circuit carries, A.
 *
 * @param circuit of a panel
 * @param basis what is looked at
 * @returns A; `null`: that was not measured
 * @example ampsOf({ ...circuit, byLoad: {} }, 'latest') // null
 */
export function ampsOf({ byLoad, byHour, drawnAmps }: LegCircuit, basis: LegBasis): number | null {
  if (basis === 'drawn') return drawnAmps;
  if (typeof basis === 'object') return byHour.find(({ hour }) => hour === basis.hour)?.amps ?? null;
  if (basis !== 'latest') return byLoad[basis]?.amps ?? null;
  const newest = Object.values(byLoad).sort((a, b) => b.at.localeCompare(a.at))[0];
  return newest?.amps ?? null;
}

/**
 * What both legs carry, A; a two-pole load counts on both.
 *
 * @param circuits of a panel
 * @param basis what is looked at
 * @returns A on each leg, and how many circuits were not measured so
 * @example legSums([], 'latest') // { A: 0, B: 0, unknown: 0 }
 */
export function legSums(
  circuits: readonly LegCircuit[],
  basis: LegBasis,
): Record<Leg, number> & { unknown: number } {
  const sums = { A: 0, B: 0, unknown: 0 };
  for (const circuit of circuits) {
    const amps = ampsOf(circuit, basis);
    if (amps === null) sums.unknown++;
    else for (const leg of circuit.legs) sums[leg] += amps;
  }
  return sums;
}
