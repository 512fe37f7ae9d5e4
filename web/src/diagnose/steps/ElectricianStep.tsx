import { TEST_WORDS, type TestId } from '@phylaxon/core/facts/vocabulary';
import { Link } from 'react-router';
import { asButton, PageSection } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { Ending } from '../ending/index.ts';
import { useStepWork } from '../caseRecord/index.ts';
import { StepFrame } from '../answers/index.ts';
import * as messages from './messages.ts';

/** What is left to find out is not for this person, or was put aside: who does it, and with what. */
export default function ElectricianStep({ tests }: { tests: readonly TestId[] }) {
  const { file } = useStepWork();
  const profile = useProfile((state) => state.profile);
  const homeowner = profile === 'homeowner';
  return (
    <div className="space-y-5">
      <StepFrame
        title={homeowner ? messages.theRestIsWorkForAn : messages.undecidedLeaveTheBreakerOff}
        why={homeowner ? messages.theRemainingTestsAreBehindThe : messages.theFindingsDoNotPointTo}
      >
        {tests.length > 0 && (
          <PageSection
            title={homeowner ? messages.theElectricianChecksThisFirst : messages.thisWouldDecideIt}
          >
            <ul className="list-disc pl-6">
              {tests.map((test) => (
                <li key={test}>{TEST_WORDS[test].name}</li>
              ))}
            </ul>
          </PageSection>
        )}
        <Link to={`/cases/${file.case.id}/handover`} className={asButton('primary', 'large')}>
          {messages.handOverPage}
        </Link>
      </StepFrame>
      <Ending />
    </div>
  );
}
