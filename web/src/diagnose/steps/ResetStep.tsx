import { testsOf } from '@phylaxon/core/diagnosis/cases';
import { cautionText } from '@phylaxon/core/diagnosis/decision';
import { failedResets, resetOutcome } from '@phylaxon/core/diagnosis/evidence';
import { PACE_WORDS, PACES, type EventInput, type Pace } from '@phylaxon/core/record/entities';
import type { StandInCase } from '@phylaxon/core/simulate/person';
import type { TestId } from '@phylaxon/core/facts/vocabulary';
import { caseEntries, entries } from '../../shared/api/index.ts';
import { askStandIn } from '../../shared/compute/index.ts';
import { CoolDownNotice } from '../../breaker/decision/index.ts';
import { FieldError, useKept, useUnits, useAction } from '../../shared/ui/index.ts';
import {
  HandleGuide,
  PassRow,
  outcomesAsAnswers,
  Question,
  type AnswerOption,
  StandIn,
  StepFrame,
  Unplug,
} from '../answers/index.ts';
import { now, useStepWork, whereOf } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

const HOLDS = 'holds';
/** What switching it on may give: it holds, or how soon it trips. */
export const RESULTS: AnswerOption[] = [
  { value: HOLDS, label: messages.itHeld },
  ...PACES.map((pace) => ({ value: pace, label: messages.itTripped(PACE_WORDS[pace]) })),
];
export const paceOfResult = (result: string): Pace | null => (result === HOLDS ? null : (result as Pace));

/** What is told of a reset: how it felt, whether it holds, whether the power is back. */
interface Told {
  feel: string;
  /** `null`: it did not latch, so that there is none. */
  result: string | null;
  power: string | null;
}
const NOTHING: Partial<Told> = {};

/** One trial: switch it fully off and on, the right way, and say what happened. */
export default function ResetStep({ unplugged, why }: { unplugged: boolean; why: string }) {
  const units = useUnits();
  const { file, view, act } = useStepWork();
  const { busy, problem, leave } = useAction();
  const { case: about, dossier, policies } = file;
  const [told, setTold, forget] = useKept(`reset-${about.id}-${unplugged}`, NOTHING);
  const subject = dossier?.subject;
  const asksPower = about.complaint === 'dead' && !unplugged;
  const resultTest: TestId = unplugged ? 'reset-result-unplugged' : 'reset-result';

  const store = async ({ feel, result, power }: Told, simulated = false) => {
    const at = now();
    if (subject) {
      const pace = result === null ? null : paceOfResult(result);
      const event = {
        kind: 'reset',
        at,
        caseId: about.id,
        simulated,
        feel,
        result: result === null ? null : pace === null ? 'holds' : 'tripped',
        pace,
        power,
        unplugged,
        connected: unplugged ? [] : null,
      } as EventInput;
      await act(entries.event(subject.breaker.id, whereOf(file), event));
    } else {
      // Where no breaker is drawn it is told as the outcomes of several tests.
      const outcomes: [TestId, string | null][] = [
        ['reset-feel', feel],
        [resultTest, result === null ? null : resetOutcome(paceOfResult(result), unplugged)],
        ['power-after-reset', power],
      ];
      const answers = outcomes.flatMap(([test, outcome]) =>
        outcome === null ? [] : [{ test, outcome, at, simulated }],
      );
      await act(caseEntries.answers(about.id, answers));
    }
    forget();
  };
  const tell = (all: Told) => leave(() => store(all));

  const tellFeel = (feel: string) => {
    if (feel === 'will-not-latch') void tell({ feel, result: null, power: null });
    else setTold({ ...told, feel });
  };
  const tellResult = (feel: string, result: string) => {
    if (result === HOLDS && asksPower) setTold({ feel, result });
    else void tell({ feel, result, power: null });
  };
  const askAll = async (by: StandInCase) => {
    const tests: TestId[] = ['reset-feel', resultTest, 'power-after-reset'];
    const answers = await Promise.all(tests.map((test) => askStandIn({ ...by, test })));
    const [feel, outcome, power] = answers.map((answer) => answer.outcome) as [string, string, string];
    const result = RESULTS.find(
      ({ value }) => resetOutcome(paceOfResult(value), unplugged) === outcome,
    )!.value;
    const latched = feel !== 'will-not-latch';
    const back = latched && asksPower && result === HOLDS ? power : null;
    await store({ feel, result: latched ? result : null, power: back }, true);
  };

  const caution = (
    <>
      <p className="border-l-4 border-heed pl-3">{cautionText('reset', policies)}</p>
      <p className="text-ink-soft">{messages.theClickAtOffMeansThe}</p>
    </>
  );
  const failed = subject ? failedResets(subject.entries.events).length : 0;

  return (
    <StepFrame
      title={unplugged ? messages.unplugEverythingOnTheCircuit : messages.resetTheBreakerOnce}
      why={why}
    >
      {view.coolDown && <CoolDownNotice coolDown={view.coolDown} stopped={false} />}
      {unplugged && <Unplug names={view.loads} />}
      {subject ? (
        <HandleGuide breaker={subject.breaker} numbered={[subject.breaker.id]} moves={['fully-off', 'on']}>
          {caution}
          {failed > 0 && (
            <p className="font-medium">
              {messages.alreadyTrippedAgain(failed === 1 ? messages.reset : messages.resets(failed))}
            </p>
          )}
        </HandleGuide>
      ) : (
        <div className="space-y-4">
          <p>{messages.pushTheHandleFullyOffUntil}</p>
          {caution}
        </div>
      )}
      <Question
        title={messages.howDidTheHandleFeel}
        options={outcomesAsAnswers('reset-feel', units)}
        chosen={told.feel ?? null}
        disabled={busy}
        onAnswer={tellFeel}
      />
      {told.feel && (
        <Question
          title={messages.whatHappenedNext}
          options={RESULTS}
          chosen={told.result ?? null}
          disabled={busy}
          onAnswer={(result) => tellResult(told.feel!, result)}
        />
      )}
      {told.feel && told.result === HOLDS && asksPower && (
        <Question
          title={messages.plugAWorkingLampIntoThe}
          options={outcomesAsAnswers('power-after-reset', units)}
          disabled={busy}
          onAnswer={(power) => void tell({ feel: told.feel!, result: HOLDS, power })}
        />
      )}
      <FieldError message={problem ?? undefined} />
      <StandIn busy={busy} ask={(by) => leave(() => askAll(by))} />
      <PassRow tests={testsOf({ kind: 'reset', unplugged })} busy={busy} onPass={leave} />
    </StepFrame>
  );
}
