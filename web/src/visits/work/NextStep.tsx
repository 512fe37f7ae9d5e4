import { volts } from '@phylaxon/core/facts/quantities';
import { DEAD_VOLTS, MAIN } from '@phylaxon/core/visit/gates';
import {
  FILL_WORDS,
  GATE_WORDS,
  MEASURED_TO_WORDS,
  PROOF_WORDS,
  SOURCE_WORDS,
} from '@phylaxon/core/views/visit';
import type { NextVisitStep } from '@phylaxon/core/visit/work';
import { ChooseScreen } from './ChooseScreen.tsx';
import { DeadDrawing } from './DeadDrawing.tsx';
import { EndScreen } from './EndScreen.tsx';
import { FigureForm, visitPlace, StepScreen, TellButton, useVisitWork } from '../visitRecord/index.ts';
import { FinishScreen } from './FinishScreen.tsx';
import { LeaveScreen } from './LeaveScreen.tsx';
import { ProofScreen } from './ProofScreen.tsx';
import { WorkScreen } from './WorkScreen.tsx';
import { uncapital } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** The one thing that is next. */
export default function NextStep() {
  const work = useVisitWork();
  const { next } = work;
  switch (next.kind) {
    case 'gate':
      return next.is === 'tester-proved' ? <Tester /> : <Gate is={next.is} />;
    case 'source':
      return <Source id={next.id} />;
    case 'measure':
      return <Measure next={next} />;
    case 'step':
      return next.id === MAIN ? (
        <Fill />
      ) : (
        <WorkScreen key={`${next.id} ${next.step}`} {...visitPlace(work, next.id)} step={next.step} />
      );
    case 'choose':
      return (
        <ChooseScreen
          key={`${next.id} ${next.trouble}`}
          {...visitPlace(work, next.id)}
          trouble={next.trouble}
        />
      );
    case 'swapped':
      return <Swapped id={next.id} />;
    case 'handle-on':
      return <HandleOn id={next.id} />;
    case 'verify':
      return <Verify id={next.id} />;
    case 'proof':
      return (
        <ProofScreen key={`${next.id} ${next.proof}`} {...visitPlace(work, next.id)} proof={next.proof} />
      );
    case 'leave':
      return <LeaveScreen />;
    case 'finish':
      return <FinishScreen />;
    case 'end':
      return <EndScreen />;
  }
}

function Tester() {
  const { state, tell } = useVisitWork();
  const { title, how, why } = GATE_WORDS['tester-proved'];
  const isAgain = state.gates.measured.size > 0;
  return (
    <StepScreen
      title={isAgain ? messages.verifyTheMeterAgain : title}
      how={how}
      why={isAgain ? messages.ifTheMeterHasFailedSince : why}
    >
      <FigureForm
        label={messages.meterReading}
        unit="V"
        schema={volts}
        button={messages.save}
        onFigure={(value) => tell({ is: 'tester-proved', volts: value })}
      />
    </StepScreen>
  );
}

function Gate({ is }: { is: Exclude<Extract<NextVisitStep, { kind: 'gate' }>['is'], 'tester-proved'> }) {
  const { record, state } = useVisitWork();
  const { title, how, why, done } = GATE_WORDS[is];
  const isShown = is === 'main-off' || is === 'cover-off';
  return (
    <StepScreen
      title={
        is === 'main-off' && record.plan.off !== 'its main breaker' ? messages.off(record.plan.off) : title
      }
      how={how}
      why={why}
      drawing={isShown && <DeadDrawing record={record} state={state} now={null} />}
    >
      <TellButton fact={{ is }}>{done}</TellButton>
    </StepScreen>
  );
}

function Source({ id }: { id: string }) {
  const { record } = useVisitWork();
  const { kind } = record.plan.sources.find((one) => one.id === id)!;
  const { why, how, done } = GATE_WORDS['source-isolated'];
  return (
    <StepScreen
      title={messages.offAndLockedOut(SOURCE_WORDS[kind].name)}
      how={[SOURCE_WORDS[kind].how, ...how]}
      why={why}
    >
      <TellButton fact={{ is: 'source-isolated', id }}>{done}</TellButton>
    </StepScreen>
  );
}

function Measure({ next }: { next: Extract<NextVisitStep, { kind: 'measure' }> }) {
  const work = useVisitWork();
  const { record, state, tell } = work;
  const { what, left } = next;
  const isMain = what.id === MAIN;
  const place = isMain ? null : visitPlace(work, what.id);
  const poles = place?.now.poles ?? 2;
  const where = place ? messages.space(place.task.label, place.now.space) : messages.loadSideOfTheMain;
  return (
    <StepScreen
      title={messages.to(
        where,
        poles === 2 ? messages.pole(what.pole) : messages.itsPole,
        MEASURED_TO_WORDS[what.to],
      )}
      how={[isMain ? messages.measureOnTheLoadSideOf : messages.measureAtTheTerminalScrewOf]}
      why={messages.underVCountsAsDead(
        DEAD_VOLTS,
        left === 1 ? messages.lastPoint : messages.pointsToMeasureIncludingThis(left),
      )}
      drawing={<DeadDrawing record={record} state={state} now={what} />}
    >
      <FigureForm
        key={`${what.id} ${what.pole} ${what.to} ${state.gates.measured.size}`}
        label={messages.meterReading}
        unit="V"
        schema={volts}
        button={messages.save}
        onFigure={(value) => tell({ is: 'measured', ...what, volts: value })}
      />
    </StepScreen>
  );
}

function Fill() {
  const { record } = useVisitWork();
  return (
    <StepScreen
      title={FILL_WORDS.title}
      how={[messages.openSlots(record.plan.holes.join(', ')), ...FILL_WORDS.how]}
    >
      <TellButton fact={{ is: 'step-done', id: MAIN, step: 'fill', torqueLbIn: null }}>
        {FILL_WORDS.done}
      </TellButton>
    </StepScreen>
  );
}

function Swapped({ id }: { id: string }) {
  const { task, now } = visitPlace(useVisitWork(), id);
  return (
    <StepScreen
      title={messages.checkItOnceMore(task.label)}
      how={[
        now.given === 'back' ? messages.theOldBreakerIsSeatedAs : messages.itIsSeatedLevelWithIts,
        messages.noBareWireOutsideATerminal,
      ]}
    >
      <TellButton fact={{ is: 'swapped', id }}>{messages.done}</TellButton>
    </StepScreen>
  );
}

function HandleOn({ id }: { id: string }) {
  const { task, now } = visitPlace(useVisitWork(), id);
  const { how, why, done } = GATE_WORDS['handle-on'];
  return (
    <StepScreen title={messages.turnOnSpace(task.label, now.space)} how={how} why={why}>
      <TellButton fact={{ is: 'handle-on', id }}>{done}</TellButton>
    </StepScreen>
  );
}

function Verify({ id }: { id: string }) {
  const work = useVisitWork();
  const { task } = visitPlace(work, id);
  const { title, how } = PROOF_WORDS.verified;
  return (
    <StepScreen title={`${task.label}: ${uncapital(title)}`} how={how}>
      <FigureForm
        label={messages.meterReading}
        unit="V"
        schema={volts}
        button={messages.save}
        onFigure={(value) => work.tell({ is: 'verified', id, volts: value })}
      />
    </StepScreen>
  );
}
