import { voltageWord } from '../../facts/limits/index.ts';
import { describe, expect, test } from '@jest/globals';
import type { TestId, TestResult } from '../../facts/vocabulary/index.ts';
import { solveNetwork, type Branch } from '../../simulate/house/index.ts';
import { assess, rankedCauses } from '../engine/index.ts';
import {
  pathWith,
  readPath,
  SOUND_FEEDER,
  SOUND_PATH,
  type ConnectionState,
  type PathState,
  type PathTest,
} from './index.ts';

/*
 * The likelihoods of the path are held against a circuit solver that knows nothing of them: for every state of the path,
 * a network of resistances is solved under several loads, and the meters are read.
 */

const OHMS: Record<ConnectionState, number> = { ok: 0.01, high: 3, open: Infinity };
const EMF = 120;

/** What is connected besides the circuit: amps of the other circuits on each leg, and of an appliance between the legs. */
interface Loads {
  own: number;
  other: number;
  across: number;
  /** On the circuit itself. */
  circuit: number;
}
const LOADS: readonly Loads[] = [
  { own: 2, other: 12, across: 0, circuit: 0 },
  { own: 12, other: 2, across: 0, circuit: 10 },
  { own: 5, other: 6, across: 18, circuit: 10 },
  { own: 5, other: 6, across: 0.4, circuit: 0 },
];

type Volts = Partial<Record<PathTest, string>>;

/** The network of a path under some loads, solved and read. */
function readMeters(path: PathState, poles: 1 | 2, loads: Loads): Volts {
  const { street, service, main, bus, feeder, wiring } = path;
  const branches: Branch[] = [];
  const put = (from: string, to: string, ohms: number, emf?: number) =>
    branches.push({ from, to, ohms, ...(emf !== undefined && { emf }) });
  const load = (amps: number, volts: number) => (amps > 0 ? volts / amps : Infinity);
  const legs = ['own', 'other'] as const;
  for (const leg of legs) {
    put(`service ${leg}`, 'star', street ? OHMS[service[leg]] : Infinity, leg === 'own' ? EMF : -EMF);
    put(`service ${leg}`, `main ${leg}`, main.isClosed ? OHMS[main[leg]] : Infinity);
    put(`main ${leg}`, `bus ${leg}`, OHMS[bus[leg]]);
    put(`bus ${leg}`, 'bar', load(loads[leg], EMF));
    if (feeder) {
      put(`bus ${leg}`, `feeder ${leg}`, feeder.isClosed ? OHMS[feeder[leg]] : Infinity);
      put(`feeder ${leg}`, `lug ${leg}`, OHMS[feeder.conductors[leg]]);
      put(`lug ${leg}`, `sub ${leg}`, OHMS[feeder.bus[leg]]);
      put(`lug ${leg}`, 'sub bar', load(loads[leg], EMF));
    }
  }
  put('bar', 'star', OHMS[service.neutral]);
  if (feeder) put('sub bar', 'bar', OHMS[feeder.conductors.neutral]);
  const home = feeder ? 'sub' : 'bus';
  const bar = feeder ? 'sub bar' : 'bar';
  put(`${home} own`, `${home} other`, load(loads.across, 2 * EMF));
  for (const leg of poles === 2 ? legs : (['own'] as const)) {
    const isOpen = path.isReadOpen && !(path.handle === 'half' && leg === 'other');
    put(`${home} ${leg}`, `jaw ${leg}`, OHMS[path.stab[leg]]);
    put(`jaw ${leg}`, `terminal ${leg}`, isOpen ? Infinity : OHMS[path.contacts[leg]]);
  }
  const dead = path.device === 'tripped' || path.fedByOther !== 'no';
  put('terminal own', 'outlet hot', dead ? Infinity : OHMS[path.terminal] + OHMS[wiring.hot]);
  if (path.fedByOther === 'energized') put(`${home} own`, 'outlet hot', 0.02);
  put('outlet neutral', bar, OHMS[wiring.neutral] + OHMS[path.sharedNeutral]);
  // The circuit that shares the neutral hangs on the other leg.
  if (path.sharedNeutral !== 'ok') put(`${home} other`, 'outlet neutral', load(loads.other, EMF));
  put('outlet hot', 'outlet neutral', load(loads.circuit, EMF));
  // What is plugged in at a dead outlet lets a meter see little or nothing.
  put('outlet hot', 'outlet neutral', 1e5);
  const solved = solveNetwork(branches, 'star');
  const between = (a: string, b: string) => Math.abs(solved.volts(a) - solved.volts(b));
  const ofLegs = (points: readonly string[], neutral: string) =>
    points.map((point) => between(point, neutral));
  const terminals =
    path.subject === 'feeder'
      ? ofLegs(['feeder own', 'feeder other'], 'bar')
      : ofLegs(poles === 2 ? ['terminal own', 'terminal other'] : ['terminal own'], bar);
  const supply =
    path.supplyAt === 'sub-panel' && feeder
      ? ofLegs(['lug own', 'lug other'], 'sub bar')
      : ofLegs(['service own', 'service other'], 'bar');
  return {
    'load-terminal-voltage': terminalWord(terminals),
    'line-side-voltage': supplyWord(supply),
    'main-load-side-voltage': mainWord(ofLegs(['main own', 'main other'], 'bar')),
    'outlet-voltage': voltageWord(between('outlet hot', 'outlet neutral')),
  };
}

