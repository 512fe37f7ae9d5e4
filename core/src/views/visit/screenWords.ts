import { MAIN } from '../../visit/gates/index.ts';
import { taskKind, type VisitPlan, type VisitScreen } from '../../visit/work/index.ts';
import type { WorkPlace } from './screenStepWords.ts';
import { TASK_WORDS, type ScreenTitle } from './taskWords.ts';
import * as messages from './messages.ts';

const installWords = ({ task, now }: WorkPlace): ScreenTitle | undefined => {
  if (now.given === 'back') return { title: 'reinstall the old breaker', done: 'Reinstalled and torqued' };
  return TASK_WORDS[task.work].install;
};

/** A place by its name: a space, or the panel as a whole. */
const placeName = ({ task, now }: WorkPlace): string =>
  taskKind(task.work).isOfPanel ? task.label : `${task.label}, space ${now.space}`;

const SCREENS: Partial<
  Record<
    VisitScreen['kind'],
    (
      place: WorkPlace | null,
      plan: Pick<VisitPlan, 'off'>,
      steps: VisitScreen['steps'],
    ) => ScreenTitle | undefined
  >
> = {
  'main-off': (_place, { off }, steps) => {
    const isMain = off === messages.itsMainBreaker;
    return steps.some((step) => step.kind === 'gate' && step.is === 'handles-off')
      ? {
          title: isMain
            ? 'Turn off the branch breakers, then the main; lock out and tag'
            : messages.branchesOffThen(off),
          done: 'All off, locked out and tagged',
        }
      : {
          title: isMain ? 'Turn off the main breaker, lock out and tag' : messages.offThenLockOut(off),
          done: 'Off, locked out and tagged',
        };
  },
  'get-ready': () => ({ title: 'Put on your PPE and verify the meter', done: 'PPE on, meter verified' }),
  'verify-dead': (place) => ({
    title: place
      ? `${placeName(place)}: verify absence of voltage`
      : 'Load side of the main: verify absence of voltage',
    done: 'Save readings',
  }),
  prepare: (place) => TASK_WORDS[place!.task.work].prepare,
  'check-part': () => ({ title: 'check the new breaker', done: 'Same kind, listed, clicks cleanly' }),
  install: (place) => installWords(place!),
  'make-safe': () => ({ title: 'make it safe for now', done: 'Capped, filled and labeled' }),
  close: () => ({
    title: 'Put the cover back on, then remove the lock and tag',
    done: 'Cover on, lock and tag removed',
  }),
  prove: () => ({ title: 'turn it on and test it', done: 'Save results' }),
};

/** The panel’s own screens name themselves; the others begin with the place. */
const NAMED: readonly VisitScreen['kind'][] = ['get-ready', 'main-off', 'verify-dead', 'close'];

/**
 * What a screen of several steps is called.
 *
 * @param screen as `screenOf` tells it
 * @param plan of the visit: what de-energizes the panel
 * @param place what it is about: as planned, and what has become of it; null for the panel itself
 * @returns its title, and what is tapped once all is done; null where its one step says both
 * @example screenTitle({ kind: 'close', id: null, steps }, plan, null)?.done // 'Cover on, lock and tag removed'
 */
export function screenTitle(
  { kind, id, steps }: VisitScreen,
  plan: Pick<VisitPlan, 'off'>,
  place: WorkPlace | null,
): ScreenTitle | null {
  const isTable = kind === 'verify-dead' || kind === 'prove';
  const words = SCREENS[kind];
  if (!words || (steps.length === 1 && !isTable)) return null;
  if (place === null && id !== null && id !== MAIN) return null;
  const told = words(place, plan, steps);
  if (!told) return null;
  const { title, done } = told;
  return { title: NAMED.includes(kind) || place === null ? title : `${place.task.label}: ${title}`, done };
}
