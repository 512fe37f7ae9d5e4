import { isStepSettled } from '@phylaxon/core/visit/work';
import { leavingSteps } from '@phylaxon/core/views/visit';
import { Button, FieldError, useAction } from '../../shared/ui/index.ts';
import { visitPlace, useVisitWork } from '../visitRecord/index.ts';
import * as messages from './messages.ts';

/** A break, or the way out, from wherever the visit is: and how the panel is left safe. */
export function StopHere() {
  const work = useVisitWork();
  const { record, state, tell, takeBack } = work;
  const { busy, problem, run } = useAction();
  const { gates } = state;
  const last = record.steps.at(-1);
  const isEnding = state.ending !== null;
  const open = state.tasks.filter((task) => !isStepSettled(state, task) && task.given !== 'up');
  return (
    <details className="border-t border-rule-strong">
      <summary className="min-h-11 py-2 text-lg font-bold">{messages.stopTakeABreakOrUndo}</summary>
      <div className="space-y-4 pb-3">
        {last && state.beforeLast !== null && (
          <p>
            <Button look="quiet" disabled={busy} onClick={() => void run(() => takeBack(last))}>
              {messages.undoTheLastStepEnteredBy}
            </Button>
          </p>
        )}
        {!isEnding && gates.coverOn && !state.paused && (
          <p>
            <Button look="quiet" disabled={busy} onClick={() => void run(() => tell({ is: 'paused' }))}>
              {messages.takeABreakCoverOn(gates.locked ? messages.lockoutStaysOn : '')}
            </Button>
            <span className="mt-1 block text-sm text-ink-soft">{messages.verifyTheMeterAgainAfterThe}</span>
          </p>
        )}
        {!gates.coverOn && <p className="font-medium">{messages.putTheCoverOnBeforeYou}</p>}
        {!isEnding &&
          open.length > 0 &&
          open.map(({ id }) => (
            <p key={id}>
              <Button
                look="quiet"
                disabled={busy}
                onClick={() =>
                  void run(() => tell({ is: 'changed', id, way: 'not-now', space: null, ratingAmps: null }))
                }
              >
                {messages.leaveForAnotherDay(visitPlace(work, id).task.label)}
              </Button>
            </p>
          ))}
        <div>
          <p className="font-semibold">{messages.leaveThePanelSafeNow}</p>
          <ol className="list-decimal pl-5">
            {leavingSteps(record.plan, state).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ol>
          <p className="mt-2">
            <Button
              look="quiet"
              disabled={busy}
              onClick={() => void run(() => tell({ is: gates.coverOn ? 'abandoned' : 'cover-on' }))}
            >
              {gates.coverOn ? messages.endTheVisitHere : messages.coverIsOn}
            </Button>
          </p>
        </div>
        <FieldError message={problem ?? undefined} />
      </div>
    </details>
  );
}