function terminalWord(volts: readonly number[]): string {
  const words = volts.map(voltageWord);
  const zeros = words.filter((word) => word === 'zero').length;
  if (zeros > 0) return zeros < words.length ? 'one-pole-zero' : 'zero';
  return words.includes('low') ? 'low' : 'normal';
}

function supplyWord([a, b]: readonly number[]): string {
  const dead = [a!, b!].filter((volts) => voltageWord(volts) === 'zero').length;
  if (dead > 0) return dead === 2 ? 'both-missing' : 'one-leg-missing';
  return Math.abs(a! - b!) > 8 ? 'legs-unequal' : 'both-legs-normal';
}

function mainWord(volts: readonly number[]): string {
  const dead = volts.filter((one) => voltageWord(one) === 'zero').length;
  return dead === 2 ? 'both-missing' : dead === 1 ? 'one-missing' : 'both-normal';
}

const open = (leg: 'own' | 'other' | 'both') => ({
  own: leg === 'other' ? ('ok' as const) : ('open' as const),
  other: leg === 'own' ? ('ok' as const) : ('open' as const),
});
const feeder = (more: Partial<NonNullable<PathState['feeder']>>): Partial<PathState> => ({
  feeder: { ...SOUND_FEEDER, ...more },
});
const conductors = (leg: 'own' | 'other' | 'both') => feeder({ conductors: { ...open(leg), neutral: 'ok' } });

/** Where the fault sits. */
const PLACES: Record<string, Partial<PathState>> = {
  nowhere: {},
  'the street': { street: false },
  'the service, own leg': { service: { ...open('own'), neutral: 'ok' } },
  'the service, other leg': { service: { ...open('other'), neutral: 'ok' } },
  'the service, both legs': { service: { ...open('both'), neutral: 'ok' } },
  'the main, off': { main: { own: 'ok', other: 'ok', isClosed: false } },
  'the main, own pole': { main: { ...open('own'), isClosed: true } },
  'the main, other pole': { main: { ...open('other'), isClosed: true } },
  'the main, both poles': { main: { ...open('both'), isClosed: true } },
  'the bus, own leg': { bus: open('own') },
  'the bus, other leg': { bus: open('other') },
  'a sound feeder': feeder({}),
  'the feeder breaker, off': feeder({ isClosed: false }),
  'the feeder breaker, own pole': feeder(open('own')),
  'the feeder breaker, other pole': feeder(open('other')),
  'the feeder conductors, own leg': conductors('own'),
  'the feeder conductors, other leg': conductors('other'),
  'the feeder conductors, both legs': conductors('both'),
  'the sub-panel bus, own leg': feeder({ bus: open('own') }),
  'the stab, own pole': { stab: open('own') },
  'the stab, both poles': { stab: open('both') },
  'the contacts, own pole': { contacts: open('own') },
  'the contacts, both poles': { contacts: open('both') },
  'the terminal': { terminal: 'open' },
  'the hot wire': { wiring: { hot: 'open', neutral: 'ok', from: 'middle' } },
  'the neutral wire': { wiring: { hot: 'ok', neutral: 'open', from: 'middle' } },
  'a protected outlet': { device: 'tripped' },
  'another breaker, on': { fedByOther: 'energized' },
  'another breaker, off': { fedByOther: 'open' },
};
/** How the handle stands. */
const HANDLES: Record<string, Partial<PathState>> = {
  on: {},
  off: { handle: 'off', isReadOpen: true },
  tripped: { handle: 'tripped', isReadOpen: true },
  'looking on': { handle: 'half', isReadOpen: true },
  'tripped, and read after a reset': { handle: 'tripped' },
};
/** Where the meters are held. */
const VIEWS: Record<string, Partial<PathState>> = {
  'at the breaker and the main': {},
  'at the breaker and the sub-panel': { supplyAt: 'sub-panel' },
  'at the feeder breaker and the sub-panel': { subject: 'feeder', supplyAt: 'sub-panel' },
};

const CASES = Object.entries(PLACES).flatMap(([place, at]) =>
  Object.entries(VIEWS)
    .filter(([, view]) => Object.keys(view).length === 0 || at.feeder)
    .flatMap(([view, seen]) =>
      Object.entries(HANDLES)
        // Seen from the feeder breaker, the branch breakers are on.
        .filter(([handle]) => seen.subject !== 'feeder' || handle === 'on')
        .flatMap(([handle, stands]) =>
          ([1, 2] as const).map(
            (poles) =>
              [
                `${place}, ${view}, ${poles} pole, handle ${handle}`,
                { ...at, ...seen, ...stands },
                poles,
              ] as const,
          ),
        ),
    ),
);

