import { leavingSteps } from '@phylaxon/core/views/visit';
import { troubleOf } from '@phylaxon/core/visit/work';
import { StepScreen, TellButton, useVisitWork } from '../visitRecord/index.ts';
import * as messages from './messages.ts';

/** Only leaving is left: how the panel is left safe. */
export function LeaveScreen() {
  const { record, state } = useVisitWork();
  const { ending } = state;
  return (
    <StepScreen
      title={ending === null ? messages.nothingIsLeftToDoHere : messages.theVisitEndsHereLeaveThe}
      how={[...(ending === null ? [] : troubleOf(ending).todo), ...leavingSteps(record.plan, state)]}
    >
      <TellButton fact={{ is: 'abandoned' }}>{messages.panelLeftSafe}</TellButton>
    </StepScreen>
  );
}
