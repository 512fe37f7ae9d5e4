import { atLeast } from '../../facts/quantities/index.ts';
import {
  BACKUP_PRIORITIES,
  backupInput,
  type BackupPlan,
  type BackupInput,
  type BackupPriority,
  type BackupQuestion,
} from './schema.ts';

/** A load as it is on each leg, W: running, and what its start takes beyond that. */
interface LegLoad {
  id: string;
  index: number;
  priority: BackupPriority;
  a: number;
  b: number;
  /** Beyond running. */
  surge: { a: number; b: number };
}

interface Limits {
  a: number;
  b: number;
  startA: number;
  startB: number;
}

/** Loads that are on: what they draw on each leg, W, and which they are, one bit each. */
interface Chosen {
  a: number;
  b: number;
  bits: number;
}

const most = ({ a, b }: { a: number; b: number }) => Math.max(a, b);

/** What a leg would carry at the start of a load, W. */
const atStart = (on: { a: number; b: number }, { surge }: LegLoad) => ({
  a: on.a + surge.a,
  b: on.b + surge.b,
});

/** The same, on the legs that the load is on. */
const peakOn = (on: { a: number; b: number }, load: LegLoad) => {
  const { a, b } = atStart(on, load);
  return { a: load.a + load.surge.a > 0 ? a : 0, b: load.b + load.surge.b > 0 ? b : 0 };
};

function legLoads({ source, loads }: BackupQuestion): LegLoad[] {
  const isOneLeg = source.supply === '120';
  return loads
    .map((load, index) => ({ load, index }))
    .filter(({ load }) => !isOneLeg || load.volts === 120)
    .map(({ load: { id, watts, startingWatts = watts, volts, leg, priority }, index }): LegLoad => {
      const share = volts === 240 ? 0.5 : 1;
      const isOn = (one: 'a' | 'b') => (isOneLeg ? one === 'a' : volts === 240 || leg === one);
      return {
        ...{ id, index, priority },
        a: isOn('a') ? share * watts : 0,
        b: isOn('b') ? share * watts : 0,
        surge: {
          a: isOn('a') ? share * (startingWatts - watts) : 0,
          b: isOn('b') ? share * (startingWatts - watts) : 0,
        },
      };
    })
    .sort(
      // The largest surge first: whatever a set can be started in, it can be started in this order.
      (x, y) => most(y.surge) - most(x.surge) || x.priority - y.priority || x.index - y.index,
    );
}

function limitsOf({ watts, startingWatts = watts, supply }: BackupQuestion['source']): Limits {
  if (supply === '120') return { a: watts, b: 0, startA: startingWatts, startB: 0 };
  return { a: watts / 2, b: watts / 2, startA: startingWatts / 2, startB: startingWatts / 2 };
}

/** What is on after a load was started too; `null`: a leg would be beyond its limit while it starts or runs. */
function started(on: Chosen, load: LegLoad, limits: Limits): Chosen | null {
  const a = on.a + load.a;
  const b = on.b + load.b;
  const start = atStart({ a, b }, load);
  const fits =
    atLeast(limits.a, a) &&
    atLeast(limits.b, b) &&
    atLeast(limits.startA, start.a) &&
    atLeast(limits.startB, start.b);
  return fits ? { a, b, bits: on.bits | (1 << load.index) } : null;
}

/** Of sets with equal counts, those that no other beats on both legs. */
function undominated(sets: Chosen[]): Chosen[] {
  sets.sort((x, y) => x.a - y.a || x.b - y.b || x.bits - y.bits);
  let leastB = Infinity;
  return sets.filter(({ b }) => {
    if (b >= leastB) return false;
    leastB = b;
    return true;
  });
}

const total = ({ a, b }: Chosen) => a + b;

/**
 * The most loads of the first priority, then of the next; of equal ones the set that draws least. Loads of less priority
 * never displace others, so each priority is settled with those before it held.
 */
function bestSet(loads: readonly LegLoad[], limits: Limits): Chosen {
  const settled: number[] = [];
  let best: Chosen = { a: 0, b: 0, bits: 0 };
  for (const priority of BACKUP_PRIORITIES) {
    const counted = loads.filter((load) => load.priority <= priority);
    const found = mostOf(counted, priority, settled, limits);
    settled.push(found.count);
    best = found.set;
  }
  return best;
}

