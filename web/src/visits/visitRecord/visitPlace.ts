import type { TaskState, VisitTask } from '@phylaxon/core/visit/work';
import type { VisitWork } from './useVisit.ts';

/** A place that is worked on: as planned, and what has become of it. */
export function visitPlace({ record, state }: VisitWork, id: string): { task: VisitTask; now: TaskState } {
  const now = state.tasks.find((one) => one.id === id || one.placeId === id)!;
  return { task: record.plan.tasks.find((one) => one.id === now.id)!, now };
}
