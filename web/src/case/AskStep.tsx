import { cautionText } from '@phylaxon/core/diagnose';
import { TEST_WORDS, TESTS, type TestFacts, type TestId } from '@phylaxon/core/vocabulary';
import { caseEntries } from '../api/index.ts';
import { FieldError, inUnits } from '../shared/index.ts';
import { FIGURES, FigureAnswer } from './FigureAnswer.tsx';
import { PassRow } from './PassRow.tsx';
import { outcomesAsAnswers, Question } from './Question.tsx';
import { StandIn } from './StandIn.tsx';
import { now, useOnce, useStepWork } from './step.ts';
import { StepFrame } from './StepFrame.tsx';
import { TripAnswer } from './TripAnswer.tsx';

/** One question: how it is answered, its answers, and a way on without one. */
export function AskStep({ test, why }: { test: TestId; why: string }) {
  const { file, act } = useStepWork();
  const { busy, problem, once } = useOnce();
  const facts: TestFacts = TESTS[test];
  const answer = (outcome: string, simulated = false) =>
    once(() => act(caseEntries.answers(file.case.id, [{ test, outcome, at: now(), simulated }])));
  const dossier = file.dossier;
  const figures = dossier ? FIGURES[test] : undefined;
  return (
    <StepFrame title={TEST_WORDS[test].name} why={inUnits(why)}>
      <p className="text-lg">{inUnits(TEST_WORDS[test].how)}</p>
      {facts.energised && (
        <p className="border-l-4 border-danger pl-3 font-medium text-danger">
          {cautionText('live', file.schools)}
        </p>
      )}
      {facts.level === 2 && !facts.energised && (
        <p className="border-l-4 border-heed pl-3 font-medium">{cautionText('dead', file.schools)}</p>
      )}
      {test === 'trip-vs-curve' && dossier ? (
        <TripAnswer once={once} />
      ) : (
        <>
          {figures && <FigureAnswer test={test} places={figures} once={once} />}
          <Question
            title={figures ? 'Or, without a figure' : TEST_WORDS[test].name}
            untitled={!figures}
            options={outcomesAsAnswers(test)}
            disabled={busy}
            onAnswer={(outcome) => void answer(outcome)}
          />
        </>
      )}
      <FieldError message={problem ?? undefined} />
      <StandIn tests={[test]} busy={busy} onAnswer={([outcome]) => void answer(outcome!, true)} />
      <PassRow tests={[test]} busy={busy} onPass={once} />
    </StepFrame>
  );
}
