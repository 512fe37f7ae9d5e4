import { cautionText } from '@phylaxon/core/diagnosis/decision';
import { meterPointsOf } from '@phylaxon/core/diagnosis/evidence';
import type { StandInAnswer } from '@phylaxon/core/simulate/person';
import { TEST_WORDS, TESTS, type TestFacts, type TestId } from '@phylaxon/core/facts/vocabulary';
import { caseEntries, entries } from '../../shared/api/index.ts';
import { askStandIn } from '../../shared/compute/index.ts';
import { FieldError, useUnits, useAction } from '../../shared/ui/index.ts';
import {
  FigureAnswer,
  asReadings,
  logTrip,
  PassRow,
  outcomesAsAnswers,
  Question,
  StandIn,
  StepFrame,
  TripAnswer,
} from '../answers/index.ts';
import { now, useStepWork, whereOf } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

/** One question: how it is answered, its answers, and a way on without one. */
export function AskStep({ test, why }: { test: TestId; why: string }) {
  const units = useUnits();
  const { say } = units;
  const work = useStepWork();
  const { file, act } = work;
  const { busy, problem, leave } = useAction();
  const facts: TestFacts = TESTS[test];
  const { dossier } = file;
  const caseId = file.case.id;
  const points = dossier ? meterPointsOf(test, dossier.subject.breaker.poles) : [];
  const store = (outcome: string, simulated = false) =>
    act(caseEntries.answers(caseId, [{ test, outcome, at: now(), simulated }]));
  const storeStandIn = async ({ outcome, figures, trip }: StandInAnswer) => {
    const found = { at: now(), caseId, simulated: true };
    const shown = new Map(figures.map(({ point, value }) => [point, value]));
    const readings = asReadings(points, (point) => shown.get(point), found);
    if (readings.length > 0)
      return act(entries.readings(dossier!.subject.breaker.id, whereOf(file), readings));
    if (trip && dossier)
      return logTrip(work, { amps: trip.amps, afterSeconds: trip.seconds, simulated: true });
    return store(outcome, true);
  };
  const question = (
    <Question
      title={points.length > 0 ? messages.orWithoutAReading : TEST_WORDS[test].name}
      untitled={points.length === 0}
      options={outcomesAsAnswers(test, units, work.view.known)}
      disabled={busy}
      onAnswer={(outcome) => void leave(() => store(outcome))}
    />
  );
  return (
    <StepFrame title={TEST_WORDS[test].name} why={say(why)}>
      <p className="text-lg">{say(TEST_WORDS[test].how)}</p>
      {facts.energised && (
        <p className="border-l-4 border-danger pl-3 font-medium text-danger">
          {cautionText('live', file.policies)}
        </p>
      )}
      {facts.level === 2 && !facts.energised && (
        <p className="border-l-4 border-heed pl-3 font-medium">{cautionText('dead', file.policies)}</p>
      )}
      {test === 'trip-vs-curve' && dossier ? (
        <TripAnswer onAnswer={leave} />
      ) : points.length > 0 ? (
        <FigureAnswer test={test} points={points} onAnswer={leave}>
          {question}
        </FigureAnswer>
      ) : (
        question
      )}
      <FieldError message={problem ?? undefined} />
      <StandIn
        busy={busy}
        ask={(about) => leave(async () => storeStandIn(await askStandIn({ ...about, test })))}
      />
      <PassRow tests={[test]} busy={busy} onPass={leave} />
    </StepFrame>
  );
}
