import { TEST_WORDS, type TestId } from '@phylaxon/core/facts/vocabulary';
import { Link } from 'react-router';
import { asButton, PageSection } from '../../shared/ui/index.ts';
import { useProfile } from '../../shared/stores/index.ts';
import { Ending } from '../ending/index.ts';
import { useStepWork } from '../caseRecord/index.ts';
import { StepFrame } from '../answers/index.ts';

/** What is left to find out is not for this person, or was put aside: who does it, and with what. */
export default function ElectricianStep({ tests }: { tests: readonly TestId[] }) {
  const { file } = useStepWork();
  const profile = useProfile((state) => state.profile);
  const homeowner = profile === 'homeowner';
  return (
    <div className="space-y-5">
      <StepFrame
        title={homeowner ? 'The rest is an electrician’s work' : 'Undecided: leave the breaker off'}
        why={
          homeowner
            ? 'The remaining tests are behind the panel cover. Leave the cover closed and the breaker as it is. The hand-over page lists the possible causes.'
            : 'The findings do not point to one cause. Answer the skipped questions, or hand the case over with all findings.'
        }
      >
        {tests.length > 0 && (
          <PageSection title={homeowner ? 'They will look at this first' : 'This would decide it'}>
            <ul className="list-disc pl-6">
              {tests.map((test) => (
                <li key={test}>{TEST_WORDS[test].name}</li>
              ))}
            </ul>
          </PageSection>
        )}
        <Link to={`/cases/${file.case.id}/handover`} className={asButton('primary', 'large')}>
          Hand it over, on one page
        </Link>
      </StepFrame>
      <Ending />
    </div>
  );
}
