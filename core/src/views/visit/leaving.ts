import { isStepSettled, type VisitPlan, type WorkState } from '../../visit/work/index.ts';
import * as messages from './messages.ts';

/**
 * How the panel is left at this moment, and what has to be done so that it is safe.
 *
 * @param plan what was to be done
 * @param state how far the visit is
 * @returns lines, in the order in which they are done
 * @example leavingSteps(plan, begun(plan)) // ['Everything is as it was: nothing has to be undone.']
 */
export function leavingSteps(plan: VisitPlan, state: WorkState): string[] {
  const { gates, tasks, ending } = state;
  const labelOf = (id: string) => plan.tasks.find((task) => task.id === id)!.label;
  const open = tasks
    .filter((task) => !isStepSettled(state, task) && task.done.size > 0)
    .map(({ id }) => labelOf(id));
  const isDark = !gates.mainOn;
  const lines = [
    ...(gates.coverOn ? [] : [messages.takeYourHandsAndToolsOut]),
    ...(isDark && ending === null && open.length === 0 ? [messages.removeYourLockTurnOnThe] : []),
    ...(isDark && (ending !== null || open.length > 0) ? [messages.theMainStaysOffLockedOut] : []),
    ...(open.length > 0 ? [messages.startedButNotFinishedWriteThat(open.join(', '))] : []),
    ...(!isDark && gates.handlesOff ? [messages.turnTheBranchBreakersBackOn] : []),
    ...tasks
      .filter(({ given }) => given === 'up')
      .map(({ id }) => messages.staysOffTellThePeopleWho(labelOf(id))),
    ...(ending !== null && !gates.mainOn ? [messages.keepEveryoneAwayAndCallFor] : []),
  ];
  return lines.length === 0 ? [messages.nothingWasChangedSoNothingHas] : lines;
}
