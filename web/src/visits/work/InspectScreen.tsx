import { stepWords } from '@phylaxon/core/views/visit';
import { InspectInside } from './InspectInside.tsx';
import { StepScreen, useVisitWork, visitPlace } from '../visitRecord/index.ts';

/** Everything inside the open panel is looked at, on one screen. */
export function InspectScreen({ id }: { id: string }) {
  const work = useVisitWork();
  const { task, now } = visitPlace(work, id);
  const { title, how } = stepWords('inspect', task, now);
  return (
    <StepScreen title={`${task.label}: ${title}`} how={how}>
      <InspectInside id={id} />
    </StepScreen>
  );
}
