import type { TestId } from '../../facts/vocabulary/index.ts';
import type { HandleState, Legs, PathState } from './pathState.ts';
import { SUPPLY_LEGS, legTo, type ReadingContext, type ReadingOdds } from './readingContext.ts';
import { lineSide, loadTerminal, mainLoadSide, outlet } from './voltReadings.ts';

/** Tests that read the path of the power. */
export const PATH_TESTS = [
  'power-loss-extent',
  'handle-position',
  'handle-finger-test',
  'trip-indicator',
  'downstream-device',
  'upstream-breaker',
  'outlet-voltage',
  'load-terminal-voltage',
  'line-side-voltage',
  'main-load-side-voltage',
  'neighbours-power',
] as const satisfies readonly TestId[];

export type PathTest = (typeof PATH_TESTS)[number];

/**
 * How often the contacts are closed when the voltages are read. A load terminal is read on a breaker that was reset and is
 * on; one that did not hold, or only looks on, is read open.
 *
 * @param handle where the handle really stands
 * @param context what was done before
 * @returns share, 0 to 1
 * @example closedShare('on', { poles: 1, resetHeld: null, resetComplete: null }) // 1
 */
export function closedShare(handle: HandleState, { resetHeld, resetComplete }: ReadingContext): number {
  if (handle === 'on') return 1;
  if (resetHeld === true) return resetComplete === false ? 0.5 : 0.96;
  if (resetHeld === false) return 0.06;
  if (resetComplete === false) return 0.1;
  return { off: 0.5, tripped: 0.6, half: 0.2 }[handle];
}

/** What is dead, by the widest part of the path that is interrupted. */
function extent(path: PathState, { resetHeld }: ReadingContext): ReadingOdds<'power-loss-extent'> {
  const { feeder, stab, contacts, wiring, handle } = path;
  const dead = (point: Parameters<typeof legTo>[2]) =>
    SUPPLY_LEGS.filter((leg) => legTo(path, leg, point) === 'open').length;
  if (dead('main') === 2) return { 'whole-house': 0.95, 'half-the-house': 0.02, 'several-circuits': 0.02 };
  if (dead('main') === 1) return { 'half-the-house': 0.84, 'several-circuits': 0.13, 'one-circuit': 0.02 };
  if (dead('bus') > 0) return { 'half-the-house': 0.6, 'several-circuits': 0.35, 'one-circuit': 0.05 };
  if (feeder && dead('panel') === 2)
    return { 'several-circuits': 0.82, 'whole-house': 0.06, 'one-circuit': 0.08, 'half-the-house': 0.04 };
  if (feeder && dead('panel') === 1)
    return { 'several-circuits': 0.72, 'half-the-house': 0.14, 'one-circuit': 0.12 };
  if (path.service.neutral !== 'ok' || feeder?.conductors.neutral === 'open')
    return { none: 0.72, 'several-circuits': 0.17, 'half-the-house': 0.06, 'one-device': 0.04 };
  if (path.sharedNeutral !== 'ok')
    return { none: 0.55, 'several-circuits': 0.17, 'one-circuit': 0.22, 'part-of-one-circuit': 0.06 };
  if (path.fedByOther === 'open') return { 'one-circuit': 0.85, 'part-of-one-circuit': 0.12, none: 0.03 };
  const broken = (legs: Legs) => legs.own === 'open';
  if (broken(stab) || broken(contacts) || path.terminal === 'open')
    return { 'one-circuit': 0.95, 'one-device': 0.04, 'several-circuits': 0.01 };
  if (handle !== 'on') {
    // Who has reset it before anybody asked finds nothing dead.
    const back = resetHeld === true ? 0.12 : 0.05;
    return {
      'one-circuit': 0.92 - back,
      'one-device': 0.03,
      'part-of-one-circuit': 0.03,
      'several-circuits': 0.005,
      none: back,
    };
  }
  if (path.device === 'tripped')
    return { 'part-of-one-circuit': 0.8, 'one-device': 0.08, 'one-circuit': 0.12 };
  if (wiring.hot === 'open' || wiring.neutral === 'open')
    return {
      panel: { 'one-circuit': 0.82, 'part-of-one-circuit': 0.16, 'one-device': 0.02 },
      middle: { 'part-of-one-circuit': 0.86, 'one-circuit': 0.12, 'one-device': 0.02 },
      end: { 'part-of-one-circuit': 0.5, 'one-device': 0.46, 'one-circuit': 0.04 },
    }[wiring.from];
  if (path.applianceFailed) return { 'one-device': 0.92, 'part-of-one-circuit': 0.06, none: 0.02 };
  return { none: 0.95, 'one-circuit': 0.03, 'one-device': 0.02 };
}

