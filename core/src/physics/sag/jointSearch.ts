import { CONNECTION_LIMITS } from '../../facts/limits/index.ts';
import { conductorOhmsOf } from './conductorOhms.ts';
import { conductorRun, type ConductorRun, type SagInput } from './schema.ts';

/** A place along a run where volts can be read; the first is the supply at the panel. */
export interface ChainPoint {
  id: string;
  /** The conductor between the point before and this one; left out: not known. */
  run?: ConductorRun | undefined;
  /** V with nothing on and with the load on; null: not read yet. */
  volts: { unloaded: number; loaded: number } | null;
}

/** What to do next in the search of a bad joint. */
export interface JointSearch {
  /** The point to read next; null: nothing more is to be learned. */
  next: string | null;
  /** The stretch that the bad joint lies in, as narrow as it is known by now; null: none found. */
  within: { from: string; to: string; points: number } | null;
  /** All of the run loses no more than its conductor, sound joints and the meter’s error explain; null: not known yet. */
  isSound: boolean | null;
}

/** What sound joints of one device lose, hot and neutral together, Ω. */
const SOUND_OHMS = CONNECTION_LIMITS.soundDevice;
/** So many standard deviations are needed to call a run bad. */
const SURE = 2.2;

export interface JointQuestion {
  chain: readonly ChainPoint[];
  /** What the known load draws, A. */
  amps: number;
  /** Error of one reading, V. */
  meterVolts?: number;
}

const conductorOhms = (run: ConductorRun | undefined): number =>
  run ? conductorOhmsOf(conductorRun.parse(run)) : 0;

/**
 * Where to read next, to find a bad joint along a run in the fewest points: the panel and the last outlet tell whether there is
 * one; then the stretch that loses more than its conductor is halved.
 *
 * Source: conductors by NEC 2023, chapter 9, table 8; what sound joints lose is our own figure.
 *
 * @param question points in the order in which the current passes them, with what was read so far (V); the load (A); the
 *   error of one reading (V)
 * @returns the next point, the stretch in which the joint lies, or that the run is sound
 * @throws ZodError where a conductor is impossible
 * @example nextPoint({ amps: 12, chain: [{ id: 'panel', volts: null }, { id: 'outlet', volts: null }] }).next // 'panel'
 */
export function nextPoint({ chain, amps, meterVolts = 0.15 }: JointQuestion): JointSearch {
  const first = chain[0];
  const last = chain.at(-1);
  const nothing: JointSearch = { next: null, within: null, isSound: null };
  if (!first || !last || chain.length < 2) return nothing;
  const unread = [first, last].find(({ volts }) => volts === null);
  if (unread) return { ...nothing, next: unread.id };
  const excess = (from: number, to: number): number => {
    const lost = dropAt(chain[to]!) - dropAt(chain[from]!);
    const between = chain.slice(from + 1, to + 1);
    return lost - between.reduce((sum, { run }) => sum + conductorOhms(run) + SOUND_OHMS, 0) * amps;
  };
  // Two readings a point, two points a stretch: four errors.
  const margin = SURE * 2 * meterVolts;
  const end = chain.length - 1;
  if (excess(0, end) <= margin) return { ...nothing, isSound: true };
  let [from, to] = [0, end];
  for (;;) {
    const middle = nearestRead(chain, from, to);
    if (middle === null) break;
    if (excess(from, middle) >= excess(middle, to)) to = middle;
    else from = middle;
  }
  const within = { from: chain[from]!.id, to: chain[to]!.id, points: to - from - 1 };
  const next = within.points === 0 ? null : chain[Math.floor((from + to) / 2)]!.id;
  return { next, within, isSound: false };
}

const dropAt = ({ volts }: ChainPoint): number => volts!.unloaded - volts!.loaded;

/** The point between two that was read and lies nearest to their middle; `null`: none was. */
function nearestRead(chain: readonly ChainPoint[], from: number, to: number): number | null {
  const middle = (from + to) / 2;
  let best: number | null = null;
  for (let i = from + 1; i < to; i++)
    if (chain[i]!.volts && (best === null || Math.abs(i - middle) < Math.abs(best - middle))) best = i;
  return best;
}

/**
 * The points of a chain that were read, as `sag` takes them: the conductor of each reaches back to the one read before.
 *
 * @param chain points in the order in which the current passes them
 * @returns points with their volts (V); without a conductor where several kinds of it lie between
 * @example readPoints([{ id: 'panel', volts: { unloaded: 121, loaded: 120 } }, { id: 'outlet', volts: null }]).length // 1
 */
export function readPoints(chain: readonly ChainPoint[]): SagInput['points'] {
  let before = -1;
  return chain.flatMap(({ id, volts }, i) => {
    if (!volts) return [];
    const run = joined(chain.slice(before + 1, i + 1).map((point) => point.run));
    before = i;
    return [{ id, ...volts, ...(run && { run }) }];
  });
}

/** Conductors one behind the other as one; `null`: not known, or of several kinds. */
function joined(parts: readonly (ConductorRun | undefined)[]): ConductorRun | null {
  const [first] = parts;
  if (!first) return null;
  let lengthM = 0;
  for (const part of parts) {
    const isAlike =
      part?.gauge === first.gauge &&
      part.material === first.material &&
      part.conductorC === first.conductorC &&
      part.wires === first.wires;
    if (!isAlike) return null;
    lengthM += part.lengthM;
  }
  return { ...first, lengthM };
}
