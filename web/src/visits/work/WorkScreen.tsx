import { stepWords } from '@phylaxon/core/views/visit';
import { torqueLbIn as torque, type StepId, type TaskState, type VisitTask } from '@phylaxon/core/visit/work';
import { uncapital } from '../../shared/ui/index.ts';
import { PhotoForm } from '../../shared/photos/index.ts';
import { FigureForm, StepScreen, TellButton, useVisitWork } from '../visitRecord/index.ts';
import { outward } from './outward.ts';
import { PartDrawing } from './PartDrawing.tsx';
import * as messages from './messages.ts';

interface Props {
  task: VisitTask;
  now: TaskState;
  step: StepId;
}

/** A step of the work with the panel dead, drawn for this place. */
export function WorkScreen({ task, now, step }: Props) {
  const { record, tell } = useVisitWork();
  const { title, how, why, done } = stepWords(step, task, now);
  const told = { is: 'step-done', id: task.id, step } as const;
  return (
    <StepScreen
      title={`${task.label}: ${uncapital(title)}`}
      how={how}
      why={why}
      drawing={
        <PartDrawing
          step={step}
          hook={outward(
            step === 'rock-off' && task.from !== null ? task.from : now.space,
            record.panel.orientation,
          )}
          poles={now.poles}
          pigtail={now.neutral === 'pigtail'}
        />
      }
    >
      {step === 'mark' && task.breakerId !== null && (
        <PhotoForm breaker={{ id: task.breakerId }} where={task.label} />
      )}
      {step === 'conductor-in' ? (
        <FigureForm
          label={messages.torqueYouSet}
          unit="lb·in"
          schema={torque}
          button={done}
          onFigure={(torqueLbIn) => tell({ ...told, torqueLbIn })}
        />
      ) : (
        <TellButton fact={{ ...told, torqueLbIn: null }}>{done}</TellButton>
      )}
    </StepScreen>
  );
}