/** The handle that is looked at, as it really stands. */
const handleOf = (path: PathState): PathState['handle'] =>
  path.subject === 'feeder' ? (path.feeder?.isClosed === false ? 'tripped' : 'on') : path.handle;

function handlePosition(path: PathState, { poles }: ReadingContext): ReadingOdds<'handle-position'> {
  const low = poles === 1 ? 0 : 0.02;
  switch (handleOf(path)) {
    case 'on':
      return { on: 0.985, middle: 0.005, off: 0.01 };
    case 'off':
      return { off: 0.95, middle: 0.03, on: 0.02 };
    case 'tripped':
      return { middle: 0.7 - low, off: 0.16, on: 0.14, 'one-half-low': low };
    case 'half':
      return {
        on: 0.44,
        middle: 0.3,
        off: 0.05,
        'one-half-low': poles === 1 ? 0.001 : poles === 2 ? 0.35 : 0.2,
      };
  }
}

function fingerTest(path: PathState): ReadingOdds<'handle-finger-test'> {
  return {
    on: { firm: 0.975, gives: 0.025 },
    off: { firm: 0.8, gives: 0.2 },
    tripped: { gives: 0.9, firm: 0.1 },
    half: { gives: 0.93, firm: 0.07 },
  }[handleOf(path)];
}

function indicator(path: PathState): ReadingOdds<'trip-indicator'> {
  const state = handleOf(path);
  return state === 'tripped' || state === 'half'
    ? { shown: 0.46, 'not-shown': 0.05, 'no-indicator': 0.49 }
    : { shown: 0.015, 'not-shown': 0.485, 'no-indicator': 0.5 };
}

const downstream = ({ device }: PathState): ReadingOdds<'downstream-device'> =>
  device === 'tripped'
    ? { tripped: 0.95, 'not-tripped': 0.03, 'none-found': 0.02 }
    : { tripped: 0.015, 'not-tripped': 0.535, 'none-found': 0.45 };

const upstream = ({ main, feeder }: PathState): ReadingOdds<'upstream-breaker'> =>
  main.isClosed && (feeder === null || feeder.isClosed)
    ? { on: 0.98, 'tripped-or-off': 0.02 }
    : { on: 0.03, 'tripped-or-off': 0.97 };

const neighbours = ({ street }: PathState): ReadingOdds<'neighbours-power'> =>
  street ? { on: 0.98, 'off-too': 0.02 } : { on: 0.03, 'off-too': 0.97 };

const READERS: { readonly [T in PathTest]: (path: PathState, context: ReadingContext) => ReadingOdds<T> } = {
  'power-loss-extent': extent,
  'handle-position': handlePosition,
  'handle-finger-test': fingerTest,
  'trip-indicator': indicator,
  'downstream-device': downstream,
  'upstream-breaker': upstream,
  'outlet-voltage': outlet,
  'load-terminal-voltage': loadTerminal,
  'line-side-voltage': lineSide,
  'main-load-side-voltage': mainLoadSide,
  'neighbours-power': neighbours,
};

/**
 * What a test shows with the path in a certain state.
 *
 * @param test a test that reads the path
 * @param path the state of every part of the path
 * @param context poles of the breaker, and whether it was reset before
 * @returns probability of each outcome
 * @example readPath('neighbours-power', SOUND_PATH, { poles: 1, resetHeld: null }).on // 0.98
 */
export const readPath = <T extends PathTest>(
  test: T,
  path: PathState,
  context: ReadingContext,
): ReadingOdds<T> => READERS[test](path, context);

/**
 * Whether the power comes back when the breaker is reset all the way.
 *
 * @param path the state of every part of the path
 * @returns false where something else on the path is open
 * @example comesBackByReset(SOUND_PATH) // true
 */
export const comesBackByReset = (path: PathState): boolean => {
  const { stab, contacts, terminal, wiring, device, applianceFailed, fedByOther } = path;
  return (
    legTo(path, 'own', 'panel') !== 'open' &&
    stab.own !== 'open' &&
    contacts.own !== 'open' &&
    terminal !== 'open' &&
    wiring.hot !== 'open' &&
    wiring.neutral !== 'open' &&
    device === 'closed' &&
    !applianceFailed &&
    fedByOther !== 'open'
  );
};

/**
 * Whether the supply reaches the breaker at all.
 *
 * @param path the state of every part of the path
 * @returns false where the path is open ahead of the breaker
 * @example isEnergized(SOUND_PATH) // true
 */
export const isEnergized = (path: PathState): boolean => legTo(path, 'own', 'panel') !== 'open';