/** The most loads of `priority` that can run beside the settled counts of the priorities before it. */
function mostOf(
  loads: readonly LegLoad[],
  priority: BackupPriority,
  settled: readonly number[],
  limits: Limits,
): { count: number; set: Chosen } {
  const base = loads.length + 1;
  const unit = BACKUP_PRIORITIES.map((_, i) => base ** i);
  const countOf = (key: number, i: number) => Math.floor(key / unit[i]!) % base;
  const remaining = BACKUP_PRIORITIES.map((one) => loads.filter((load) => load.priority === one).length);
  let byCounts = new Map<number, Chosen[]>([[0, [{ a: 0, b: 0, bits: 0 }]]]);
  for (const load of loads) {
    const i = load.priority - 1;
    remaining[i]! -= 1;
    const next = new Map<number, Chosen[]>();
    const keep = (key: number, sets: Chosen[]) => {
      const reaches = settled.every((count, at) => {
        const has = countOf(key, at);
        return has <= count && has + remaining[at]! >= count;
      });
      if (sets.length > 0 && reaches) next.set(key, [...(next.get(key) ?? []), ...sets]);
    };
    for (const [key, sets] of byCounts) {
      keep(key, sets);
      keep(
        key + unit[i]!,
        sets.flatMap((set) => started(set, load, limits) ?? []),
      );
    }
    byCounts = new Map([...next].map(([key, sets]) => [key, undominated(sets)]));
  }
  let count = -1;
  let set: Chosen = { a: 0, b: 0, bits: 0 };
  for (const [key, sets] of byCounts) {
    const has = countOf(key, priority - 1);
    for (const one of sets)
      if (has > count || (has === count && total(one) < total(set))) [count, set] = [has, one];
  }
  return { count, set };
}

/**
 * Which loads a backup source carries and starts: as many as possible of priority 1, then of 2, then of 3; of equal choices the
 * one that draws least. Every combination is weighed. Loads are switched on one by one, the largest surge first, while the
 * source has the most in reserve.
 *
 * Source: NEC 2023, 702.4(A), by which the source must carry what is connected to it.
 *
 * @param input continuous and starting power (W) and supply of the source; running and starting power (W), voltage (V), leg and
 *   priority of up to 24 loads
 * @returns the loads in the order in which to switch them on, each with the peak of its leg at its start (W); those left out
 *   with the reason; running power and limit of each leg (W)
 * @throws ZodError where a figure is impossible, or a 120 V load has no leg
 * @example
 * backup({ source: { watts: 5000, startingWatts: 6250, supply: '120/240' },
 *   loads: [{ id: 'pump', watts: 1500, startingWatts: 4500, volts: 240, priority: 1 }] }).carried // [{ id: 'pump', peakWatts: 2250 }]
 */
export function backup(input: BackupInput): BackupPlan {
  const question = backupInput.parse(input);
  const limits = limitsOf(question.source);
  const loads = legLoads(question);
  const { a, b, bits } = bestSet(loads, limits);
  const carried: BackupPlan['carried'] = [];
  let on: Chosen = { a: 0, b: 0, bits: 0 };
  for (const load of loads) {
    if ((bits & (1 << load.index)) === 0) continue;
    on = { a: on.a + load.a, b: on.b + load.b, bits: 0 };
    carried.push({ id: load.id, peakWatts: most(peakOn(on, load)) });
  }
  const leftOut = question.loads.flatMap(({ id }, index): BackupPlan['leftOut'] => {
    if ((bits & (1 << index)) !== 0) return [];
    const load = loads.find((one) => one.index === index);
    if (!load) return [{ id, reason: 'needs-240' }];
    const alone = started({ a: 0, b: 0, bits: 0 }, load, limits);
    return [{ id, reason: alone ? 'no-power-left' : 'too-large' }];
  });
  return {
    ...{ carried, leftOut },
    runningWatts: { a, b },
    limitWatts: { a: limits.a, b: limits.b },
  };
}
