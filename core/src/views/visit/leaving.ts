import { isStepSettled, type VisitPlan, type WorkState } from '../../visit/work/index.ts';

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
    ...(gates.coverOn ? [] : ['Hands out, tools out. Cover on, with all its screws.']),
    ...(isDark && ending === null && open.length === 0
      ? ['Lock off, main on, then the branches one by one: only what was not begun.']
      : []),
    ...(isDark && (ending !== null || open.length > 0)
      ? ['The main stays off: lock on, tag on. The panel stays dark until somebody qualified has been there.']
      : []),
    ...(open.length > 0 ? [`Begun and not finished: ${open.join(', ')}. Say so on the tag.`] : []),
    ...(!isDark && gates.handlesOff
      ? ['Branch breakers on again, one by one; not those that were worked on.']
      : []),
    ...tasks
      .filter(({ given }) => given === 'up')
      .map(({ id }) => `${labelOf(id)} stays off. Tell whoever lives there.`),
    ...(ending !== null && !gates.mainOn ? ['Keep everybody away, and call.'] : []),
  ];
  return lines.length === 0 ? ['Everything is as it was: nothing has to be undone.'] : lines;
}
