import { isStepSettled } from '@phylaxon/core/visit/work';
import { classes } from '../../shared/ui/index.ts';
import { useVisitWork } from '../visitRecord/index.ts';
import * as messages from './messages.ts';

const PHASES = ['De-energize', messages.verify, messages.work, messages.restore, messages.test] as const;

/** Which of the parts of a visit is under way: told in words, the one that counts with a mark. */
export function WhereItStands() {
  const { record, state, next } = useVisitWork();
  const { gates, tasks } = state;
  const isWorkDone = tasks.every((task) => isStepSettled(state, task));
  const isProving = next.kind === 'measure' || (next.kind === 'gate' && next.is === 'tester-proved');
  const now = isWorkDone ? (gates.mainOn && gates.mainCameOn ? 4 : 3) : gates.coverOn ? 0 : isProving ? 1 : 2;
  const isOver = next.kind === 'end';
  return (
    <ol aria-label={messages.progress} className="mt-1 flex flex-wrap gap-x-4 text-sm">
      {PHASES.map((phase, i) => (
        <li
          key={phase}
          aria-current={!isOver && i === now ? 'step' : undefined}
          className={classes(!isOver && i === now ? 'font-bold' : 'text-ink-soft')}
        >
          <span aria-hidden="true">
            {isOver || i < now ? (state.finished || i < now ? '✓ ' : '– ') : i === now ? '▸ ' : ''}
          </span>
          {phase}
          {phase === 'Work' && record.plan.tasks.length > 1 && (
            <span className="figures">
              {' '}
              {tasks.filter((task) => isStepSettled(state, task)).length}/{tasks.length}
            </span>
          )}
        </li>
      ))}
    </ol>
  );
}
