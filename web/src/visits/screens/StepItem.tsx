import { screenStepWords, type ScreenStep, type WorkPlace } from '@phylaxon/core/views/visit';
import { useId } from 'react';
import { PhotoForm } from '../../shared/photos/index.ts';
import { ChoiceButton, FieldError, useUnits } from '../../shared/ui/index.ts';
import { useVisitWork } from '../visitRecord/index.ts';
import { answerOf, stepKey } from './answers.ts';
import { FigureCell } from './FigureCell.tsx';
import { outward } from './outward.ts';
import * as messages from './messages.ts';
import { PartDrawing } from './PartDrawing.tsx';
import type { useStepAnswers } from './useStepAnswers.ts';

interface Props {
  step: ScreenStep;
  place: WorkPlace | null;
  answers: ReturnType<typeof useStepAnswers>;
  /** The screen has its title; with others on it, each has its own. */
  isAlone: boolean;
  /** In the order in which they are done. */
  number: number | null;
  /** Something before it is not answered yet. */
  isWaiting: boolean;
}

/** A step of a screen: how it is done, and what answers it. */
export function StepItem({ step, place, answers, isAlone, number, isWaiting }: Props) {
  const { record, state } = useVisitWork();
  const { say } = useUnits();
  const { title, how, why } = screenStepWords(step, record.plan, state, place);
  return (
    <div data-step={stepKey(step)}>
      {!isAlone && (
        <h3 className="text-lg leading-tight font-bold">
          {number !== null && <span className="mr-2">{messages.numbered(number)}</span>}
          {title}
        </h3>
      )}
      {step.kind === 'step' && place && (
        <div className="mt-2">
          <PartDrawing
            step={step.step}
            hook={outward(
              step.step === 'rock-off' && place.task.from !== null ? place.task.from : place.now.space,
              record.panel.orientation,
            )}
            poles={place.now.poles}
            pigtail={place.now.neutral === 'pigtail'}
          />
        </div>
      )}
      <ul className="mt-1 list-disc space-y-1 pl-5 text-lg leading-snug">
        {how.map((line) => (
          <li key={line}>{say(line)}</li>
        ))}
      </ul>
      {why && <p className="mt-1 text-ink-soft">{why}</p>}
      {step.kind === 'step' && step.step === 'mark' && place && place.task.breakerId !== null && (
        <div className="mt-2">
          <PhotoForm breaker={{ id: place.task.breakerId }} where={place.task.label} />
        </div>
      )}
      <StepAnswer step={step} title={title} answers={answers} isWaiting={isWaiting} />
    </div>
  );
}

function StepAnswer({
  step,
  title,
  answers,
  isWaiting,
}: Pick<Props, 'step' | 'answers' | 'isWaiting'> & { title: string }) {
  const id = useId();
  const answer = answerOf(step);
  if (answer === null) return null;
  if (answer.kind === 'figure')
    return (
      <div className="mt-2">
        <FigureCell
          id={id}
          label={answer.label ?? title}
          unit={answer.unit}
          field={answers.fieldOf(step)}
          disabled={isWaiting}
        />
      </div>
    );
  const chosen = answers.chosen(step);
  return (
    <div role="group" aria-label={title} className="mt-2 flex flex-wrap gap-2">
      {answer.outcomes.map(({ label }) => (
        <ChoiceButton
          key={label}
          isChosen={chosen === label}
          disabled={isWaiting}
          onChoose={() => answers.choose(step, label)}
          className="min-h-16 px-5"
        >
          {label}
        </ChoiceButton>
      ))}
      <FieldError message={answers.wrongAt(step) ?? undefined} />
    </div>
  );
}