test('there are cases enough', () => expect(CASES.length).toBeGreaterThanOrEqual(150));

describe('the likelihoods of the path and a circuit solver', () => {
  test.each(CASES)(
    '%s: every reading that the solver gives is likely, and nothing else is',
    (_what, change, poles) => {
      const path = pathWith(change);
      const read = LOADS.map((loads) => readMeters(path, poles, loads));
      for (const id of Object.keys(read[0]!) as PathTest[]) {
        const seen = new Set(read.map((volts) => volts[id]!));
        const odds = readPath(id, path, { poles, resetHeld: null, resetComplete: null }) as Record<
          string,
          number
        >;
        const total = [...seen].reduce((sum, outcome) => sum + (odds[outcome] ?? 0), 0);
        expect([id, [...seen], odds, total >= 0.55]).toEqual([id, [...seen], odds, true]);
        // A single reading under every load is what the engine expects most.
        if (seen.size === 1) expect([id, mostLikely(odds)]).toEqual([id, [...seen][0]]);
      }
    },
  );
});

const mostLikely = (odds: Record<string, number>) => Object.entries(odds).sort((a, b) => b[1] - a[1])[0]![0];

describe('what the readings lead to', () => {
  const causeOf = (found: Partial<Record<TestId, string>>) =>
    rankedCauses(
      assess(
        Object.entries(found).map(([id, outcome]) => ({ test: id, outcome }) as TestResult),
        {},
      ),
    )[0]!.id;

  test.each<[string, Partial<Record<TestId, string>>, string]>([
    [
      'both legs leave the main while every second space is dead',
      {
        'power-loss-extent': 'half-the-house',
        'line-side-voltage': 'both-legs-normal',
        'main-load-side-voltage': 'both-normal',
        'load-terminal-voltage': 'zero',
      },
      'bus-failing',
    ],
    [
      'one leg does not leave the main',
      {
        'power-loss-extent': 'half-the-house',
        'line-side-voltage': 'both-legs-normal',
        'main-load-side-voltage': 'one-missing',
      },
      'main-breaker-fault',
    ],
    [
      'both legs leave the feeder breaker and none arrives',
      {
        'power-loss-extent': 'several-circuits',
        'upstream-breaker': 'on',
        'load-terminal-voltage': 'normal',
        'line-side-voltage': 'both-missing',
      },
      'open-wiring',
    ],
    [
      'one leg leaves the feeder breaker',
      {
        'power-loss-extent': 'several-circuits',
        'upstream-breaker': 'on',
        'load-terminal-voltage': 'one-pole-zero',
        'line-side-voltage': 'both-legs-normal',
        'main-load-side-voltage': 'both-normal',
      },
      'open-breaker',
    ],
    [
      'normal at the breaker, dead at the outlet',
      {
        'power-loss-extent': 'one-circuit',
        'load-terminal-voltage': 'normal',
        'outlet-voltage': 'zero',
        'downstream-device': 'none-found',
      },
      'open-wiring',
    ],
    [
      'nothing leaves the breaker that was reset all the way',
      {
        'power-loss-extent': 'one-circuit',
        'reset-feel': 'clean-clicks',
        'load-terminal-voltage': 'zero',
        'line-side-voltage': 'both-legs-normal',
      },
      'open-breaker',
    ],
    [
      'the main is off',
      {
        'power-loss-extent': 'whole-house',
        'neighbours-power': 'on',
        'upstream-breaker': 'tripped-or-off',
        'line-side-voltage': 'both-legs-normal',
      },
      'upstream-open',
    ],
  ])('%s', (_what, found, cause) => expect(causeOf(found)).toBe(cause));

  test('0 V at the load terminal of a tripped or off breaker says nothing about the breaker', () => {
    const chances = (found: Partial<Record<TestId, string>>) =>
      new Map(
        rankedCauses(
          assess(
            Object.entries(found).map(([id, outcome]) => ({ test: id, outcome }) as TestResult),
            {},
          ),
        ).map(({ id, probability }) => [id, probability]),
      );
    for (const state of [
      { 'handle-position': 'middle', 'reset-result': 'trips-in-minutes' },
      { 'handle-position': 'off' },
      { 'reset-result': 'trips-at-once' },
    ] as Partial<Record<TestId, string>>[]) {
      const before = chances(state);
      const after = chances({ ...state, 'load-terminal-voltage': 'zero' });
      expect(after.get('open-breaker')!).toBeLessThan(Math.max(0.1, 3 * before.get('open-breaker')!));
    }
  });

  test('a sound path reads as one', () => {
    const context = { poles: 1, resetHeld: null, resetComplete: null } as const;
    expect(readPath('outlet-voltage', SOUND_PATH, context).normal).toBe(1);
    expect(readPath('line-side-voltage', SOUND_PATH, context)['both-legs-normal']).toBe(1);
  });
});
