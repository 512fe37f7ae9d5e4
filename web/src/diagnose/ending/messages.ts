import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const result = 'Result';
export const closed = (outcome: string) => `Closed: ${outcome}`;
export const cause = (cause: ReactNode, confirmed: string) => rich`Cause: ${cause} (${confirmed}).`;
export const theCauseHasNotBeenConfirmed = 'The cause has not been confirmed.';
export const reopenTheCase = 'Reopen the case';
export const changeTheCause = 'Change the cause';
export const enterTheCause = 'Enter the cause';
export const saveTheCause = 'Save the cause';
export const howDidTheCaseEnd = 'How did the case end?';
export const closeTheCaseWhenTheWork =
  'Close the case when the work is done. Until then it stays on the start page.';
export const notesForNextTime = 'Notes for next time';
export const closeTheCase = 'Close the case';
export const handOverPage = 'Hand-over page';
export const noteCard = 'Note card';
export const notPresentNow = 'Not present now';
export const previouslyOnRecord = 'Previously on record';
export const onRecordBeforeThisCaseAnd = 'On record before this case and not checked since';
export const logTheCurrentCondition = 'Log the current condition';
export const anElectricianHasToCheckWhether = 'An electrician has to check whether this is still the case.';
export const theAnswerBelowLeavesThis =
  'The answer below leaves this finding out. If the condition still exists, the answer changes.';
export const logItForThisBreaker = 'Log it for this breaker';
export const whatWasTheCauseIfAnyone = 'What was the cause, if anyone knows?';
export const notKnownForSure = 'Not known for sure';
export const likelyHere = 'Likely here';
export const allOthers = 'All others';
export const howIsItKnown = 'How is it known?';
export const whoConfirmedIt = 'Who confirmed it?';
