import { screenOf } from '@phylaxon/core/visit/work';
import { useMemo } from 'react';
import { ReportTrouble, StepsScreen } from '../screens/index.ts';
import { InspectScreen } from './InspectScreen.tsx';
import { useVisitWork, visitPlace } from '../visitRecord/index.ts';
import { ChooseScreen } from './ChooseScreen.tsx';
import { EndScreen } from './EndScreen.tsx';
import { FinishScreen } from './FinishScreen.tsx';
import { LeaveScreen } from './LeaveScreen.tsx';

/** The one screen that is next. */
export default function NextStep() {
  const work = useVisitWork();
  const { record, state, next } = work;
  const screen = useMemo(() => screenOf(record.plan, state), [record.plan, state]);
  switch (next.kind) {
    case 'choose':
      return (
        <ChooseScreen
          key={`${next.id} ${next.trouble}`}
          {...visitPlace(work, next.id)}
          trouble={next.trouble}
        />
      );
    case 'leave':
      return <LeaveScreen />;
    case 'finish':
      return <FinishScreen />;
    case 'end':
      return <EndScreen />;
    default:
      // What was typed belongs to these parts: after others, it begins anew.
      return (
        <>
          {screen.kind === 'inspect' ? (
            <InspectScreen id={screen.id!} />
          ) : (
            <StepsScreen key={`${record.steps.length} ${JSON.stringify(next)}`} screen={screen} />
          )}
          <ReportTrouble />
        </>
      );
  }
}
