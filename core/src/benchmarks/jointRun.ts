import { normal, type Random } from '../facts/random/index.ts';
import { ohmsPerMetre } from '../facts/standards/index.ts';
import { nextPoint, type ChainPoint, type ConductorRun, type JointSearch } from '../physics/sag/index.ts';
import { between, chance, pick } from '../simulate/house/index.ts';

/** A run of outlets behind a panel, with a load on the last, as it is. */
export interface JointRun {
  /** The panel first. */
  points: { id: string; run?: ConductorRun }[];
  amps: number;
  /** The point before which the bad joint sits; null: the run is sound. */
  bad: string | null;
  /** What a meter shows at a point, V, its error and its last digit in it. */
  read: (id: string) => { unloaded: number; loaded: number };
}

/** One sigma of a volt-meter that is read twice at the same place within minutes, V; its last digit. */
const METER_VOLTS = 0.13;
const DIGIT = 0.1;

/**
 * Draw a run of 4 to 12 outlets. Its conductors are somewhat warmer or cooler, longer or shorter than drawn; its joints are
 * sound but for one, where there is one.
 *
 * @param random where its numbers come from
 * @param isBad whether one joint is bad
 * @returns the run, to be measured
 * @example drawJointRun(seeded(1), true).bad // 'outlet 3', say
 */
export function drawJointRun(random: Random, isBad: boolean): JointRun {
  const gauge = pick(random, ['14', '12'] as const);
  const rating = gauge === '14' ? 15 : 20;
  const outlets = 3 + Math.ceil(random() * 9);
  const amps = between(random, 0.5, 0.8) * rating;
  const warm = between(random, 25, 50);
  const bad = isBad ? 1 + Math.floor(random() * outlets) : null;
  // From 0.1 to 1 Ω, as many tenfold as not.
  const badOhms = 0.1 * 10 ** random();
  const points: JointRun['points'] = [{ id: 'panel' }];
  const drops = [between(random, 0.1, 0.6)];
  for (let n = 1; n <= outlets; n++) {
    const lengthM = between(random, 2, 7);
    points.push({ id: `outlet ${n}`, run: { gauge, material: 'copper', lengthM } });
    const real = lengthM * between(random, 0.92, 1.08);
    const wire = 2 * real * ohmsPerMetre(gauge, 'copper', warm);
    const joints = between(random, 0.001, 0.004) + between(random, 0.001, 0.004);
    drops.push(drops.at(-1)! + amps * (wire + joints + (n === bad ? badOhms : 0)));
  }
  const supply = between(random, 117, 124);
  const gain = 1 + (chance(random, 0.5) ? 1 : -1) * between(random, 0, 0.01);
  const shown = (volts: number) => Math.round((volts * gain + METER_VOLTS * normal(random)) / DIGIT) * DIGIT;
  return {
    points,
    amps,
    bad: bad === null ? null : `outlet ${bad}`,
    read: (id) => {
      const at = points.findIndex((point) => point.id === id);
      return { unloaded: shown(supply), loaded: shown(supply - drops[at]!) };
    },
  };
}

/**
 * Search a run as a person would: read where the search says, until it says no more.
 *
 * @param run as it was drawn
 * @returns how the search ended, the points with what was read, and how many points were read
 * @example searchedJoint(drawJointRun(seeded(1), true)).search.within
 */
export function searchedJoint(run: JointRun): { search: JointSearch; chain: ChainPoint[]; reads: number } {
  let chain: ChainPoint[] = run.points.map((point) => ({ ...point, volts: null }));
  for (let reads = 0; ; reads++) {
    const search = nextPoint({ chain, amps: run.amps });
    if (search.next === null) return { search, chain, reads };
    const volts = run.read(search.next);
    chain = chain.map((point) => (point.id === search.next ? { ...point, volts } : point));
  }
}
