import { leavingSteps } from '@phylaxon/core/views/visit';
import { troubleOf } from '@phylaxon/core/visit/work';
import { StepScreen, TellButton, useVisitWork } from '../visitRecord/index.ts';

/** Only leaving is left: how the panel is left safe. */
export function LeaveScreen() {
  const { record, state } = useVisitWork();
  const { ending } = state;
  return (
    <StepScreen
      title={ending === null ? 'Nothing is left to do here' : 'It ends here: leave it safe'}
      how={[...(ending === null ? [] : troubleOf(ending).todo), ...leavingSteps(record.plan, state)]}
    >
      <TellButton fact={{ is: 'abandoned' }}>I leave it so</TellButton>
    </StepScreen>
  );
}
