import { isVerifiedDead, MAIN } from '../gates/index.ts';
import { isProofDue } from './proofs.ts';
import type { VisitPlan } from './schema.ts';
import { isStepSettled, placesOf, type WorkState } from './state.ts';
import { dueStep } from './steps.ts';
import type { VisitMoment } from './troubles.ts';

/** A moment, and at which place. */
export interface PlaceMoment {
  id: string;
  moment: VisitMoment;
}

/**
 * Where a visit is: what may be reported there follows from it.
 *
 * @param plan what is to be done
 * @param state how far it is
 * @returns the moments at the panel itself, and at each place
 * @example momentsAt(plan, begun(plan)) // []
 */
export function momentsAt(plan: VisitPlan, state: WorkState): PlaceMoment[] {
  const { gates, tasks } = state;
  const { coverOn, mainOn, locked, handlesOff, isolated } = gates;
  const places = placesOf(plan, state);
  const own = (isNow: boolean, moment: VisitMoment): PlaceMoment[] => (isNow ? [{ id: MAIN, moment }] : []);
  const isDead = isVerifiedDead(places, gates);
  const areSourcesLeft = places.otherSources.some((id) => !isolated.has(id));
  const isWorkDone = tasks.every((task) => isStepSettled(state, task));
  return [
    ...own(coverOn && mainOn && handlesOff && areSourcesLeft, 'isolate'),
    ...own(coverOn && handlesOff && !locked && !isWorkDone && !areSourcesLeft, 'main-off'),
    ...own(!coverOn, 'cover-off'),
    ...own(!coverOn && isWorkDone, 'cover-on'),
    ...own(coverOn && !mainOn && !locked && isWorkDone, 'main-on'),
    ...tasks.flatMap((task): PlaceMoment[] => {
      const { id, placeId, given, trouble } = task;
      if (trouble !== null) return [];
      const step = dueStep(task);
      if (step !== null && isDead) return [{ id, moment: step }];
      const isDue =
        gates.mainOn &&
        gates.mainCameOn &&
        given !== 'up' &&
        gates.swapped.has(placeId) &&
        !gates.on.has(placeId) &&
        !isProofDue(task, 'off-output');
      return isDue ? [{ id, moment: 'handle-on' }] : [];
    }),
  ];
}
