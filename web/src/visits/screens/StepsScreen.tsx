import { MAIN } from '@phylaxon/core/visit/gates';
import { screenStepWords, screenTitle, type ScreenStep } from '@phylaxon/core/views/visit';
import { takesAnswer, type VisitScreen } from '@phylaxon/core/visit/work';
import { useRef } from 'react';
import { Button, FieldError, useUnits } from '../../shared/ui/index.ts';
import { StepScreen, useVisitWork, visitPlace } from '../visitRecord/index.ts';
import { stepKey } from './answers.ts';
import { DeadDrawing } from './DeadDrawing.tsx';
import { DeadTable } from './DeadTable.tsx';
import { StepItem } from './StepItem.tsx';
import { useStepAnswers } from './useStepAnswers.ts';

/** The place a screen is about, as planned and as it is; null for the panel itself. */
function usePlace({ id, kind }: VisitScreen) {
  const work = useVisitWork();
  const isPanel = id === null || id === MAIN || kind === 'gate' || kind === 'source';
  return isPanel ? null : visitPlace(work, id);
}

const isMeasure = (step: ScreenStep): step is Extract<ScreenStep, { kind: 'measure' }> =>
  step.kind === 'measure';

/** Everything that is done in one spot, on one screen, with one confirmation. */
export function StepsScreen({ screen }: { screen: VisitScreen }) {
  const { record, state } = useVisitWork();
  const { say } = useUnits();
  const place = usePlace(screen);
  const list = screen.steps as ScreenStep[];
  const fields = useRef<HTMLDivElement>(null);
  const answers = useStepAnswers(list, fields);
  const measures = list.filter(isMeasure);
  const others = list.filter((step) => !isMeasure(step));
  const words = (step: ScreenStep) => screenStepWords(step, record.plan, state, place);
  const together = screenTitle(screen, record.plan, place);
  const first = words(list[0]!);
  const title = together?.title ?? (place ? `${place.task.label}: ${first.title}` : first.title);
  const isShown = measures.length > 0 || list.some((step) => step.kind === 'gate' && DRAWN.includes(step.is));
  const isAlone = list.length === 1;
  return (
    <StepScreen
      title={title}
      drawing={isShown && <DeadDrawing record={record} state={state} now={measures[0]?.what ?? null} />}
    >
      {/* No form: a photo and its note stand within it, and Enter there is about the photo. */}
      <div ref={fields} className="space-y-5">
        {measures.length > 0 && (
          <div>
            <ul className="list-disc space-y-1 pl-5 text-lg leading-snug">
              {first.how.map((line) => (
                <li key={line}>{say(line)}</li>
              ))}
            </ul>
            <DeadTable
              measures={measures}
              id={measures[0]!.what.id}
              poles={place?.now.poles ?? 2}
              answers={answers}
            />
          </div>
        )}
        <ol className="space-y-5">
          {others.map((step, i) => (
            <li key={stepKey(step)}>
              <StepItem
                step={step}
                place={place}
                answers={answers}
                isAlone={isAlone}
                isWaiting={answers.openAt >= 0 && answers.openAt < measures.length + i}
                number={others.length > 1 ? i + 1 : null}
              />
            </li>
          ))}
        </ol>
        <div>
          <Button
            data-confirm=""
            disabled={answers.busy}
            onClick={answers.submit}
            className="min-h-16 w-full text-lg sm:w-auto sm:px-8"
          >
            {together?.done ?? (takesAnswer(list[0]!) ? words(list[0]!).done : first.done)}
          </Button>
          <FieldError message={answers.problem ?? undefined} />
        </div>
      </div>
    </StepScreen>
  );
}

/** At these gates the open panel is drawn. */
const DRAWN: readonly string[] = ['main-off', 'cover-off'];
