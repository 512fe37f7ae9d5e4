import { testsOf, type Isolation } from '@phylaxon/core/diagnosis/cases';
import { cautionText } from '@phylaxon/core/diagnosis/decision';
import { paceOf, type EventInput, type Pace } from '@phylaxon/core/record/entities';
import type { StandInCase } from '@phylaxon/core/simulate/person';
import { entries } from '../../shared/api/index.ts';
import { askStandInTrial } from '../../shared/compute/index.ts';
import { CoolDownNotice } from '../../breaker/decision/index.ts';
import { FieldError, PageSection, percentText, useAction } from '../../shared/ui/index.ts';
import { Candidates } from './Candidates.tsx';
import { PassRow, Question, StandIn, StepFrame } from '../answers/index.ts';
import { paceOfResult, RESULTS } from './ResetStep.tsx';
import { now, useStepWork, whereOf } from '../caseRecord/index.ts';
import * as messages from './messages.ts';

/** Nobody waits for more than an hour at each trial. */
const WITHIN_THE_HOUR = RESULTS.filter(({ value }) => value !== 'hours');

/** One trial of an isolation: what to connect, what to leave off, and what came of it. */
export default function IsolateStep({ isolation, why }: { isolation: Isolation; why: string }) {
  const { file, view, act } = useStepWork();
  const { busy, problem, leave: proceed } = useAction();
  const { dossier, case: about } = file;
  const connect = isolation.connect ?? [];
  const leave = isolation.candidates.filter((name) => !connect.includes(name));

  const store = (pace: Pace | null, simulated = false) =>
    act(
      entries.event(dossier!.subject.breaker.id, whereOf(file), {
        kind: 'reset',
        at: now(),
        caseId: about.id,
        simulated,
        result: pace === null ? 'holds' : 'tripped',
        pace,
        unplugged: connect.length === 0,
        connected: connect,
      } as EventInput),
    );
  const askStandIn = async (by: StandInCase) => {
    const openedAfter = await askStandInTrial({
      ...by,
      candidates: isolation.candidates,
      connected: connect,
    });
    await store(openedAfter === null ? null : paceOf(openedAfter), true);
  };

  return (
    <StepFrame title={titleOf(isolation)} why={why}>
      {view.coolDown && <CoolDownNotice coolDown={view.coolDown} stopped={false} />}
      <div className="grid gap-4 sm:grid-cols-2">
        <List title={messages.plugInOrTurnOn} names={connect} none={messages.nothing} strong />
        <List title={messages.leaveUnpluggedAndOff} names={leave} none={messages.nothing} />
      </div>
      <p className="border-l-4 border-heed pl-3">
        {messages.turnTheBreakerOffFirstPlug(cautionText('reset', file.policies))}
      </p>
      <Question
        title={messages.whatHappened}
        options={WITHIN_THE_HOUR}
        disabled={busy}
        onAnswer={(value) => void proceed(() => store(paceOfResult(value)))}
      />
      <FieldError message={problem ?? undefined} />
      <IsolationProgress isolation={isolation} />
      <Candidates isolation={isolation} />
      <StandIn busy={busy} ask={(by) => proceed(() => askStandIn(by))} />
      <PassRow tests={testsOf({ kind: 'isolate' })} busy={busy} onPass={proceed} />
    </StepFrame>
  );
}

function titleOf({ connect, trials }: Isolation): string {
  const number = messages.test(trials.length + 1);
  if (connect === null || connect.length === 0) return messages.nothingPluggedIn(number);
  return messages.withLabel(
    number,
    connect.length === 1 ? messages.only(connect[0]) : messages.onlyThese(connect.length),
  );
}

function List({
  title,
  names,
  none,
  strong = false,
}: {
  title: string;
  names: readonly string[];
  none: string;
  strong?: boolean;
}) {
  return (
    <PageSection title={title} landmark>
      <ul className={strong ? 'text-lg font-bold' : 'text-lg'}>
        {names.length === 0 && <li>{none}</li>}
        {names.map((name) => (
          <li key={name}>{name}</li>
        ))}
      </ul>
    </PageSection>
  );
}

/** What is cleared, and how likely each of the rest is to be it. */
export function IsolationProgress({ isolation }: { isolation: Isolation }) {
  const { cleared, chances, wiring, trials } = isolation;
  return (
    <PageSection title={messages.resultsSoFar}>
      <ul className="space-y-1">
        {chances.map(({ name, chance }) => (
          <li key={name ?? 'wiring'} className="grid grid-cols-[3.5rem_1fr] items-baseline gap-x-3">
            <span className="figures">{percentText(chance)}</span>
            <span>
              {name ?? messages.fixedWiring}
              <span aria-hidden="true" className="mt-0.5 block h-1.5 bg-rule">
                <span className="block h-full bg-ink" style={{ width: `${chance * 100}%` }} />
              </span>
            </span>
          </li>
        ))}
        {(cleared.length > 0 || (!wiring && trials.length > 0)) && (
          <li className="text-good">
            {messages.cleared([...cleared, ...(wiring ? [] : [messages.fixedWiring])].join(', '))}
          </li>
        )}
      </ul>
    </PageSection>
  );
}
