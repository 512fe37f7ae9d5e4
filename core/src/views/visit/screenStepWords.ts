import { DEAD_VOLTS, MAIN } from '../../visit/gates/index.ts';
import {
  taskKind,
  type NextVisitStep,
  type TaskState,
  type VisitPlan,
  type VisitTask,
} from '../../visit/work/index.ts';
import { GATE_WORDS, MEASURED_TO_WORDS, type ScreenWords } from './gateWords.ts';
import { FILL_WORDS, stepWords } from './stepWords.ts';
import { PROOF_WORDS, SOURCE_WORDS } from './wayWords.ts';
import * as messages from './messages.ts';

/** A place that is worked on: as planned, and what has become of it. */
export interface WorkPlace {
  task: VisitTask;
  now: TaskState;
}

/** The steps of a visit that are told by what is done, measured or seen. */
export type ScreenStep = Exclude<NextVisitStep, { kind: 'choose' | 'leave' | 'finish' | 'end' }>;

const measureWhere = (id: string, place: WorkPlace | null): string => {
  if (id === MAIN) return messages.measureOnTheLoadSideOf;
  return place && taskKind(place.task.work).isOfPanel
    ? messages.measureAtTheNearestTerminal
    : messages.measureAtTheTerminalScrewOf;
};

const isVerifiedAgain = ({ gates }: { gates: { coverOn: boolean } }) => !gates.coverOn;

/**
 * A step of a visit in words: what it is, how it is done, why.
 *
 * @param step which
 * @param plan of the visit
 * @param state how far it is
 * @param place what it is about; null for the panel itself
 * @returns title, how, why, and what is tapped
 * @example screenStepWords({ kind: 'gate', is: 'dressed' }, plan, state, null).done // 'PPE on, area clear'
 */
export function screenStepWords(
  step: ScreenStep,
  plan: VisitPlan,
  state: { gates: { coverOn: boolean } },
  place: WorkPlace | null,
): ScreenWords {
  switch (step.kind) {
    case 'gate':
      if (step.is === 'tester-proved' && isVerifiedAgain(state))
        return {
          ...GATE_WORDS[step.is],
          title: messages.verifyTheMeterAgain,
          why: messages.ifTheMeterHasFailedSince,
        };
      if (step.is === 'main-off' && plan.off !== messages.itsMainBreaker)
        return { ...GATE_WORDS[step.is], title: messages.offAt(plan.off) };
      return GATE_WORDS[step.is];
    case 'source': {
      const { kind } = plan.sources.find(({ id }) => id === step.id)!;
      const { how, why, done } = GATE_WORDS['source-isolated'];
      return {
        title: messages.offAndLockedOut(SOURCE_WORDS[kind].name),
        how: [SOURCE_WORDS[kind].how, ...how],
        done,
        ...(why === undefined ? {} : { why }),
      };
    }
    case 'measure':
      return {
        title: messages.poleTo(step.what.pole, MEASURED_TO_WORDS[step.what.to]),
        how: [measureWhere(step.what.id, place), messages.underVoltsCountsAsDead(DEAD_VOLTS)],
        done: messages.save,
      };
    case 'step':
      if (step.id === MAIN)
        return { ...FILL_WORDS, how: [messages.openSlots(plan.holes.join(', ')), ...FILL_WORDS.how] };
      return stepWords(step.step, place!.task, place!.now);
    case 'swapped':
      return {
        title: messages.checkItOnceMore,
        how: [
          place!.now.given === 'back' ? messages.theOldBreakerIsSeatedAs : messages.itIsSeatedLevelWithIts,
          messages.noBareWireOutsideATerminal,
        ],
        done: messages.checked,
      };
    case 'handle-on':
      return { ...GATE_WORDS['handle-on'], title: messages.turnOnSpace(place!.now.space) };
    case 'verify':
      return { ...PROOF_WORDS.verified, done: messages.save };
    case 'proof':
      return { ...PROOF_WORDS[step.proof], done: messages.save };
  }
}
